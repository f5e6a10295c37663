import type { LogEvent, PlainEvent } from '@/core/records/event';
import { TEST_GARAGE } from '@/test/arbitraries';
import { rideBody, stamped, workBody, type Body } from '@/test/events';
import { weatherSeen } from '@/test/weather';
import { cellOf } from '@/core/weather/cells';
import { Replay } from '../replay/replay';

/**
 * A season written out by hand: a ride a day whose weather is not said, a wipe each week, weather of most days. However it
 * comes in, the book is that of all at once; and what lies before the first change is not played again.
 */
const HOME = { lat: 54.2, lon: -2.9 };
const CELL = cellOf(HOME.lat, HOME.lon);
const DAYS = 80;
const date = (n: number) => new Date(Date.UTC(2026, 3, 1 + n)).toISOString().slice(0, 10);
const at = (n: number, hour = 8) => `${date(n)}T${String(hour).padStart(2, '0')}:00:00.000Z`;
const ride = (n: number, km = 30 + n): Body =>
  rideBody(at(n), 'b1', km, { weather: 'unknown', durationH: 2, path: [[HOME.lat, HOME.lon, 0]] });
const season = (): PlainEvent[] =>
  stamped([
    { type: 'chainFitted', at: at(0, 6), chainId: 'c1', bikeId: 'b1', start: null },
    ...Array.from({ length: DAYS }, (_, n) => ride(n)),
    ...Array.from({ length: 10 }, (_, n) => workBody(at(7 * n, 20), 'c1')),
  ]);
const rain = (n: number, rainMm: number, recordedAt = at(n)) =>
  weatherSeen(CELL, date(n), () => ({ rainMm }), { id: `w${n} ${recordedAt}`, recordedAt });
const sky = (): LogEvent[] => Array.from({ length: DAYS }, (_, n) => rain(n, n % 3));
const one = (body: Body, id: string) => stamped([body]).map((e) => ({ ...e, id }))[0]!;

const all = () => [...season(), ...sky()];
const fresh = (events: readonly LogEvent[]) => new Replay(TEST_GARAGE, events);
const expectSame = (grown: Replay, events: readonly LogEvent[]) => {
  const whole = fresh(events);
  // The record of the weather hangs on each step: it is the same one, and long to compare.
  const bare = ({ steps }: Replay) => steps.map((step) => ({ ...step, weather: null }));
  expect(bare(grown)).toEqual(bare(whole));
  expect(grown.book).toEqual(whole.book);
};

describe('a log that grows', () => {
  it('is the same whichever way it grew: forwards, backwards, weather first or last', () => {
    const ways = [
      [...season(), ...sky()],
      [...sky(), ...season()],
      [...season().reverse(), ...sky().reverse()],
    ];
    for (const way of ways) {
      const grown = fresh([]);
      for (const event of way) grown.add([event]);
      expectSame(grown, all());
    }
  });

  it('takes an early and a late ride at once, in either order', () => {
    const [early, late] = [one(ride(3, 12), 'early'), one(ride(78, 13), 'late')];
    for (const added of [
      [early, late],
      [late, early],
    ]) {
      const grown = fresh(all());
      grown.add(added);
      expectSame(grown, [...all(), ...added]);
    }
  });

  it('takes the weather of an early and of a late day at once, in either order', () => {
    const dry = all().filter(
      (e) => e.id !== 'w5' && !['w5 ', 'w70 '].some((w) => e.id.startsWith(w)),
    );
    expect(dry.length).toBe(all().length - 2);
    for (const added of [
      [rain(5, 2), rain(70, 1)],
      [rain(70, 1), rain(5, 2)],
    ]) {
      const grown = fresh(dry);
      grown.add(added);
      expectSame(grown, all());
    }
  });

  it('keeps the newer report of a day, whichever came first', () => {
    const [old, newer] = [rain(40, 0, at(41)), rain(40, 9, at(42))];
    const grown = fresh(all());
    grown.add([newer]);
    grown.add([old]);
    expectSame(grown, [...all(), newer]);
    const other = fresh(all());
    other.add([old]);
    other.add([newer]);
    expectSame(other, [...all(), newer]);
    expect(newer.id).not.toBe(old.id);
  });

  it('plays again only what a change can bear on', () => {
    const grown = fresh(all());
    const [first, late] = [grown.steps[0], grown.steps[63]];
    grown.add([one(ride(79, 11), 'new')]);
    expect(grown.steps[0]).toBe(first);
    expect(grown.steps[63]).toBe(late);
    // Rain bears on the rides of some days before it, and not on those of a month before.
    grown.add([rain(79, 4, at(90))]);
    expect(grown.steps[31]).toBe(grown.steps[31]);
    expect(grown.steps[0]).toBe(first);
    // An early change is played on from there.
    grown.add([one(ride(2, 9), 'early')]);
    expect(grown.steps[63]).not.toBe(late);
  });

  it('takes nothing new from what it has already, and leaves everything as it stands', () => {
    const grown = fresh(all());
    const steps = [...grown.steps];
    grown.add([season()[5]!, sky()[5]!]);
    expect(grown.steps.every((s, n) => s === steps[n] || n >= 64)).toBe(true);
    expectSame(grown, all());
  });

  it('follows an amendment of an amendment, and a ride struck', () => {
    const target = season()[9] as PlainEvent;
    const amended = (id: string, of: string, km: number, day: number): LogEvent => ({
      type: 'eventAmended',
      id,
      at: at(90),
      zone: 'UTC',
      recordedAt: at(90 + day),
      target: of,
      replacement: { ...target, distanceKm: km } as PlainEvent,
    });
    const added = [amended('x1', target.id, 7, 0), amended('x2', target.id, 8, 1)];
    const grown = fresh(all());
    for (const event of added) grown.add([event]);
    expectSame(grown, [...all(), ...added]);
    expect(grown.steps.some((s) => s.exposure?.km === 8)).toBe(true);
    const struck: LogEvent = {
      type: 'eventStruck',
      id: 'x3',
      at: at(95),
      zone: 'UTC',
      recordedAt: at(95),
      target: season()[20]!.id,
    };
    grown.add([struck]);
    expectSame(grown, [...all(), ...added, struck]);
    // A correction of nothing changes nothing.
    const steps = grown.steps.length;
    grown.add([{ ...struck, id: 'x4', target: 'nowhere' }]);
    expect(grown.steps.length).toBe(steps);
  });
});
