import { say } from '@/core/words/problems';
import { NOT_RECORDED } from '@/core/logbook/events';
import type { Fitting } from '@/core/logbook/fittings';
import { PRESETS } from '@/core/garage/presets';
import { TEST_GARAGE } from '@/test/arbitraries';
import { IMPERIAL, METRIC } from '@/core/units/convert';
import { bikeDraft, readBike } from '../bike';
import { checkFit, readStart, readWear } from '../fitting';
import { readChain } from '../chain';
import { readNumber } from '../number';
import { readRide, type RideDraft } from '../ride';

const now = Date.parse('2026-05-10T12:00:00.000Z');
const fittings: Fitting[] = [
  { chainId: 'c1', bikeId: 'b1', from: '2026-05-01T08:00:00.000Z', to: null },
  { chainId: 'c2', bikeId: 'b2', from: '2026-05-01T08:00:00.000Z', to: '2026-05-05T08:00:00.000Z' },
];
const context = { units: METRIC, now, fittings };
const draft: RideDraft = {
  bikeId: 'b1',
  distance: '42',
  filled: null,
  duration: '',
  at: '2026-05-09T08:00:00.000Z',
  weather: 'wet',
  surface: 'paved',
  mud: false,
  salted: false,
  note: ' home ',
  ...NOT_RECORDED,
};
const problemsOf = (part: Partial<RideDraft>) => {
  const read = readRide({ ...draft, ...part }, context);
  return read.ok ? {} : read.problems;
};

describe('a ride form', () => {
  it('reads what is right, in km whatever the unit shown', () => {
    const read = readRide(
      { ...draft, distance: '26,1', duration: '1:45' },
      { ...context, units: IMPERIAL },
    );
    expect(read.ok && read.value.distanceKm).toBeCloseTo(42.0, 1);
    expect(read.ok && read.value.durationH).toBe(1.75);
    expect(read.ok && read.value.note).toBe('home');
  });

  it('finds no mud in a room, though it was ticked before', () => {
    const mud = (surface: RideDraft['surface']) => {
      const read = readRide({ ...draft, mud: true, surface }, context);
      return read.ok && read.value.mud;
    };
    expect(mud('trail')).toBe(true);
    expect(mud('indoor')).toBe(false);
  });

  it.each([
    ['', 'number/missing'],
    ['0', 'distance/not-positive'],
    ['-5', 'distance/not-positive'],
    ['1000.1', 'distance/too-long'],
    ['far', 'number/not-a-number'],
    ['1e999', 'number/not-a-number'],
  ])('refuses the distance “%s” beside its field', (distance, code) => {
    expect(problemsOf({ distance }).distance).toMatchObject({ code });
  });

  it.each([
    [null, 'date/missing'],
    ['2026-05-11T12:00:00.000Z', 'date/future'],
    ['1903-07-01T12:00:00.000Z', 'date/too-old'],
  ])('refuses the moment %s', (at, code) => {
    expect(problemsOf({ at }).at?.code).toBe(code);
  });

  it('takes a ride from before the chain was fitted: the fitting moves', () => {
    expect(problemsOf({ at: '2026-04-30T12:00:00.000Z' })).toEqual({});
  });

  it('refuses a time that does not fit the distance, and a bike that never had a chain', () => {
    expect(problemsOf({ duration: '0:10' }).duration?.code).toBe('duration/impossible');
    expect(problemsOf({ duration: 'long' }).duration?.code).toBe('number/not-a-number');
    expect(problemsOf({ bikeId: 'b9' }).at?.code).toBe('chain/missing');
  });

  it('tells all that is wrong at once, each in a sentence of its own', () => {
    const problems = problemsOf({ distance: 'x', at: null });
    expect(Object.keys(problems).sort()).toEqual(['at', 'distance']);
    for (const problem of Object.values(problems)) expect(say(problem, METRIC)).toMatch(/[.?]$/);
  });
});

