import { movedFittings, type MovedFitting, type OnSince } from '@/core/logbook/earlier';
import type { Change } from '@/core/logbook/change';
import type { LogEvent, PlainEvent } from '@/core/records/event';
import type { Unwritten } from '@/core/logbook/events';
import { dateFormat } from '@/core/intl/dates';
import type { Edge } from '../edge';
import { selectEvents } from '../selectors';
import { enter } from '../enter';
import { historyMoved, noticed, ticked } from '../sessionSlice';
import type { AppThunk } from '../store';
import { undoableOf } from '../undo';

/** An event as a form returns it: the moment it happened; the rest is added here (the zone too, unless it is there). */
export type NewEvent = Unwritten & { zone?: string };

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

/** Writes events into the log. Returns their ids. Those from before a chain's first fitting move it back. */
export const record =
  (label: string, events: NewEvent[], more: Omit<Change, 'events'> = {}): AppThunk<string[]> =>
  (dispatch) =>
    dispatch(recordFrom({ from: 'hand' }, label, events, more));

/**
 * Writes rides from files or a recorder into the log, and what the rider says of the time before. Returns their ids.
 * `since`: since when chains were on.
 */
export const recordRides =
  (
    label: string,
    rides: NewEvent[],
    more: Omit<Change, 'events'> = {},
    since: OnSince = {},
  ): AppThunk<string[]> =>
  (dispatch) =>
    dispatch(recordFrom({ from: 'files', since }, label, rides, more));

/** Writes events into the log and, by what they say, that others should have read otherwise: as one step. */
export const recordAmending = (
  label: string,
  events: NewEvent[],
  amendments: readonly Amendment[],
): AppThunk<string[]> => recordFrom({ from: 'hand', amendments }, label, events, {});

/** Where events come from, and since when the rider says chains were on. */
interface Source {
  from: 'hand' | 'files';
  since?: OnSince;
  /** What else should have read otherwise, by what is now known. */
  amendments?: readonly Amendment[];
}

const recordFrom =
  (
    { from, since, amendments = [] }: Source,
    label: string,
    events: NewEvent[],
    more: Omit<Change, 'events'>,
  ): AppThunk<string[]> =>
  (dispatch, getState, edge) => {
    const recordedAt = new Date(edge.now()).toISOString();
    const full = events.map(
      (event) => ({ zone: edge.zone, ...event, id: edge.newId(), recordedAt }) as PlainEvent,
    );
    const moved = movedFittings(selectEvents(getState()), full, from, since);
    const amended = [...amendments, ...moved].map((amendment) => amendedBy(amendment, edge));
    dispatch(perform(label + movedWords(moved), { ...more, events: [...full, ...amended] }));
    return full.map((e) => e.id);
  };

/** Says that chains count as on their bikes since an earlier day. */
function movedWords(moved: readonly MovedFitting[]): string {
  const [first] = moved;
  if (!first) return '';
  return `. The chain counts as fitted on ${day.format(Date.parse(first.replacement.at))}`;
}
const day = dateFormat({ day: 'numeric', month: 'long' });

/** An event and what it should have read. */
export interface Amendment {
  target: PlainEvent;
  replacement: NewEvent;
}

/** The event that says how another should have read. */
function amendedBy({ target, replacement }: Amendment, edge: Edge): LogEvent {
  const at = new Date(edge.now()).toISOString();
  const { id, zone, recordedAt } = target;
  return {
    type: 'eventAmended',
    id: edge.newId(),
    at,
    zone: edge.zone,
    recordedAt: at,
    target: id,
    replacement: { ...replacement, id, zone, recordedAt } as PlainEvent,
  };
}

/** Writes that events should have read otherwise, as one step. Put before a chain's first fitting they move it back. */
export const amendAll =
  (label: string, amendments: readonly Amendment[]): AppThunk =>
  (dispatch, getState, edge) => {
    const targets = new Set(amendments.map(({ target }) => target.id));
    const others = selectEvents(getState()).filter((e) => !targets.has(e.id));
    const replaced = amendments.map((a) => ({ ...a.replacement, id: a.target.id }) as PlainEvent);
    const moved = movedFittings(others, replaced, 'hand');
    const events = [...amendments, ...moved].map((amendment) => amendedBy(amendment, edge));
    dispatch(perform(label + movedWords(moved), { events }));
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
