import { fail, ok, type Result } from '../problem';
import type { Place } from '../records/faultEvents';
import { SIDES, type Cause, type Notable } from '../records/faults';
import { readNumber } from './number';

/** A place on a chain as it is typed; no links: the rider did not count. */
export interface PlaceDraft {
  links: string;
  side: Place['side'];
}

export const NO_PLACE: PlaceDraft = { links: '', side: SIDES[0] };

/** What has a place on the chain, worth finding again. */
const PLACED: readonly (Cause | Notable)[] = ['stiff link', 'moved pin'];
export const hasPlace = (what: Cause | Notable): boolean => PLACED.includes(what);

/** A place as entered, on a chain of so many links; null: not counted. */
export function readPlace({ links, side }: PlaceDraft, ofLinks: number): Result<Place | null> {
  if (links.trim() === '') return ok(null);
  const read = readNumber(links);
  if (!read.ok) return read;
  const isThere = Number.isInteger(read.value) && read.value >= 0 && read.value < ofLinks;
  return isThere ? ok({ links: read.value, side }) : fail('place/beyond', { links: ofLinks });
}
