import { enter } from '../enter';
import { historyMoved, noticed, noticeClosed } from '../sessionSlice';
import type { AppThunk } from '../store';
import { reversal, undoableOf } from '../undo';

/** Takes the last action back. What was changed since, in another tab, stays as it is. */
export const undo = (): AppThunk => (dispatch, getState, edge) => {
  const { logbook, session } = getState();
  const last = session.done.at(-1);
  if (!last) return;
  const { entered, before } = dispatch(enter(reversal(last, logbook, edge)));
  const redone = undoableOf(last.label, entered, before);
  const done = session.done.slice(0, -1);
  const isNothing = Object.keys(entered).length === 0;
  dispatch(
    historyMoved({ done, undone: isNothing ? session.undone : [...session.undone, redone] }),
  );
  const text = isNothing ? `Changed since, so it stays: ${last.label}` : `Undone: ${last.label}`;
  dispatch(noticed({ text, undo: false }));
};

export const redo = (): AppThunk => (dispatch, getState, edge) => {
  const { logbook, session } = getState();
  const next = session.undone.at(-1);
  if (!next) return;
  const { entered, before } = dispatch(enter(reversal(next, logbook, edge)));
  const again = undoableOf(next.label, entered, before);
  dispatch(historyMoved({ done: [...session.done, again], undone: session.undone.slice(0, -1) }));
  dispatch(noticed({ text: `Done again: ${next.label}`, undo: true }));
};

export const closeNotice = (): AppThunk => (dispatch) => dispatch(noticeClosed());
