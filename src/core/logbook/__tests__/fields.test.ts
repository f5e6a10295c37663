import { IMPERIAL } from '@/core/units/convert';
import fc from 'fast-check';
import { DEFAULT_SETTINGS } from '@/core/settings/defaults';
import { flattenSettings, mergeSettings, nestSettings } from '@/core/logbook/settingsFields';
import { productOf } from '@/test/products';
import { capStamps, editOf, mergeFields, mergeRecords, touch, type Stamped } from '../fields';
import { mergeLogbooks } from '../logbook';
import { applyChange, changeBetween, stampChange } from '../change';
import { RECORD_KINDS } from '@/core/records/kinds';
import { TEST_GARAGE } from '@/test/arbitraries';
import { ridesOf } from '@/test/events';
import { weatherSeen } from '@/test/weather';
import { cellOf } from '@/core/weather/cells';
import { allEvents } from '../chunks';
import { cases } from '@/test/cases';

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
      { numRuns: cases(500), seed: 10 },
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

describe('a merged record', () => {
  it('has of each field the value written later, of one moment the greater text', () => {
    fc.assert(
      fc.property(note, note, (a, b) => {
        const merged = mergeFields(a, b);
        if (merged !== a)
          expect(merged.changedAt).toBe(a.changedAt > b.changedAt ? a.changedAt : b.changedAt);
        for (const f of ['a', 'b', 'c'] as const) {
          const [[, [va, sa]], [, [vb, sb]]] = [a, b].map((r) => [f, meaning(r)[f]]) as [
            [string, [unknown, number]],
            [string, [unknown, number]],
          ];
          const texts = [va, vb].map((v) => JSON.stringify(v) ?? '') as [string, string];
          const isTheirs = sb > sa || (sb === sa && texts[1] > texts[0]);
          expect(merged[f]).toEqual(isTheirs ? vb : va);
          expect(meaning(merged)[f]![1]).toBe(Math.max(sa, sb));
        }
      }),
      { numRuns: cases(500), seed: 12 },
    );
  });

  it('carries no stamps that its own moment tells', () => {
    const later = '2026-02-01T00:00:00.000Z';
    const a: Note = { a: 1, changedAt: T0 };
    expect(mergeFields(a, { a: 2, changedAt: later })).toEqual({ a: 2, changedAt: later });
    expect(mergeFields({ b: 'x', changedAt: later }, a)).toEqual({
      a: 1,
      b: 'x',
      changedAt: later,
      stamps: { a: Date.parse(T0) },
    });
  });

  it('is ours itself where theirs adds nothing, and all of a stranger', () => {
    const a: Note = { a: 1, changedAt: T0 };
    const b: Note = { a: 2, changedAt: '2026-02-01T00:00:00.000Z' };
    const ours = { a, b };
    expect(mergeRecords(ours, { a: { ...a } })).toBe(ours);
    expect(mergeRecords(ours, {})).toBe(ours);
    expect(mergeRecords(ours, { a: b, c: a })).toEqual({ a: b, b, c: a });
    expect(Object.keys(mergeRecords<Note>({}, JSON.parse('{"toString":{"a":1}}')))).toEqual([
      'toString',
    ]);
  });

  it('whose own moment lies in the future is brought down to now', () => {
    const now = Date.parse(T0);
    const late: Note = { a: 1, changedAt: '2030-01-01T00:00:00.000Z' };
    expect(capStamps(late, now)).toEqual({ a: 1, changedAt: T0 });
    const stamped: Note = { a: 1, changedAt: T0, stamps: { a: now, b: now + 1 } };
    expect(capStamps(stamped, now)).toEqual({ a: 1, changedAt: T0, stamps: { a: now, b: now } });
    const sound: Note = { a: 1, changedAt: T0, stamps: { a: now } };
    expect(capStamps(sound, now)).toBe(sound);
  });

  it('is touched field by field: an own stamp each, above the one replaced', () => {
    const record: Note = { a: 1, b: 'x', changedAt: T0, stamps: { b: 90 } };
    expect(touch(record, { ...record, b: 'x' }, 100)).toBe(record);
    expect(touch(record, { ...record, b: 'y' }, 80)).toEqual({
      a: 1,
      b: 'y',
      changedAt: T0,
      stamps: { b: 91 },
    });
    expect(touch(record, { a: 1, changedAt: 'later' }, 100)).toEqual({
      a: 1,
      changedAt: T0,
      stamps: { b: 100 },
    });
    const bottle = productOf({ left: 50, leftAt: T0 });
    expect(Object.keys(touch(bottle, { ...bottle, name: 'other' }, 7).stamps ?? {})).toEqual([
      'name',
    ]);
  });

  it('is edited by what a form changed, a field taken out left as it is', () => {
    const opened: Note = { a: 1, b: 'x', changedAt: T0 };
    expect(editOf(opened, opened, { b: 'z', changedAt: T0 })).toEqual({
      a: 1,
      b: 'z',
      changedAt: T0,
    });
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
    const two = tab({ plan: { ...plan, chainPrice: 45 }, units: IMPERIAL }, 100);
    for (const merged of [mergeLogbooks(one, two), mergeLogbooks(two, one)])
      expect(merged.settings).toMatchObject({
        units: IMPERIAL,
        plan: { hourPrice: 20, chainPrice: 45 },
      });
  });

  it('of units are kept each: one device changes the clock, another the distances', () => {
    const logbook = { settings: DEFAULT_SETTINGS, garage: TEST_GARAGE, log: {} };
    const { units } = DEFAULT_SETTINGS;
    const device = (part: Partial<typeof units>) =>
      applyChange(
        logbook,
        stampChange(
          { settings: { ...DEFAULT_SETTINGS, units: { ...units, ...part } } },
          logbook,
          100,
        ),
      );
    const [one, two] = [device({ clock: '12' }), device({ distance: 'mi' })];
    for (const merged of [mergeLogbooks(one, two), mergeLogbooks(two, one)])
      expect(merged.settings.units).toEqual({ ...units, clock: '12', distance: 'mi' });
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

  it('leaves what was recorded later than all before it as it was dated', () => {
    const [one, two] = ridesOf([20, 30]);
    const strike = (target: string, recordedAt: string) => ({
      type: 'eventStruck' as const,
      id: `s ${target}`,
      at: recordedAt,
      zone: 'UTC',
      recordedAt,
      target,
    });
    const log = applyChange(logbook, {
      events: [one!, two!, strike(one!.id, '2027-01-01T00:00:00.000Z')],
    }).log;
    const dates = stampChange(
      {
        events: [
          strike(two!.id, '2026-06-01T00:00:00.000Z'),
          { ...strike(one!.id, '2027-01-01T00:00:00.000Z'), id: 'same moment' },
          { ...strike(one!.id, '2027-01-01T00:00:00.002Z'), id: 'later' },
          one!,
        ],
      },
      { ...logbook, log },
      100,
    ).events?.map((e) => e.recordedAt);
    expect(dates).toEqual([
      '2026-06-01T00:00:00.000Z',
      '2027-01-01T00:00:00.001Z',
      '2027-01-01T00:00:00.002Z',
      one!.recordedAt,
    ]);
  });

  it('dates a report of the weather after all of its day and square, and no other', () => {
    const cell = cellOf(54.2, -2.9);
    const seen = (day: string, recordedAt: string) =>
      weatherSeen(cell, day, undefined, { id: `${day} ${recordedAt}`, recordedAt });
    const late = '2027-01-01T00:00:00.000Z';
    const { log } = applyChange(logbook, { events: [seen('2026-05-01', late)] });
    const events = [seen('2026-05-01', T0), seen('2026-05-02', T0)];
    const dates = stampChange({ events }, { ...logbook, log }, 5).events?.map((e) => e.recordedAt);
    expect(dates).toEqual(['2027-01-01T00:00:00.001Z', T0]);
  });

  it('of a record nobody had before is of now, its old stamps gone', () => {
    const bike = { ...TEST_GARAGE.bikes.b1!, id: 'new', stamps: { name: 9e12 } };
    const { bikes, chains } = stampChange({ bikes: [bike], chains: [] }, logbook, 100);
    expect(bikes).toEqual([
      { ...TEST_GARAGE.bikes.b1!, id: 'new', changedAt: '1970-01-01T00:00:00.100Z' },
    ]);
    expect(chains).toBeUndefined();
  });

  it('that is made touches only what it names, and is found again between before and after', () => {
    const bike = { ...TEST_GARAGE.bikes.b1!, name: 'other' };
    const events = ridesOf([20]);
    const after = applyChange(logbook, { bikes: [bike], events });
    expect(after.garage.bikes).toEqual({ ...TEST_GARAGE.bikes, b1: bike });
    expect(after.garage.chains).toBe(TEST_GARAGE.chains);
    expect(after.settings).toBe(logbook.settings);
    expect(applyChange(logbook, {}).garage).toBe(TEST_GARAGE);
    const none = { chains: [], parts: [], products: [], planned: [], planMarks: [], trials: [] };
    expect(changeBetween(logbook, after, events)).toEqual({ ...none, bikes: [bike], events });
    const units = { ...DEFAULT_SETTINGS, units: IMPERIAL };
    expect(changeBetween(logbook, applyChange(logbook, { settings: units }), [])).toEqual({
      ...none,
      bikes: [],
      events: [],
      settings: units,
    });
  });

  it('merges only what differs: every kind of record, settings and log', () => {
    const theirs = applyChange(logbook, { events: ridesOf([20]) });
    const merged = mergeLogbooks(logbook, theirs);
    expect(merged.garage).toBe(logbook.garage);
    expect(allEvents(merged.log)).toEqual(ridesOf([20]));
    expect(mergeLogbooks(merged, logbook)).toBe(merged);
    // Each kind has a record that only one of them holds.
    const full = Object.fromEntries(
      RECORD_KINDS.map((kind) => [
        kind,
        { ...TEST_GARAGE[kind], new: { id: kind, changedAt: T0 } },
      ]),
    ) as unknown as typeof TEST_GARAGE;
    const other = { ...logbook, garage: full };
    for (const both of [mergeLogbooks(logbook, other), mergeLogbooks(other, logbook)])
      expect(both.garage).toEqual(full);
  });
});
