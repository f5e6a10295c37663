import { browserEdge } from './edge';
import { openLogbook, type OpenLogbook } from './openLogbook';
import { storageHere } from './readAhead';
import { whichLogbook } from './whichLogbook';

let open: OpenLogbook | null = null;

/** The logbook of this page, opened the first time it is asked for. */
export const openHere = (): OpenLogbook =>
  (open ??= openLogbook(whichLogbook(), browserEdge(), storageHere));

// Before any screen: this file comes in one of the first scripts (scripts/splitScripts.mjs).
openHere();
