import { Slot, usePathname, useRouter } from 'expo-router';
import { useCallback, useDeferredValue, useMemo } from 'react';
import type { RideChange } from '@/core/rides/bulk';
import type { RideEntry } from '@/core/rides/entries';
import { changeMany, deleteMany } from '@/store/commands/manyRides';
import { selectBikes, selectGarage, selectNow, selectUnits } from '@/store/selectors';
import { useAppDispatch, useAppSelector, useRideEntries } from '@/store/hooks';
import { useOnceStill } from '@/store/useOnceStill';
import { downloadText } from '@/ui/download';
import { SideBySide } from '@/ui/frame/SideBySide';
import { useGo } from '@/ui/frame/useGo';
import { RidesPlace } from '@/ui/rides/lazily';

/** Rides: the list, and beside it (over it on a phone) the ride being written. */
export default function RidesLayout() {
  const router = useRouter();
  const path = usePathname();
  const rides = useRideEntries();
  const { bikes } = useAppSelector(selectGarage);
  const inUse = useAppSelector(selectBikes);
  const units = useAppSelector(selectUnits);
  const now = useDeferredValue(useAppSelector(selectNow));
  const isStill = useOnceStill();
  const isWhole = useAppSelector((s) => s.session.phase === 'open');
  const sync = useSync();
  const actions = useRideActions();
  return (
    <SideBySide
      showList={path === '/rides'}
      listName="All rides"
      onBack={() => router.navigate('/rides')}
      list={
        <RidesPlace
          rides={rides}
          isWhole={isWhole}
          isStill={isStill}
          bikes={bikes}
          inUse={inUse}
          units={units}
          now={now}
          openId={path.split('/')[2] ?? null}
          sync={sync}
          {...actions}
        />
      }
    >
      <Slot />
    </SideBySide>
  );
}

/** What a rider can do with the list; the same from one drawing to the next, so that it is not drawn anew for nothing. */
function useRideActions() {
  const dispatch = useAppDispatch();
  const { go } = useGo();
  const { bikes } = useAppSelector(selectGarage);
  return useMemo(
    () => ({
      onLog: () => go('/rides/log'),
      onImport: () => go('/rides/import'),
      onSave: (shown: readonly RideEntry[]) => {
        const save = async () => {
          const { writeRidesCsv } = await import('@/work/writers');
          downloadText('rides.csv', writeRidesCsv(shown, bikes), 'text/csv');
        };
        void save();
      },
      onChange: (chosen: readonly RideEntry['ride'][], what: RideChange) =>
        dispatch(changeMany(chosen, what)),
      onDelete: (chosen: readonly RideEntry['ride'][]) => dispatch(deleteMany(chosen)),
    }),
    [dispatch, go, bikes],
  );
}

/** What fetches rides from the recorder, and what it is at; null where the rider has none. */
function useSync() {
  const dispatch = useAppDispatch();
  const hasRecorder = useAppSelector((s) => s.logbook.settings.recorder);
  const status = useAppSelector((s) => s.session.sync);
  const sync = useCallback(
    async (withDeleted: boolean) => {
      // What reads ride files is not loaded before there are some.
      const { syncRides } = await import('@/store/syncRides');
      await dispatch(syncRides(withDeleted));
    },
    [dispatch],
  );
  return useMemo(
    () =>
      hasRecorder
        ? { status, onSync: () => void sync(false), onWithDeleted: () => void sync(true) }
        : null,
    [hasRecorder, status, sync],
  );
}
