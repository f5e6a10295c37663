import { cogSteps } from './cogs';
import { cranksDrive, DEGREASER, mustStrip, type Job } from './job';
import { turnsFor } from './prepare';
import { step, type BenchStep, type StepId } from './steps';
import { ragStep } from './wiping';

/** Minutes degreaser works on the bike. Common practice; the label has the word. */
const DWELL_MIN = 3;

/** Brush or scrubber with degreaser, the chain on the bike. */
export function onBike(job: Job): BenchStep[] {
  const strip = mustStrip(job) ? (['strip'] as const) : [];
  const common = {
    phase: 'clean' as const,
    acts: ['degreaser' as const, ...strip],
    timer: { label: 'Degreaser works', minutes: DWELL_MIN },
  };
  const apply =
    job.clean === 'scrubber' && job.depth === 'on-bike clean'
      ? step({
          id: 'scrub',
          ...common,
          what: 'Fill the scrubber, clip it on the lower run, and turn slowly backwards.',
          why: 'Its brushes reach between the plates from four sides.',
          materials: ['scrubber', job.degreaser ?? DEGREASER],
          cautions: ['fingers', 'solvent'],
          hands: 4,
          counter: { kind: 'turns', count: Math.max(30, turnsFor(job, 10)), perMinute: 40 },
        })
      : step({
          id: 'degrease',
          ...common,
          what: 'Brush degreaser onto the chain, all the way round. Never spray it.',
          why: 'It needs a few minutes to get under the dirt.',
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
            what: cranksDrive(job)
              ? 'Brush the chain from four sides, a stretch at a time, standing still.'
              : 'Brush the chain from four sides while you turn slowly backwards.',
            why: 'The rollers and the gaps between plates hold most of it.',
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
    return [
      ragStep(
        job,
        'take off',
        {
          what: 'Wipe the degreaser off with fresh rags until they stay dry',
          why: 'Degreaser left behind fights the lube.',
        },
        { phase: 'rinse', waitsFor: after },
      ),
    ];
  const low =
    job.workshop.water === 'hose'
      ? 'a soft stream, never a pressure washer'
      : 'a bottle of warm water';
  return [
    step({
      id: 'rinse',
      phase: 'rinse',
      what: `Rinse chain, cogs and rings well with ${low}.`,
      why: 'Degreaser left behind fights the lube; pressure drives water into bearings.',
      acts: ['rinse', 'water'],
      materials: ['water'],
      waitsFor: after,
      hands: 3,
    }),
    step({
      id: 'residue',
      phase: 'check',
      what: 'Look along the chain in good light.',
      why: 'White or foaming residue is degreaser that stayed.',
      hands: 0.5,
      check: {
        kind: 'residue',
        ask: 'Is it free of white residue?',
        failTo: 'rinse',
        failWhy: 'There is degreaser left: rinse once more.',
      },
    }),
  ];
}
