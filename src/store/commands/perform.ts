import type { Change, LogEvent, PlainEvent } from '@/core/logbook';
import { enter } from '../enter';
import { historyMoved, noticed, ticked } from '../sessionSlice';
import type { AppThunk } from '../store';
import { undoableOf } from '../undo';

type Without<T, K extends string> = T extends unknown ? Omit<T, K> : never;

/** An event as a form returns it: the moment it happened; the rest is added here (the zone too, unless it is there). */
export type NewEvent = Without<PlainEvent, 'id' | 'zone' | 'recordedAt'> & { zone?: string };

/** Does something the rider can undo, and says so in a line that offers it. */
export const perform =
  (label: string, change: Change): AppThunk =>
  (dispatch, getState, edge) => {
    dispatch(ticked(edge.now()));
    const { entered, before } = dispatch(enter(change));
    const isNothing = Object.keys(entered).length === 0;
    if (!isNothing) {
      const { session } = getState();
      const undoable = undoableOf(label, entered, before);
      dispatch(historyMoved({ done: [...session.done, undoable], undone: [] }));
    }
    dispatch(noticed({ text: label, undo: !isNothing }));
  };

/** Writes events into the log. Returns their ids. */
export const record =
  (label: string, events: NewEvent[], more: Omit<Change, 'events'> = {}): AppThunk<string[]> =>
  (dispatch, _, edge) => {
    const recordedAt = new Date(edge.now()).toISOString();
    const full = events.map(
      (event) => ({ zone: edge.zone, ...event, id: edge.newId(), recordedAt }) as LogEvent,
    );
    dispatch(perform(label, { ...more, events: full }));
    return full.map((e) => e.id);
  };

/** An event and what it should have read. */
export interface Amendment {
  target: PlainEvent;
  replacement: NewEvent;
}

/** Writes that events should have read otherwise, as one step. */
export const amendAll =
  (label: string, amendments: readonly Amendment[]): AppThunk =>
  (dispatch, _, edge) => {
    const at = new Date(edge.now()).toISOString();
    const events = amendments.map(({ target, replacement }): LogEvent => ({
      type: 'eventAmended',
      id: edge.newId(),
      at,
      zone: edge.zone,
      recordedAt: at,
      target: target.id,
      replacement: {
        ...replacement,
        id: target.id,
        zone: target.zone,
        recordedAt: target.recordedAt,
      } as PlainEvent,
    }));
    dispatch(perform(label, { events }));
  };

/** Writes that an event should have read otherwise. */
export const amend = (label: string, target: PlainEvent, replacement: NewEvent): AppThunk =>
  amendAll(label, [{ target, replacement }]);

/** Writes that an event is to be disregarded. */
export const strike =
  (label: string, targets: readonly string[]): AppThunk =>
  (dispatch, _, edge) => {
    const at = new Date(edge.now()).toISOString();
    const events = targets.map((target): LogEvent => ({
      type: 'eventStruck',
      id: edge.newId(),
      at,
      zone: edge.zone,
      recordedAt: at,
      target,
    }));
    dispatch(perform(label, { events }));
  };
