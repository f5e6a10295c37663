import { movingOf, THIN_SHARE, type BenchLube, type Job } from './job';
import { handCautions, roundActs, runIn } from './lubing';
import { step, type BenchStep } from './steps';
import { ragStep } from './wiping';
import * as SAID from '../words/bench/lubing';

/** A thin coat half an hour before a ride: three minutes, and nothing that takes longer. */
export const thinCoat = (job: Job, lube: BenchLube): BenchStep[] => [
  step({
    id: 'drops',
    phase: 'lube',
    ...SAID.thinCoat(movingOf(job)),
    acts: [...roundActs(job), 'lube'],
    materials: [`${lube.name}, ${(lube.ml * THIN_SHARE).toFixed(1)} ml`],
    cautions: handCautions(job),
    drawing: 'drop',
    hands: 1,
    counter: { kind: 'drops', count: Math.round(lube.drops / lube.sides / 2), perMinute: 60 },
  }),
  { ...runIn(job, 'light oil'), hands: 0.25 },
  ragStep(job, 'wipe off', SAID.wipeOff(true), {
    phase: 'wait',
    acts: ['wipe coat'],
    materials: ['dry rag'],
    hands: 0.5,
    counter: null,
    timer: { label: SAID.SETS, minutes: Math.round(lube.setHours * 60) },
  }),
];
