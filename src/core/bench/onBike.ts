import { cogSteps } from './cogs';
import { brakeCautions, cranksDrive, DEGREASER, type Job } from './job';
import { liesOf, turnsFor } from './prepare';
import { step, type BenchStep, type StepId } from './steps';
import { inHand } from './substitutes';
import { ragStep } from './wiping';
import * as SAID from '../words/bench/cleaning';
import { TAKE_OFF } from '../words/bench/wiping';

/** Minutes degreaser works on the bike. Common practice; the label has the word. */
const DWELL_MIN = 3;

/**
 * Brush or scrubber with degreaser, the chain on the bike. Cogs come first, so that the chain's degreaser does not dry
 * meanwhile; `during`: what is done while it works.
 */
export function onBike(job: Job, during: readonly BenchStep[]): BenchStep[] {
  const driven = cranksDrive(job);
  const scrubs = job.clean === 'scrubber' && job.depth === 'on-bike clean';
  const round = driven ? ('still chain' as const) : ('turn back' as const);
  const mind = driven ? ('driven cranks' as const) : ('fingers' as const);
  if (scrubs)
    return [
      ...cogSteps(job, true),
      step({
        id: 'scrub',
        phase: 'clean',
        ...SAID.scrub(liesOf(job)),
        acts: ['turn back', 'degreaser'],
        materials: ['scrubber', job.degreaser ?? DEGREASER],
        cautions: ['fingers', 'solvent', ...brakeCautions(job), 'waste'],
        hands: 4,
        counter: { kind: 'turns', count: Math.max(30, turnsFor(job, 10)), perMinute: 40 },
        timer: { label: SAID.DEGREASER_WORKS, minutes: DWELL_MIN },
      }),
      ...during,
      ...rinse(job, 'scrub'),
    ];
  const wetting = inHand(job, 'a degreaser brush');
  const brush = inHand(job, 'a chain brush');
  return [
    ...cogSteps(job, true),
    step({
      id: 'degrease',
      phase: 'clean',
      ...SAID.degrease(wetting),
      acts: [round, 'degreaser'],
      materials: [wetting.name, job.degreaser ?? DEGREASER],
      cautions: [mind, 'solvent', ...brakeCautions(job), 'waste'],
      hands: 3 + wetting.minutes,
      timer: { label: SAID.DEGREASER_WORKS, minutes: DWELL_MIN },
    }),
    ...during,
    step({
      id: 'brush',
      phase: 'clean',
      ...SAID.brush(driven, brush),
      acts: [round],
      materials: [brush.name],
      cautions: [mind],
      waitsFor: 'degrease',
      hands: 4 + brush.minutes,
      counter: driven ? null : { kind: 'turns', count: turnsFor(job, 4), perMinute: 30 },
    }),
    ...rinse(job, 'degrease'),
  ];
}

/** Off the degreaser, with water or without. */
function rinse(job: Job, after: StepId): BenchStep[] {
  if (job.workshop.water === 'none')
    return [
      ragStep(job, 'take off', TAKE_OFF, {
        phase: 'rinse',
        waitsFor: after,
        acts: ['take degreaser off'],
        cautions: ['waste'],
      }),
    ];
  return [
    step({
      id: 'rinse',
      phase: 'rinse',
      ...SAID.rinse(job.workshop.water === 'hose', job.bike.gear === 'derailleur'),
      acts: ['rinse'],
      materials: ['water'],
      waitsFor: after,
      hands: 3,
    }),
    step({
      id: 'residue',
      phase: 'check',
      ...SAID.RESIDUE,
      acts: ['still chain'],
      hands: 0.5,
      check: { kind: 'residue', ...SAID.IS_RESIDUE, failTo: 'rinse' },
    }),
  ];
}
