import type { Job } from './job';
import { step, type BenchStep } from './steps';
import * as SAID from '../words/bench/swapping';

/** The chain that comes off goes to rest, and the other one comes to the bike. */
export const exchange = (job: Job): BenchStep[] =>
  job.depth === 'swap' && job.next
    ? [
        step({
          id: 'rest',
          phase: 'clean',
          ...SAID.rest(job.salted),
          acts: ['chain in hand'],
          materials: ['rag', 'bag or jar with a label'],
          hands: 1,
        }),
        step({
          id: 'exchange',
          phase: 'check',
          ...SAID.exchange(job.next, job.chain.links),
          acts: ['exchange'],
          hands: 1,
        }),
      ]
    : [];
