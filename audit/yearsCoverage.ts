import { quantile } from 'simple-statistics';
import { CARE } from '@/core/care/model/constants';
import { HANDBOOK, type Factors } from '@/core/care/model/personal';
import { Chance } from '@/core/chance/chance';
import { PRESETS } from '@/core/garage/presets';
import { PLACE_IF_UNKNOWN } from '@/core/weather/cells';
import { play } from '@/core/years/play';
import { quantityOf, type Quantity } from '@/core/years/compare';
import { worksWith } from '@/core/years/works';
import { yearOfRiding } from '@/core/years/riding';
import { YearsPlayer, type YearsAsked } from '@/core/years/years';
import type { Outcome } from '@/core/years/outcome';
import type { RegimeName } from '@/core/years/regimes';
import { ClimateYear } from '@/core/years/climateYear';
import { legsOfYear } from '@/core/years/yearLegs';
import { Count, type CoverageCase } from './coverage';

const bike = {
  ...PRESETS.road.specs,
  id: 'b1',
  name: 'Road',
  retired: false,
  changedAt: '2026-01-01T00:00:00.000Z',
};
/** A year that begins with the calendar's, so that one year of weather is one of riding. */
const NOW = Date.UTC(2027, 0, 1);
const SIGMA: Factors = {
  life: CARE.lifeSigma.value,
  grit: CARE.gritSigma.value,
  wear: CARE.wearSigma.value,
};
const REGIMES: readonly RegimeName[] = ['plan', 'weekly', 'never'];
const { rides } = yearOfRiding([], bike, NOW);
const KEPT = { kmPerCoat: null, kmPerClean: null, kmPerWipe: null };
const ASKED: YearsAsked = {
  bike,
  links: 114,
  limit: 0.75,
  start: null,
  rides,
  years: 1,
  now: NOW,
  place: null,
  standard: 'tidy',
  between: 'solvent',
  kept: KEPT,
  regimes: REGIMES,
  lubes: [{ lube: 'wet', own: HANDBOOK, sigma: SIGMA }],
  futures: 100,
  seed: 1,
};
/** Log-normal sigma of one chain beside another, as the years have it. */
const CHAIN_SIGMA = 0.25;

/** What one rider’s year truly comes to: weather of its own that no future shares, and a nature drawn apart from theirs. */
function truthOf(seed: number): Map<RegimeName, Outcome> {
  const chance = new Chance(seed, 977);
  const drawn = (sigma: number) => Math.exp(sigma * chance.normal());
  const nature = { life: drawn(SIGMA.life), grit: drawn(SIGMA.grit), wear: drawn(SIGMA.wear) };
  const year = new ClimateYear(100_000 + 31 * seed, 0, 'temperate coast', PLACE_IF_UNKNOWN);
  const course = legsOfYear(rides, year, { bike, links: 114 }).map((leg) => ({
    ...leg,
    at: NOW + leg.at,
  }));
  const terms = { limit: 0.75, nature, chainSigma: CHAIN_SIGMA, seed: 50_000 + seed, start: null };
  return new Map(
    REGIMES.map((name) => [
      name,
      play(course, NOW, {
        ...terms,
        works: worksWith('wet', 'solvent'),
        regime: { name, lube: 'wet', standard: 'tidy', kept: KEPT },
      }),
    ]),
  );
}

const BY = {
  prices: { chain: 30, cassette: 60, ring: 40, jockeys: 15, coat: 0.4, clean: 0.6, hour: 0 },
  power: 250,
};

/** Played once for all cases. */
const truths = new Map<number, Map<RegimeName, Outcome>>();
/** Told several times over, for each telling has its own chance. */
const TELLINGS = 12;
const told = new Map<number, ReturnType<YearsPlayer['futures']>>();

function tellingOf(seed: number): ReturnType<YearsPlayer['futures']> {
  const known = told.get(seed);
  if (known) return known;
  const futures = Array.from({ length: ASKED.futures }, (_, k) => k);
  const figures = new YearsPlayer({ ...ASKED, seed }).futures(futures);
  told.set(seed, figures);
  return figures;
}

const years = (name: RegimeName, quantity: Quantity): CoverageCase => ({
  name: `a year ahead, ${name}: ${quantity}`,
  enough: 300,
  of: (riders) => {
    const count = new Count();
    for (let seed = 0; seed < riders; seed++) {
      const truth = truths.get(seed) ?? truthOf(seed);
      truths.set(seed, truth);
      const values = tellingOf(seed % TELLINGS)[`${name}/wet`]!.map((o) =>
        quantityOf(o, quantity, BY),
      );
      count.add(quantityOf(truth.get(name)!, quantity, BY), (p) => quantile(values, p));
    }
    return count.covered;
  },
});

/** Years ahead of riders of known truth: money, distance ridden dry and watts. */
export const YEARS_COVERAGE: readonly CoverageCase[] = [
  years('plan', 'money'),
  years('weekly', 'watts'),
  years('plan', 'watts'),
  years('never', 'dryKm'),
  years('never', 'money'),
];
