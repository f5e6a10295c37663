import { CARE, type Exposure } from '../care';
import { LUBE_CLASSES, type LubeClass } from '../lube';

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

/** Grit after a ride: the equations of `care/ride`, without the film they do not depend on. */
export function gritAfter(
  o: number,
  c: number,
  x: Exposure,
  lube: LubeClass | null,
  grit: number,
  out: GritStep,
): void {
  const traits = traitsOf(lube);
  const steps = Math.max(1, Math.ceil(x.km / STEP_KM));
  const h = x.km / steps;
  const gather = (traits.stickiness * grit * x.dirtPerKm * h) / outsideScaleKm.value;
  const outsideKept = Math.exp(-gather);
  const cogsKept = Math.exp(-gather * cogShare.value);
  const handBack = 1 - Math.exp(-cogTransfer.value * h);
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
  out.kept = Math.exp((-traits.migration * x.km * out.meanO) / insideScaleKm.value);
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
