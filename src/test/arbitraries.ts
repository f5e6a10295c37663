import { CAUSES, FAULT_STATES, FOLLOWED, NOISES, SIDES } from '@/core/records/faults';
import fc from 'fast-check';
import { TRIED } from '@/core/records/trialKinds';
import { PRESETS } from '@/core/garage/presets';
import type { Garage } from '@/core/records/garage';
import { CLEAN_METHODS, DRYINGS, SOUNDS, SURFACES, WEATHER_WORDS } from '@/core/records/kinds';
import type { LogEvent, PlainEvent, WeatherSeen } from '@/core/records/event';
import { LUBE_CLASS_NAMES } from '@/core/lube/classes';
import { cellOf } from '@/core/weather/cells';
import { weatherSeen } from './weather';

/** A garage of two bikes and three chains, for generated logbooks. */
const common = { retired: false, changedAt: '2026-01-01T00:00:00.000Z' };
const chain = (id: string) => ({
  ...common,
  id,
  name: id,
  links: 114,
  speeds: 11,
  closure: 'reusable link' as const,
  openingsAllowed: null,
  directional: false,
  price: null,
});
export const TEST_GARAGE: Garage = {
  bikes: {
    b1: { ...PRESETS.road.specs, ...common, id: 'b1', name: 'One' },
    b2: { ...PRESETS.town.specs, ...common, id: 'b2', name: 'Two', storage: 'outdoors' },
  },
  chains: { c1: chain('c1'), c2: chain('c2'), c3: chain('c3') },
  products: {},
  planned: {},
  parts: {},
  planMarks: {},
  trials: {},
};

const START = Date.parse('2026-03-01T06:00:00.000Z');
const QUARTERS = 4 * 24 * 90;

/** Moments on a grid of quarter hours over three months, so that ties happen. */
const at = fc.nat(QUARTERS).map((q) => new Date(START + q * 900_000).toISOString());
const bikeId = fc.constantFrom('b1', 'b2');
const chainId = fc.constantFrom('c1', 'c2', 'c3');
const partId = fc.constantFrom('p1', 'p2');
const lubeClass = fc.constantFrom(...LUBE_CLASS_NAMES);
const share = fc.double({ min: 0, max: 1, noNaN: true });

const common4 = { id: fc.constant(''), at, zone: fc.constant('Europe/London'), recordedAt: at };

export const rideEvent = fc.record({
  ...common4,
  type: fc.constant('rideLogged' as const),
  bikeId,
  distanceKm: fc.double({ min: 0.5, max: 250, noNaN: true }),
  durationH: fc.constant(null),
  weather: fc.constantFrom(...WEATHER_WORDS),
  surface: fc.constantFrom(...SURFACES),
  mud: fc.boolean(),
  salted: fc.boolean(),
  note: fc.constant(''),
  climbM: fc.constant(null),
  path: fc.option(
    fc.constantFrom<[number, number, number][]>(
      [
        [54.2, -2.9, 0],
        [54.2, -2.9, 90],
      ],
      [
        [54.2, -2.9, 0],
        [53.2, -2.9, 200],
      ],
    ),
  ),
  recorderId: fc.constant(null),
});

const idOf = (n: number): string => `e${String(n).padStart(5, '0')}`;

const plainWork = fc.record({
  ...common4,
  type: fc.constant('workDone' as const),
  chainId,
  method: fc.constantFrom(...CLEAN_METHODS),
  cogsCleaned: fc.boolean(),
  baths: fc.record({ count: fc.integer({ min: 1, max: 5 }), ml: fc.constantFrom(100, 150, 500) }),
  drying: fc.constantFrom(...DRYINGS),
  lube: fc.option(fc.record({ lubeClass, coat: share, wiped: fc.boolean() })),
  used: fc.array(
    fc.record({
      productId: fc.constantFrom('p1', 'p2'),
      amount: fc.double({ min: 0, max: 100, noNaN: true }),
    }),
    { maxLength: 2 },
  ),
  minutes: fc.constant(null),
  depth: fc.constant(null),
  swatches: fc.array(fc.integer({ min: 1, max: 5 }), { maxLength: 3 }),
  note: fc.constant(''),
});

/** Some of it for a trial. */
export const workEvent = fc
  .tuple(
    plainWork,
    fc.option(fc.record({ id: fc.constantFrom('t1', 't2'), arm: fc.constantFrom(...TRIED) })),
  )
  .map(([work, trial]) => (trial ? { ...work, trial } : work));

const fitEvent = fc.record({
  ...common4,
  type: fc.constant('chainFitted' as const),
  chainId,
  bikeId,
  start: fc.option(
    fc.record({
      lube: fc.option(lubeClass),
      kmSinceLube: fc.nat(400),
      look: fc.constantFrom('clean' as const, 'used' as const, 'dirty' as const),
      kmBefore: fc.nat(5000),
      wearPercent: fc.constant(null),
    }),
  ),
});

const photo = fc.record({
  absorber: fc.double({ min: 0, max: 200, noNaN: true }),
  outside: share,
  sd: fc.double({ min: 0.01, max: 0.5, noNaN: true }),
  patches: fc.integer({ min: 0, max: 60 }),
  picked: fc.option(fc.integer({ min: 1, max: 5 })),
});
/** A number as JSON has it: no nought below nought. */
const figure = (min: number, max: number) => fc.double({ min, max, noNaN: true }).map((x) => x + 0);
/** A figure a band, some not recorded. */
const bands = (min: number, max: number) =>
  fc.array(fc.option(figure(min, max)), { minLength: 14, maxLength: 14 });

