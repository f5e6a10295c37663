import { stampChange, type Change } from '@/core/logbook/change';
import type { Logbook } from '@/core/logbook/logbook';
import { changed } from './logbookSlice';
import type { AppThunk } from './store';

/** What came of a change: what entered the logbook, and the logbook as it was before. */
export interface Entered {
  entered: Change;
  before: Logbook;
}

/** The one way into the logbook for what the rider or the app does: a change is stamped field by field. */
export const enter =
  (change: Change): AppThunk<Entered> =>
  (dispatch, getState, edge) => {
    const before = getState().logbook;
    const entered = stampChange(change, before, edge.now());
    if (Object.keys(entered).length > 0) dispatch(changed(entered));
    return { entered, before };
  };
