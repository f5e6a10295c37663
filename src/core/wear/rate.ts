import { CARE } from '../care/model/constants';
import type { ReplayStep } from '../care/replay/step';

/** How a chain has worn of late: % per km by the handbook's factor, and how unsure that is of the kilometres to come. */
export interface WearRate {
  perKm: number;
  /** Log-normal sigma: weather and care to come are not those of late. */
  sigma: number;
}

/** Km of late that a rate is taken from, and as how many the average of all riders counts. Own choices. */
const LOOK_BACK_KM = 1500;
const AVERAGE_COUNTS_KM = 300;
/** Spread of a stretch of some 1,000 km against the one before, and of riders against the average. Own estimates, held by the audit. */
const STRETCH_SIGMA = 0.3;
const RIDERS_SIGMA = 0.35;

/** The rate of a chain on the rides and with the care of its last 1,500 km; with few, the average of riders counts too. */
export function wearRateOf(steps: readonly ReplayStep[], chainId: string): WearRate {
  let km = 0;
  let wear = 0;
  for (let n = steps.length - 1; n >= 0 && km < LOOK_BACK_KM; n--) {
    const step = steps[n]!;
    const { event, from, after } = step;
    if (step.chainId !== chainId || event.type !== 'rideLogged' || !from || !after) continue;
    km += event.distanceKm;
    wear += (after.wear - from.wear) / from.wearFactor;
  }
  const all = km + AVERAGE_COUNTS_KM;
  const known = km / all;
  return {
    perKm: (wear + AVERAGE_COUNTS_KM * CARE.averageWearPerKm.value) / all,
    sigma: Math.hypot(STRETCH_SIGMA, RIDERS_SIGMA * (1 - known)),
  };
}
