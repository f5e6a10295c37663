import { Chance } from '@/core/chance';
import {
  ANY_MACHINE,
  CLEAN_THEN_LOOK,
  drawnFault,
  fixedList,
  groundOf,
  minutesByFinder,
  minutesByList,
} from '@/test/faultyBikes';

/** Minutes to the cause of one kind of noise, on the average: by the finder, by the best list, by cleaning first. */
export interface NoiseRow {
  noise: string;
  times: number;
  finder: number;
  list: number;
  cleaning: number;
}

/** The share of cleaning first that the finder may take at most. */
export const MOST_OF_CLEANING = 0.6;

/** Draws faults from the table, lets riders answer as its signs say, and counts minutes until a step shows or cures them. */
export function noiseRows(faults: number): NoiseRow[] {
  const chance = new Chance(17, 5000);
  const ground = groundOf(ANY_MACHINE);
  const list = fixedList(ANY_MACHINE);
  const rows = new Map<string, NoiseRow>();
  for (let n = 0; n < faults; n++) {
    const fault = drawnFault(chance, ANY_MACHINE);
    const noise = fault.answer('noise');
    const row = rows.get(noise) ?? { noise, times: 0, finder: 0, list: 0, cleaning: 0 };
    row.times += 1;
    row.finder += minutesByFinder(chance, ground, fault, noise).minutes;
    row.list += minutesByList(chance, list, fault.cause);
    row.cleaning += minutesByList(chance, CLEAN_THEN_LOOK, fault.cause);
    rows.set(noise, row);
  }
  return [...rows.values()].map((row) => ({
    ...row,
    finder: row.finder / row.times,
    list: row.list / row.times,
    cleaning: row.cleaning / row.times,
  }));
}

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
