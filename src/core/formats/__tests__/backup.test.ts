import { readFileSync } from 'node:fs';
import path from 'node:path';
import fc from 'fast-check';
import { demoLogbook } from '@/core/demo/scenario';
import { addEvents, allEvents } from '@/core/logbook/chunks';
import { mergeLogbooks, type Logbook } from '@/core/logbook/logbook';
import { NOT_RECORDED } from '@/core/logbook/events';
import { CURRENT_VERSION } from '@/core/logbook/versions';
import { EMPTY_GARAGE } from '@/core/garage/empty';
import { say } from '@/core/words/problems';
import { DEFAULT_PLAN } from '@/core/settings/planDefaults';
import { DEFAULT_SETTINGS } from '@/core/settings/defaults';
import { logbookEvents, TEST_GARAGE } from '@/test/arbitraries';
import * as validation from '@/core/validation/validate';
import { METRIC } from '@/core/units/convert';
import { previewRestore } from '../restorePreview';
import { readBackup as read, writeBackup } from '../backup';

const readBackup = (text: string, now: number) => read(text, now, validation);

const EMPTY: Logbook = {
  garage: EMPTY_GARAGE,
  settings: DEFAULT_SETTINGS,
  log: {},
};
const NOW = Date.parse('2026-11-26T12:00:00.000Z');
const demo = demoLogbook(Date.parse('2026-05-10T12:00:00.000Z'), 'Europe/London');
const text = writeBackup(demo, '2026-05-10T12:00:00.000Z');

