import { mean } from 'simple-statistics';
import { GROUND, exposureOf } from '../../care/model/exposure';
import { WEATHER } from '../../care/model/sky';
import { HANDBOOK } from '../../care/model/personal';
import { Chance } from '../../chance/chance';
import { PRESETS } from '../../garage/presets';
import type { LubeClass } from '../../lube/classes';
import { MS_PER_DAY } from '../../units/convert';
import { STORAGE_AIR } from '../../weather/drying';
import { wordOfYear } from '@/test/mixedYear';
import { moneyOf, wholeOf, type CarePrices } from '../outcome';
import { play } from '../play';
import { worksWith } from '../works';
import type { Kept, RegimeName } from '../regimes';
import type { Leg } from '../course';

const bike = { ...PRESETS.road.specs, id: 'b', name: 'Road', retired: false, changedAt: '' };
const AIR = STORAGE_AIR.indoors;
const NOT_KEPT: Kept = { kmPerCoat: null, kmPerClean: null, kmPerWipe: null };

/** Rides of 50 km, three a week, in a mixed year (70 % dry, 15 % damp, 12 % wet, 3 % downpour) or a dry one. */
function courseOf(km: number, year: 'mixed' | 'dry', seed = 3): Leg[] {
  const chance = new Chance(7, seed);
  const hours = 50 / GROUND.paved.kmPerH;
  return Array.from({ length: Math.round(km / 50) }, (_, n) => {
    const { wetShare, rainMmPerH, dust } = WEATHER[wordOfYear(year, chance)];
    const late = { wetShare, rainMmPerH };
    const sky = { wetShare, rainMmPerH, dust, dustEverywhere: false, salted: false, late };
    const ground = { distanceKm: 50, surface: 'paved', mud: false } as const;
    return {
      at: n * 2.33 * MS_PER_DAY,
      x: exposureOf(ground, hours, sky, { bike }),
      air: AIR,
      stoodMm: 0,
    };
  });
}

function played(
  name: RegimeName,
  {
    km = 20_000,
    year = 'mixed' as 'mixed' | 'dry',
    lube = 'wet' as LubeClass,
    kept = NOT_KEPT,
    limit = 0.75,
    seed = 3,
  } = {},
) {
  return play(courseOf(km, year, seed), 0, {
    regime: { name, lube, standard: 'tidy', kept },
    works: worksWith(lube, 'solvent'),
    limit,
    nature: HANDBOOK,
    chainSigma: 0,
    seed: 1,
    start: null,
  });
}
const kmPerChain = (o: { km: number; chains: number }) => o.km / o.chains;

/** An everyday drivetrain. Common practice: a chain 10 to 80, a cassette some two chains. */
const PRICES: CarePrices = {
  chain: 30,
  cassette: 60,
  ring: 40,
  jockeys: 15,
  coat: 0.4,
  clean: 0.6,
  hour: 0,
};

// All of common practice: see docs/model.md and docs/worth.md.
describe('facts of the trade, by the engine of years', () => {
  it('average care in mixed years wears a chain out in 4,000 to 5,000 km', () => {
    const lasts = (kmPerClean: number) =>
      [1, 2, 3, 4].map((seed) =>
        kmPerChain(played('kept', { seed, kept: { kmPerCoat: 250, kmPerClean, kmPerWipe: null } })),
      );
    for (const km of lasts(1000)) {
      expect(km).toBeGreaterThan(4000);
      expect(km).toBeLessThan(5000);
    }
    // Cleaned every 800 km, cogs included, it is on the tidy side of average.
    expect(mean(lasts(800))).toBeGreaterThan(mean(lasts(1000)));
    expect(mean(lasts(800))).toBeLessThan(5500);
  });

  it('immaculate care in the dry takes a chain past 16,000 km', () => {
    const kept = { kmPerCoat: 100, kmPerClean: 100, kmPerWipe: null };
    expect(
      kmPerChain(played('kept', { kept, year: 'dry', lube: 'dry', km: 30_000 })),
    ).toBeGreaterThan(16_000);
  });

  it('a chain never touched is past its limit in 500 to 1,500 km', () => {
    const whole = played('never', { km: 1500 });
    expect(whole.chains).toBeGreaterThan(0.5);
    // Ridden until the cassette goes with it, at 1 %: the limit of 0.75 % comes before.
    const km = 0.75 * kmPerChain(played('never', { km: 20_000 }));
    expect(km).toBeGreaterThan(500);
    expect(km).toBeLessThan(1500);
  });

  it('care wears a chain at a third to a tenth of neglect', () => {
    const wear = (name: RegimeName, o: Parameters<typeof played>[1] = {}) => {
      const { chains, km } = played(name, o);
      return (chains * (name === 'never' || name === 'squeak' ? 1 : 0.75)) / km;
    };
    const neglect = wear('never');
    const some =
      neglect / wear('kept', { kept: { kmPerCoat: 250, kmPerClean: 900, kmPerWipe: null } });
    const best =
      neglect / wear('kept', { kept: { kmPerCoat: 100, kmPerClean: 100, kmPerWipe: null } });
    expect(some).toBeGreaterThan(3);
    expect(some).toBeLessThan(10);
    expect(best).toBeGreaterThan(5);
    expect(best).toBeGreaterThan(some);
  });

  it('neglect at least doubles the bill of parts, cassette and rings included', () => {
    const parts = (name: RegimeName, o: Parameters<typeof played>[1] = {}) => {
      const { chain, cassette, rings } = moneyOf(played(name, o), PRICES);
      return chain + cassette + rings;
    };
    const cared = parts('kept', { kept: { kmPerCoat: 250, kmPerClean: 900, kmPerWipe: null } });
    expect(parts('never')).toBeGreaterThan(2 * cared);
  });

  it('a cassette lasts two to four chains that are changed in time', () => {
    const { chains, cassettes } = played('plan');
    expect(chains / cassettes).toBeGreaterThan(2);
    expect(chains / cassettes).toBeLessThan(4);
  });

  it('waiting for the squeak rides dry and keeps its grit; the plan rides hardly any km dry', () => {
    const [plan, squeak, never] = (['plan', 'squeak', 'never'] as const).map((n) => played(n));
    expect(plan!.dryKm).toBeLessThan(0.05 * plan!.km);
    expect(squeak!.dryKm).toBeGreaterThan(3 * plan!.dryKm);
    expect(never!.dryKm).toBeGreaterThan(0.8 * never!.km);
    expect(never!.minutes).toBeLessThan(plan!.minutes);
    expect(wholeOf(moneyOf(never!, PRICES))).toBeGreaterThan(wholeOf(moneyOf(plan!, PRICES)));
  });

  it('means what it counts: by hand on three rides, nothing done', () => {
    const course = courseOf(150, 'dry');
    const o = play(course, 0, {
      regime: { name: 'never', lube: 'wet', standard: 'tidy', kept: NOT_KEPT },
      works: worksWith('wet', 'solvent'),
      limit: 0.75,
      nature: HANDBOOK,
      chainSigma: 0,
      seed: 1,
      start: null,
    });
    expect(o).toMatchObject({
      km: 150,
      coats: 0,
      cleans: 0,
      wipes: 0,
      minutes: 0,
      dryKm: 0,
      wetNights: 0,
    });
    expect(o.hours).toBeCloseTo(150 / 24, 9);
    // Clean factory grease: 3 W of the lube, and some 2 W of first dirt.
    expect(o.wattHours / o.hours).toBeGreaterThan(3);
    expect(o.wattHours / o.hours).toBeLessThan(6);
  });
});
