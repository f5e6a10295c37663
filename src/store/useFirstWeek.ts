import { useMemo } from 'react';
import { firstWeek, type FirstStep } from '@/core/help/firstWeek';
import { useAppSelector } from './hooks';
import { selectEvents, selectGarage, selectNow } from './selectors';

/** The steps of the rider's first week that are still to do. */
export function useFirstWeek(): FirstStep[] {
  const events = useAppSelector(selectEvents);
  const garage = useAppSelector(selectGarage);
  const now = useAppSelector(selectNow);
  return useMemo(() => firstWeek(events, garage, now), [events, garage, now]);
}
