import { STANDARDS } from '../../care/model/constants';
import { Chance } from '../../chance/chance';
import { dayNumber } from '../../time/dates';
import { dateOf } from '../../time/zones';
import { benchesFor } from './benches';
import { weathersFor } from './weathers';
import { PENALTY, type BikeProblem, type Prices, type RideExposed } from '../solver/problem';
import type { BikeNow, PlanRequest } from './request';
import type { Cap } from '../../records/kinds';
import type { PlanSettings } from '../../records/plan';
import { coatsFor, worksFor } from './works';

const CAP_DAYS: Record<Cap, number | null> = {
  none: null,
  weekly: 7,
  fortnightly: 14,
  monthly: 30,
};

/** The prices of a rider, for a chain with so much wear allowed (%). */
const pricesOf = (plan: PlanSettings, wearLimit: number): Prices => ({
  hour: plan.hourPrice,
  wearPercent: (plan.chainPrice + plan.cassettePrice) / wearLimit,
  rust: plan.chainPrice * PENALTY.rustShare,
  wattHour: plan.wattPrice / 100,
  dryKm: PENALTY.dryKm,
  grubbyKm: PENALTY.grubbyKm,
});

/** Share of the way on wet road over the rides to come, on the average of the weathers. */
function wetShareOf(rides: readonly RideExposed[]): number {
  const met = rides.flatMap((r) => r.exposure);
  const km = met.reduce((sum, x) => sum + x.km, 0);
  return km > 0 ? met.reduce((sum, x) => sum + x.wetShare * x.km, 0) / km : 0;
}

/**
 * The problem of one bike: everything the planner weighs, as plain numbers. `works`: those known to be what `worksFor`
 * gives.
 */
export function problemOf(
  request: PlanRequest,
  now: BikeNow,
  weathers = weathersFor(request, now),
  works: typeof worksFor = worksFor,
): BikeProblem {
  const { settings, futures, seed, zone } = request;
  const { before, benches } = benchesFor(request, now, weathers);
  const { coats, coatNow } = coatsFor(
    request,
    now,
    wetShareOf([...before, ...benches.flatMap((b) => b.rides)]),
  );
  const { factors, lifeSigma, gritSigma, wearSigma } = now;
  const today = dayNumber(dateOf(request.now, zone));
  const natures = Array.from({ length: futures }, (_, k) => {
    const chance = new Chance(seed, k, 3);
    return {
      life: factors.life * Math.exp(lifeSigma * chance.normal()),
      grit: factors.grit * Math.exp(gritSigma * chance.normal()),
      wear: factors.wear * Math.exp(wearSigma * chance.normal()),
    };
  });
  return {
    bikeId: now.bike.id,
    chainId: now.chain.id,
    bikeName: now.bike.name,
    now: request.now,
    state: now.state,
    cogs: now.cogs,
    factors,
    natures,
    coats,
    coatNow,
    works: works(request, now, coats),
    limits: STANDARDS[settings.standard],
    before,
    benches,
    prices: pricesOf(settings.plan, now.wearLimit),
    capDays: CAP_DAYS[settings.plan.cap],
    lastCleanDay: now.cleanedAt === null ? today : dayNumber(dateOf(now.cleanedAt, zone)),
  };
}
