import { memo, useDeferredValue, useMemo, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { actsOf } from '@/core/faults/onBike';
import {
  causesOf,
  nextIn,
  oddsIn,
  type Ground,
  type Next,
  type Search,
} from '@/core/faults/finder';
import { changesOf } from '@/core/faults/change';
import { ranked } from '@/core/faults/odds';
import { searchOf, showedIn } from '@/core/faults/acts';
import { whyOf } from '@/core/faults/why';
import type { Act } from '@/core/records/noiseSearch';
import type { Cause } from '@/core/records/faults';
import type { Finding } from '@/core/faults/writing';
import type { Moved } from '@/core/faults/known';
import type { Repeat } from '@/core/faults/history';
import type { Bike } from '@/core/records/garage';
import { likelyCogs } from '@/core/garage/cogs';
import type { Depth } from '@/core/records/kinds';
import type { Units } from '@/core/units/convert';
import { gettingReady } from '@/core/words/faults/gettingReady';
import { Button } from '../form/Button';
import { Card } from '../frame/Card';
import { Columns } from '../frame/Columns';
import { Candidates } from './Candidates';
import { CountCard } from './CountCard';
import { FoundCard } from './FoundCard';
import { QuestionCard } from './QuestionCard';
import { StepCard } from './StepCard';
import { WorkshopCard } from './WorkshopCard';

interface Props {
  bike: Bike;
  /** Links of its chain. */
  links: number;
  hasStand: boolean;
  ground: Ground;
  /** What the log says. */
  moved: readonly Moved[];
  acts: readonly Act[];
  onAct: (act: Act) => void;
  onBack: () => void;
  onAnew: () => void;
  /** Whether a cause was found on this bike before. */
  repeatOf: (cause: Cause) => Repeat | null;
  onFound: (finding: Finding) => void;
  /** To the bench, which leads through work of this depth. */
  onBench: (depth: Depth) => void;
  /** The search ends without a line in the log. */
  onEnd: () => void;
  units: Units;
  /** Shown beside the search. */
  beside: ReactNode;
}

/** Nobody reads further down. */
const SHOWN = 5;

/** The search: one thing to answer or to do, and what it may be. */
export function NoiseFinder({ moved, acts, onBack, onAnew, beside, ...at }: Props) {
  const { ground, units } = at;
  const said = useMemo(() => searchOf(acts), [acts]);
  // Worked out and drawn in pieces, so that the page answers in between; what was answered is not answered again meanwhile.
  const search = useDeferredValue(said);
  const onAct = search === said ? at.onAct : () => undefined;
  const next = useMemo(() => nextIn(ground, search), [ground, search]);
  return (
    <Columns
      share={1.2}
      left={
        <View style={{ gap: 18 }}>
          <Card>
            <Step {...at} {...{ next, search, onAct }} />
          </Card>
          {acts.length > 0 ? (
            <View style={styles.row}>
              <Button kind="quiet" label="One back" onPress={onBack} />
              <Button kind="quiet" label="Start again" onPress={onAnew} />
            </View>
          ) : null}
        </View>
      }
      right={
        <>
          {search.answers.noise ? <MayBe {...{ ground, search, moved, units }} /> : null}
          {beside}
        </>
      }
    />
  );
}

/** What it may be, by what was said and done so far. */
const MayBe = memo(function MayBe({
  ground,
  search,
  moved,
  units,
}: Pick<Props, 'ground' | 'moved' | 'units'> & { search: Search }) {
  return (
    <Candidates
      causes={ranked(oddsIn(ground, search)).slice(0, SHOWN)}
      whyOf={(cause) => whyOf(ground, search, moved, cause)}
      changesOf={(cause) => changesOf(ground, search, cause)}
      units={units}
    />
  );
});

interface StepProps extends Omit<Props, 'moved' | 'acts' | 'onBack' | 'onAnew' | 'beside'> {
  next: Next;
  search: Search;
}

function Step({ next, search, ground, bike, onAct, onEnd, ...found }: StepProps) {
  switch (next.kind) {
    case 'ask':
      return (
        <QuestionCard
          key={next.question}
          question={next.question}
          onAnswer={(answer) => onAct({ kind: 'answer', question: next.question, answer })}
        />
      );
    case 'count':
      return (
        <CountCard
          key={search.counts.length}
          gear={ground.gear}
          rings={bike.rings}
          cogs={likelyCogs(bike)}
          between={next.between}
          onCount={(count) => onAct({ kind: 'count', count })}
          onSkip={() => onAct({ kind: 'no count' })}
        />
      );
    case 'do':
      return (
        <StepCard
          key={next.step}
          step={next.step}
          ready={gettingReady(actsOf(next.step, { ...bike, hasStand: found.hasStand }))}
          hasDerailleur={bike.gear === 'derailleur'}
          causes={causesOf(ground.machine)}
          onOutcome={(outcome) => onAct({ kind: 'did', step: next.step, outcome })}
          onBench={found.onBench}
        />
      );
    case 'found':
      return (
        <FoundCard
          {...{ cause: next.cause, links: found.links, units: found.units, onEnd }}
          repeat={found.repeatOf(next.cause)}
          onFound={(finding) =>
            found.onFound({
              ...finding,
              noise: search.answers.noise ?? null,
              showed: showedIn(search),
            })
          }
        />
      );
    case 'workshop':
      return <WorkshopCard causes={next.causes} search={search} onEnd={onEnd} />;
  }
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', flexWrap: 'wrap', gap: 12 } });