const otherEvent: fc.Arbitrary<PlainEvent> = fc.oneof(
  fc.record({ ...common4, type: fc.constant('chainRemoved' as const), chainId }),
  fc.record({ ...common4, type: fc.constant('partRemoved' as const), partId, bikeId }),
  fc.record({
    ...common4,
    type: fc.constant('partFitted' as const),
    partId,
    bikeId,
    start: fc.option(fc.record({ kmBefore: fc.nat(9000), chainsBefore: fc.option(fc.nat(5)) })),
  }),
  fc.record({
    ...common4,
    type: fc.constant('faultFound' as const),
    bikeId,
    chainId: fc.option(chainId),
    noise: fc.option(fc.constantFrom(...NOISES)),
    cause: fc.constantFrom(...CAUSES),
    place: fc.option(fc.record({ links: fc.nat(113), side: fc.constantFrom(...SIDES) })),
    showed: fc.constant(null),
    state: fc.constantFrom(...FAULT_STATES),
  }),
  fc.record({
    ...common4,
    type: fc.constant('faultFollowed' as const),
    bikeId,
    fault: fc.nat(40).map(idOf),
    outcome: fc.constantFrom(...FOLLOWED),
  }),
  fc.record({
    ...common4,
    type: fc.constant('gotWet' as const),
    bikeId,
    how: fc.constantFrom('stood in rain' as const, 'washed' as const),
  }),
  fc.record({
    ...common4,
    type: fc.constant('ragChecked' as const),
    chainId,
    swatch: fc.integer({ min: 1, max: 5 }),
  }),
  fc.record({
    ...common4,
    type: fc.constant('ragChecked' as const),
    chainId,
    swatch: fc.integer({ min: 1, max: 5 }),
    photo,
  }),
  fc.record({
    ...common4,
    type: fc.constant('chainRecorded' as const),
    bikeId,
    chainId,
    ring: fc.constantFrom(34, 50),
    cog: fc.constantFrom(11, 17),
    perMinute: fc.constant(60),
    seconds: fc.constant(15),
    db: bands(-120, 0),
    sd: bands(0, 6),
    quiet: fc.boolean(),
    louder: fc.option(
      fc.record({
        db: figure(-20, 40),
        sd: fc.double({ min: 0.1, max: 10, noNaN: true }),
      }),
    ),
  }),
  fc.record({
    ...common4,
    type: fc.constant('soundHeard' as const),
    chainId,
    sound: fc.constantFrom(...SOUNDS),
  }),
  fc.record({
    ...common4,
    type: fc.constant('wearRead' as const),
    chainId,
    tool: fc.constantFrom('checker' as const, 'ruler' as const),
    percent: fc.double({ min: 0, max: 1, noNaN: true }),
  }),
);

export const plainEvent: fc.Arbitrary<PlainEvent> = fc.oneof(
  { weight: 6, arbitrary: rideEvent },
  { weight: 2, arbitrary: workEvent },
  { weight: 1, arbitrary: fitEvent },
  { weight: 1, arbitrary: otherEvent },
);

/** A day of weather in one of two squares, some of its hours not known. */
export const weatherEvent: fc.Arbitrary<WeatherSeen> = fc
  .record({
    cell: fc.constantFrom(cellOf(54.2, -2.9), cellOf(53.2, -2.9)),
    day: fc.nat(90),
    rainMm: fc.double({ min: 0, max: 8, noNaN: true }),
    from: fc.nat(23),
    known: fc.integer({ min: 1, max: 24 }),
    recordedAt: at,
  })
  .map(({ cell, day, rainMm, from, known, recordedAt }) =>
    weatherSeen(
      cell,
      new Date(START + day * 86_400_000).toISOString().slice(0, 10),
      (h) => (h < known ? { rainMm: h >= from && h < from + 4 ? rainMm : 0 } : null),
      { recordedAt },
    ),
  );

/** A seed for picking what a correction speaks of. */
const correction = fc.record({
  strike: fc.boolean(),
  target: fc.nat(),
  at,
  replacement: plainEvent,
});

/**
 * A logbook of plain events and corrections. Ids run in order of writing; a correction speaks of any
 * event written before it, corrections included.
 */
export const logbookEvents: fc.Arbitrary<LogEvent[]> = fc
  .tuple(
    fc.array(plainEvent, { minLength: 1, maxLength: 60 }),
    fc.array(correction, { maxLength: 12 }),
    fc.array(weatherEvent, { maxLength: 25 }),
  )
  .map(([plain, corrections, weather]) => {
    const events: LogEvent[] = plain.map((e, i) => ({ ...e, id: idOf(i) }));
    for (const c of corrections) {
      const target = events[c.target % events.length];
      if (!target) continue;
      const base = { id: idOf(events.length), at: c.at, zone: 'Europe/London', recordedAt: c.at };
      const amendable =
        !c.strike && target.type !== 'eventStruck' && target.type !== 'eventAmended';
      events.push(
        amendable
          ? {
              ...base,
              type: 'eventAmended',
              target: target.id,
              replacement: { ...c.replacement, id: target.id },
            }
          : { ...base, type: 'eventStruck', target: target.id },
      );
    }
    return [...events, ...weather.map((e, i) => ({ ...e, id: idOf(events.length + i) }))];
  });
