import { CARE } from '../../care/model/constants';
import { wearTimes } from '../../care/model/ride';
import type { Exposure } from '../../care/model/exposure';
import {
  coatTraits,
  filmByDistance,
  filmByWater,
  gritRates,
  insideAlong,
  type GritRates,
} from '../../care/model/rates';
import type { LubeClass } from '../../lube/classes';

const { reserve } = CARE;

/** Step along a ride, km: coarser than replay's, for the grid is coarser still. */
const STEP_KM = 10;

/** What a ride does to grit outside and on the cogs, and where it takes grit inside: see `insideAlong`. */
export interface GritStep {
  o: number;
  c: number;
  /** Mean of `outside` along the way. */
  meanO: number;
  to: number;
  left: number;
}

/** What of a ride's grit does not depend on how dirty the chain is: worked out once for all states. */
export interface GritRate extends GritRates {
  steps: number;
  /** Times the wear of a clean ride: load and salt. */
  wear: number;
}

const UNRUSTED = { rust: 0, salted: false };

/** How fast a ride brings grit, through a lube and for a rider's own factor. */
export function gritRate(x: Exposure, lube: LubeClass | null, grit: number): GritRate {
  const coat = coatTraits(lube);
  const steps = Math.max(1, Math.ceil(x.km / STEP_KM));
  const { outsideKept, cogsKept, handBack, migration, washedOut } = gritRates(coat, {
    km: x.km / steps,
    hours: x.hours / steps,
    dirtPerKm: x.dirtPerKm,
    wetDirtPerKm: x.wetDirtPerKm,
    waterMm: x.waterMm / steps,
    stickier: grit,
  });
  return {
    steps,
    outsideKept,
    cogsKept,
    handBack,
    migration: migration * steps,
    washedOut: washedOut * steps,
    wear: wearTimes(UNRUSTED, x),
  };
}

/** Grit after a ride, stepped along it with the rates of the care model; film does not bear on it. */
export function gritAfter(o: number, c: number, rate: GritRate, out: GritStep): void {
  const { steps, outsideKept, cogsKept, handBack } = rate;
  let sum = 0;
  for (let n = 0; n < steps; n++) {
    const before = o;
    o = 1 - (1 - o) * outsideKept;
    c = 1 - (1 - c) * cogsKept;
    if (c > o) o += handBack * (c - o);
    sum += (before + o) / 2;
  }
  out.o = o;
  out.c = c;
  out.meanO = sum / steps;
  const { to, left } = insideAlong(rate, out.meanO);
  out.to = to;
  out.left = left;
}

/** Film a ride takes. */
export const filmLost = (x: Exposure, lube: LubeClass | null, lifeKm: number): number =>
  lube === null ? 0 : filmByDistance(x, lifeKm) + filmByWater(coatTraits(lube), x.waterMm);

/** Mean dryness along a ride on which the film falls evenly from a to b, and the share of it ridden below the reserve. */
export function drynessBetween(a: number, b: number): { mean: number; share: number } {
  const r = reserve.value;
  if (b >= r) return { mean: 0, share: 0 };
  const low = Math.max(0, b);
  if (a <= low) return { mean: (r - low) / r, share: 1 };
  // The film falls to `low` and stays there if b is below nothing.
  const whole = a - b;
  const share = a <= r ? 1 : (r - b) / whole;
  const start = Math.min(a, r);
  const falling = (start - low) / whole;
  const flat = (low - b) / whole;
  const mean = (falling * (r - (start + low) / 2) + flat * (r - low)) / r;
  return { mean, share };
}
