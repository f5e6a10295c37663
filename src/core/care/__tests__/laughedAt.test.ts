import { DEFAULT_SETTINGS } from '@/core/settings/defaults';
import { TEST_GARAGE } from '@/test/arbitraries';
import { rideBody, stamped, workBody, type Body } from '@/test/events';
import { weatherSeen } from '@/test/weather';
import { cellOf } from '@/core/weather/cells';
import type { ChainStart } from '@/core/records/event';
import { Replay } from '../replay/replay';
import { reportOn } from '../verdict/report';

/** What a mechanic would have laughed at: each was said once, and failed here before it was mended. */
const HOUR = 3_600_000;
const DAY = 24 * HOUR;
const START = Date.parse('2026-01-10T08:00:00.000Z');
const at = (hours: number) => new Date(START + hours * HOUR).toISOString();
const NEW: ChainStart = {
  lube: 'wet',
  kmSinceLube: 0,
  look: 'clean',
  kmBefore: 0,
  wearPercent: null,
};
const fitted = (bikeId: string, start: Partial<ChainStart> = {}, hours = 0): Body => ({
  type: 'chainFitted',
  at: at(hours),
  chainId: 'c1',
  bikeId,
  start: { ...NEW, ...start },
});
const told = (bikeId: string, hours: number, ...bodies: Body[]) => {
  const replay = new Replay(TEST_GARAGE, stamped(bodies));
  return reportOn(replay, bikeId, DEFAULT_SETTINGS, START + hours * HOUR)!;
};

describe('a wet chain', () => {
  it('is no alarm after a ride whose weather nobody knows', () => {
    const { verdict, state } = told(
      'b1',
      4,
      fitted('b1'),
      rideBody(at(1), 'b1', 50, { weather: 'unknown', durationH: 2 }),
    );
    expect(verdict.kind).toBe('good for');
    expect(state.wetLeftH).toBe(0);
  });

  it('is an alarm kept outdoors after a salted ride in the rain, and a word beside it indoors', () => {
    const ride = (bikeId: string) =>
      rideBody(at(1), bikeId, 20, { weather: 'wet', salted: true, durationH: 1 });
    expect(told('b2', 3, fitted('b2', { kmSinceLube: 150 }), ride('b2')).verdict.kind).toBe(
      'rescue',
    );
    const indoors = told('b1', 3, fitted('b1'), { ...ride('b1'), salted: false });
    expect(indoors.verdict.kind).toBe('good for');
    expect(indoors.state.wetLeftH).toBeGreaterThan(0);
  });

  it('is an alarm after at most 12 % of the rides of a temperate year, kept in a shed', () => {
    // 70 of 100 rides dry, 15 damp, 12 wet, 3 in a downpour: what a year is made of.
    const words = [...Array<'dry'>(70).fill('dry'), ...Array<'damp'>(15).fill('damp')];
    const garage = {
      ...TEST_GARAGE,
      bikes: { ...TEST_GARAGE.bikes, b1: { ...TEST_GARAGE.bikes.b1!, storage: 'shed' as const } },
    };
    const year = [
      ...words,
      ...Array<'wet'>(12).fill('wet'),
      ...Array<'downpour'>(3).fill('downpour'),
    ];
    let alarms = 0;
    for (let n = 0; n < year.length; n++) {
      const weather = year[(n * 37) % year.length]!;
      const replay = new Replay(
        garage,
        stamped([
          fitted('b1', { kmSinceLube: (n % 8) * 40 }),
          rideBody(at(1), 'b1', 40, { weather }),
        ]),
      );
      const { verdict } = reportOn(replay, 'b1', DEFAULT_SETTINGS, START + 4 * HOUR)!;
      if (verdict.kind === 'rescue') alarms += 1;
    }
    expect(alarms).toBeGreaterThan(0);
    expect(alarms).toBeLessThanOrEqual(12);
  });
});

