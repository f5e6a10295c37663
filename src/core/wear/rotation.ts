import type { ReplayStep } from '../care/replay/step';
import { wearLimitPercent } from '../chain/geometry';
import type { Bike, Chain } from '../records/garage';

/** A difference in wear from which swapping pays, %. Common practice. */
export const SWAP_FROM = 0.1;

/** A chain of a bike that takes turns, and how worn it is, %. */
export interface Turn {
  chain: Chain;
  wear: number;
}

/** The chains that take turns on a bike. */
export interface Rotation {
  on: Turn;
  /** The least worn of the others. */
  next: Turn;
  /** Whether the one that is on is worn so much more that they should be swapped. */
  due: boolean;
}

/** The chains a bike has had, in the order of their first fitting. */
export const chainsOf = (steps: readonly ReplayStep[], bikeId: string): string[] => [
  ...new Set(
    steps.flatMap(({ event, chainId }) =>
      event.type === 'chainFitted' && event.bikeId === bikeId ? (chainId ?? []) : [],
    ),
  ),
];

/**
 * Which chain of a bike to ride and whether to swap: the least worn in the drawer that has been on it. One past its limit takes
 * no more turns. Null: there is no other.
 */
export function rotationOf(
  steps: readonly ReplayStep[],
  chains: Readonly<Record<string, Chain>>,
  fitted: ReadonlyMap<string, string>,
  bike: Pick<Bike, 'id' | 'gear'>,
): Rotation | null {
  const onId = fitted.get(bike.id);
  const known = new Map<string, number>();
  for (const step of steps) {
    if (!step.chainId || !step.after) continue;
    known.set(step.chainId, step.after.wear);
  }
  const elsewhere = new Set(fitted.values());
  const turn = (id: string): Turn[] => {
    const chain = chains[id];
    return chain && !chain.retired ? [{ chain, wear: known.get(id) ?? 0 }] : [];
  };
  const [on] = onId ? turn(onId) : [];
  const [next] = chainsOf(steps, bike.id)
    .filter((id) => !elsewhere.has(id))
    .flatMap(turn)
    .filter(({ chain, wear }) => wear < wearLimitPercent(chain.speeds, bike.gear))
    .sort((a, b) => a.wear - b.wear);
  return on && next ? { on, next, due: on.wear - next.wear >= SWAP_FROM } : null;
}
