import { curveOf } from '@/core/learn/curve';
import type { Belief } from '@/core/learn/belief';

/** Where the curve lies in its drawing, px. */
export const BELIEF = { height: 112, top: 6, base: 88 } as const;

/** From a third of the handbook figure to three times it. */
const REACH = 3;
const TICKS = [1 / 2, 1, 2];

/** The paths of a belief and its prior in a drawing so wide, the ticks under it and where its middle is. */
export function beliefShapes(prior: Belief, belief: Belief, width: number) {
  const xOf = (factor: number) => (width * (Math.log(factor) / Math.log(REACH) + 1)) / 2;
  const now = curveOf(belief, prior, REACH);
  const before = curveOf(prior, prior, REACH);
  const most = Math.max(1, ...now.map((p) => p.height));
  const path = (points: typeof now) =>
    points
      .map(({ factor, height }, n) => {
        const y = BELIEF.base - ((BELIEF.base - BELIEF.top) * height) / most;
        return `${n === 0 ? 'M' : 'L'}${xOf(factor).toFixed(1)} ${y.toFixed(1)}`;
      })
      .join(' ');
  return {
    before: path(before),
    now: path(now),
    mid: xOf(belief.mid),
    ticks: TICKS.map((factor) => ({ factor, x: xOf(factor), anchor: 'middle' as const })),
  };
}
