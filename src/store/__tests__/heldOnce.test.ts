import fc from 'fast-check';
import type { LogEvent, WeatherSeen } from '@/core/records/event';
import { cases } from '@/test/cases';
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
const day = fc.record({
  type: fc.constant('weatherSeen' as const),
  id: fc.string(),
  at: fc.constantFrom('2026-05-10T00:00:00.000Z', '2026-05-11T00:00:00.000Z'),
  recordedAt: fc.constantFrom('2026-05-12T08:00:00.000Z', '2026-05-12T09:00:00.000Z'),
  zone: fc.constantFrom('Europe/London', 'UTC'),
  source: fc.constant('service' as const),
  cell: fc.constantFrom('54.000,-3.000', '54.250,-3.000'),
  rainMm: hours(value),
  temperatureC: hours(value),
  humidity: hours(value),
  windMs: hours(value),
});
const event = fc.oneof(
  day,
  fc.record({
    ...{ id: fc.string(), at: fc.string(), zone: fc.string() },
    recordedAt: fc.string(),
    type: fc.constant('gotWet' as const),
  }),
  day.chain((d) => hours(value).map((sunMj) => ({ ...d, sunMj }))),
);

describe('what a log says alike, held once', () => {
  it('is what it says, to the last sign', () => {
    fc.assert(
      fc.property(fc.array(event, { maxLength: 12 }), (events) => {
        const held = new HeldOnce();
        const text = JSON.stringify(events);
        const read = (JSON.parse(text) as LogEvent[]).map((e) => held.event(e));
        expect(JSON.stringify(read)).toBe(text);
        expect(read).toEqual(JSON.parse(text));
      }),
      { seed: 73, numRuns: cases(2000) },
    );
  });

  it('is one list for all dry days, and no list that another day could be changed through', () => {
    const held = new HeldOnce();
    const columns = {
      rainMm: Array.from({ length: 24 }, () => 0),
      windMs: Array.from({ length: 24 }, () => 3.4),
    };
    const read = () =>
      held.event(
        structuredClone({ type: 'weatherSeen', ...columns }) as unknown as WeatherSeen,
      ) as WeatherSeen;
    const [first, second] = [read(), read()];
    expect(second.rainMm).toBe(first.rainMm);
    expect(second.windMs).not.toBe(first.windMs);
    expect(second).toEqual(first);
  });
});
