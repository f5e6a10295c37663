import { addedEvents, addEvents, allEvents } from '../chunks';
import { chainOn, firstFitted, fittings } from '../fittings';
import { checkMigrations, migrate } from '../migrate';
import { effectiveEvents } from '../resolve';
import { MIGRATIONS } from '../migrations';
import type { LogEvent } from '../../records/event';
import { LOGBOOK_VERSIONS } from '../versions';
import { rideBody, ridesOf } from '@/test/events';

const base = (id: string, when: string) => ({ id, at: when, zone: 'UTC', recordedAt: when });
const at = '2026-05-01T08:00:00.000Z';
const fit = (id: string, chainId: string, bikeId: string, when = at): LogEvent => ({
  type: 'chainFitted',
  id,
  at: when,
  zone: 'UTC',
  recordedAt: when,
  chainId,
  bikeId,
  start: null,
});

describe('chunks', () => {
  it('hold events by month and keep the identity of months that gain nothing', () => {
    const one = addEvents({}, [
      fit('a', 'c1', 'b1'),
      fit('b', 'c1', 'b1', '2026-06-01T08:00:00.000Z'),
    ]);
    expect(Object.keys(one)).toEqual(['2026-05', '2026-06']);
    const two = addEvents(one, [fit('c', 'c2', 'b2', '2026-06-02T08:00:00.000Z')]);
    expect(two['2026-05']).toBe(one['2026-05']);
    expect(addedEvents(one, two).map((e) => e.id)).toEqual(['c']);
    expect(addEvents(two, allEvents(two))).toBe(two);
    // Whatever the order they come in, they lie in order of time, each once.
    const late = fit('d', 'c1', 'b1', '2026-06-01T07:00:00.000Z');
    const three = addEvents(two, [late, late]);
    expect(three['2026-06']?.map((e) => e.id)).toEqual(['d', 'b', 'c']);
    expect(allEvents({ '2026-06': three['2026-06']!, '2026-05': three['2026-05']! })).toEqual(
      allEvents(three),
    );
    expect(addedEvents({}, one).map((e) => e.id)).toEqual(['a', 'b']);
    expect(addedEvents(one, one)).toEqual([]);
  });
});

describe('fittings', () => {
  it('end when the chain comes off, goes elsewhere, or another takes its place', () => {
    const spells = fittings([
      fit('a', 'c1', 'b1', '2026-05-01T08:00:00.000Z'),
      fit('b', 'c2', 'b1', '2026-05-02T08:00:00.000Z'),
      fit('c', 'c1', 'b2', '2026-05-03T08:00:00.000Z'),
    ] as Parameters<typeof fittings>[0]);
    expect(spells.map((s) => [s.chainId, s.bikeId, s.to])).toEqual([
      ['c1', 'b1', '2026-05-02T08:00:00.000Z'],
      ['c2', 'b1', null],
      ['c1', 'b2', null],
    ]);
    expect(chainOn(spells, 'b1', '2026-05-01T09:00:00.000Z')).toBe('c1');
    // From the moment of fitting on, up to the moment it ends.
    expect(chainOn(spells, 'b1', '2026-05-01T08:00:00.000Z')).toBe('c1');
    expect(chainOn(spells, 'b1', '2026-05-02T08:00:00.000Z')).toBe('c2');
    expect(chainOn(spells, 'b1', '2026-05-01T07:59:59.000Z')).toBeNull();
    expect(chainOn(spells, 'b2', '2026-05-02T09:00:00.000Z')).toBeNull();
    expect(chainOn(spells, 'b2', '2026-05-03T09:00:00.000Z')).toBe('c1');
    expect(firstFitted(spells, 'b2')).toBe('2026-05-03T08:00:00.000Z');
    expect(firstFitted(spells, 'b3')).toBeNull();
    expect(chainOn(spells, 'b1', '2026-05-02T09:00:00.000Z')).toBe('c2');
  });
});

describe('a chain taken off', () => {
  it('ends its own spell, at that moment, and no other', () => {
    const off: LogEvent = {
      ...base('d', '2026-05-04T08:00:00.000Z'),
      type: 'chainRemoved',
      chainId: 'c1',
    };
    const events = [fit('a', 'c1', 'b1'), fit('b', 'c2', 'b2'), ...ridesOf([10]), off];
    expect(fittings(events as Parameters<typeof fittings>[0]).map((s) => s.to)).toEqual([
      off.at,
      null,
    ]);
  });
});

describe('migrations', () => {
  it('are whole: one for each version after the first', () => {
    expect(() => checkMigrations(LOGBOOK_VERSIONS, MIGRATIONS)).not.toThrow();
    expect(() => checkMigrations({ start: 1, more: 3 }, [])).toThrow(/1, 2, 3/);
    expect(() => checkMigrations({ start: 1, more: 2 }, [])).toThrow(/needed for versions 2/);
  });

  it('run in order from the stored version on', () => {
    const steps = [
      { version: 2, event: (e: unknown) => ({ ...(e as object), two: true }) },
      { version: 3, event: (e: unknown) => ({ ...(e as object), three: true }) },
    ];
    expect(migrate('event', { one: true }, 1, steps)).toEqual({
      one: true,
      two: true,
      three: true,
    });
    expect(migrate('event', { one: true }, 2, steps)).toEqual({ one: true, three: true });
    expect(migrate('settings', { a: 1 }, 1, steps)).toEqual({ a: 1 });
  });
});

describe('corrections', () => {
  const ride = { ...rideBody(at, 'b', 10), id: 'ride', zone: 'UTC', recordedAt: at } as LogEvent;
  const strike = (id: string, target: string): LogEvent => ({
    type: 'eventStruck',
    id,
    at,
    zone: 'UTC',
    recordedAt: at,
    target,
  });

  it.each([
    [1, 0],
    [2, 1],
    [8001, 0],
    [8000, 1],
  ])('%i strikes, each of the one before, leave %i ride', (depth, left) => {
    const strikes = Array.from({ length: depth }, (_, n) =>
      strike(`s${n}`, n === 0 ? 'ride' : `s${n - 1}`),
    );
    expect(effectiveEvents([...strikes.reverse(), ride])).toHaveLength(left);
  });

  it('in a ring strike nothing', () => {
    const ring = [strike('a', 'b'), strike('b', 'a'), strike('c', 'c')];
    expect(effectiveEvents([ride, ...ring])).toEqual([ride]);
  });

  it('of which one stands strike, whatever becomes of the others', () => {
    const events = [ride, strike('a', 'ride'), strike('b', 'ride'), strike('c', 'a')];
    expect(effectiveEvents(events)).toEqual([]);
    expect(effectiveEvents([...events, strike('d', 'b')])).toEqual([ride]);
  });
});
