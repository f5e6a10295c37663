import {
  CARE,
  DEPTH_MINUTES,
  extraWatts,
  NO_EFFECT,
  rideOn,
  standOn,
  startState,
  STANDARDS,
  usualWork,
  work,
} from '../care';
import type { Standard } from '../records/standards';
import { Chance } from '../chance';
import { LUBE_CLASSES, type Schools } from '../lube';
import { MS_PER_HOUR } from '../units';
import { STORAGE_AIR } from '../weather';
import type { StoragePlace } from '../garage';
import type { Candidate } from './candidate';
import type { CleaningHabit } from '../records/wishes';
import { exposureFor, hoursBetweenRides, kmPerWeek, type RidingProfile } from './profile';

/** Days between two cleans by the calendar; null: when it is due. */
const CLEAN_EVERY_DAYS: Record<CleaningHabit, number | null> = {
  due: null,
  weekly: 7,
  fortnightly: 14,
  monthly: 30,
};

export interface SeasonPlan {
  profile: RidingProfile;
  storage: StoragePlace;
  standard: Standard;
  habit: CleaningHabit;
  /** What is done before a coat goes over an old one. */
  oldCoat: Schools['oldCoat'];
  /** What is on the rag between deep cleans. */
  between: Schools['between'];
  /** What the degreaser of a clean costs; null: not known, and left out. */
  costPerClean: number | null;
  weeks: number;
  /** Sampled futures: weather, and how this rider's coats and roads differ from the handbook. */
  futures: number;
  seed: number;
}

/** What a season with one lube comes to, means over the futures. */
export interface SeasonFigures {
  /** Km between coats: a quarter, half, three quarters of them last no longer. */
  intervalKm: { low: number; mid: number; high: number };
  coatsPerMonth: number;
  cleansPerMonth: number;
  minutesPer1000Km: number;
  /** Lube, and degreaser where its price is known; null where the lube's is not. */
  moneyPer1000Km: number | null;
  /** % of elongation. */
  wearPer1000Km: number;
  watts: number;
  /** Mean grit outside: what hands meet. */
  grit: number;
  /** Share of rides that end with less film than the reserve. */
  dryRides: number;
}

const minutesOf = (depth: keyof typeof DEPTH_MINUTES): number => {
  const [low, high] = DEPTH_MINUTES[depth];
  return (low + high) / 2;
};

const DAYS_PER_MONTH = 30.4375;
/**
 * Rides a season with one lube in each future at one wet share. The rider tops up when the next usual
 * ride would take the film below its reserve, wipes when the outside passes their standard, cleans when
 * the inside does or the calendar says. The draws depend on seed, future and ride only, so that every
 * lube meets the same weather.
 */
export function rideSeason(c: Candidate, plan: SeasonPlan, wetShare: number): SeasonFigures {
  const sums = {
    km: 0,
    coats: 0,
    cleans: 0,
    minutes: 0,
    wear: 0,
    watts: 0,
    grit: 0,
    rides: 0,
    dry: 0,
  };
  const intervals: number[] = [];
  for (let future = 0; future < plan.futures; future++)
    rideFuture(c, plan, wetShare, future, sums, intervals);
  intervals.sort((a, b) => a - b);
  const at = (share: number): number =>
    intervals[Math.min(intervals.length - 1, Math.floor(share * intervals.length))] ??
    kmPerWeek(plan.profile) * plan.weeks;
  const months = (plan.futures * plan.weeks * 7) / DAYS_PER_MONTH;
  const per1000 = (total: number) => (total / sums.km) * 1000;
  return {
    intervalKm: { low: at(0.25), mid: at(0.5), high: at(0.75) },
    coatsPerMonth: sums.coats / months,
    cleansPerMonth: sums.cleans / months,
    minutesPer1000Km: per1000(sums.minutes),
    moneyPer1000Km:
      c.costPerCoat === null
        ? null
        : per1000(sums.coats * c.costPerCoat + sums.cleans * (plan.costPerClean ?? 0)),
    wearPer1000Km: per1000(sums.wear),
    watts: sums.watts / sums.rides,
    grit: sums.grit / sums.rides,
    dryRides: sums.dry / sums.rides,
  };
}

interface Sums {
  km: number;
  coats: number;
  cleans: number;
  minutes: number;
  wear: number;
  watts: number;
  grit: number;
  rides: number;
  dry: number;
}

