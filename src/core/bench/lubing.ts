import { formatHours } from '../units';
import { isWax, LUBE_CLASSES, type LubeClass } from '../lube';
import { cranksDrive, type BenchLube, type Job } from './job';
import { hotWax } from './waxing';
import { turnsFor } from './prepare';
import { step, type BenchStep } from './steps';
import { ragStep } from './wiping';

/** Minutes a coat sinks in before it is wiped. Common practice, the middle of each range. */
const SINK_MIN: Record<LubeClass, number | null> = {
  wet: 10,
  'heavy wet': 15,
  dry: 20,
  'all-weather': 10,
  'drip wax': null,
  'hot wax': null,
  'plant-based': 10,
  'light oil': 0,
};
const NIGHT_MIN = 600;

const WHERE = {
  'lower run': 'on the inside of the lower run, just before the cassette',
  'top of the cog': 'on the top of the cog, the chain slightly crossed',
  'ring to derailleur': 'on the inside of the lower run, between ring and derailleur',
} as const;

/** Minutes between coat and wipe by the rider's school; null: never wiped. */
export function sinkMinutes(job: Job, lube: LubeClass): number | null {
  const usual = SINK_MIN[lube];
  if (usual === null) return null;
  const { wipeAfter } = job.workshop.schools;
  if (wipeAfter === 'at once') return 0;
  return wipeAfter === 'next morning' ? NIGHT_MIN : usual;
}

/** Fresh lube as a solvent: flushed through and wiped hard, before the coat that stays. */
export function flush(job: Job, lube: BenchLube): BenchStep[] {
  return [
    step({
      id: 'flush',
      phase: 'lube',
      what: `Run ${lube.name} along the chain for one round, ${Math.round(lube.drops)} drops or a thin stream.`,
      why: 'Fresh lube loosens the old; what it carries is wiped off.',
      acts: ['flush', 'lube'],
      materials: [lube.name],
      cautions: handCautions(job),
      hands: 2,
      counter: { kind: 'turns', count: turnsFor(job, 1), perMinute: 30 },
    }),
    ragStep(
      job,
      'wipe hard',
      {
        what: 'Wipe hard with a dry rag',
        why: 'Until hardly anything comes off: the dirt leaves with the lube.',
      },
      { acts: ['wipe'] },
    ),
  ];
}

const handCautions = (job: Job) =>
  [
    cranksDrive(job) ? 'driven cranks' : 'fingers',
    ...(job.bike.brake.startsWith('disc') ? ['rotor'] : []),
  ] as BenchStep['cautions'];

/** The label has the word on how warm it must be. */
const coldNote = ({ tooColdFor }: BenchLube): string =>
  tooColdFor === null
    ? ''
    : `Its label: not below ${tooColdFor}. It is colder here: somewhere warm first. `;

/** The coat: shake, drops once round, run in, sink in, wipe. */
export function lubing(job: Job, lube: BenchLube): BenchStep[] {
  const { lubeClass } = lube;
  if (lubeClass === 'hot wax') return hotWax(job);
  const shakes = lube.shake || LUBE_CLASSES[lubeClass].carrier !== 'none';
  const shifts = job.bike.gear === 'derailleur' && job.depth !== 'roadside' && !cranksDrive(job);
  return [
    ...(shakes ? [shake(lube)] : []),
    drops(job, lube),
    runIn(job, lubeClass),
    ...(shifts ? [SHIFT_THROUGH] : []),
    ...afterCoat(job, lube),
  ];
}

const shake = ({ name, lubeClass }: BenchLube): BenchStep =>
  step({
    id: 'shake',
    phase: 'lube',
    what: `Shake ${name} for 20 seconds.`,
    why: isWax(lubeClass)
      ? 'If it runs off instead of standing as beads, it was not shaken enough.'
      : 'What lubes it sinks to the bottom.',
    hands: 0.5,
    materials: [name],
  });

