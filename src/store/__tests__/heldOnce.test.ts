import isEqual from 'fast-deep-equal';
import fc from 'fast-check';
import type { LogEvent, RideLogged } from '@/core/records/event';
import { Replay } from '@/core/care/replay/replay';
import { demoLogbook } from '@/core/demo/scenario';
import { allEvents } from '@/core/logbook/chunks';
import { MS_PER_HOUR } from '@/core/units/convert';
import { cellNamed, cellOf } from '@/core/weather/cells';
import { cases } from '@/test/cases';
import { weatherSeen } from '@/test/weather';
import { heldRide } from '../heldRide';
import { heldWeather } from '../heldWeather';
import { HeldOnce } from '../heldOnce';

const hours = (value: fc.Arbitrary<number | null>) =>
  fc.oneof(
    { weight: 4, arbitrary: fc.array(value, { minLength: 24, maxLength: 24 }) },
    { weight: 1, arbitrary: fc.constant(Array.from({ length: 24 }, () => 0)) },
    // No schema lets it through; what is read is kept as it is all the same.
    { weight: 1, arbitrary: fc.array(value, { maxLength: 30 }) },
  );
/** Decimals as services write them, values that fall on one place (they differ by 65.536), and any number. */
const value = fc.oneof(
  fc.integer({ min: -600, max: 600 }).map((n) => n / 10),
  fc.constantFrom(null, 0.1, 65.636, 131.172, -65.436, 0.1004, 1e300),
  fc.double({ noNaN: true, noDefaultInfinity: true }).map((n) => n + 0),
);
const tenths = fc.array(
  fc.option(
    fc.integer({ min: -600, max: 600 }).map((n) => n / 10),
    { nil: null, freq: 8 },
  ),
  { minLength: 24, maxLength: 24 },
);
const dayOf = (column: fc.Arbitrary<(number | null)[]>) =>
  fc.record({
    type: fc.constant('weatherSeen' as const),
    id: fc.string(),
    at: fc.constantFrom('2026-05-10T00:00:00.000Z', '2026-05-11T00:00:00.000Z'),
    recordedAt: fc.constantFrom('2026-05-12T08:00:00.000Z', '2026-05-12T09:00:00.000Z'),
    zone: fc.constantFrom('Europe/London', 'UTC'),
    source: fc.constant('service' as const),
    cell: fc.constantFrom('54.000,-3.000', '54.250,-3.000'),
    rainMm: column,
    temperatureC: column,
    humidity: column,
    windMs: column,
  });
const day = fc.oneof(dayOf(tenths), dayOf(hours(value)));
const place = fc.integer({ min: -9000, max: 9000 }).map((n) => n / 100 + 0);
/** A ride as a log has it, its fields in that order; some are told without gears, or with what a later version may say. */
const ride = fc
  .record({
    path: fc.option(fc.array(fc.tuple(place, place, fc.double({ min: 0, max: 900, noNaN: true })))),
    gears: fc.option(
      fc.array(fc.tuple(fc.integer(), fc.integer(), fc.double({ min: 0, max: 9, noNaN: true }))),
    ),
    later: fc.boolean(),
    ...{ id: fc.string(), at: fc.string(), bikeId: fc.string() },
  })
  .map(({ path, gears, later, ...rest }) => ({
    ...{ type: 'rideLogged' as const, zone: 'UTC', recordedAt: rest.at, ...rest },
    ...{ distanceKm: 12.3, path: path as number[][] | null, recorderId: null },
    ...(gears ? { gears } : {}),
    ...(later ? { later } : {}),
  }));
const event = fc.oneof(
  day,
  ride,
  fc.record({
    ...{ id: fc.string(), at: fc.string(), zone: fc.string() },
    recordedAt: fc.string(),
    type: fc.constant('gotWet' as const),
  }),
  day.chain((d) => fc.oneof(tenths, hours(value)).map((sunMj) => ({ ...d, sunMj }))),
);

describe('what a log says alike, held once', () => {
  it('is what it says, to the last sign', () => {
    fc.assert(
      fc.property(fc.array(event, { maxLength: 12 }), (events) => {
        const held = new HeldOnce();
        const text = JSON.stringify(events);
        const read = (JSON.parse(text) as LogEvent[]).map((e) => held.event(e));
        const told: unknown = JSON.parse(text);
        expect(read).toStrictEqual(told);
        expect(JSON.parse(JSON.stringify(read))).toStrictEqual(told);
        expect(structuredClone(read)).toEqual(told);
        expect(read.map((e) => ({ ...e }))).toStrictEqual(told);
        expect(isEqual(read, told)).toBe(true);
      }),
      { seed: 73, numRuns: cases(2000) },
    );
  });

  it('is, of a day as sources tell it, no list of numbers any more, but reads as one', () => {
    fc.assert(
      fc.property(dayOf(tenths), fc.boolean(), (said, hasSun) => {
        const event = hasSun ? { ...said, sunMj: said.windMs } : said;
        const held = heldWeather(event);
        const own = Object.getOwnPropertyDescriptors(held);
        for (const column of [own.rainMm, own.windMs, own.sunMj])
          expect(column?.value).toBeUndefined();
        expect(held).toEqual(event);
      }),
      { seed: 23, numRuns: 300 },
    );
  });

  it('is, of a path and gears, no list any more, but reads as one, in the same order', () => {
    fc.assert(
      fc.property(ride, (said) => {
        const held = heldRide(structuredClone(said) as unknown as RideLogged);
        const own = Object.getOwnPropertyDescriptors(held);
        if (said.path) expect([own.path.value, own.gears?.value]).toEqual([undefined, undefined]);
        expect(Object.keys(held)).toEqual(Object.keys(said));
        expect(JSON.stringify(held)).toBe(JSON.stringify(said));
      }),
      { seed: 29, numRuns: 300 },
    );
  });

  it('plays to the same book, the same steps and the same roads, to the last bit', () => {
    const { garage, log } = demoLogbook(Date.parse('2026-11-24T10:00:00Z'), 'Europe/London');
    const events = allEvents(log);
    const once = new HeldOnce();
    const [told, held] = [events, structuredClone(events).map((e) => once.event(e))].map(
      (log) => new Replay(garage, log),
    ) as [Replay, Replay];
    expect(held.book).toEqual(told.book);
    expect(held.steps.length).toBeGreaterThan(200);
    expect(events.filter((e) => e.type === 'rideLogged' && e.path).length).toBeGreaterThan(100);
    expect(held.steps.map((s) => s.after)).toEqual(told.steps.map((s) => s.after));
    let hours = 0;
    for (const event of events.filter((e) => e.type === 'weatherSeen')) {
      const [ms, cell] = [Date.parse(event.at), cellNamed(event.cell)];
      for (let h = 23; h >= 0; h -= 5) {
        const hour = told.weather.hour(cell, ms + h * MS_PER_HOUR);
        expect(held.weather.hour(cell, ms + h * MS_PER_HOUR)).toEqual(hour);
        if (hour) hours += 1;
      }
      const air = told.weather.airOver(cell, ms, ms + 50 * MS_PER_HOUR);
      expect(held.weather.airOver(cell, ms, ms + 50 * MS_PER_HOUR)).toEqual(air);
    }
    expect(hours).toBeGreaterThan(1000);
  });

  it('is kept as it was read where it says more than weather does', () => {
    const more = { ...weatherSeen(cellOf(54, -3), '2026-05-10'), told: 'by hand' };
    expect(new HeldOnce().event(more)).toBe(more);
  });
});
