import { rightlyNamed } from '@/test/countedNoises';
import type { NoiseRow } from '@/test/faultyBikes';
import { worstOrder } from '@/test/stepOrders';

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

/** A figure of fault finding and the bound it must hold. */
export interface FaultFigure {
  what: string;
  value: number;
  holds: boolean;
}

const DRIVETRAINS = 1000;
const ORDERS = 250;

/** Orders of steps against all there are, and counts against the thing that was counted. */
export function faultFigures(): FaultFigure[] {
  const single = worstOrder(ORDERS, true);
  const several = worstOrder(ORDERS, false);
  const named = rightlyNamed(DRIVETRAINS);
  return [
    {
      what: `order of steps over the best of all 720, one cause a step, worst of ${ORDERS}; at most 1.01`,
      value: single,
      holds: single <= 1.01,
    },
    {
      what: `the same, several causes a step, worst of ${ORDERS}; at most 1.05`,
      value: several,
      holds: several <= 1.05,
    },
    {
      what: `counts off by one that name the right thing, share of ${DRIVETRAINS} drivetrains; at least 0.9`,
      value: named,
      holds: named >= 0.9,
    },
  ];
}

export const figuresTable = (figures: readonly FaultFigure[]): string =>
  [
    '| figure | value |',
    '| --- | --- |',
    ...figures.map(({ what, value }) => `| ${what} | ${value.toFixed(3)} |`),
  ].join('\n');
