import { CARE } from '../care/model/constants';
import { LUBE_CLASSES, type LubeClass } from '../lube/classes';
import type { Measure } from '../records/trialKinds';
import { HOURS_PER_WEEK } from '../units/convert';
import type { CoatRun, RagOfCoat, Ridden } from './coats';
import { outsideAfter } from './evidence';

/** All that was ridden on some coats together, and how many handbook lives, or how much grit, it comes to with a lube. */
export interface Common extends Ridden {
  km: number;
}

/** What was ridden on the coats of a trial, both habits together: the weather its answer speaks of. */
export function commonOf(coats: readonly CoatRun[]): Common {
  const all: Common = { km: 0, loadKm: 0, waterMm: 0, hours: 0, dirt: 0, wetDirt: 0 };
  for (const { km, ridden } of coats) {
    all.km += km;
    all.loadKm += ridden.loadKm;
    all.waterMm += ridden.waterMm;
    all.hours += ridden.hours;
    all.dirt += ridden.dirt;
    all.wetDirt += ridden.wetDirt;
  }
  return all;
}

/** Handbook lives that riding takes of a lube, by distance, water and standing. */
export function livesIn({ loadKm, waterMm, hours }: Ridden, lube: LubeClass): number {
  const { lifeKm, washPerMm, idlePerWeek } = LUBE_CLASSES[lube];
  return loadKm / lifeKm + washPerMm * waterMm + (idlePerWeek * hours) / HOURS_PER_WEEK;
}

/** How much grit riding brings to a lube by the handbook, up to a factor that is the same for all. */
export function gritIn(
  { dirt, wetDirt }: Pick<Ridden, 'dirt' | 'wetDirt'>,
  lube: LubeClass,
): number {
  const { stickiness } = LUBE_CLASSES[lube];
  return stickiness * (dirt - wetDirt) + Math.max(CARE.wetStickiness.value, stickiness) * wetDirt;
}

/**
 * The logarithm of A over B by the handbook alone, in the weather that both were ridden in: of kilometres, or of grit a
 * kilometre. 0 where both are of one class, or nothing was ridden.
 */
export function offsetOf(measure: Measure, common: Common, a: LubeClass, b: LubeClass): number {
  if (a === b || common.km === 0) return 0;
  return measure === 'squeak'
    ? Math.log(livesIn(common, b) / livesIn(common, a))
    : Math.log(gritIn(common, a) / gritIn(common, b));
}

/** A coat’s kilometres with its weather taken out: what its lives come to in the weather of all coats. */
export const evenedKm = (lives: number, common: Common, lube: LubeClass): number =>
  common.km === 0 ? 0 : (lives * common.km) / livesIn(common, lube);

/** Grit a rag would have shown after `ragKm` in the weather of all rags, by how much faster than the handbook it came. */
export function evenedLevel(rag: RagOfCoat, all: readonly RagOfCoat[], ragKm: number): number {
  const come = -Math.log(Math.max(1e-6, (1 - rag.level) / (1 - rag.leftOutside)));
  const gathered = all.reduce((sum, r) => sum + r.gathered, 0);
  const km = all.reduce((sum, r) => sum + r.km, 0);
  const times = Math.max(0, come / rag.gathered);
  return outsideAfter(0, (gathered / km) * ragKm, times);
}
