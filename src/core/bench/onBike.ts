import { cogSteps } from './cogs';
import { cranksDrive, DEGREASER, mustStrip, type Job } from './job';
import { turnsFor } from './prepare';
import { step, type BenchStep, type StepId } from './steps';
import { ragStep } from './wiping';
import * as SAID from '../words/bench/cleaning';

/** Minutes degreaser works on the bike. Common practice; the label has the word. */
const DWELL_MIN = 3;

/** Brush or scrubber with degreaser, the chain on the bike. */
export function onBike(job: Job): BenchStep[] {
  const strip = mustStrip(job) ? (['strip'] as const) : [];
  const common = {
    phase: 'clean' as const,
    acts: ['degreaser' as const, ...strip],
    timer: { label: SAID.DEGREASER_WORKS, minutes: DWELL_MIN },
  };
  const apply =
    job.clean === 'scrubber' && job.depth === 'on-bike clean'
      ? step({
          id: 'scrub',
          ...common,
          ...SAID.SCRUB,
          materials: ['scrubber', job.degreaser ?? DEGREASER],
          cautions: ['fingers', 'solvent'],
          hands: 4,
          counter: { kind: 'turns', count: Math.max(30, turnsFor(job, 10)), perMinute: 40 },
        })
      : step({
          id: 'degrease',
          ...common,
          ...SAID.DEGREASE,
          materials: ['brush', job.degreaser ?? DEGREASER],
          cautions: [cranksDrive(job) ? 'driven cranks' : 'fingers', 'solvent'],
          hands: 3,
        });
  const brush =
    apply.id === 'scrub'
      ? []
      : [
          step({
            id: 'brush',
            phase: 'clean',
            ...SAID.brush(cranksDrive(job)),
            materials: ['brush'],
            cautions: [cranksDrive(job) ? 'driven cranks' : 'fingers'],
            waitsFor: apply.id,
            hands: 4,
            ...(cranksDrive(job)
              ? {}
              : { counter: { kind: 'turns' as const, count: turnsFor(job, 4), perMinute: 30 } }),
          }),
        ];
  return [apply, ...cogSteps(job), ...brush, ...rinse(job, apply.id)];
}

/** Off the degreaser, with water or without. */
function rinse(job: Job, after: StepId): BenchStep[] {
  if (job.workshop.water === 'none')
    return [ragStep(job, 'take off', SAID.TAKE_OFF, { phase: 'rinse', waitsFor: after })];
  return [
    step({
      id: 'rinse',
      phase: 'rinse',
      ...SAID.rinse(job.workshop.water === 'hose'),
      acts: ['rinse', 'water'],
      materials: ['water'],
      waitsFor: after,
      hands: 3,
    }),
    step({
      id: 'residue',
      phase: 'check',
      ...SAID.RESIDUE,
      hands: 0.5,
      check: {
        kind: 'residue',
        ...SAID.IS_RESIDUE,
        failTo: 'rinse',
      },
    }),
  ];
}
