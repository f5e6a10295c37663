import { isWax } from '../lube/classes';
import type { Act } from './acts';
import { brakeCautions, cranksDrive, comesOff, isDeep, wheelComesOut, type Job } from './job';
import { step, type BenchStep } from './steps';
import { inHand } from './substitutes';
import * as SAID from '../words/bench/cleaning';
import { PIVOTS } from '../words/bench/lubing';

/** Jockey wheels, cassette and rings: a clean chain on dirty cogs is dirty again at once. `degreaser`: with a little on the brush. */
export function cogSteps(job: Job, degreaser: boolean): BenchStep[] {
  const { gear, narrowWide } = job.bike;
  const mind = cranksDrive(job) ? (['driven cranks'] as const) : (['fingers'] as const);
  const acts = degreaser ? (['degreaser'] as const) : [];
  const on = cogsOn(job);
  const brush = inHand(job, 'a cassette brush');
  const cautions = degreaser ? [...mind, 'solvent' as const, ...brakeCautions(job)] : mind;
  return [
    ...(gear === 'derailleur' ? [jockeyWheels(job)] : []),
    step({
      id: 'cassette',
      phase: 'clean',
      ...SAID.cassette({
        several: gear === 'derailleur',
        wheelOut: wheelComesOut(job),
        degreaser,
        on,
        brush,
      }),
      acts: [...acts, ...COGS_ON[on]],
      drawing: gear === 'derailleur' ? 'floss' : null,
      materials: gear === 'derailleur' ? ['rag', brush.name, 'pipe cleaner'] : [brush.name],
      cautions,
      hands: 4 + brush.minutes,
    }),
    step({
      id: 'chainrings',
      phase: 'clean',
      ...SAID.chainrings(narrowWide, job.bike.rings.length),
      acts,
      materials: narrowWide ? [brush.name] : [brush.name, 'shoelace'],
      drawing: narrowWide ? null : 'shoelace',
      cautions,
      hands: 2,
    }),
  ];
}

/** What brings the next part of the cogs to the brush: cogs on a freewheel turn back without the wheel. */
function cogsOn(job: Job): SAID.CogsOn {
  if (cranksDrive(job))
    return comesOff(job) || wheelComesOut(job) ? 'wheel by hand' : 'chain by hand';
  return comesOff(job) || wheelComesOut(job) ? 'by hand' : 'by crank';
}

const COGS_ON: Record<SAID.CogsOn, readonly Act[]> = {
  'by crank': ['turn back'],
  'by hand': [],
  'chain by hand': ['move on by hand'],
  'wheel by hand': [],
};

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
