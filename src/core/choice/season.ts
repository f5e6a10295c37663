import { quantile } from 'simple-statistics';
import type { Standard } from '../records/standards';
import type { Schools } from '../lube/schools';
import type { StoragePlace } from '../records/kinds';
import type { Candidate } from './candidate';
import type { CleaningHabit } from '../records/wishes';
import { kmPerWeek, type RidingProfile } from './profile';
import { seasonOf, SeasonRidden } from './seasonRidden';

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

/** Figures of a season with one lube: means over the futures. */
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
  const season = seasonOf(c, plan, wetShare);
  for (let future = 0; future < plan.futures; future++)
    new SeasonRidden(season, future, sums, intervals).through();
  const at = (share: number): number =>
    intervals.length > 0 ? quantile(intervals, share) : kmPerWeek(plan.profile) * plan.weeks;
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
