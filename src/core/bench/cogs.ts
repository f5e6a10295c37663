import { isWax } from '../lube';
import { brakeCautions, cranksDrive, comesOff, isDeep, wheelComesOut, type Job } from './job';
import { step, type BenchStep } from './steps';
import * as SAID from '../words/bench/cleaning';
import { PIVOTS } from '../words/bench/lubing';

/** Jockey wheels, cassette and rings: a clean chain on dirty cogs is dirty again at once. `degreaser`: with a little on the brush. */
export function cogSteps(job: Job, degreaser: boolean): BenchStep[] {
  const { gear, narrowWide } = job.bike;
  const mind = cranksDrive(job) ? (['driven cranks'] as const) : (['fingers'] as const);
  const acts = degreaser ? (['degreaser'] as const) : [];
  const cautions = degreaser ? [...mind, 'solvent' as const, ...brakeCautions(job)] : mind;
  return [
    ...(gear === 'derailleur' ? [jockeyWheels(job)] : []),
    step({
      id: 'cassette',
      phase: 'clean',
      ...SAID.cassette(gear === 'derailleur', wheelComesOut(job), degreaser),
      acts,
      materials: ['rag', 'brush'],
      cautions,
      hands: 4,
    }),
    step({
      id: 'chainrings',
      phase: 'clean',
      ...SAID.chainrings(narrowWide, job.bike.rings.length),
      acts,
      materials: ['brush'],
      cautions,
      hands: 2,
    }),
  ];
}

function jockeyWheels(job: Job): BenchStep {
  const off = comesOff(job);
  const driven = cranksDrive(job);
  return step({
    id: 'jockey wheels',
    phase: 'clean',
    ...SAID.jockeyWheels(off ? 'by hand' : driven ? 'still' : 'by crank'),
    acts: [off ? 'jockeys by hand' : driven ? 'jockeys still' : 'jockeys by crank'],
    check: { kind: 'spin', ...SAID.SPIN, failTo: 'jockey wheels' },
    materials: ['brush or scraper'],
    cautions: [off || !driven ? 'fingers' : 'driven cranks'],
    hands: 3,
  });
}

/** A drop on the derailleur's pivots, for those who give them their share: with a clean, which comes about once a month. */
export const pivots = (job: Job): BenchStep[] =>
  job.workshop.schools.pivots === 'a drop' &&
  job.bike.gear === 'derailleur' &&
  isDeep(job) &&
  job.depth !== 'new-chain strip' &&
  job.lube &&
  !isWax(job.lube.lubeClass)
    ? [step({ id: 'pivots', phase: 'lube', ...PIVOTS, hands: 1 })]
    : [];
