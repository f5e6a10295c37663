import { IMPERIAL } from '@/core/units/convert';
import { DEFAULT_SETTINGS } from '@/core/settings/defaults';
import { TEST_GARAGE } from '@/test/arbitraries';
import { ridesOf } from '@/test/events';
import { addEvents } from '../chunks';
import { readGarage, readSettings, soundLogbook } from '../reading';
import { CURRENT_VERSION } from '../versions';

const logbook = { settings: DEFAULT_SETTINGS, garage: TEST_GARAGE, log: {} };

describe('what no schema would read back', () => {
  it('is kept out of storage, and the rest let in', () => {
    const name = 'n'.repeat(216);
    const mapping = {
      start: name,
      time: null,
      distance: 'km',
      unit: 'km' as const,
      duration: null,
      durationUnit: 'h' as const,
      clock: 'h:mm' as const,
      elapsed: null,
      climbUnit: 'm' as const,
      decimal: 'either' as const,
      climb: null,
      name: null,
      gear: null,
      sport: null,
      dayOrder: 'day first' as const,
    };
    const settings = {
      ...DEFAULT_SETTINGS,
      units: IMPERIAL,
      csvMappings: { 'a,b': mapping },
    };
    const bikes = { ...TEST_GARAGE.bikes, b2: { ...TEST_GARAGE.bikes.b2!, speeds: 99 } };
    const page = {
      settings,
      garage: { ...TEST_GARAGE, bikes },
      log: addEvents({}, ridesOf([20, -3])),
    };
    const { logbook: sound, refused } = soundLogbook(page, logbook);
    expect(refused.map((r) => r.place)).toEqual([
      'bikes/b2',
      'csvMappings.a,b',
      'rideLogged 2026-05-02T08:00:00.000Z',
    ]);
    expect(sound.settings).toMatchObject({ units: IMPERIAL, csvMappings: {} });
    expect(sound.garage.bikes.b2).toBe(TEST_GARAGE.bikes.b2);
    expect(sound.log['2026-05']).toHaveLength(1);
  });

  it('is nothing in a sound logbook, which stays the same one', () => {
    expect(soundLogbook(logbook, logbook)).toEqual({ logbook, refused: [] });
    expect(soundLogbook(logbook, logbook).logbook).toBe(logbook);
  });
});

describe('reading what is damaged', () => {
  it('costs one bike, not the garage', () => {
    const bikes = { ...TEST_GARAGE.bikes, b2: { id: 'b2' } };
    const read = readGarage({ ...TEST_GARAGE, bikes }, CURRENT_VERSION);
    expect(Object.keys(read?.garage.bikes ?? {})).toEqual(['b1']);
    expect(read?.refused.map((r) => r.place)).toEqual(['bikes/b2']);
  });

  it('costs one setting, which takes its usual value as old as can be', () => {
    const { plan } = DEFAULT_SETTINGS;
    const read = readSettings(
      { ...DEFAULT_SETTINGS, units: IMPERIAL, plan: { ...plan, hourPrice: 'dear' } },
      CURRENT_VERSION,
    );
    expect(read?.settings).toMatchObject({
      units: IMPERIAL,
      plan: { hourPrice: plan.hourPrice },
    });
    expect(read?.settings.stamps).toEqual({ 'plan.hourPrice': 0 });
    expect(read?.refused.map((r) => r.place)).toEqual(['plan.hourPrice']);
  });

  it('costs a kind that is no list of records, and keeps the rest', () => {
    const read = readGarage({ ...TEST_GARAGE, chains: 'none' }, CURRENT_VERSION)!;
    expect(read.refused).toEqual([{ place: 'chains', raw: 'none' }]);
    expect(read.garage).toEqual({ ...TEST_GARAGE, chains: {} });
  });

  it('costs a group of settings that is none, and gives its settings their usual values', () => {
    const read = readSettings({ ...DEFAULT_SETTINGS, plan: 7, units: IMPERIAL }, CURRENT_VERSION)!;
    expect(read.refused).toEqual([{ place: 'plan', raw: 7 }]);
    expect(read.settings).toMatchObject({ units: IMPERIAL, plan: DEFAULT_SETTINGS.plan });
    expect(read.missing).toBeGreaterThan(5);
  });

  it('keeps an event that was sound, and takes only the bad one out of its month', () => {
    const [good, bad, late] = ridesOf([20, -3, 40]);
    const log = addEvents({}, [good!, bad!, late!]);
    const read = soundLogbook({ ...logbook, log }, { ...logbook, log: addEvents({}, [good!]) });
    expect(read.logbook.log['2026-05']).toEqual([good, late]);
    expect(read.refused.map((r) => r.raw)).toEqual([bad]);
    // What storage holds already is not looked at again.
    expect(soundLogbook({ ...logbook, log }, { ...logbook, log }).refused).toEqual([]);
  });

  it('leaves out a new record that is not sound', () => {
    const bikes = { ...TEST_GARAGE.bikes, b9: { ...TEST_GARAGE.bikes.b1!, id: 'b9', speeds: 99 } };
    const read = soundLogbook({ ...logbook, garage: { ...TEST_GARAGE, bikes } }, logbook);
    expect(read.logbook.garage).toEqual(TEST_GARAGE);
    expect(read.refused.map((r) => r.place)).toEqual(['bikes/b9']);
  });

  it('takes no record under a name that every object has', () => {
    const raw = JSON.parse(
      `{"bikes":{"__proto__":${JSON.stringify({ ...TEST_GARAGE.bikes.b1, id: '__proto__' })}}}`,
    ) as unknown;
    expect(readGarage(raw, CURRENT_VERSION)?.refused).toHaveLength(1);
    expect(({} as Record<string, unknown>).rings).toBeUndefined();
  });
});
