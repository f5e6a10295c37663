import { Slot, usePathname, useRouter } from 'expo-router';
import { useCallback, useDeferredValue, useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import {
  changeRides,
  EVERY_RIDE,
  filterRides,
  isFiltered,
  weeksOf,
  yearOf,
  type RideChange,
} from '@/core/rides';
import {
  amendAll,
  noticed,
  selectBikes,
  selectFittings,
  selectGarage,
  selectNow,
  selectSession,
  selectSettings,
  strike,
  useAppDispatch,
  useAppSelector,
  useRideEntries,
} from '@/store';
import { downloadText } from '@/ui/download';
import { SideBySide } from '@/ui/frame';
import { BulkBar } from '@/ui/rides/BulkBar';
import { RidesHead } from '@/ui/rides/RidesHead';
import { RidesList } from '@/ui/rides/RidesList';

/** Rides: the list, and beside it (over it on a phone) the ride being written. */
export default function RidesLayout() {
  const dispatch = useAppDispatch();
  const router = useRouter();
  const path = usePathname();
  const rides = useRideEntries();
  const { bikes } = useAppSelector(selectGarage);
  const inUse = useAppSelector(selectBikes);
  const fittings = useAppSelector(selectFittings);
  const { units, recorder } = useAppSelector(selectSettings);
  const { sync: status } = useAppSelector(selectSession);
  const now = useDeferredValue(useAppSelector(selectNow));
  const [filter, setFilter] = useState(EVERY_RIDE);
  const [finding, setFinding] = useState(false);
  const [ticked, setTicked] = useState<ReadonlySet<string> | null>(null);
  const shown = useMemo(() => filterRides(rides, filter, bikes), [rides, filter, bikes]);
  const weeks = useMemo(() => weeksOf(shown), [shown]);
  const year = useMemo(() => yearOf(rides, now), [rides, now]);
  const chosen = shown.filter((e) => ticked?.has(e.ride.id)).map((e) => e.ride);
  const picking = ticked !== null;

  const press = useCallback(
    (id: string) => {
      if (!picking) router.navigate(`/rides/${id}`);
      else
        setTicked((old) => {
          const next = new Set(old);
          if (!next.delete(id)) next.add(id);
          return next;
        });
    },
    [picking, router],
  );
  const change = (what: RideChange) => {
    const { changed, refused } = changeRides(chosen, what, fittings);
    const kept = refused > 0 ? `; ${refused} left, no chain was on that bike then` : '';
    const text = `${counted(changed.length)} changed${kept}`;
    dispatch(changed.length > 0 ? amendAll(text, changed) : noticed({ text, undo: false }));
  };
  const sync = async (withDeleted: boolean) => {
    // What reads ride files is not loaded before there are some.
    const { syncRides } = await import('@/store/syncRides');
    await dispatch(syncRides(withDeleted));
  };
  const saveCsv = async () => {
    const { writeRidesCsv } = await import('@/work/writers');
    downloadText('rides.csv', writeRidesCsv(shown, bikes), 'text/csv');
  };
  const head = (
    <RidesHead
      year={rides.length > 0 && !finding ? year : null}
      units={units}
      find={
        finding
          ? {
              filter,
              bikes: inUse,
              shown: shown.length,
              of: rides.length,
              onChange: setFilter,
              onSave: () => void saveCsv(),
            }
          : null
      }
      sync={
        recorder
          ? {
              status,
              onSync: () => void sync(false),
              onWithDeleted: () => void sync(true),
            }
          : null
      }
      picking={picking}
      onLog={() => router.navigate('/rides/log')}
      onImport={() => router.navigate('/rides/import')}
      onFind={() => {
        if (finding) setFilter(EVERY_RIDE);
        setFinding(!finding);
      }}
      onPick={() => setTicked(picking ? null : new Set())}
    />
  );
  return (
    <SideBySide
      showList={path === '/rides'}
      listName="All rides"
      onBack={() => router.navigate('/rides')}
      list={
        <View style={styles.list}>
          <RidesList
            weeks={weeks}
            bikes={bikes}
            units={units}
            openId={path.split('/')[2] ?? null}
            ticked={ticked}
            head={head}
            empty={
              isFiltered(filter)
                ? 'No ride fits. Take a word away, or look at any weather.'
                : 'No rides yet. Log the first: one number and a word for the weather.'
            }
            onPress={press}
          />
          {picking ? (
            <BulkBar
              ticked={chosen.length}
              shown={shown.length}
              bikes={inUse}
              onTickAll={() => setTicked(new Set(shown.map((e) => e.ride.id)))}
              onTickNone={() => setTicked(new Set())}
              onChange={change}
              onDelete={() =>
                dispatch(
                  strike(
                    `${counted(chosen.length)} deleted`,
                    chosen.map((r) => r.id),
                  ),
                )
              }
              onDone={() => setTicked(null)}
            />
          ) : null}
        </View>
      }
    >
      <Slot />
    </SideBySide>
  );
}

const counted = (n: number): string => (n === 1 ? '1 ride' : `${n} rides`);

const styles = StyleSheet.create({ list: { flex: 1 } });
