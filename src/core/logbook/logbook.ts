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

/** The garage of two copies of a logbook, record by record. Identity is kept when nothing changes. */
export function mergeGarages(ours: Garage, theirs: Garage): Garage {
  const bikes = mergeRecords(ours.bikes, theirs.bikes);
  const chains = mergeRecords(ours.chains, theirs.chains);
  const products = mergeRecords(ours.products, theirs.products);
  const same = bikes === ours.bikes && chains === ours.chains && products === ours.products;
  return same ? ours : { bikes, chains, products };
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
