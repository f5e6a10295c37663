import { createAction, freeze, type UnknownAction } from '@reduxjs/toolkit';
import { applyChange, type Change } from '@/core/logbook/change';
import { mergeLogbooks, type Logbook } from '@/core/logbook/logbook';
import { EMPTY_LOGBOOK } from './logbookFile';

export const opened = createAction<Logbook>('logbook/opened');
export const merged = createAction<Logbook>('logbook/merged');
/** Only `enter` sends this: it makes a change sound first. */
export const changed = createAction<Change>('logbook/changed');

/** In tests whatever is in the store cannot be changed in place; in production that would be looked for in the whole log. */
const guarded: (logbook: Logbook) => Logbook =
  process.env.NODE_ENV === 'production' ? (logbook) => logbook : (logbook) => freeze(logbook, true);

/**
 * The rider's data. Reducers keep the identity of what they do not touch: saving relies on it. No slice: what
 * core hands over is new already, and a slice would walk through the whole log to freeze it (docs/performance.md).
 */
export function logbookReducer(logbook: Logbook = EMPTY_LOGBOOK, action: UnknownAction): Logbook {
  if (opened.match(action)) return guarded(action.payload);
  if (merged.match(action)) return guarded(mergeLogbooks(logbook, action.payload));
  if (changed.match(action)) return guarded(applyChange(logbook, action.payload));
  return logbook;
}
