import { useEffect } from 'react';
import { useAppDispatch } from './hooks';
import { noticed } from './sessionSlice';
import { hasRideFolder } from './whichLogbook';

/** The logbook comes first. */
const LOOK_AFTER_MS = 4000;

/** When the app opens, says how many new ride files lie in the folder. */
export function useNewInFolder(): void {
  const dispatch = useAppDispatch();
  useEffect(() => {
    // Known without loading what looks through folders: most riders keep none.
    if (!hasRideFolder()) return;
    const timer = setTimeout(() => {
      void import('./rideFolder')
        .then(({ lookThroughRideFolder }) => lookThroughRideFolder(false))
        .then((look) => {
          if (!look || look.fresh.length === 0) return;
          const files =
            look.fresh.length === 1 ? '1 new ride file' : `${look.fresh.length} new ride files`;
          dispatch(noticed({ text: `${files} in “${look.name}”: Rides, Import`, undo: false }));
        });
    }, LOOK_AFTER_MS);
    return () => clearTimeout(timer);
  }, [dispatch]);
}
