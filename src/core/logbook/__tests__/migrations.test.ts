import { IMPERIAL, METRIC } from '@/core/units/convert';
import { migrate } from '../migrate';
import { LOGBOOK_VERSIONS } from '../versions';

const from = (name: keyof typeof LOGBOOK_VERSIONS) => LOGBOOK_VERSIONS[name] - 1;

/** What a piece of a version becomes: only what the next version asked for is added, and nothing is overwritten. */
/** What version 13 added to bikes. */
const BIKE_MEASURES = { cogs: null, chainstayMm: null, chainlineMm: null };

describe('migrations', () => {
  it.each([
    [
      'a ride',
      { type: 'rideLogged' },
      { type: 'rideLogged', climbM: null, path: null, recorderId: null },
    ],
    [
      'a ride that knows its climb',
      { type: 'rideLogged', climbM: 300, path: null, recorderId: null },
      undefined,
    ],
    ['work', { type: 'workDone', depth: null, swatches: [], used: [] }, undefined],
    ['a note', { type: 'noteAdded' }, undefined],
    ['no object', 7, undefined],
    ['nothing', null, undefined],
    [
      'an amended ride',
      { type: 'eventAmended', replacement: { type: 'rideLogged', climbM: 5 } },
      {
        type: 'eventAmended',
        replacement: { type: 'rideLogged', climbM: 5, path: null, recorderId: null },
      },
    ],
    ['an amended ride, no object', { type: 'eventAmended', replacement: null }, undefined],
  ])('bring an event from before hourly weather: %s', (_, old, expected) => {
    expect(migrate('event', old, from('hourlyWeather'))).toEqual(expected ?? old);
  });

  it.each([
    ['before the shelf', from('shelf'), { depth: null, swatches: [], used: [] }],
    ['before the bench', from('learning'), { depth: null, swatches: [] }],
    ['of today', LOGBOOK_VERSIONS.learning, {}],
  ])('bring work from %s', (_, version, added) => {
    expect(migrate('event', { type: 'workDone' }, version)).toEqual({ type: 'workDone', ...added });
    expect(
      migrate('event', { type: 'eventAmended', replacement: { type: 'workDone' } }, version),
    ).toEqual({ type: 'eventAmended', replacement: { type: 'workDone', ...added } });
  });

  it('bring a garage to its shelf, labels and plan', () => {
    const garage = {
      bikes: { b: { id: 'b', wheel: 'thru axle' } },
      chains: { c: { id: 'c' }, d: 'no chain' },
    };
    expect(migrate('garage', garage, LOGBOOK_VERSIONS.start)).toEqual({
      bikes: {
        b: {
          id: 'b',
          wheel: 'thru axle',
          narrowWide: false,
          frame: 'gloss',
          chainCase: false,
          ...BIKE_MEASURES,
        },
      },
      chains: {
        c: { id: 'c', directional: false, price: null, openingsAllowed: null },
        d: 'no chain',
      },
      products: {},
      planned: {},
      planMarks: {},
      parts: {},
      trials: {},
    });
    expect(
      migrate('garage', { products: { p: { id: 'p', shake: true } } }, from('learning')),
    ).toEqual({
      bikes: {},
      chains: {},
      products: { p: { id: 'p', setHours: null, shake: true, leastC: null } },
      planned: {},
      planMarks: {},
      parts: {},
      trials: {},
    });
    expect(migrate('garage', { planned: { r: 1 } }, LOGBOOK_VERSIONS.stampedFields)).toEqual({
      planned: { r: 1 },
      bikes: {},
      chains: {},
      parts: {},
      trials: {},
    });
    expect(
      migrate('garage', { bikes: { b: { id: 'b' } } }, LOGBOOK_VERSIONS.stampedFields),
    ).toEqual({
      bikes: { b: { id: 'b', chainCase: false, ...BIKE_MEASURES } },
      chains: {},
      parts: {},
      trials: {},
    });
    expect(migrate('garage', { bikes: 'none' }, from('learning'))).toMatchObject({ bikes: 'none' });
    for (const none of [null, 'garage']) expect(migrate('garage', none, 1)).toBe(none);
  });

  it('bring settings to what was usual on their day, and keep what was set', () => {
    const settings = {
      units: 'imperial',
      choice: { habit: 'early', leadHours: 3 },
      schools: { amount: 'stream' },
    };
    expect(migrate('settings', settings, LOGBOOK_VERSIONS.start)).toEqual({
      units: IMPERIAL,
      weekStart: 1,
      keys: true,
      weatherSource: 'none',
      recorder: false,
      bikeRules: {},
      csvMappings: {},
      dropsPerMl: 25,
      money: { currency: null, watts: 200 },
      rounds: { off: [] },
      choice: { habit: 'early', leadHours: 3, minutesPerWeek: null },
      schools: { amount: 'stream', products: 'one', between: 'solvent', degreaser: 'label' },
      workshop: {
        tools: ['brushes'],
        water: 'bottle',
        outdoors: false,
        schools: {
          where: 'lower run',
          wipeAfter: 'by class',
          chainOff: 'deep only',
          washOrder: 'degreaser first',
          rotor: 'alcohol',
          pivots: 'a drop',
          newChain: 'by lube',
        },
      },
      plan: {
        minutes: [40, 40, 40, 40, 40, 90, 90],
        otherDays: {},
        benchTime: '18:00',
        days: 28,
        cap: 'none',
        routine: { name: 'weekly', weekday: 7 },
        hourPrice: 12,
        chainPrice: 30,
        cassettePrice: 20,
        wattPrice: 0.5,
        remind: true,
        notify: false,
        seenUntil: null,
        calendar: {},
      },
    });
    expect(migrate('settings', {}, LOGBOOK_VERSIONS.start)).toMatchObject({
      choice: {
        habit: 'due',
        pot: false,
        wishes: { quick: 1, clean: 1, time: 2, money: 1, life: 2 },
      },
      schools: {
        amount: 'drop',
        sides: 'fitting',
        oldCoat: 'wipe',
        waxInWet: 'model',
        household: 'no',
      },
    });
    expect(migrate('settings', { units: 'metric' }, LOGBOOK_VERSIONS.stampedFields)).toEqual({
      units: METRIC,
      weekStart: 1,
      keys: true,
      money: { currency: null, watts: 200 },
      rounds: { off: [] },
    });
    for (const none of [null, 7]) expect(migrate('settings', none, 1)).toBe(none);
  });

  it('set each unit by the one word there was, as old as it was; what is set each stays', () => {
    const before = { units: 'imperial', stamps: { units: 5, theme: 7 } };
    const each = migrate('settings', before, LOGBOOK_VERSIONS.trials);
    expect(each).toEqual({
      units: IMPERIAL,
      weekStart: 1,
      keys: true,
      stamps: {
        theme: 7,
        'units.distance': 5,
        'units.height': 5,
        'units.temperature': 5,
        'units.rain': 5,
        'units.clock': 5,
      },
    });
    expect(migrate('settings', each, LOGBOOK_VERSIONS.trials)).toEqual(each);
    expect(migrate('settings', { theme: 'dark' }, LOGBOOK_VERSIONS.trials)).toEqual({
      theme: 'dark',
      weekStart: 1,
      keys: true,
    });
  });
});