describe('rust', () => {
  const rusty = (...more: Body[]) =>
    told(
      'b2',
      24 * 20,
      fitted('b2'),
      workBody(at(1), 'c1', { method: 'strip', drying: 'left to drip' }),
      { type: 'gotWet', at: at(2), bikeId: 'b2', how: 'stood in rain' },
      workBody(at(24 * 12), 'c1', { lube: { lubeClass: 'wet', coat: 1, wiped: true } }),
      ...more,
    );
  const look = (found: 'fine' | 'stiff links' | 'pitted', hours = 24 * 13): Body => ({
    type: 'chainInspected',
    at: at(hours),
    chainId: 'c1',
    found,
  });

  it('asks for a look, with the work that settles it', () => {
    const { verdict } = rusty();
    expect(verdict.kind).toBe('inspect');
    expect(verdict.proposal.depth).toMatch(/clean|strip/);
  });

  it('is settled by an inspection that found nothing', () => {
    expect(rusty(look('fine')).verdict.kind).not.toBe('inspect');
  });

  it('asks for the clean that frees stiff links, which ends it', () => {
    const stiff = rusty(look('stiff links'));
    expect(stiff.verdict.kind).toBe('inspect');
    expect(stiff.state.stiff).toBe(true);
    const freed = rusty(look('stiff links'), workBody(at(24 * 14), 'c1', { method: 'baths' }));
    expect(freed.state.stiff).toBe(false);
  });

  it('has worn a pitted chain out, whatever is cleaned', () => {
    const pitted = rusty(look('pitted'), workBody(at(24 * 14), 'c1', { method: 'baths' }));
    expect(pitted.verdict.kind).toBe('replace');
  });

  it('does not depend on whether a note was made', () => {
    const cell = cellOf(54.2, -2.9);
    const path: [number, number, number][] = [
      [54.2, -2.9, 0],
      [54.2, -2.9, 60],
    ];
    const weather = Array.from({ length: 15 }, (_, n) =>
      weatherSeen(cell, new Date(START + (n - 1) * DAY).toISOString().slice(0, 10), (h) => ({
        humidity: h % 7 < 4 ? 0.95 : 0.6,
        temperatureC: (h % 9) - 1,
        rainMm: n % 3 === 0 && h === 5 ? 2 : 0,
      })),
    );
    const bodies = (...notes: Body[]) =>
      stamped([
        fitted('b2', { lube: null }),
        rideBody(at(1), 'b2', 20, { path, durationH: 1 }),
        ...notes,
        { type: 'wearRead', at: at(24 * 12), chainId: 'c1', percent: 0.1, tool: 'ruler' } as Body,
      ]);
    const rust = (...notes: Body[]) =>
      new Replay(TEST_GARAGE, [...weather, ...bodies(...notes)]).book.chains.get('c1')!.rust;
    const heard = (hours: number): Body => ({
      type: 'soundHeard',
      at: at(hours),
      chainId: 'c1',
      sound: 'click',
    });
    const unnoted = rust();
    expect(unnoted).toBeGreaterThan(0.1);
    expect(rust(heard(50), heard(100.5), heard(171.2))).toBeCloseTo(unnoted, 1);
  });
});

describe('salt', () => {
  it('goes with a wash', () => {
    const salted = [
      fitted('b1'),
      rideBody(at(1), 'b1', 20, { weather: 'wet', salted: true }),
    ] as Body[];
    expect(told('b1', 5, ...salted).state.salted).toBe(true);
    const washed: Body = { type: 'gotWet', at: at(3), bikeId: 'b1', how: 'washed' };
    expect(told('b1', 5, ...salted, washed).state.salted).toBe(false);
  });
});

describe('rain on a bike kept outdoors', () => {
  it('wets its chain while it stands, by the record', () => {
    const cell = cellOf(54.2, -2.9);
    const path: [number, number, number][] = [
      [54.2, -2.9, 0],
      [54.2, -2.9, 60],
    ];
    const standing = (bikeId: string) => {
      const rain = weatherSeen(cell, '2026-01-11', (h) => ({
        rainMm: h < 6 ? 2 : 0,
        humidity: 0.9,
      }));
      const replay = new Replay(TEST_GARAGE, [
        weatherSeen(cell, '2026-01-10'),
        rain,
        weatherSeen(cell, '2026-01-12'),
        ...stamped([fitted(bikeId), rideBody(at(1), bikeId, 20, { path, durationH: 1 })]),
      ]);
      return reportOn(replay, bikeId, DEFAULT_SETTINGS, Date.parse('2026-01-11T07:00Z'))!.state;
    };
    expect(standing('b2').wetLeftH).toBeGreaterThan(2);
    expect(standing('b1').wetLeftH).toBe(0);
  });
});

describe('what was noted before a fitting', () => {
  it('leaves the fitting its 2,500 km, and itself its 0.40 %', () => {
    const read: Body = {
      type: 'wearRead',
      at: at(0),
      chainId: 'c1',
      percent: 0.4,
      tool: 'checker',
    };
    const after = told('b1', 30, read, fitted('b1', { kmBefore: 2500, look: 'used' }, 24)).state;
    expect(after.km).toBe(2500);
    expect(after.wear).toBeGreaterThan(0.05);
    const said = told('b1', 30, read, fitted('b1', { kmBefore: 2500, wearPercent: 0.4 }, 24)).state;
    expect(said).toMatchObject({ km: 2500, wear: 0.4 });
  });

  it('keeps the strip and the wax of a new chain', () => {
    const waxed = workBody(at(0), 'c1', {
      method: 'strip',
      lube: { lubeClass: 'hot wax', coat: 1, wiped: true },
    });
    const { state } = told('b1', 30, waxed, fitted('b1', { lube: 'wet' }, 24));
    expect(state).toMatchObject({ lube: 'hot wax', km: 0 });
    expect(state.outside).toBeLessThan(0.01);
  });
});

