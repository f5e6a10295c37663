import { isWax, LUBE_CLASSES, type LubeClass } from '../lube';
import { cranksDrive, type BenchLube, type Job } from './job';
import { hotWax } from './waxing';
import { turnsFor } from './prepare';
import { step, type BenchStep } from './steps';
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
      ...SAID.flush(lube.name, lube.drops),
      acts: ['flush', 'lube'],
      materials: [lube.name],
      cautions: handCautions(job),
      hands: 2,
      counter: { kind: 'turns', count: turnsFor(job, 1), perMinute: 30 },
    }),
    ragStep(job, 'wipe hard', SAID.WIPE_HARD, { acts: ['wipe'] }),
  ];
}

const handCautions = (job: Job) =>
  [
    cranksDrive(job) ? 'driven cranks' : 'fingers',
    ...(job.bike.brake.startsWith('disc') ? ['rotor'] : []),
  ] as BenchStep['cautions'];

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
    ...SAID.shake(name, lubeClass),
    hands: 0.5,
    materials: [name],
  });

function drops(job: Job, lube: BenchLube): BenchStep {
  const wax = isWax(lube.lubeClass);
  return step({
    id: 'drops',
    phase: 'lube',
    ...SAID.drops(lube, job.workshop.schools.where),
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
    ...SAID.runIn(driven),
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
  ...SAID.SHIFT_THROUGH,
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
        ...SAID.leaveIt(lube.setHours),
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
            ...SAID.sinkIn(lube.lubeClass, sink >= NIGHT_MIN),
            hands: 0,
            timer: { label: SAID.SINKS_IN, minutes: sink },
          }),
        ]
      : []),
    ragStep(job, 'wipe off', SAID.wipeOff(only), {
      phase: 'wait',
      acts: ['wipe'],
      waitsFor: sinks ? 'sink in' : null,
      timer: { label: SAID.SETS, minutes: setMinutes },
    }),
  ];
}

/** A few drops more, for those who give pivots and springs their share. */
export const pivots = (job: Job): BenchStep[] =>
  job.workshop.schools.pivots === 'a drop' && job.lube && !isWax(job.lube.lubeClass)
    ? [
        step({
          id: 'pivots',
          phase: 'lube',
          ...SAID.PIVOTS,
          hands: 1,
        }),
      ]
    : [];
