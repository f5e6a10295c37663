import { View } from 'react-native';
import { minutesElapsed, minutesWorked, type BenchState, type Run } from '@/core/bench/run';
import { formatShare } from '@/core/units';
import { Field } from '../form';
import { Card } from '../frame';
import { Txt } from '../theme';
import { DEPTH_LABEL } from '@/core/words/labels';
import { dateFormat } from '@/core/time/dateFormat';

interface Props {
  run: Run;
  bench: BenchState;
  onNote: (note: string) => void;
}

const clock = dateFormat({
  weekday: 'short',
  hour: '2-digit',
  minute: '2-digit',
});

/** All done: what will be written down, and when the bike is ready. */
export function Ending({ run, bench, onNote }: Props) {
  const { job } = run;
  const sets = bench.timers.find((t) => t.label === 'Sets' || t.label === 'Cools');
  const skipped = bench.steps.filter((s) => bench.state.get(s.id) === 'skipped');
  return (
    <View style={{ gap: 14 }}>
      <Txt variant="verdict" level={1} live="polite">
        Done.
      </Txt>
      {sets ? (
        <Txt variant="lead">
          {`It sets until ${clock.format(sets.endsAt)}. Ridden sooner, up to half of the coat is thrown off.`}
        </Txt>
      ) : null}
      <Card title="What goes into the log">
        <Txt>
          {`${DEPTH_LABEL[job.depth]}, ${job.bike.name}: ${minutesWorked(run)} minutes of work, ${minutesElapsed(run)} from start to end.`}
        </Txt>
        {job.lube ? (
          <Txt>
            {`${job.lube.name}, ${run.coat === 1 ? 'a full coat' : `${formatShare(run.coat)} of a coat`}.`}
          </Txt>
        ) : null}
        {bench.swatches.length > 0 ? <Txt>{`Swatches: ${bench.swatches.join(', ')}.`}</Txt> : null}
        {skipped.length > 0 ? (
          <Txt>{`Left out: ${skipped.map((s) => s.id).join(', ')}.`}</Txt>
        ) : null}
      </Card>
      <Field label="Note" value={run.note} onChange={onNote} />
    </View>
  );
}