describe('a backup', () => {
  it('restored is the logbook that was exported', () => {
    fc.assert(
      fc.property(logbookEvents, (events) => {
        const logbook: Logbook = {
          garage: TEST_GARAGE,
          settings: demo.settings,
          log: addEvents({}, events),
        };
        const read = readBackup(writeBackup(logbook, ''), NOW);
        expect(read.ok && mergeLogbooks(EMPTY, read.value.logbook)).toEqual(logbook);
      }),
    );
  });

  it('restored twice changes nothing more, and into its own logbook nothing at all', () => {
    const read = readBackup(text, NOW);
    if (!read.ok) throw new Error(say(read.problem, METRIC));
    const once = mergeLogbooks(EMPTY, read.value.logbook);
    expect(mergeLogbooks(once, read.value.logbook)).toEqual(once);
    expect(previewRestore(demo, read.value.logbook)).toMatchObject({
      events: { added: 0 },
      records: [
        { kind: 'bikes', added: 0, kept: 3, changed: [] },
        { kind: 'chains', added: 0, kept: 4, changed: [] },
        { kind: 'parts', added: 0, kept: 5, changed: [] },
        { kind: 'products' },
        { kind: 'planned' },
        { kind: 'trials', added: 0, kept: 2, changed: [] },
      ],
      settings: [],
    });
  });

  it('is previewed as it will be done', () => {
    const read = readBackup(text, NOW);
    if (!read.ok) throw new Error(say(read.problem, METRIC));
    const count = allEvents(read.value.logbook.log).length;
    const preview = previewRestore(EMPTY, read.value.logbook);
    expect(preview.events).toEqual({ added: count, kept: 0 });
    expect(preview.records[1]).toEqual({ kind: 'chains', added: 4, kept: 0, changed: [] });
    expect(preview.settings).toContainEqual({
      field: 'weatherSource',
      was: 'none',
      becomes: 'service',
    });
    const older = {
      ...EMPTY,
      garage: { ...EMPTY_GARAGE, bikes: { ...demo.garage.bikes } },
    };
    const [id, bike] = Object.entries(older.garage.bikes)[0]!;
    older.garage.bikes[id] = { ...bike, name: 'Old name', changedAt: '2020-01-01T00:00:00.000Z' };
    expect(previewRestore(older, read.value.logbook).records[0]).toEqual({
      kind: 'bikes',
      added: 0,
      kept: 2,
      changed: [
        { id, name: 'Old name', fields: [{ field: 'name', was: 'Old name', becomes: bike.name }] },
      ],
    });
    expect(mergeLogbooks(older, read.value.logbook).garage.bikes[id]?.name).toBe(bike.name);
  });

  it.each([
    ['', 'backup/not-json'],
    ['{', 'backup/not-json'],
    ['null', 'backup/foreign'],
    ['[]', 'backup/foreign'],
    ['{"format":"something-else"}', 'backup/foreign'],
    ['{"format":"dapper-spoke-logbook"}', 'backup/damaged'],
    [text.replace(`"version": ${CURRENT_VERSION}`, '"version": 99'), 'backup/newer'],
  ])('that is damaged, foreign or newer is refused with a sentence (%#)', (bad, code) => {
    const read = readBackup(bad, NOW);
    expect(read).toMatchObject({ ok: false, problem: { code } });
    if (!read.ok) expect(say(read.problem, METRIC)).toMatch(/Nothing was changed\./);
  });

  it('is refused in parts, not as a whole', () => {
    const count = allEvents(demo.log).length;
    const bad = readBackup(text.replace('"weather": "', '"weather": "x'), NOW);
    if (!bad.ok) throw new Error(say(bad.problem, METRIC));
    expect(allEvents(bad.value.logbook.log)).toHaveLength(count - 1);
    expect(bad.value.refused).toHaveLength(1);
    expect(bad.value.refused[0]?.place).toMatch(/^events\[\d+\]$/);
    expect(bad.value.altered).toBe(true);
  });

  it('cut off in the middle gives what lies before the cut', () => {
    const cut = readBackup(text.slice(0, Math.floor(text.length * 0.7)), NOW);
    if (!cut.ok) throw new Error(say(cut.problem, METRIC));
    expect(cut.value.logbook.garage).toEqual(demo.garage);
    expect(cut.value.logbook.settings).toEqual(demo.settings);
    const kept = allEvents(cut.value.logbook.log).length / allEvents(demo.log).length;
    expect(kept).toBeGreaterThan(0.5);
    expect(cut.value.altered).toBe(true);
  });

  it('says when one figure was changed by hand, and when nothing was', () => {
    const altered = (file: string) => {
      const read = readBackup(file, NOW);
      return read.ok && read.value.altered;
    };
    expect(altered(text)).toBe(false);
    expect(altered(text.replace(/"distanceKm": \d/, '"distanceKm": 9'))).toBe(true);
    // Laid out anew by another program it is the same backup.
    expect(altered(JSON.stringify(JSON.parse(text)))).toBe(false);
  });

  it('counts stamps of the future as of now, and says how many', () => {
    const [id = '', bike] = Object.entries(demo.garage.bikes)[0] ?? [];
    const future = { ...bike!, name: 'Ahead', stamps: { name: NOW + 1e9 } };
    const ahead = { ...demo, garage: { ...demo.garage, bikes: { [id]: future } } };
    const read = readBackup(writeBackup(ahead, ''), NOW);
    if (!read.ok) throw new Error(say(read.problem, METRIC));
    expect(read.value.capped).toBe(1);
    expect(read.value.logbook.garage.bikes[id]?.stamps).toEqual({ name: NOW });
  });

  it('takes signs that turn writing around out of names, and says how many', () => {
    const [id = '', bike] = Object.entries(demo.garage.bikes)[0] ?? [];
    const sly = { ...bike!, name: 'Quay \u202etfarc' };
    const read = readBackup(
      writeBackup({ ...demo, garage: { ...demo.garage, bikes: { [id]: sly } } }, ''),
      NOW,
    );
    if (!read.ok) throw new Error(say(read.problem, METRIC));
    expect(read.value.cleaned).toBe(1);
    expect(read.value.logbook.garage.bikes[id]?.name).toBe('Quay tfarc');
  });

  it('takes one id for one event, whatever month a second one claims', () => {
    const [event] = allEvents(demo.log);
    const twin = { ...event!, at: '2026-05-01T08:00:00.000Z' };
    const file = JSON.parse(text) as { events: unknown[] };
    file.events.push(twin);
    const read = readBackup(JSON.stringify(file), NOW);
    if (!read.ok) throw new Error(say(read.problem, METRIC));
    const ids = allEvents(read.value.logbook.log).map((e) => e.id);
    expect(new Set(ids).size).toBe(ids.length);
    expect(read.value.refused).toHaveLength(1);
  });

  it('never throws, whatever is done to the file', () => {
    const small = readFileSync(
      path.join(__dirname, '../../logbook/__fixtures__/logbook.v6.json'),
      'utf8',
    );
    fc.assert(
      fc.property(fc.nat(small.length), fc.nat(40), fc.string({ maxLength: 8 }), (at, cut, put) => {
        const mutated = small.slice(0, at) + put + small.slice(at + cut);
        expect(typeof readBackup(mutated, NOW).ok).toBe('boolean');
      }),
    );
  });

  /** What a frozen fixture of an old version holds today. */
  const opened = (fixture: string) => {
    const file = path.join(__dirname, '../../logbook/__fixtures__', fixture);
    const read = readBackup(readFileSync(file, 'utf8'), NOW);
    if (!read.ok) throw new Error(say(read.problem, METRIC));
    expect(Object.keys(read.value.logbook.garage.bikes)).toHaveLength(1);
    expect(read.value.logbook.settings).toMatchObject({ weatherSource: 'none', recorder: false });
    return allEvents(read.value.logbook.log);
  };
  const V1 = [
    'chainFitted',
    'rideLogged',
    'workDone',
    'eventStruck',
    'eventAmended',
    'gotWet',
    'ragChecked',
    'soundHeard',
    'wearRead',
    'chainRemoved',
  ];

  it('of version 1 still opens: the frozen fixture gives today’s logbook', () => {
    expect(opened('logbook.v1.json').map((e) => e.type)).toEqual(V1);
  });

  it('of version 3 still opens: its weather, sources and ways are kept, the shelf is empty', () => {
    const file = path.join(__dirname, '../../logbook/__fixtures__/logbook.v3.json');
    const read = readBackup(readFileSync(file, 'utf8'), NOW);
    if (!read.ok) throw new Error(say(read.problem, METRIC));
    const { garage, settings, log } = read.value.logbook;
    expect(garage.products).toEqual({});
    expect(settings).toMatchObject({
      weatherSource: 'file',
      recorder: true,
      bikeRules: { 'name commute': '01BIKE' },
      choice: DEFAULT_SETTINGS.choice,
      schools: DEFAULT_SETTINGS.schools,
      dropsPerMl: DEFAULT_SETTINGS.dropsPerMl,
    });
    const events = allEvents(log);
    expect(events.filter((e) => e.type === 'weatherSeen')).toHaveLength(1);
    for (const event of events) if (event.type === 'workDone') expect(event.used).toEqual([]);
  });

  it('of version 4 still opens: its bottles tell nothing more of their labels than they did', () => {
    const file = path.join(__dirname, '../../logbook/__fixtures__/logbook.v4.json');
    const read = readBackup(readFileSync(file, 'utf8'), NOW);
    if (!read.ok) throw new Error(say(read.problem, METRIC));
    const { garage, settings, log } = read.value.logbook;
    expect(garage.products['demo-wet']).toMatchObject({
      lifeKm: 450,
      setHours: null,
      shake: false,
      leastC: null,
    });
    expect(settings.choice).toMatchObject({ minutesPerWeek: null, leadHours: null });
    const used = allEvents(log).flatMap((e) => (e.type === 'workDone' ? e.used : []));
    expect(used).toEqual([{ productId: 'demo-wet', amount: 4.6 }]);
  });

  it('of version 5 still opens: labels and workshop are kept, nothing is planned yet', () => {
    const file = path.join(__dirname, '../../logbook/__fixtures__/logbook.v5.json');
    const read = readBackup(readFileSync(file, 'utf8'), NOW);
    if (!read.ok) throw new Error(say(read.problem, METRIC));
    const { garage, settings, log } = read.value.logbook;
    expect(garage).toMatchObject({ planned: {}, planMarks: {} });
    expect(garage.products['demo-wet']).toMatchObject({ setHours: 3, shake: true, leastC: 5 });
    expect(settings.plan).toEqual(DEFAULT_PLAN);
    expect(settings.workshop.tools).toEqual(['stand', 'scrubber']);
    const work = allEvents(log).flatMap((e) => (e.type === 'workDone' ? [e] : []));
    expect(work[0]).toMatchObject({ depth: 'top-up', swatches: [3, 2] });
  });

  it('of version 6 still opens: what is planned is kept, every field as old as its record', () => {
    const file = path.join(__dirname, '../../logbook/__fixtures__/logbook.v6.json');
    const read = readBackup(readFileSync(file, 'utf8'), NOW);
    if (!read.ok) throw new Error(say(read.problem, METRIC));
    const { garage, settings } = read.value.logbook;
    expect(garage.planned['01PLANNED']).toMatchObject({ distanceKm: 45, except: ['2026-12-26'] });
    expect(garage.planMarks['01MARK']).toMatchObject({ kind: 'leave' });
    expect(settings.plan).toMatchObject({ hourPrice: 15, otherDays: { '2026-12-24': 0 } });
    expect(settings.stamps).toBeUndefined();
    expect(read.value).toMatchObject({ refused: [], altered: false, capped: 0, cleaned: 0 });
  });

  it('of version 2 still opens, its rides without a way, amended ones too', () => {
    const events = opened('logbook.v2.json');
    expect(events).toHaveLength(V1.length + 2);
    const rides = events.flatMap((e) =>
      e.type === 'rideLogged' ? [e] : e.type === 'eventAmended' ? [e.replacement] : [],
    );
    expect(rides.some((r) => r.type === 'rideLogged' && r.weather === 'unknown')).toBe(true);
    for (const ride of rides)
      if (ride.type === 'rideLogged') expect(ride).toMatchObject(NOT_RECORDED);
  });
});
