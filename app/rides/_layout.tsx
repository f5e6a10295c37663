import { Slot, usePathname, useRouter } from 'expo-router';
import { useDeferredValue } from 'react';
import { changeRides, type RideChange } from '@/core/rides/bulk';
import type { RideEntry } from '@/core/rides/entries';
import { countedRides } from '@/core/words/counted';
import { amendAll, strike } from '@/store/commands/perform';
import { noticed } from '@/store/sessionSlice';
import {
  selectBikes,
  selectFittings,
  selectGarage,
  selectNow,
  selectSession,
  selectSettings,
} from '@/store/selectors';
import { useAppDispatch, useAppSelector, useRideEntries } from '@/store/hooks';
import { useOnceStill } from '@/store/useOnceStill';
import { downloadText } from '@/ui/download';
import { SideBySide } from '@/ui/frame/SideBySide';
import { useGo } from '@/ui/frame/useGo';
import { RidesPlace } from '@/ui/rides/lazily';

/** Rides: the list, and beside it (over it on a phone) the ride being written. */
export default function RidesLayout() {
  const router = useRouter();
  const { go } = useGo();
  const path = usePathname();
  const dispatch = useAppDispatch();
  const rides = useRideEntries();
  const { bikes } = useAppSelector(selectGarage);
  const inUse = useAppSelector(selectBikes);
  const fittings = useAppSelector(selectFittings);
  const { units } = useAppSelector(selectSettings);
  const now = useDeferredValue(useAppSelector(selectNow));
  const isStill = useOnceStill();
  const sync = useSync();
  const { phase } = useAppSelector(selectSession);
  const change = (chosen: readonly RideEntry['ride'][], what: RideChange) => {
    const { changed, refused } = changeRides(chosen, what, fittings);
    const kept = refused > 0 ? `; ${refused} left, no chain was on that bike then` : '';
    const text = `${countedRides(changed.length)} changed${kept}`;
    dispatch(changed.length > 0 ? amendAll(text, changed) : noticed({ text, undo: false }));
  };
  const remove = (chosen: readonly RideEntry['ride'][]) => {
    const ids = chosen.map((r) => r.id);
    dispatch(strike(`${countedRides(chosen.length)} deleted`, ids));
  };
  const saveCsv = async (shown: readonly RideEntry[]) => {
    const { writeRidesCsv } = await import('@/work/writers');
    downloadText('rides.csv', writeRidesCsv(shown, bikes), 'text/csv');
  };
  return (
    <SideBySide
      showList={path === '/rides'}
      listName="All rides"
      onBack={() => router.navigate('/rides')}
      list={
        <RidesPlace
          rides={rides}
          isWhole={phase === 'open'}
          isStill={isStill}
          bikes={bikes}
          inUse={inUse}
          units={units}
          now={now}
          openId={path.split('/')[2] ?? null}
          sync={sync}
          onLog={() => go('/rides/log')}
          onImport={() => go('/rides/import')}
          onSave={(shown) => void saveCsv(shown)}
          onChange={change}
          onDelete={remove}
        />
      }
    >
      <Slot />
    </SideBySide>
  );
}

/** What fetches rides from the recorder, and what it is at; null where the rider has none. */
function useSync() {
  const dispatch = useAppDispatch();
  const { recorder } = useAppSelector(selectSettings);
  const { sync: status } = useAppSelector(selectSession);
  if (!recorder) return null;
  const sync = async (withDeleted: boolean) => {
    // What reads ride files is not loaded before there are some.
    const { syncRides } = await import('@/store/syncRides');
    await dispatch(syncRides(withDeleted));
  };
  return { status, onSync: () => void sync(false), onWithDeleted: () => void sync(true) };
}
