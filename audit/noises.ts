import type { NoiseRow } from '@/test/faultyBikes';

/** The share of cleaning first that the finder may take at most. */
const MOST_OF_CLEANING = 0.6;

/** Rows in which the finder takes longer than it may. */
export const slowRows = (rows: readonly NoiseRow[]): NoiseRow[] =>
  rows.filter((r) => r.finder > MOST_OF_CLEANING * r.cleaning || r.finder > r.list);

/** The rows as a table. */
export const noiseTable = (rows: readonly NoiseRow[]): string =>
  [
    '| noise | faults | finder, min | best fixed list, min | cleaning three ways first, min |',
    '| --- | --- | --- | --- | --- |',
    ...rows.map(
      (r) =>
        `| ${r.noise} | ${r.times} | ${r.finder.toFixed(1)} | ${r.list.toFixed(1)} | ${r.cleaning.toFixed(1)} |`,
    ),
  ].join('\n');
