import { bikeOf } from '@/core/care';
import type { ImportedRide } from '@/core/arrivals';
import type { Bike, BikeSpecs, Chain } from '@/core/garage';
import {
  addedEvents,
  changeBetween,
  editOf,
  mergeLogbooks,
  type Change,
  type ChainStart,
  type LogEvent,
  type Logbook,
  type PlainEvent,
  type Stamped,
} from '@/core/logbook';
import type { Settings } from '@/core/settings';
import type { ShelfRow } from '@/core/shelf/rows';
import type { Product } from '@/core/shelf';
import type { Edge } from './edge';
import { enter } from './enter';
import { merged } from './logbookSlice';
import { historyMoved, noticed, noticeClosed, ticked } from './sessionSlice';
import type { AppThunk } from './store';
import { selectReplay } from './selectors';
import { reversal, undoableOf } from './undo';

type Without<T, K extends string> = T extends unknown ? Omit<T, K> : never;

/** An event as a form gives it: the moment it happened, the rest is added here (the zone, unless told). */
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

/** Writes events into the log. Gives their ids. */
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

/** Adds imported rides as one step, and remembers which bike each clue of theirs meant. */
export const importRides =
  (rides: readonly ImportedRide[], bikeRules: Settings['bikeRules']): AppThunk =>
  (dispatch, getState, edge) => {
    const { settings } = getState().logbook;
    dispatch(
      record(
        rides.length === 1 ? '1 ride imported' : `${rides.length} rides imported`,
        rides.map((ride) => ({ type: 'rideLogged' as const, ...ride })),
        {
          settings: {
            ...settings,
            bikeRules: { ...settings.bikeRules, ...bikeRules },
            changedAt: new Date(edge.now()).toISOString(),
          },
        },
      ),
    );
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

type Written<T> = Omit<T, 'changedAt'>;

/**
 * A record as it is to be: of one that is there and was opened in a form, only what was changed in the
 * form, so that what another tab wrote meanwhile stays.
 */
function written<T extends Stamped & { id: string }>(
  record: Written<T>,
  records: Readonly<Record<string, T>>,
  opened: T | null,
  edge: Edge,
): T {
  const edited = { ...record, changedAt: new Date(edge.now()).toISOString() } as T;
  const current = records[edited.id];
  return opened && current ? editOf(current, opened, edited) : edited;
}

/** Adds a bike or changes the one of its id. `opened`: as it was when the rider began to change it. */
export const putBike =
  (label: string, bike: Written<Bike>, opened: Bike | null = null): AppThunk =>
  (dispatch, getState, edge) => {
    const { bikes } = getState().logbook.garage;
    dispatch(perform(label, { bikes: [written(bike, bikes, opened, edge)] }));
  };

/** Adds a chain or changes the one of its id; `opened` as for a bike. */
export const putChain =
  (label: string, chain: Written<Chain>, opened: Chain | null = null): AppThunk =>
  (dispatch, getState, edge) => {
    const { chains } = getState().logbook.garage;
    dispatch(perform(label, { chains: [written(chain, chains, opened, edge)] }));
  };

/** Puts a product on the shelf, or changes the one of its id; `opened` as for a bike. */
export const putProduct =
  (
    label: string,
    product: Omit<Product, 'changedAt' | 'id'> & { id?: string },
    opened: Product | null = null,
  ): AppThunk =>
  (dispatch, getState, edge) => {
    const { products } = getState().logbook.garage;
    const named = { ...product, id: product.id ?? edge.newId() };
    dispatch(perform(label, { products: [written(named, products, opened, edge)] }));
  };

/** Counts a product anew, less an amount that came off it for something the log does not tell. */
export const takeOff =
  ({ product, stock }: ShelfRow, amount: number): AppThunk =>
  (dispatch, _, edge) => {
    const left = Math.max(0, stock.left - amount);
    const leftAt = new Date(edge.now()).toISOString();
    dispatch(putProduct(`Taken off ${product.name}`, { ...product, left, leftAt }));
  };

/** A first bike with its chain on it, as one step: what stands between nothing and a verdict. */
export const startWithBike =
  (preset: { name: string; links: number; specs: BikeSpecs }, start: ChainStart): AppThunk =>
  (dispatch, _, edge) => {
    const now = new Date(edge.now()).toISOString();
    const common = { retired: false, changedAt: now };
    const bike: Bike = { ...preset.specs, ...common, id: edge.newId(), name: preset.name };
    const chain: Chain = {
      ...common,
      id: edge.newId(),
      name: `${preset.name} chain`,
      links: preset.links,
      speeds: preset.specs.speeds,
      closure: 'reusable link',
      directional: false,
    };
    dispatch(
      record(
        `${bike.name} added`,
        [{ type: 'chainFitted', at: now, bikeId: bike.id, chainId: chain.id, start }],
        { bikes: [bike], chains: [chain] },
      ),
    );
  };

/** Takes a bike out of use; the chain on it comes off, so that it can go elsewhere. */
export const retireBike =
  (bike: Bike): AppThunk =>
  (dispatch, getState, edge) => {
    const at = new Date(edge.now()).toISOString();
    const chainId = selectReplay(getState()).replay.book.fitted.get(bike.id);
    const off: NewEvent[] = chainId ? [{ type: 'chainRemoved', at, chainId }] : [];
    const bikes = [{ ...bike, retired: true, changedAt: at }];
    dispatch(record(`${bike.name} removed`, off, { bikes }));
  };

/** Takes a chain out of use, off its bike if it is on one. */
export const retireChain =
  (chain: Chain): AppThunk =>
  (dispatch, getState, edge) => {
    const at = new Date(edge.now()).toISOString();
    const on = bikeOf(selectReplay(getState()).replay.book, chain.id);
    const off: NewEvent[] = on ? [{ type: 'chainRemoved', at, chainId: chain.id }] : [];
    const chains = [{ ...chain, retired: true, changedAt: at }];
    dispatch(record(`${chain.name} removed`, off, { chains }));
  };

export const putSettings =
  (label: string, settings: Partial<Omit<Settings, 'changedAt'>>): AppThunk =>
  (dispatch, getState, edge) => {
    const changedAt = new Date(edge.now()).toISOString();
    dispatch(
      perform(label, { settings: { ...getState().logbook.settings, ...settings, changedAt } }),
    );
  };

/** Takes a backup in, each field with the moment it was written: all of it undone as one. */
export const restoreBackup =
  (backup: Logbook): AppThunk =>
  (dispatch, getState) => {
    const before = getState().logbook;
    const after = mergeLogbooks(before, backup);
    const change = changeBetween(before, after, addedEvents(before.log, after.log));
    const { done } = getState().session;
    dispatch(merged(backup));
    dispatch(
      historyMoved({ done: [...done, undoableOf('Backup restored', change, before)], undone: [] }),
    );
    dispatch(noticed({ text: 'Backup restored', undo: true }));
  };

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
