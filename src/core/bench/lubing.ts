import { isWax, LUBE_CLASSES, type LubeClass } from '../lube/classes';
import type { Act } from './acts';
import {
  brakeCautions,
  coatMlOf,
  cranksDrive,
  hasDisc,
  hasNoTime,
  isRaised,
  movingOf,
  type BenchLube,
  type Job,
} from './job';
import { crosses, liesOf, turnsFor } from './prepare';
import { step, type BenchStep } from './steps';
import { hotWax } from './waxing';
import { ragStep } from './wiping';
import * as SAID from '../words/bench/lubing';

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
/** Minutes a penetrating oil creeps in before the coat over it. Own choice. */
const UNDER_MIN = 10;

/** Minutes between coat and wipe by the rider's school; null: never wiped. */
export function sinkMinutes(job: Job, lube: LubeClass): number | null {
  const usual = SINK_MIN[lube];
  if (usual === null) return null;
  const { wipeAfter } = job.workshop.schools;
  if (wipeAfter === 'at once') return 0;
  return wipeAfter === 'next morning' ? NIGHT_MIN : usual;
}

export const handCautions = (job: Job) =>
  [cranksDrive(job) ? 'driven cranks' : 'fingers', ...brakeCautions(job)] as const;

const roundAct = (job: Job): Act => (cranksDrive(job) ? 'move on by hand' : 'turn back');
/** A fixed wheel on the ground stays there: the bike is rolled on by a stretch. */
export const roundActs = (job: Job): Act[] =>
  cranksDrive(job) && !isRaised(job) ? ['still chain'] : [roundAct(job)];

/** Fresh lube as a solvent: one drenching, run in and wiped hard, that stays as the coat. */
export function flushing(job: Job, lube: BenchLube): BenchStep[] {
  return [
    ...shakeFirst(lube),
    step({
      id: 'flush',
      phase: 'lube',
      ...SAID.flush(lube.name, movingOf(job), liesOf(job)),
      acts: [...roundActs(job), 'flush', 'lube'],
      materials: [`${lube.name}, ${coatMlOf(job).toFixed(0)} ml`],
      cautions: handCautions(job),
      drawing: 'drop',
      hands: 2,
      counter: cranksDrive(job) ? null : { kind: 'turns', count: turnsFor(job, 2), perMinute: 30 },
    }),
    runIn(job, lube.lubeClass),
    ...shiftThrough(job),
    ragStep(job, 'wipe hard', SAID.WIPE_HARD, {
      phase: 'wait',
      acts: ['wipe coat'],
      materials: ['dry rags'],
      cautions: ['waste'],
      timer: { label: SAID.SETS, minutes: Math.round(lube.setHours * 60) },
    }),
  ];
}

/** The coat: shake, drops once round, run in, sink in, wipe. */
export function lubing(job: Job, lube: BenchLube): BenchStep[] {
  const { lubeClass } = lube;
  if (lubeClass === 'hot wax') return hotWax(job);
  return [
    ...(job.under ? underCoat(job, job.under) : []),
    ...shakeFirst(lube),
    drops(job, lube),
    runIn(job, lubeClass),
    ...shiftThrough(job),
    ...afterCoat(job, lube),
  ];
}

const shakeFirst = (lube: BenchLube): BenchStep[] =>
  lube.shake || LUBE_CLASSES[lube.lubeClass].carrier !== 'none'
    ? [
        step({
          id: 'shake',
          phase: 'lube',
          ...SAID.shake(lube.name, lube.lubeClass, lube.rested),
          hands: 0.5,
          materials: [lube.name],
        }),
      ]
    : [];

/** A penetrating oil first, for those who put a dry lube over it. */
const underCoat = (job: Job, name: string): BenchStep[] => [
  step({
    id: 'under',
    phase: 'lube',
    ...SAID.underCoat(name, movingOf(job)),
    acts: [...roundActs(job), 'lube'],
    materials: [name],
    cautions: handCautions(job),
    drawing: 'drop',
    hands: 4,
    timer: { label: SAID.UNDER_SINKS, minutes: UNDER_MIN },
  }),
  ragStep(job, 'under wipe', SAID.UNDER_WIPE, {
    phase: 'lube',
    acts: ['wipe coat'],
    materials: ['clean rag'],
    waitsFor: 'under',
  }),
];

