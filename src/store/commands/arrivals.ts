import { onSinceOf, pastWork, type Pasts } from '@/core/arrivals/older';
import type { ImportedRide } from '@/core/arrivals/importRides';
import type { NewWork } from '@/core/arrivals/pastWork';
import { addedEvents } from '@/core/logbook/chunks';
import { changeBetween } from '@/core/logbook/change';
import { mergeLogbooks, type Logbook } from '@/core/logbook/logbook';
import type { Settings } from '@/core/records/settings';
import { countedThings } from '@/core/words/counted';
import { merged } from '../logbookSlice';
import { selectEvents } from '../selectors';
import { historyMoved, noticed } from '../sessionSlice';
import type { AppThunk } from '../store';
import { undoableOf } from '../undo';
import { recordRides } from './perform';

/**
 * Adds imported rides as one step, with what the rider says of the chains they were ridden on, and remembers which bike
 * each clue of theirs meant.
 */
export const importRides =
  (
    { rides, work }: { rides: readonly ImportedRide[]; work: readonly NewWork[] },
    bikeRules: Settings['bikeRules'],
    pasts: Pasts,
  ): AppThunk =>
  (dispatch, getState, edge) => {
    const { settings } = getState().logbook;
    const said = pastWork(pasts, selectEvents(getState()));
    dispatch(
      recordRides(
        `${countedThings(rides.length, work.length)} imported`,
        [...rides.map((ride) => ({ type: 'rideLogged' as const, ...ride })), ...work, ...said],
        {
          settings: {
            ...settings,
            bikeRules: { ...settings.bikeRules, ...bikeRules },
            changedAt: new Date(edge.now()).toISOString(),
          },
        },
        onSinceOf(pasts),
      ),
    );
  };

/** Takes a backup in, each field with the moment it was written: all of it undone as one. */
export const restoreBackup =
  (backup: Logbook, label = 'Backup restored'): AppThunk =>
  (dispatch, getState) => {
    const before = getState().logbook;
    const after = mergeLogbooks(before, backup);
    const change = changeBetween(before, after, addedEvents(before.log, after.log));
    const { done } = getState().session;
    dispatch(merged(backup));
    dispatch(historyMoved({ done: [...done, undoableOf(label, change, before)], undone: [] }));
    dispatch(noticed({ text: label, undo: true }));
  };