function rideFuture(
  c: Candidate,
  plan: SeasonPlan,
  wetShare: number,
  future: number,
  sums: Sums,
  intervals: number[],
): void {
  const { profile, standard, habit, weeks, seed } = plan;
  const limits = STANDARDS[standard];
  const air = STORAGE_AIR[plan.storage];
  const works = usualWork(c.lubeClass, undefined, plan.between);
  const topUp = works.find((w) => w.depth === 'top-up');
  const wipe = works.find((w) => w.depth === 'wipe-down');
  const clean = works.findLast((w) => w.depth === 'wax reset' || w.depth === 'on-bike clean');
  if (!topUp || !wipe || !clean) throw new Error(`No usual work for ${c.lubeClass}`);
  const wax = clean.depth === 'wax reset';
  const nature = new Chance(seed, future, 1);
  const factors = {
    life: c.own.life * Math.exp(c.own.lifeSigma * nature.normal()),
    grit: c.own.grit * Math.exp(c.own.gritSigma * nature.normal()),
    wear: 1,
  };
  const own = c.lifeKm === null ? 1 : c.lifeKm / LUBE_CLASSES[c.lubeClass].lifeKm;
  let state = startState(
    { lube: c.lubeClass, kmSinceLube: 0, look: 'clean', kmBefore: 0, wearPercent: 0 },
    0,
  );
  state.lifeKm *= own;
  let cogs = 0;
  let lastCoatKm = 0;
  let lastCleanMs = 0;
  const gapMs = hoursBetweenRides(profile) * MS_PER_HOUR;
  const everyMs = (CLEAN_EVERY_DAYS[habit] ?? Infinity) * 24 * MS_PER_HOUR;
  const usual = exposureFor(profile, wetShare);
  const usualLoss =
    usual.km / (state.lifeKm * factors.life) + LUBE_CLASSES[c.lubeClass].washPerMm * usual.waterMm;
  const rides = Math.max(1, Math.round(weeks * profile.ridesPerWeek));
  const effect = { ...NO_EFFECT };
  const coat = (by: typeof topUp) => {
    const done = work(state, cogs, by.spec, { air });
    state = done.state;
    state.at = Math.max(state.at, state.setAt);
    state.lifeKm *= own;
    cogs = done.cogs;
    sums.coats += 1;
    sums.minutes += minutesOf(by.depth);
    intervals.push(state.km - lastCoatKm);
    lastCoatKm = state.km;
  };
  const cleaned = () => {
    coat(clean);
    sums.cleans += 1;
    lastCleanMs = state.at;
  };
  const recoat = () => {
    if (plan.oldCoat === 'clean') cleaned();
    else if (plan.oldCoat === 'flush' && !wax)
      coat({ ...topUp, spec: { ...topUp.spec, method: 'flush and wipe' } });
    else coat(topUp);
  };
  for (let n = 0; n < rides; n++) {
    const chance = new Chance(seed, future, n, 2);
    const x = exposureFor(profile, wetOf(wetShare, chance), chance.gamma(RAIN_SHAPE));
    const before = extraWatts(state);
    const wearBefore = state.wear;
    cogs = rideOn(state, cogs, x, factors, effect);
    sums.watts += (before + extraWatts(state)) / 2;
    sums.grit += state.outside;
    sums.wear += state.wear - wearBefore;
    sums.km += x.km;
    sums.rides += 1;
    if (effect.dryKm > 0) sums.dry += 1;
    standOn(state, state.at + gapMs, air);
    const calendar = state.at - lastCleanMs >= everyMs;
    if (state.inside > limits.inside || calendar) {
      cleaned();
    } else if (state.film - usualLoss < CARE.reserve.value) recoat();
    else if (state.outside > limits.outside) {
      const done = work(state, cogs, wipe.spec, { air });
      state = done.state;
      cogs = done.cogs;
      sums.minutes += minutesOf(wipe.depth);
    }
  }
}

/** Rain of a wet ride varies as wet days do: gamma, shape as in the fitted climate. */
const RAIN_SHAPE = 0.73;

/** The wet share of one ride: dry, or wet for half of it to all, so that the mean is the season's. */
function wetOf(mean: number, chance: Chance): number {
  const whether = chance.uniform();
  const how = chance.uniform();
  if (mean > 0.75) return 2 * mean - 1 + how * (2 - 2 * mean);
  return whether < mean / 0.75 ? 0.5 + how * 0.5 : 0;
}