function drops(job: Job, lube: BenchLube): BenchStep {
  const wax = isWax(lube.lubeClass);
  const rounds =
    lube.sides === 2
      ? 'twice round, once from each side'
      : 'once round, from the quick link to it again';
  return step({
    id: 'drops',
    phase: 'lube',
    what: `One small drop on each roller, ${WHERE[job.workshop.schools.where]}: ${rounds}.`,
    why:
      coldNote(lube) +
      (wax
        ? 'It should stand as round beads.'
        : 'Inside the chain it creeps to where metal rubs; on the plates it only gathers dirt.'),
    acts: wax ? ['lube', 'wax'] : ['lube'],
    materials: [`${lube.name}, ${lube.ml.toFixed(1)} ml`],
    cautions: handCautions(job),
    drawing: 'drop',
    hands: 4,
    counter: { kind: 'drops', count: Math.round(lube.drops), perMinute: 40 },
  });
}

function runIn(job: Job, lubeClass: LubeClass): BenchStep {
  const driven = cranksDrive(job);
  return step({
    id: 'run in',
    phase: 'lube',
    what: driven
      ? 'Move the chain on by hand, a few rounds, and let go before it runs.'
      : 'Turn slowly backwards.',
    why: 'Slowly it creeps in; fast it flies about.',
    cautions: [driven ? 'driven cranks' : 'fingers'],
    hands: 1,
    ...(driven
      ? {}
      : {
          counter: {
            kind: 'turns' as const,
            count: lubeClass === 'heavy wet' ? 30 : 8,
            perMinute: 40,
          },
        }),
  });
}

const SHIFT_THROUGH = step({
  id: 'shift through',
  phase: 'lube',
  what: 'Pedal forwards and shift through the gears once.',
  why: 'The cogs get a trace; they are never lubed directly.',
  hands: 0.5,
  cautions: ['fingers'],
});

function afterCoat(job: Job, lube: BenchLube): BenchStep[] {
  const sink = job.depth === 'roadside' ? 0 : sinkMinutes(job, lube.lubeClass);
  const setMinutes = Math.round(lube.setHours * 60);
  if (sink === null)
    return [
      step({
        id: 'leave it',
        phase: 'wait',
        what: 'Leave it alone. Do not wipe it.',
        why: `It sets in ${formatHours(lube.setHours)} where this bike stands; wiped, it would be gone.`,
        hands: 0,
        timer: { label: 'Sets', minutes: setMinutes },
      }),
    ];
  const only = job.workshop.schools.wipeAfter === 'only what looks wet';
  const sinks = sink > 0;
  return [
    ...(sinks
      ? [
          step({
            id: 'sink in',
            phase: 'wait',
            what: 'Let it sink in.',
            why:
              sink >= NIGHT_MIN
                ? 'Overnight: come back tomorrow, the bench remembers.'
                : `${LUBE_CLASSES[lube.lubeClass].wipeWhen}, by its class.`,
            hands: 0,
            timer: { label: 'Sinks in', minutes: sink },
          }),
        ]
      : []),
    ragStep(
      job,
      'wipe off',
      {
        what: only
          ? 'Dab off what looks wet with a dry rag'
          : 'Wipe the outside with a dry rag until hardly anything comes off',
        why: 'The outside needs only a film; more gathers dirt.',
      },
      {
        phase: 'wait',
        acts: ['wipe'],
        waitsFor: sinks ? 'sink in' : null,
        timer: { label: 'Sets', minutes: setMinutes },
      },
    ),
  ];
}

/** A few drops more, for those who give pivots and springs their share. */
export const pivots = (job: Job): BenchStep[] =>
  job.workshop.schools.pivots === 'a drop' && job.lube && !isWax(job.lube.lubeClass)
    ? [
        step({
          id: 'pivots',
          phase: 'lube',
          what: 'A drop on the derailleur’s pivots, wiped off. Jockey bearings: a dab of grease if they are open.',
          why: 'Once a month they ride along.',
          hands: 1,
        }),
      ]
    : [];