describe('garage forms', () => {
  const bike = bikeDraft('Mine', PRESETS.road.specs);

  it('read back what they were filled with', () => {
    const read = readBike(bike, TEST_GARAGE, '');
    expect(read.ok && read.value).toEqual({ ...PRESETS.road.specs, name: 'Mine' });
  });

  it.each([
    [{ name: '  ' }, 'name', 'name/missing'],
    [{ name: 'one' }, 'name', 'name/taken'],
    [{ rings: '50, 400' }, 'rings', 'rings/impossible'],
    [{ rings: 'big' }, 'rings', 'rings/impossible'],
    [{ smallestCog: '34', largestCog: '11' }, 'smallestCog', 'cogs/impossible'],
    [{ speeds: '15' }, 'speeds', 'speeds/impossible'],
    [{ speeds: '11.5' }, 'speeds', 'speeds/impossible'],
  ] as const)('refuse %j', (part, field, code) => {
    const read = readBike({ ...bike, ...part }, TEST_GARAGE, '');
    expect(!read.ok && read.problems[field]?.code).toBe(code);
  });

  it.each(['39', '251', '0', '-114', 'many', ''])('refuse a chain of “%s” links', (links) => {
    const read = readChain(
      {
        name: 'New',
        links,
        speeds: '11',
        closure: 'reusable link',
        openingsAllowed: '',
        directional: false,
        price: '',
      },
      TEST_GARAGE,
      '',
    );
    expect(!read.ok && read.problems.links).toBeTruthy();
  });

  it('lets a record keep its own name', () => {
    expect(
      readChain(
        {
          name: 'c1',
          links: '114',
          speeds: '11',
          closure: 'reusable link',
          openingsAllowed: '5',
          directional: false,
          price: '',
        },
        TEST_GARAGE,
        'c1',
      ).ok,
    ).toBe(true);
  });

  it('read a start, with empty distances as none', () => {
    const start = {
      lube: 'wet',
      look: 'used',
      sinceLube: '',
      before: '',
      wearPercent: '',
    } as const;
    expect(readStart(start, METRIC)).toMatchObject({
      ok: true,
      value: { kmSinceLube: 0, kmBefore: 0, wearPercent: null },
    });
    expect(readStart({ ...start, before: '-3' }, METRIC).ok).toBe(false);
    expect(readStart({ ...start, sinceLube: '300' }, METRIC)).toMatchObject({
      value: { kmBefore: 300 },
    });
  });

  it('refuse impossible wear', () => {
    expect(readWear('0.4')).toEqual({ ok: true, value: 0.4 });
    expect(readWear('7').ok).toBe(false);
  });
});

describe('fitting a chain', () => {
  const fit = (chainId: string, bikeId: string, at: string) =>
    checkFit({ chainId, bikeId, at }, { garage: TEST_GARAGE, fittings, now });

  it('refuses a chain that is on another bike then, and a bike that has one', () => {
    expect(fit('c1', 'b2', '2026-05-06T08:00:00.000Z')).toMatchObject({
      problem: { code: 'chain/on-another-bike', bike: 'One' },
    });
    expect(fit('c3', 'b1', '2026-05-06T08:00:00.000Z')).toMatchObject({
      problem: { code: 'chain/bike-has-one', chain: 'c1' },
    });
  });

  it('allows it once the other has come off', () => {
    expect(fit('c3', 'b2', '2026-05-04T08:00:00.000Z').ok).toBe(false);
    expect(fit('c3', 'b2', '2026-05-06T08:00:00.000Z').ok).toBe(true);
  });
});

describe('numbers as people type them', () => {
  it.each([
    ['42', 42],
    [' 42,5 ', 42.5],
    ['1 000', 1000],
    ['.5', 0.5],
  ])('reads “%s”', (text, value) => {
    expect(readNumber(text)).toEqual({ ok: true, value });
  });
});

describe('a number that reads two ways', () => {
  const read = (text: string, decimal: string) => {
    const number = readNumber(text, decimal);
    return number.ok ? number.value : number.problem;
  };
  it('is asked about where its sign is not the one before tenths', () => {
    expect(read('1.250', ',')).toEqual({ code: 'number/ambiguous', whole: 1250, tenths: 1.25 });
    expect(read('1,250', '.')).toMatchObject({ code: 'number/ambiguous' });
  });
  it.each([
    ['1.250', '.', 1.25],
    ['1,250', ',', 1.25],
    ['1.25', ',', 1.25],
    ['0.125', ',', 0.125],
    ['1250', ',', 1250],
    ['1.250,5', ',', 1250.5],
    ['1,250.5', '.', 1250.5],
    ['1.250.000', ',', 1_250_000],
    ['1 250,5', ',', 1250.5],
    ["1'250.5", '.', 1250.5],
  ])('%s where tenths follow “%s” is %d', (text, decimal, value) => {
    expect(read(text, decimal)).toBe(value);
  });
});
