import type { Garage } from '../garage';
import type { Settings } from '../settings';
import { addEvents, allEvents, type LogChunks } from './chunks';

/** All that a rider's data is: what stands in the garage, the settings, and the log. */
export interface Logbook {
  garage: Garage;
  settings: Settings;
  log: LogChunks;
}

interface Dated {
  changedAt: string;
}

/** Of two versions of a record the one changed later; ours when they are of the same moment. */
export const newer = <T extends Dated>(ours: T | undefined, theirs: T): T =>
  !ours || theirs.changedAt > ours.changedAt ? theirs : ours;

function mergeRecords<T extends Dated>(
  ours: Record<string, T>,
  theirs: Record<string, T>,
): Record<string, T> {
  const merged = { ...ours };
  let changed = false;
  for (const [id, record] of Object.entries(theirs)) {
    const kept = newer(ours[id], record);
    if (kept === ours[id]) continue;
    merged[id] = kept;
    changed = true;
  }
  return changed ? merged : ours;
}

/** Whether two garages hold the very same records. */
export const sameRecords = (a: Garage, b: Garage): boolean =>
  (Object.keys(a) as (keyof Garage)[]).every((kind) => a[kind] === b[kind]);

/** The garage of two copies of a logbook, record by record. Identity is kept when nothing changes. */
export function mergeGarages(ours: Garage, theirs: Garage): Garage {
  const merged: Garage = {
    bikes: mergeRecords(ours.bikes, theirs.bikes),
    chains: mergeRecords(ours.chains, theirs.chains),
    products: mergeRecords(ours.products, theirs.products),
    planned: mergeRecords(ours.planned, theirs.planned),
    planMarks: mergeRecords(ours.planMarks, theirs.planMarks),
  };
  return sameRecords(ours, merged) ? ours : merged;
}

/**
 * Two copies of a logbook made one: every event of both, of each record the newer. Merging twice is
 * merging once, and the order does not matter: this is what keeps two tabs and restored backups safe.
 */
export const mergeLogbooks = (ours: Logbook, theirs: Logbook): Logbook => ({
  garage: mergeGarages(ours.garage, theirs.garage),
  settings: newer(ours.settings, theirs.settings),
  log: addEvents(ours.log, allEvents(theirs.log)),
});
