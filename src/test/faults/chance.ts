import { unsafeUniformIntDistribution, xoroshiro128plus } from 'pure-rand';

/** Random draws of one seed, for a schedule that can be played again. */
export interface Chance {
  /** A whole number from 0 to below `n`. */
  below(n: number): number;
  /** True once in `n`. */
  oneIn(n: number): boolean;
  pick<T>(list: readonly T[]): T;
}

export function chanceOf(seed: number): Chance {
  const source = xoroshiro128plus(seed);
  const below = (n: number) => unsafeUniformIntDistribution(0, n - 1, source);
  return {
    below,
    oneIn: (n) => below(n) === 0,
    pick: (list) => list[below(list.length)] as (typeof list)[number],
  };
}
