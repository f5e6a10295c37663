import { useDeferredValue, useMemo } from 'react';
import { rideEntries, type RideEntry } from '@/core/rides/entries';
import { useOpenLogbook } from './OpenContext';
import { selectReplay } from './selectors';
import { useDispatch, useSelector } from 'react-redux';
import type { AppDispatch, RootState } from './store';

export const useAppDispatch = useDispatch.withTypes<AppDispatch>();
export const useAppSelector = useSelector.withTypes<RootState>();

/** Returns the clock, ms, from the same edge the commands use: screens have no other. */
export const useClock = (): (() => number) => useOpenLogbook().edge.now;

/** Returns what makes new ids, from the same edge the commands use. */
export const useNewId = (): (() => string) => useOpenLogbook().edge.newId;

/** Returns the rides with the weather each met, newest first: worked out once what the rider did is answered. */
export function useRideEntries(): RideEntry[] {
  const view = useDeferredValue(useAppSelector(selectReplay));
  return useMemo(() => rideEntries(view.replay.steps).reverse(), [view]);
}
