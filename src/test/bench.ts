import fc from 'fast-check';
import { PRESETS } from '@/core/garage/presets';
import type { Bike } from '@/core/records/garage';
import { CLOSURES, DEPTHS } from '@/core/records/kinds';
import { LUBE_CLASS_NAMES, LUBE_CLASSES, type LubeClass } from '@/core/lube/classes';
import { ROUNDS, type Round } from '@/core/records/rounds';
import { ROUND_RULES } from '@/core/rounds/table';
import { atBenchRound } from '@/core/words/rounds';
import { ADD_ONS, takesRounds } from '@/core/bench/addOns';
import { changesChain } from '@/core/bench/depths';
import type { Job } from '@/core/bench/job';
import { BENCH_SCHOOLS, TOOLS, USUAL_WORKSHOP } from '@/core/records/workshop';

/** A lube as a job has it. */
export const benchLube = (lubeClass: LubeClass, links = 114): NonNullable<Job['lube']> => ({
  lubeClass,
  name: `House ${lubeClass}`,
  sides: 1,
  drops: links,
  ml: links / 25,
  shake: false,
  tooColdFor: null,
  setHours: LUBE_CLASSES[lubeClass].setHours,
  stream: false,
  rested: false,
});

/** A top-up of a road bike with wet lube, changed where a test needs it. */
export const jobOf = (more: Partial<Job> = {}): Job => ({
  depth: 'top-up',
  clean: 'brush',
  addOns: [],
  rounds: [],
  bike: { ...PRESETS.road.specs, name: 'Road bike' },
  chain: { links: 114, closure: 'reusable link', directional: false },
  next: null,
  old: { becomes: null, limit: 0 },
  openings: { done: 2, allowed: null },
  lube: benchLube('wet'),
  under: null,
  onIt: 'wet',
  outside: 0.3,
  salted: false,
  wheelOut: false,
  degreaser: 'Citrus degreaser',
  workshop: { ...USUAL_WORKSHOP, tools: ['stand', 'brushes', 'air'] },
  oldCoat: 'wipe',
  between: 'solvent',
  baths: { count: 3, ml: 150 },
  standard: 'tidy',
  dryHours: { towel: 1.5, air: 0.3 },
  ...more,
});

/** Slower rounds as a job on its bike has them; those for what the bike has not are left out. */
const roundsFor = ({ bike }: Job, rounds: readonly Round[]): Job['rounds'] =>
  rounds
    .filter((round) => ROUND_RULES[round].has(bike as Bike))
    .map((round) => atBenchRound({ round, minutes: ROUND_RULES[round].minutes }, bike));

const lubeClass = fc.constantFrom(...LUBE_CLASS_NAMES);

/** Any job, sensible or not. */
export const anyJob: fc.Arbitrary<Job> = fc
  .record({
    depth: fc.constantFrom(...DEPTHS),
    clean: fc.constantFrom('brush' as const, 'scrubber' as const),
    addOns: fc.subarray([...ADD_ONS]),
    rounds: fc.subarray([...ROUNDS], { maxLength: 2 }),
    drive: fc.constantFrom('freewheel' as const, 'fixed' as const, 'coaster' as const),
    gear: fc.constantFrom('derailleur' as const, 'hub' as const, 'single' as const),
    brake: fc.constantFrom(
      'rim' as const,
      'disc, cable' as const,
      'disc, hydraulic' as const,
      'drum or coaster' as const,
    ),
    ebike: fc.boolean(),
    narrowWide: fc.boolean(),
    wheel: fc.constantFrom('quick release' as const, 'thru axle' as const, 'nuts' as const),
    closure: fc.constantFrom(...CLOSURES),
    directional: fc.boolean(),
    openings: fc.constantFrom(
      { done: 2, allowed: null },
      { done: 1, allowed: 5 },
      { done: 5, allowed: 5 },
    ),
    next: fc.record({
      id: fc.constant('c2'),
      name: fc.constant('Chain B'),
      links: fc.constant(114),
      closure: fc.constantFrom(...CLOSURES),
      directional: fc.boolean(),
    }),
    becomes: fc.constantFrom('kept' as const, 'worn' as const, null),
    lube: fc.option(lubeClass),
    onIt: fc.option(lubeClass),
    shake: fc.boolean(),
    stream: fc.boolean(),
    rested: fc.boolean(),
    under: fc.option(fc.constant('Creeping oil')),
    salted: fc.boolean(),
    wheelOut: fc.boolean(),
    outside: fc.constantFrom(0.1, 0.9),
    rings: fc.constantFrom([50, 34], [42], [44, 32, 22]),
    tools: fc.subarray([...TOOLS]),
    water: fc.constantFrom('hose' as const, 'bottle' as const, 'none' as const),
    outdoors: fc.boolean(),
    schools: fc.record({
      where: fc.constantFrom(...BENCH_SCHOOLS.where),
      wipeAfter: fc.constantFrom(...BENCH_SCHOOLS.wipeAfter),
      chainOff: fc.constantFrom(...BENCH_SCHOOLS.chainOff),
      washOrder: fc.constantFrom(...BENCH_SCHOOLS.washOrder),
      rotor: fc.constantFrom(...BENCH_SCHOOLS.rotor),
      pivots: fc.constantFrom(...BENCH_SCHOOLS.pivots),
      newChain: fc.constantFrom(...BENCH_SCHOOLS.newChain),
    }),
    oldCoat: fc.constantFrom('wipe' as const, 'flush' as const, 'clean' as const),
    between: fc.constantFrom('solvent' as const, 'degreaser' as const),
    standard: fc.constantFrom('immaculate' as const, 'tidy' as const, 'easy-going' as const),
  })
  .map((r) => {
    const job = jobOf({
      depth: r.depth,
      clean: r.clean,
      addOns: r.addOns,
      bike: {
        ...PRESETS.road.specs,
        name: 'Any bike',
        drive: r.drive,
        gear: r.gear,
        brake: r.brake,
        ebike: r.ebike,
        narrowWide: r.narrowWide,
        wheel: r.wheel,
        rings: [...r.rings],
      },
      openings: r.openings,
      salted: r.salted,
      wheelOut: r.wheelOut,
      outside: r.outside,
      under: r.lube === 'dry' ? r.under : null,
      chain: { links: 114, closure: r.closure, directional: r.directional },
      next: changesChain(r.depth) ? r.next : null,
      old: { becomes: r.depth === 'new chain' ? r.becomes : null, limit: 0.5 },
      lube:
        r.depth === 'swap'
          ? null
          : r.lube && { ...benchLube(r.lube), shake: r.shake, stream: r.stream, rested: r.rested },
      onIt: r.depth === 'new chain' ? null : r.onIt,
      workshop: { tools: r.tools, water: r.water, outdoors: r.outdoors, schools: r.schools },
      oldCoat: r.oldCoat,
      between: r.between,
      standard: r.standard,
    });
    return { ...job, rounds: takesRounds(r.depth) ? roundsFor(job, r.rounds) : [] };
  });
