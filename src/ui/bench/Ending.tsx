import { View } from 'react-native';
import { factsOf, type Fact } from '@/core/bench/facts';
import { triedIn, workDoneOf } from '@/core/bench/result';
import type { Tried } from '@/core/records/trialKinds';
import { roundsSeen } from '@/core/bench/rounds';
import { minutesElapsed, minutesWorked, type BenchState, type Run } from '@/core/bench/run';
import { COAT_SHARES, endingLine, factLabel } from '@/core/words/facts';
import { LEFT_OPEN } from '@/core/words/leftOpen';
import { roundSeenSentence } from '@/core/words/rounds';
import { RECORD_ITS_QUIET } from '@/core/words/senses';
import { Choice, Toggles } from '../form/Choice';
import { Field } from '../form/Field';
import { Card } from '../frame/Card';
import { Txt } from '../theme/Txt';
import { HowTried } from './HowTried';
import { clockFormat } from '@/core/intl/dates';
import { leaveItSentence } from '@/core/words/verdict';
import { useWritten } from '../useSay';

interface Props {
  run: Run;
  bench: BenchState;
  onNote: (note: string) => void;
  onCoat: (share: number) => void;
  onFact: (fact: Fact) => void;
  /** How a coat for a trial was put on. */
  onTried: (tried: Tried) => void;
}

const moment = clockFormat({ weekday: 'short', hour: '2-digit', minute: '2-digit' });

/** All done: what the log will believe, each line to be put right, and when the bike is ready. */
export function Ending({ run, bench, onNote, onCoat, onFact, onTried }: Props) {
  const { job } = run;
  const { units } = useWritten();
  const sets = bench.timers.find((t) => t.label === 'Sets' || t.label === 'Cools');
  const { method, lube, leftOpen = [] } = workDoneOf(run, {}, 0);
  return (
    <View style={{ gap: 14 }}>
      <Txt variant="verdict" level={1} live="polite">
        Done.
      </Txt>
      {sets ? <Txt variant="lead">{leaveItSentence(moment(sets.endsAt, units.clock))}</Txt> : null}
      {leftOpen.map((what) => (
        <Txt key={what} variant="strong" tone="danger">
          {LEFT_OPEN[what]}
        </Txt>
      ))}
      {lube && run.coat === 1 ? <SmallPrint text={RECORD_ITS_QUIET} /> : null}
      <Card title="What goes into the log">
        <Txt>
          {endingLine(job, bench.state.get('close') === 'done', {
            method,
            lube: lube && job.lube ? job.lube.name : null,
          })}
        </Txt>
        <Txt>
          {`${minutesWorked(run)} minutes of work, ${minutesElapsed(run)} from start to end.`}
        </Txt>
        {roundsSeen(run, bench).map((seen) => (
          <Txt key={seen.round}>{roundSeenSentence(seen, job.bike)}</Txt>
        ))}
        {bench.swatches.length > 0 ? (
          <Txt>{`Rag shades: ${bench.swatches.join(', ')}.`}</Txt>
        ) : null}
        <Toggles
          label="Done. Is one of these wrong?"
          options={factsOf(run).map(({ step, done }) => ({
            label: factLabel(step),
            on: done,
            onChange: (on) => onFact({ step, done: on }),
          }))}
        />
        {lube && job.trial?.asks ? (
          <HowTried labels={job.trial.labels} tried={triedIn(run)} onTried={onTried} />
        ) : null}
        {lube ? (
          <Choice<string>
            label="How much of a coat?"
            options={COAT_SHARES.map((share) => ({ ...share }))}
            value={String(run.coat)}
            onChange={(share) => onCoat(Number(share))}
          />
        ) : null}
      </Card>
      <Field label="Note" value={run.note} onChange={onNote} />
    </View>
  );
}

const SmallPrint = ({ text }: { text: string }) => (
  <Txt variant="small" tone="inkSoft">
    {text}
  </Txt>
);
