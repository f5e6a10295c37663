import type { BenchSlot } from './problem';

/** Exposures nearer to one another than this are one: mm of water, share of wet road, dirt units. */
const ALIKE = 0.04;

/** The futures, those together in which the rides of a day, and a bike outdoors, meet the same: on a dry day that is most of them. */
export function alike({ rides, parked }: BenchSlot, futures: number): number[][] {
  if (rides.length === 0 && !parked) return [Array.from({ length: futures }, (_, k) => k)];
  const groups = new Map<string, number[]>();
  for (let k = 0; k < futures; k++) {
    const met = rides.flatMap(({ exposure }) => {
      const x = exposure[k];
      return x ? [x.waterMm, x.onChainMm, x.wetShare, x.dirtPerKm] : [NaN];
    });
    const key = [...met, parked?.mm[k] ?? 0].map((v) => Math.round(v / ALIKE)).join();
    const group = groups.get(key);
    if (group) group.push(k);
    else groups.set(key, [k]);
  }
  return [...groups.values()];
}