/** Where the drops go: by the rider's way, as far as this bike and place allow. */
export function whereOn(job: Job): Parameters<typeof SAID.drops>[0]['where'] {
  const { where } = job.workshop.schools;
  if (job.bike.gear !== 'derailleur') return 'before the cog';
  if (where === 'top of the cog') return crosses(job) ? where : 'lower run';
  if (liesOf(job) === 'upside down') return 'lower run';
  // A wheel that turns forwards cannot have its rotor covered.
  const turnsFreely = isRaised(job) && !cranksDrive(job) && !hasDisc(job);
  return where === 'both runs' && !turnsFreely ? 'lower run' : where;
}

function drops(job: Job, lube: BenchLube): BenchStep {
  const wax = isWax(lube.lubeClass);
  const where = whereOn(job);
  const stream = lube.stream && !wax;
  const driven = cranksDrive(job);
  return step({
    id: 'drops',
    phase: 'lube',
    ...SAID.drops({
      ...lube,
      stream,
      where,
      lies: liesOf(job),
      moving: movingOf(job),
      damp: hasNoTime(job),
      closure: job.chain.closure.endsWith('link') ? 'link' : 'pin',
    }),
    // Upper run forwards first: the cover comes off for it.
    acts: [
      ...(where === 'both runs' ? (['pedal forwards'] as const) : []),
      ...roundActs(job),
      'lube',
    ],
    materials: [`${lube.name}, ${lube.ml.toFixed(1)} ml`],
    cautions: handCautions(job),
    drawing: 'drop',
    hands: 4,
    counter: stream
      ? driven
        ? null
        : { kind: 'turns', count: turnsFor(job, 2 * lube.sides), perMinute: 30 }
      : { kind: 'drops', count: Math.round(lube.drops), perMinute: 40 },
  });
}

export function runIn(job: Job, lubeClass: LubeClass): BenchStep {
  const driven = cranksDrive(job);
  return step({
    id: 'run in',
    phase: 'lube',
    ...SAID.runIn(movingOf(job)),
    acts: roundActs(job),
    cautions: [driven ? 'driven cranks' : 'fingers'],
    hands: 1,
    counter: driven
      ? null
      : { kind: 'turns', count: lubeClass === 'heavy wet' ? 30 : 8, perMinute: 40 },
  });
}

/** Whether the gears are shifted through: where the wheel turns freely forwards. */
export const shiftsThrough = (job: Job): boolean =>
  job.bike.gear === 'derailleur' && job.depth !== 'roadside' && !cranksDrive(job) && isRaised(job);

const shiftThrough = (job: Job): BenchStep[] =>
  shiftsThrough(job)
    ? [
        step({
          id: 'shift through',
          phase: 'lube',
          ...SAID.shiftThrough(job.bike.rings.length),
          acts: ['pedal forwards'],
          hands: 0.5,
          cautions: ['fingers'],
        }),
      ]
    : [];

function afterCoat(job: Job, lube: BenchLube): BenchStep[] {
  const sink = job.depth === 'roadside' ? 0 : sinkMinutes(job, lube.lubeClass);
  const setMinutes = Math.round(lube.setHours * 60);
  const unwiped = job.workshop.schools.wipeAfter === 'not at all';
  if (sink === null || unwiped)
    return [
      step({
        id: 'leave it',
        phase: 'wait',
        ...(sink === null ? SAID.leaveIt(lube.setHours) : SAID.leaveUnwiped(lube.setHours)),
        acts: ['leave coat'],
        hands: 0,
        timer: { label: SAID.SETS, minutes: setMinutes },
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
            ...SAID.sinkIn(sink, sink >= NIGHT_MIN),
            hands: 0,
            timer: { label: SAID.SINKS_IN, minutes: sink },
          }),
        ]
      : []),
    ragStep(job, 'wipe off', SAID.wipeOff(only), {
      phase: 'wait',
      acts: ['wipe coat'],
      materials: ['dry rag'],
      waitsFor: sinks ? 'sink in' : null,
      // The coat has been setting since its drops went on.
      timer: { label: SAID.SETS, minutes: Math.max(0, setMinutes - sink) },
    }),
  ];
}