describe('two rides noted at the same hour', () => {
  it('take no longer than they took', () => {
    const both = [fitted('b1'), rideBody(at(1), 'b1', 40, { durationH: 2 })] as Body[];
    const again = rideBody(at(1), 'b1', 10, { durationH: 1 });
    expect(Date.parse(at(3))).toBe(
      new Replay(TEST_GARAGE, stamped([...both, again])).book.chains.get('c1')!.at,
    );
  });
});

describe('on the trainer', () => {
  const ridden = (more: object) =>
    told('b1', 3, fitted('b1'), rideBody(at(1), 'b1', 60, { durationH: 2, ...more })).state;

  it('there is no road and no weather, and next to no dirt', () => {
    const [inside, out] = [ridden({ surface: 'indoor', weather: 'downpour' }), ridden({})];
    expect(inside.wetLeftH).toBe(0);
    expect(inside.outside - 0.03).toBeLessThan((out.outside - 0.03) / 5);
    // The film wears as on a dry road.
    expect(inside.film).toBeCloseTo(out.film, 6);
  });

  it('the rain of a year does not shorten what is told', () => {
    const rides = Array.from({ length: 6 }, (_, n) =>
      rideBody(at(24 * n + 1), 'b1', 40, { surface: 'indoor', durationH: 1.3 }),
    );
    const wet = (surface: 'indoor' | 'paved') =>
      told('b1', 24 * 6, fitted('b1'), ...rides.map((r) => ({ ...r, surface }))).verdict;
    // Film alone ends a coat indoors: the low quartile is that of lives, 0.79 of the middle and what was ridden.
    const { low, mid } = wet('indoor').distanceKm!;
    expect(low).toBeGreaterThan(0.79 * (mid + 240) - 240 - 15);
    expect(wet('indoor').clock).toBe('film');
  });

  it('sweat is salt where the rider says that it drips', () => {
    expect(ridden({ surface: 'indoor', salted: true }).salted).toBe(true);
    expect(ridden({ surface: 'indoor' }).salted).toBe(false);
  });
});

describe('what a ride asks of a chain', () => {
  const wearOf = (bike: object, chain: object = {}, more: object = {}) => {
    const garage = {
      ...TEST_GARAGE,
      bikes: { ...TEST_GARAGE.bikes, b1: { ...TEST_GARAGE.bikes.b1!, ...bike } },
      chains: { ...TEST_GARAGE.chains, c1: { ...TEST_GARAGE.chains.c1!, ...chain } },
    };
    const rides = Array.from({ length: 5 }, (_, n) => rideBody(at(24 * n + 1), 'b1', 40, more));
    return new Replay(garage, stamped([fitted('b1'), ...rides])).book.chains.get('c1')!;
  };

  it('is more with a motor, with salt and on a short chain', () => {
    const plain = wearOf({});
    const motor = wearOf({ ebike: true });
    expect(motor.wear / plain.wear).toBeGreaterThanOrEqual(1.4);
    expect(wearOf({}, { links: 57 }).wear / plain.wear).toBeGreaterThanOrEqual(2);
    expect(wearOf({}, {}, { salted: true }).wear / plain.wear).toBeCloseTo(1.3, 6);
  });

  it('is less behind a full chain case', () => {
    const [open, cased] = [{}, { chainCase: true }].map((bike) =>
      wearOf(bike, {}, { weather: 'wet' }),
    );
    expect(cased!.outside).toBeLessThan(open!.outside / 2);
    expect(cased!.film).toBeGreaterThan(open!.film);
  });
});

describe('a coat over another lube', () => {
  const over = (first: Body, second: Body) =>
    told('b1', 24 * 4, fitted('b1', { lube: null }), first, rideBody(at(30), 'b1', 80), second)
      .state;
  const lubed = (hours: number, lubeClass: 'wet' | 'dry' | 'drip wax', coat = 1): Body =>
    workBody(at(hours), 'c1', { method: 'none', lube: { lubeClass, coat, wiped: true } });

  it('mixes by shares: a little dry lube over much wet is still wet, with a life between', () => {
    const mixed = over(lubed(1, 'wet'), lubed(60, 'dry'));
    expect(mixed.lube).toBe('wet');
    expect(mixed.lifeKm).toBeLessThan(390);
    expect(mixed.lifeKm).toBeGreaterThan(300);
  });

  it('of wax holds by half on an oiled chain, and wholly on a bare one', () => {
    expect(over(lubed(1, 'wet'), lubed(60, 'drip wax')).lube).toBe('wet');
    expect(told('b1', 5, fitted('b1', { lube: null }), lubed(1, 'drip wax')).state).toMatchObject({
      lube: 'drip wax',
      film: 1,
    });
  });
});
