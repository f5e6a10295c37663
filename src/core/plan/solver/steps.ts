import { CARE, type Exposure } from '../../care';
import { LUBE_CLASSES, type LubeClass } from '../../lube';

const { outsideScaleKm, cogShare, cogTransfer, insideScaleKm, reserve } = CARE;

/** Step along a ride, km: coarser than replay's, for the grid is coarser still. */
const STEP_KM = 10;

/** Bare steel, as in `care/ride`. */
const BARE = { stickiness: 0.6, migration: 1, washPerMm: 0, idlePerWeek: 0 };
export const traitsOf = (lube: LubeClass | null) => (lube ? LUBE_CLASSES[lube] : BARE);

/** What a ride does to grit outside and on the cogs, and by what share the clean part inside shrinks. */
export interface GritStep {
  o: number;
  c: number;
  /** Mean of `outside` along the way. */
  meanO: number;
  kept: number;
}

/** What of a ride's grit does not depend on how dirty the chain is: worked out once for all states. */
export interface GritRate {
  steps: number;
  outsideKept: number;
  cogsKept: number;
  handBack: number;
  migration: number;
}

/** How fast a ride brings grit, through a lube and for a rider's own factor. */
export function gritRate(x: Exposure, lube: LubeClass | null, grit: number): GritRate {
  const traits = traitsOf(lube);
  const steps = Math.max(1, Math.ceil(x.km / STEP_KM));
  const h = x.km / steps;
  const gather = (traits.stickiness * grit * x.dirtPerKm * h) / outsideScaleKm.value;
  return {
    steps,
    outsideKept: Math.exp(-gather),
    cogsKept: Math.exp(-gather * cogShare.value),
    handBack: 1 - Math.exp(-cogTransfer.value * h),
    migration: (traits.migration * x.km) / insideScaleKm.value,
  };
}

/** Grit after a ride: the equations of `care/ride`, without the film they do not depend on. */
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
  out.kept = Math.exp(-rate.migration * out.meanO);
}

/** Film a ride takes. */
export const filmLost = (x: Exposure, lube: LubeClass | null, lifeKm: number): number =>
  lube === null ? 0 : (x.km * x.load) / lifeKm + traitsOf(lube).washPerMm * x.waterMm;

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
