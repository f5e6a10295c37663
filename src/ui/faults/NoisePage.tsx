import BookOpen from 'lucide-react-native/icons/book-open';
import { useMemo } from 'react';
import type { ChainReport } from '@/core/care/verdict/report';
import { groundOf } from '@/core/faults/ground';
import { notesOn } from '@/core/faults/notes';
import { readSearch } from '@/core/faults/acts';
import { repeatOf } from '@/core/faults/history';
import { writtenFault, writtenNote, type WrittenFault } from '@/core/faults/writing';
import type { Noise } from '@/core/records/faults';
import type { NoiseSearch } from '@/core/records/noiseSearch';
import type { Garage } from '@/core/records/garage';
import type { PlainEvent } from '@/core/records/event';
import type { Depth } from '@/core/records/kinds';
import type { Units } from '@/core/units/convert';
import { Button } from '../form/Button';
import { Choice } from '../form/Choice';
import { Page } from '../frame/Page';
import { Txt } from '../theme/Txt';
import { useKeptText, type Keeper } from '../useKeptText';
import { NoiseFinder } from './NoiseFinder';
import { NotedCard } from './NotedCard';

interface Props {
  keeper: Keeper;
  /** The time, ms. */
  clock: () => number;
  /** Bikes with a chain, the one spoken of first. */
  reports: readonly [ChainReport, ...ChainReport[]];
  events: readonly PlainEvent[];
  garage: Garage;
  /** The search is over and its finding is to be written down. */
  onFound: (written: WrittenFault) => void;
  onNote: (note: ReturnType<typeof writtenNote>) => void;
  /** What was heard, where the rider comes from a place that knows; null: nowhere. */
  heard: Noise | null;
  /** Whether there is a stand in the workshop. */
  hasStand: boolean;
  /** To the bench, which leads through work of this depth on a chain. */
  onBench: (chainId: string, depth: Depth) => void;
  onHandbook: () => void;
  onEnd: () => void;
  units: Units;
}

/** Finding where a noise comes from; it can be left and gone on with. */
export function NoisePage({ keeper, reports, onEnd, onFound, heard, ...log }: Props) {
  const { value: search, keep } = useKeptText<NoiseSearch>(keeper, readSearch);
  if (search === undefined) return null;
  const report = reports.find((r) => r.bike.id === search?.bikeId) ?? reports[0];
  const under = search ?? newSearch(report.bike.id, nowOf(log.clock), heard);
  return (
    <Page title="Find the noise" wide>
      {isNew(under) && reports.length > 1 ? (
        <Choice
          label="On which bike?"
          options={reports.map(({ bike }) => ({ value: bike.id, label: bike.name }))}
          value={report.bike.id}
          onChange={(bikeId) => keep({ ...under, bikeId })}
        />
      ) : (
        <Txt tone="inkSoft">{report.bike.name}</Txt>
      )}
      <Finder
        {...{ report, search: under, keep, ...log }}
        onFound={(written) => {
          keep(null);
          onFound(written);
        }}
        onEnd={() => {
          keep(null);
          onEnd();
        }}
      />
    </Page>
  );
}

const nowOf = (clock: () => number): string => new Date(clock()).toISOString();

/** Whether no more than the noise was said: the bike may still be another. */
const isNew = ({ acts }: NoiseSearch): boolean =>
  acts.every((act) => act.kind === 'answer' && act.question === 'noise');

const newSearch = (bikeId: string, startedAt: string, heard: Noise | null): NoiseSearch => ({
  version: 1,
  bikeId,
  startedAt,
  acts: heard ? [{ kind: 'answer', question: 'noise', answer: heard }] : [],
});

interface FinderProps extends Omit<Props, 'keeper' | 'reports' | 'heard'> {
  report: ChainReport;
  search: NoiseSearch;
  keep: (search: NoiseSearch | null) => void;
}

function Finder({ report, search, keep, events, garage, clock, ...on }: FinderProps) {
  const { bike, chain } = report;
  const { ground, moved } = useMemo(
    () => groundOf(report, events, garage),
    [report, events, garage],
  );
  const { onNote, onHandbook } = on;
  // The same while the search goes on: it is not drawn anew with each answer.
  const beside = useMemo(
    () => (
      <>
        <NotedCard
          notes={notesOn(events, { bikeId: report.bike.id, chainId: report.chain.id })}
          links={report.chain.links}
          onNote={(note) => onNote(writtenNote(report, note, nowOf(clock)))}
        />
        <Button kind="quiet" icon={BookOpen} label="Handbook of noises" onPress={onHandbook} />
      </>
    ),
    [events, report, clock, onNote, onHandbook],
  );
  return (
    <NoiseFinder
      bike={bike}
      links={chain.links}
      {...{ ground, moved, onEnd: on.onEnd, units: on.units, hasStand: on.hasStand }}
      onBench={(depth) => on.onBench(chain.id, depth)}
      acts={search.acts}
      onAct={(act) => keep({ ...search, acts: [...search.acts, act] })}
      repeatOf={(cause) => repeatOf(events, bike.id, cause)}
      onFound={(finding) => on.onFound(writtenFault(report, events, finding, nowOf(clock)))}
      beside={beside}
      onAnew={() => keep(null)}
      onBack={() => keep({ ...search, acts: search.acts.slice(0, -1) })}
    />
  );
}
