import { missed, type Band } from './bands';
import type { Covered } from './coverage';
import { aMonth, lifeKm, type Life } from './obedient';
import { POLICIES, type PolicyName } from './planPolicies';
import type { Outcomes } from './sensitivity';

/** A table of the report in Markdown. */
export const table = (head: readonly string[], rows: readonly (readonly string[])[]): string =>
  [head, head.map(() => '---'), ...rows].map((row) => `| ${row.join(' | ')} |`).join('\n');

const figure = (x: number): string =>
  !Number.isFinite(x)
    ? '–'
    : Math.abs(x) >= 100
      ? Math.round(x).toLocaleString('en')
      : x.toFixed(Math.abs(x) >= 10 ? 1 : 2);

const between = (low: number, high: number): string =>
  high === Infinity
    ? `at least ${figure(low)}`
    : low === 0
      ? `at most ${figure(high)}`
      : `${figure(low)} to ${figure(high)}`;

export const bandTable = (bands: readonly Band[]): string =>
  table(
    ['who', 'what', 'now', 'band', 'basis', ''],
    bands.map((b) => [
      b.who,
      b.what,
      b.value === Infinity ? 'never' : figure(b.value),
      between(b.low, b.high),
      b.basis,
      missed([b]).length > 0 ? '**missed**' : 'holds',
    ]),
  );

export const sweepTable = (lives: readonly { lube: string; life: Life }[]): string =>
  table(
    ['lube', 'wipes a month', 'top-ups', 'cleans', 'life, km', '“wet” after, % of rides'],
    lives.map(({ lube, life }) => [
      lube,
      ...[life.wipes, life.lubes, life.cleans].map((n) => aMonth(n, life).toFixed(1)),
      figure(lifeKm(life)),
      ((100 * (life.headlines.wet ?? 0)) / life.rides).toFixed(0),
    ]),
  );

export const coverageTable = (rows: readonly (Covered & { name: string })[]): string =>
  table(
    ['what is told', 'in the half', 'in the eight tenths'],
    rows.map((r) => [r.name, `${(100 * r.half).toFixed(0)} %`, `${(100 * r.most).toFixed(0)} %`]),
  );

export function policyTable(costs: Record<PolicyName, number>): string {
  const dates = costs['the plan’s dates'];
  return table(
    ['policy', 'cost of four weeks', 'the plan’s dates cost, times it'],
    POLICIES.map((name) => [name, figure(costs[name]), (dates / costs[name]).toFixed(2)]),
  );
}

interface Moved {
  name: string;
  source: string;
  ends: readonly [Outcomes, Outcomes];
}

/** Shares by which each outcome moves from one end of a spread to the other. */
export function sensitivityTable(base: Outcomes, moved: readonly Moved[]): string {
  const keys = Object.keys(base) as (keyof Outcomes)[];
  const swing = ({ ends: [low, high] }: Moved) => keys.map((k) => (high[k] - low[k]) / base[k]);
  const most = (m: Moved) => Math.max(...swing(m).map(Math.abs));
  const sorted = [...moved].sort((a, b) => most(b) - most(a));
  return table(
    ['constant', 'source', 're-lube distance', 'wear life', 'watts', 'plan cost'],
    sorted.map((m) => [
      m.name,
      m.source,
      ...swing(m).map((s) =>
        Math.abs(s) < 0.005 ? '' : `${s > 0 ? '+' : '−'}${Math.abs(100 * s).toFixed(0)} %`,
      ),
    ]),
  );
}
