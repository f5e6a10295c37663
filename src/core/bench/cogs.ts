import { cranksDrive, type Job } from './job';
import { step, type BenchStep } from './steps';
import * as SAID from '../words/bench/cleaning';

/** Jockey wheels, cassette and rings: a clean chain on dirty cogs is dirty again at once. */
export function cogSteps(job: Job): BenchStep[] {
  const { gear, narrowWide } = job.bike;
  const still = stillness(job);
  return [
    ...(gear === 'derailleur' ? [jockeyWheels(job)] : []),
    step({
      id: 'cassette',
      phase: 'clean',
      ...SAID.cassette(gear === 'derailleur'),
      acts: gear === 'derailleur' ? ['cassette'] : ['cassette', 'jockey wheels'],
      materials: ['rag', 'brush'],
      cautions: still,
      hands: 4,
    }),
    step({
      id: 'chainrings',
      phase: 'clean',
      ...SAID.chainrings(narrowWide),
      materials: ['brush'],
      cautions: still,
      hands: 2,
    }),
  ];
}

const stillness = (job: Job) =>
  cranksDrive(job) ? (['driven cranks'] as const) : (['fingers'] as const);

const jockeyWheels = (job: Job): BenchStep =>
  step({
    id: 'jockey wheels',
    phase: 'clean',
    ...SAID.jockeyWheels(cranksDrive(job)),
    acts: ['jockey wheels'],
    check: {
      kind: 'spin',
      ...SAID.SPIN,
      failTo: 'jockey wheels',
    },
    materials: ['brush or scraper'],
    cautions: stillness(job),
    hands: 3,
  });
