import fc from 'fast-check';
import { DEFAULT_SETTINGS, flattenSettings, mergeSettings, nestSettings } from '@/core/settings';
import { productOf } from '@/test/products';
import { capStamps, editOf, mergeFields, touch, type Stamped } from '../fields';
import { mergeLogbooks } from '../logbook';
import { applyChange, stampChange } from '../change';
import { TEST_GARAGE } from '@/test/arbitraries';
import { ridesOf } from '@/test/events';

interface Note extends Stamped {
  a?: number;
  b?: string;
  c?: readonly number[] | null;
}

const T0 = '2026-01-01T00:00:00.000Z';
const at = fc.integer({ min: 0, max: 6 });

/** Copies of a record whose stamps collide often, tombstones included. */
const note: fc.Arbitrary<Note> = fc
  .record(
    {
      a: fc.nat(3),
      b: fc.constantFrom('x', 'y'),
      c: fc.option(fc.array(fc.nat(2), { maxLength: 2 })),
      stamps: fc.dictionary(
        fc.constantFrom('a', 'b', 'c'),
        at.map((n) => Date.parse(T0) + n),
      ),
    },
    { requiredKeys: [] },
  )
  .chain((fields) =>
    at.map((n) => ({ ...fields, changedAt: new Date(Date.parse(T0) + n).toISOString() })),
  );

/** What counts of a record: its values and the moment of each. */
const meaning = (record: Note) =>
  Object.fromEntries(
    (['a', 'b', 'c'] as const).map((f) => [
      f,
      [record[f], f in record || f in (record.stamps ?? {}) ? stamp(record, f) : -1],
    ]),
  );
const stamp = (r: Note, f: string) => r.stamps?.[f] ?? Date.parse(r.changedAt);

describe('merging copies of a record', () => {
  it('gives one result in any order, any number of times', () => {
    fc.assert(
      fc.property(note, note, note, (a, b, c) => {
        expect(meaning(mergeFields(a, b))).toEqual(meaning(mergeFields(b, a)));
        expect(meaning(mergeFields(mergeFields(a, b), c))).toEqual(
          meaning(mergeFields(a, mergeFields(b, c))),
        );
        const once = mergeFields(a, b);
        expect(mergeFields(once, b)).toBe(once);
        expect(mergeFields(once, a)).toBe(once);
      }),
      { numRuns: 500, seed: 10 },
    );
  });

  it('keeps what each changed, whichever clock is ahead', () => {
    const bike: Note = { a: 1, b: 'x', changedAt: T0 };
    const now = Date.parse('2026-05-01T00:00:00.000Z');
    const one = touch(bike, { ...bike, a: 2 }, now);
    const yearBack = touch(bike, { ...bike, b: 'y' }, now - 365 * 86_400_000);
    expect(mergeFields(one, yearBack)).toMatchObject({ a: 2, b: 'y' });
    expect(mergeFields(yearBack, one)).toMatchObject({ a: 2, b: 'y' });
  });

  it('lets a change win over what its writer had seen, though the clock was set back a year', () => {
    const now = Date.parse('2026-05-01T00:00:00.000Z');
    const first = touch<Note>({ a: 1, changedAt: T0 }, { a: 2, changedAt: T0 }, now);
    const second = touch(first, { ...first, a: 3 }, now - 365 * 86_400_000);
    expect(mergeFields(first, second).a).toBe(3);
    expect(second.stamps?.a).toBe(now + 1);
  });

  it('does not bring back a field that was taken out', () => {
    const before = { ...DEFAULT_SETTINGS, bikeRules: { 'name quay': 'b1' } };
    const without = stampChange(
      { settings: { ...before, bikeRules: {} } },
      { settings: before, garage: TEST_GARAGE, log: {} },
      5000,
    ).settings!;
    expect(mergeSettings(without, before).bikeRules).toEqual({});
    expect(mergeSettings(before, without).bikeRules).toEqual({});
  });

  it('brings stamps of the future down to now and touches no others', () => {
    const record: Note = { a: 1, b: 'x', changedAt: T0, stamps: { a: 9e12, b: 5 } };
    expect(capStamps(record, 1e12).stamps).toEqual({ a: 1e12, b: 5 });
    const past: Note = { a: 1, changedAt: T0 };
    expect(capStamps(past, Date.parse(T0))).toBe(past);
  });

  it('stamps a count and its moment together', () => {
    const bottle = productOf({ left: 50, leftAt: T0 });
    const next = touch(bottle, { ...bottle, leftAt: '2026-05-01T00:00:00.000Z' }, 7);
    expect(Object.keys(next.stamps ?? {}).sort()).toEqual(['left', 'leftAt']);
  });

  it('takes of a form only what was changed in it', () => {
    const opened: Note = { a: 1, b: 'x', changedAt: T0 };
    const meanwhile: Note = { a: 1, b: 'y', changedAt: T0, stamps: { b: 9 } };
    expect(editOf(meanwhile, opened, { ...opened, a: 5 })).toEqual({ ...meanwhile, a: 5 });
  });
});

