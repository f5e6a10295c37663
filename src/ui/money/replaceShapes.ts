import type { Best, Threshold } from '@/core/money/replace';

/** Where the curve lies within its picture, px. */
export const REPLACE = { height: 200, left: 52, right: 14, top: 12, bottom: 28 } as const;

/** What the curve of replacing draws: wear to the right, cost upwards. */
export interface ReplaceShapes {
  path: string;
  least: { x: number; y: number };
  /** The stretch in which it hardly matters. */
  flat: { x: number; width: number };
  /** Where the chain stands; null beyond the picture. */
  here: { x: number; y: number } | null;
  ticks: { x: number; at: number }[];
  costTicks: { y: number; cost: number }[];
}

/** Costs this many times the least are cut off: no chain is replaced there. */
const MOST = 2.2;
const TICKS = [0.25, 0.5, 0.75, 1, 1.5, 2];

export function replaceShapes(
  curve: readonly Threshold[],
  { least, flat }: Best,
  wear: number,
  width: number,
): ReplaceShapes {
  const shown = curve.filter((t) => t.per1000Km <= least.per1000Km * MOST);
  const first = shown[0]?.at ?? 0;
  const last = shown.at(-1)?.at ?? 1;
  const right = width - REPLACE.right;
  const bottom = REPLACE.height - REPLACE.bottom;
  const most = least.per1000Km * MOST;
  const x = (at: number) =>
    REPLACE.left + ((right - REPLACE.left) * (at - first)) / (last - first || 1);
  const y = (cost: number) => bottom - ((bottom - REPLACE.top) * cost) / (most || 1);
  const points = shown.map((t) => `${x(t.at).toFixed(1)} ${y(t.per1000Km).toFixed(1)}`);
  const near = shown.find((t) => t.at >= wear);
  return {
    path: `M${points.join('L')}`,
    least: { x: x(least.at), y: y(least.per1000Km) },
    flat: { x: x(Math.max(first, flat[0])), width: x(Math.min(last, flat[1])) - x(flat[0]) },
    here: near && wear >= first ? { x: x(wear), y: y(near.per1000Km) } : null,
    ticks: TICKS.filter((at) => at >= first && at <= last).map((at) => ({ x: x(at), at })),
    costTicks: [0, 1, 2].map((n) => ({ y: y(n * least.per1000Km), cost: n * least.per1000Km })),
  };
}
