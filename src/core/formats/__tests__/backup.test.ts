import { readFileSync } from 'node:fs';
import path from 'node:path';
import fc from 'fast-check';
import { demoLogbook } from '@/core/demo';
import {
  addEvents,
  allEvents,
  CURRENT_VERSION,
  mergeLogbooks,
  NOT_RECORDED,
  type Logbook,
} from '@/core/logbook';
import { EMPTY_GARAGE } from '@/core/garage';
import { say } from '@/core/messages';
import { DEFAULT_PLAN } from '@/core/plan/schema';
import { DEFAULT_SETTINGS } from '@/core/settings';
import { logbookEvents, TEST_GARAGE } from '@/test/arbitraries';
import { previewRestore, readBackup, writeBackup } from '..';

const EMPTY: Logbook = {
  garage: EMPTY_GARAGE,
  settings: DEFAULT_SETTINGS,
  log: {},
};
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
        const read = readBackup(writeBackup(logbook, ''));
        expect(read.ok && mergeLogbooks(EMPTY, read.value)).toEqual(logbook);
      }),
    );
  });

  it('restored twice changes nothing more, and into its own logbook nothing at all', () => {
    const read = readBackup(text);
    if (!read.ok) throw new Error(say(read.problem));
    const once = mergeLogbooks(EMPTY, read.value);
    expect(mergeLogbooks(once, read.value)).toEqual(once);
    expect(previewRestore(demo, read.value)).toMatchObject({
      events: { added: 0 },
      bikes: { added: 0, replaced: 0, kept: 3 },
      settings: 'kept',
    });
  });

  it('is previewed as it will be done', () => {
    const read = readBackup(text);
    if (!read.ok) throw new Error(say(read.problem));
    const count = allEvents(read.value.log).length;
    const preview = previewRestore(EMPTY, read.value);
    expect(preview.events).toEqual({ added: count, kept: 0 });
    expect(preview.chains).toEqual({ added: 4, replaced: 0, kept: 0 });
    expect(preview.settings).toBe('replaced');
    const older = {
      ...EMPTY,
      garage: { ...EMPTY_GARAGE, bikes: { ...demo.garage.bikes } },
    };
    const [id, bike] = Object.entries(older.garage.bikes)[0]!;
    older.garage.bikes[id] = { ...bike, name: 'Old name', changedAt: '2020-01-01T00:00:00.000Z' };
    expect(previewRestore(older, read.value).bikes).toEqual({ added: 0, replaced: 1, kept: 2 });
    expect(mergeLogbooks(older, read.value).garage.bikes[id]?.name).toBe(bike.name);
  });

  it.each([
    ['', 'backup/not-json'],
    ['{', 'backup/not-json'],
    [text.slice(0, text.length / 2), 'backup/not-json'],
    ['null', 'backup/foreign'],
    ['[]', 'backup/foreign'],
    ['{"format":"something-else"}', 'backup/foreign'],
    ['{"format":"dapper-spoke-logbook"}', 'backup/damaged'],
    [text.replace(`"version": ${CURRENT_VERSION}`, '"version": 99'), 'backup/newer'],
    [text.replace('"distanceKm": ', '"distanceKm": -'), 'backup/damaged'],
    [text.replace('"weather": "', '"weather": "x'), 'backup/damaged'],
  ])('that is damaged, foreign or newer is refused with a sentence (%#)', (bad, code) => {
    const read = readBackup(bad);
    expect(read).toMatchObject({ ok: false, problem: { code } });
    if (!read.ok) expect(say(read.problem)).toMatch(/Nothing was changed\./);
  });

  it('never throws, whatever is done to the file', () => {
    fc.assert(
      fc.property(fc.nat(text.length), fc.nat(40), fc.string({ maxLength: 8 }), (at, cut, put) => {
        const mutated = text.slice(0, at) + put + text.slice(at + cut);
        expect(typeof readBackup(mutated).ok).toBe('boolean');
      }),
    );
  });

  /** What a frozen fixture of an old version holds today. */
  const opened = (fixture: string) => {
    const file = path.join(__dirname, '../../logbook/__fixtures__', fixture);
    const read = readBackup(readFileSync(file, 'utf8'));
    if (!read.ok) throw new Error(say(read.problem));
    expect(Object.keys(read.value.garage.bikes)).toHaveLength(1);
    expect(read.value.settings).toMatchObject({ weatherSource: 'none', recorder: false });
    return allEvents(read.value.log);
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
    const read = readBackup(readFileSync(file, 'utf8'));
    if (!read.ok) throw new Error(say(read.problem));
    const { garage, settings, log } = read.value;
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
    const read = readBackup(readFileSync(file, 'utf8'));
    if (!read.ok) throw new Error(say(read.problem));
    const { garage, settings, log } = read.value;
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
    const read = readBackup(readFileSync(file, 'utf8'));
    if (!read.ok) throw new Error(say(read.problem));
    const { garage, settings, log } = read.value;
    expect(garage).toMatchObject({ planned: {}, planMarks: {} });
    expect(garage.products['demo-wet']).toMatchObject({ setHours: 3, shake: true, leastC: 5 });
    expect(settings.plan).toEqual(DEFAULT_PLAN);
    expect(settings.workshop.tools).toEqual(['stand', 'scrubber']);
    const work = allEvents(log).flatMap((e) => (e.type === 'workDone' ? [e] : []));
    expect(work[0]).toMatchObject({ depth: 'top-up', swatches: [3, 2] });
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
