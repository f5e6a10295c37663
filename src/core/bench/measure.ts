import { comesOff, type Job } from './job';
import { step, type BenchStep } from './steps';
import { measureWear } from '../words/bench/measuring';

/** Measuring the chain while it lies clean and dry, for who asked for it. Its figure is entered at the end. */
export const measuring = (job: Job): BenchStep[] =>
  job.addOns.includes('measure')
    ? [
        step({
          id: 'measure',
          phase: 'check',
          ...measureWear(comesOff(job)),
          acts: [comesOff(job) ? 'chain in hand' : 'still chain'],
          materials: ['ruler or chain checker'],
          hands: 2,
        }),
      ]
    : [];