describe('settings as fields', () => {
  it('are the same settings again, dotted keys and all', () => {
    const settings = {
      ...DEFAULT_SETTINGS,
      bikeRules: { 'device: a.b, name plan.calendar.x': 'b1', constructor: 'b2' },
      plan: { ...DEFAULT_SETTINGS.plan, otherDays: { '2026-12-24': 0 }, calendar: { c1: 3 } },
    };
    expect(nestSettings(flattenSettings(settings))).toEqual(settings);
  });

  it('changed in two tabs are both kept, deep within a group too', () => {
    const logbook = { settings: DEFAULT_SETTINGS, garage: TEST_GARAGE, log: {} };
    const { plan } = DEFAULT_SETTINGS;
    const tab = (part: Partial<typeof DEFAULT_SETTINGS>, now: number) =>
      applyChange(
        logbook,
        stampChange({ settings: { ...DEFAULT_SETTINGS, ...part } }, logbook, now),
      );
    const one = tab({ plan: { ...plan, hourPrice: 20 } }, 100);
    const two = tab({ plan: { ...plan, chainPrice: 45 }, units: 'imperial' }, 100);
    for (const merged of [mergeLogbooks(one, two), mergeLogbooks(two, one)])
      expect(merged.settings).toMatchObject({
        units: 'imperial',
        plan: { hourPrice: 20, chainPrice: 45 },
      });
  });
});

describe('a change', () => {
  const logbook = { settings: DEFAULT_SETTINGS, garage: TEST_GARAGE, log: {} };

  it('that changes nothing is none', () => {
    const bike = TEST_GARAGE.bikes.b1!;
    const change = stampChange(
      { bikes: [{ ...bike, changedAt: '2027-01-01T00:00:00.000Z' }], settings: DEFAULT_SETTINGS },
      logbook,
      100,
    );
    expect(change).toEqual({});
  });

  it('dates a correction after all that correct the same, with a clock set back', () => {
    const [ride] = ridesOf([20]);
    const amend = (recordedAt: string, distanceKm: number, id: string) => ({
      type: 'eventAmended' as const,
      id,
      at: recordedAt,
      zone: 'UTC',
      recordedAt,
      target: ride!.id,
      replacement: { ...ride!, distanceKm },
    });
    const first = amend('2027-01-01T00:00:00.000Z', 30, 'z');
    const log = applyChange(logbook, { events: [ride!, first] }).log;
    const change = stampChange(
      { events: [amend('2026-01-01T00:00:00.000Z', 40, 'a')] },
      { ...logbook, log },
      100,
    );
    expect(change.events?.[0]?.recordedAt).toBe('2027-01-01T00:00:00.001Z');
  });
});
