import { View } from 'react-native';
import type { CautionName } from '@/core/bench/cautions';
import type { Job } from '@/core/bench/job';
import { bikeAfter } from '@/core/bench/simulate';
import { bikeNowSentence } from '@/core/words/bikeNow';
import type { BenchStep } from '@/core/bench/steps';
import { TermText } from '../help/TermText';
import { Txt } from '../theme/Txt';
import { CautionCard } from '../work/CautionCard';
import { Counter } from './Counter';
import { StepDrawing } from './drawings/StepDrawing';

interface Props {
  step: BenchStep;
  /** The steps before it, from which follows how the bike stands. */
  before: readonly BenchStep[];
  /** What came of the last check. */
  said: string | null;
  /** Cautions still to be acknowledged. */
  open: readonly CautionName[];
  job: Job;
}

/** Longer than this, the action is written smaller, so that what belongs to it is in sight. */
const SHORT = 64;

/** One step: the action large, the reason small, what it needs, what to mind. */
export function StepView({ step, before, said, open, job }: Props) {
  const state = bikeAfter(job, before);
  const bikeNow = bikeNowSentence(state);
  return (
    <View style={{ gap: 14 }}>
      {said ? (
        <Txt variant="strong" tone="danger" live="assertive">
          {said}
        </Txt>
      ) : null}
      <Txt variant={step.what.length > SHORT ? 'title' : 'verdict'} level={1} live="polite">
        {step.what}
      </Txt>
      <TermText tone="inkSoft" text={step.why} />
      {open.length > 0 ? <CautionCard names={open} title="Mind this" /> : null}
      {step.drawing ? (
        <StepDrawing
          drawing={step.drawing}
          hasDerailleur={job.bike.gear === 'derailleur'}
          turning={step.counter !== null}
          upsideDown={state.bike === 'upside down'}
        />
      ) : null}
      {step.counter ? <Counter key={step.id} counter={step.counter} /> : null}
      {step.timer ? (
        <Txt variant="small">
          {step.timer.label}: {step.timer.minutes} min from when you press “Done”. It runs by
          itself.
        </Txt>
      ) : null}
      {bikeNow ? (
        <Txt variant="small" tone="inkSoft">
          {bikeNow}
        </Txt>
      ) : null}
      {step.materials.length > 0 ? (
        <Txt variant="small">{`You’ll need: ${step.materials.join(', ')}.`}</Txt>
      ) : null}
      {step.cautions.length > open.length ? (
        <CautionCard names={step.cautions.filter((c) => !open.includes(c))} title="Remember" />
      ) : null}
    </View>
  );
}
