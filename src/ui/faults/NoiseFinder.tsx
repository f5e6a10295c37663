import { useMemo } from 'react';
import { View } from 'react-native';
import {
  causesOf,
  likelyCogs,
  nextIn,
  oddsIn,
  ranked,
  searchOf,
  whyOf,
  type Act,
  type Ground,
  type Moved,
  type Next,
  type Search,
} from '@/core/faults';
import type { Bike } from '@/core/garage';
import type { UnitSystem } from '@/core/units';
import { Button } from '../form';
import { Card, Columns } from '../frame';
import { Candidates } from './Candidates';
import { CountCard } from './CountCard';
import { FoundCard, WorkshopCard } from './EndCard';
import { QuestionCard } from './QuestionCard';
import { StepCard } from './StepCard';

interface Props {
  bike: Bike;
  ground: Ground;
  /** What the log says. */
  moved: readonly Moved[];
  acts: readonly Act[];
  onAct: (act: Act) => void;
  onBack: () => void;
  onEnd: () => void;
  units: UnitSystem;
}

/** Nobody reads further down. */
const SHOWN = 5;

/** The search: one thing to answer or to do, and what it may be. */
export function NoiseFinder({ bike, ground, moved, acts, onAct, onBack, onEnd, units }: Props) {
  const search = useMemo(() => searchOf(acts), [acts]);
  const next = useMemo(() => nextIn(ground, search), [ground, search]);
  const causes = useMemo(() => ranked(oddsIn(ground, search)).slice(0, SHOWN), [ground, search]);
  return (
    <Columns
      share={1.2}
      left={
        <View style={{ gap: 18 }}>
          <Card>
            <Step {...{ next, search, ground, bike, onAct, onEnd }} />
          </Card>
          {acts.length > 0 ? <Button kind="quiet" label="One back" onPress={onBack} /> : null}
        </View>
      }
      right={
        search.answers.noise ? (
          <Candidates
            causes={causes}
            whyOf={(cause) => whyOf(ground, search, moved, cause)}
            units={units}
          />
        ) : null
      }
    />
  );
}

interface StepProps extends Pick<Props, 'bike' | 'ground' | 'onAct' | 'onEnd'> {
  next: Next;
  search: Search;
}

function Step({ next, search, ground, bike, onAct, onEnd }: StepProps) {
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
          hasDerailleur={bike.gear === 'derailleur'}
          causes={causesOf(ground.machine)}
          onOutcome={(outcome) => onAct({ kind: 'did', step: next.step, outcome })}
        />
      );
    case 'found':
      return <FoundCard cause={next.cause} onEnd={onEnd} />;
    case 'workshop':
      return <WorkshopCard causes={next.causes} onEnd={onEnd} />;
  }
}
