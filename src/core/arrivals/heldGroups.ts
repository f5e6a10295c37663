import type { ImportRow } from './importRides';

/** A ride held back. */
export type HeldRow = Extract<ImportRow, { outcome: 'held' }>;

/** Rides held back for the same reasons, the largest group first. */
export function heldGroups(rows: readonly ImportRow[]): { key: string; rows: HeldRow[] }[] {
  const groups = new Map<string, HeldRow[]>();
  for (const row of rows) {
    if (row.outcome !== 'held') continue;
    const key = row.doubt.odd.join(', ');
    const group = groups.get(key);
    if (group) group.push(row);
    else groups.set(key, [row]);
  }
  return [...groups]
    .map(([key, held]) => ({ key, rows: held }))
    .sort((a, b) => b.rows.length - a.rows.length);
}
