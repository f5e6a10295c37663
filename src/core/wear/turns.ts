import type { ReplayStep } from '../care/replay/step';
import { wearLimitPercent } from '../chain/geometry';
import type { Bike } from '../records/garage';
import { foresee } from './foresee';
import { wearRateOf } from './rate';
import type { Rotation } from './rotation';

/** What taking turns changes for two chains of a bike, in km from now. The middle of what is foreseen. */
export interface TurnsAhead {
  /** Left on, the one that is on is at its limit. */
  aloneKm: number;
  /** Taking turns, both are at their limits. */
  bothKm: number;
  /** What the one that is on would have cut the cogs to by then, %. */
  limit: number;
}

/**
 * What turns save: no chain, for each goes as far as it would alone, and no share of the cassette's life, which hangs
 * on how worn the chain on it is (`partWear`); but no fresh chain meets cogs that a worn one has cut. Null: the one that
 * is on is past its limit.
 */
export function turnsAhead(
  steps: readonly ReplayStep[],
  { on, next }: Rotation,
  bike: Pick<Bike, 'gear'>,
): TurnsAhead | null {
  const stateOf = (id: string) => steps.findLast((s) => s.chainId === id && s.after)?.after;
  const limit = wearLimitPercent(on.chain.speeds, bike.gear);
  const [a, b] = [stateOf(on.chain.id), stateOf(next.chain.id)];
  // A chain of the drawer that never ran is on its first kilometre.
  if (!a || !b || on.wear >= limit) return null;
  // Both run on the same rides with the same care: those of the one that is on.
  const rate = wearRateOf(steps, on.chain.id);
  const aloneKm = foresee(a, rate, limit).mid;
  return { aloneKm, bothKm: aloneKm + foresee(b, rate, limit).mid, limit };
}
