import {
  addedEvents,
  addEvents,
  allEvents,
  chainOn,
  checkMigrations,
  fittings,
  LOGBOOK_VERSIONS,
  migrate,
  MIGRATIONS,
  type LogEvent,
} from '..';

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
    expect(chainOn(spells, 'b1', '2026-05-02T09:00:00.000Z')).toBe('c2');
  });
});

describe('migrations', () => {
  it('are whole: one for each version after the first', () => {
    expect(() => checkMigrations(LOGBOOK_VERSIONS, MIGRATIONS)).not.toThrow();
    expect(() => checkMigrations({ start: 1, more: 3 }, [])).toThrow(/1, 2, 3/);
    expect(() => checkMigrations({ start: 1, more: 2 }, [])).toThrow(/needed for versions 2/);
  });

  it('run in order from the stored version on, and refuse newer data', () => {
    const steps = [
      { version: 2, event: (e: unknown) => ({ ...(e as object), two: true }) },
      { version: 3, event: (e: unknown) => ({ ...(e as object), three: true }) },
    ];
    expect(migrate('event', { one: true }, 1, steps)).toEqual({
      ok: true,
      value: { one: true, two: true, three: true },
    });
    expect(migrate('event', { one: true }, 2, steps)).toEqual({
      ok: true,
      value: { one: true, three: true },
    });
    expect(migrate('settings', { a: 1 }, 1, steps)).toEqual({ ok: true, value: { a: 1 } });
    expect(migrate('event', {}, 4, steps)).toMatchObject({ problem: { code: 'storage/newer' } });
  });
});
