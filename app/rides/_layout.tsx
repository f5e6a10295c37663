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
  type RideEntry,
  type RideFilter,
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
import { countedRides } from '@/core/words/counted';
import { RidesHead } from '@/ui/rides/RidesHead';
import { RidesList } from '@/ui/rides/RidesList';

/** Rides: the list, and beside it (over it on a phone) the ride being written. */
export default function RidesLayout() {
  const router = useRouter();
  const path = usePathname();
  const rides = useRideEntries();
  const { bikes } = useAppSelector(selectGarage);
  const { units } = useAppSelector(selectSettings);
  const [filter, setFilter] = useState(EVERY_RIDE);
  const [finding, setFinding] = useState(false);
  const [ticked, setTicked] = useState<Ticked>(null);
  const shown = useMemo(() => filterRides(rides, filter, bikes), [rides, filter, bikes]);
  const weeks = useMemo(() => weeksOf(shown), [shown]);
  const tick = useTick(setTicked);
  const head = (
    <Head
      rides={rides}
      shown={shown}
      filter={finding ? filter : null}
      onFilter={setFilter}
      onFind={() => {
        if (finding) setFilter(EVERY_RIDE);
        setFinding(!finding);
      }}
      picking={ticked !== null}
      onPick={() => setTicked(ticked ? null : new Set())}
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
            onTick={tick}
          />
          {ticked ? <Bulk ticked={ticked} shown={shown} onTick={setTicked} /> : null}
        </View>
      }
    >
      <Slot />
    </SideBySide>
  );
}

/** Ids of the rides that are ticked; null while none are being picked. */
type Ticked = ReadonlySet<string> | null;

/** Ticks a ride, or takes its tick away. */
const useTick = (setTicked: (next: (old: Ticked) => Ticked) => void) =>
  useCallback(
    (id: string) =>
      setTicked((old) => {
        const next = new Set(old);
        if (!next.delete(id)) next.add(id);
        return next;
      }),
    [setTicked],
  );

interface HeadProps {
  rides: readonly RideEntry[];
  shown: readonly RideEntry[];
  /** Null: nothing is being looked for. */
  filter: RideFilter | null;
  onFilter: (filter: RideFilter) => void;
  onFind: () => void;
  picking: boolean;
  onPick: () => void;
}

/** What stands over the list: the year, finding, fetching, logging. */
function Head({ rides, shown, filter, onFilter, onFind, picking, onPick }: HeadProps) {
  const dispatch = useAppDispatch();
  const router = useRouter();
  const { bikes } = useAppSelector(selectGarage);
  const inUse = useAppSelector(selectBikes);
  const { units, recorder } = useAppSelector(selectSettings);
  const { sync: status } = useAppSelector(selectSession);
  const now = useDeferredValue(useAppSelector(selectNow));
  const year = useMemo(() => yearOf(rides, now), [rides, now]);
  const sync = async (withDeleted: boolean) => {
    // What reads ride files is not loaded before there are some.
    const { syncRides } = await import('@/store/syncRides');
    await dispatch(syncRides(withDeleted));
  };
  const saveCsv = async () => {
    const { writeRidesCsv } = await import('@/work/writers');
    downloadText('rides.csv', writeRidesCsv(shown, bikes), 'text/csv');
  };
  const counts = { shown: shown.length, of: rides.length };
  const find = { ...counts, bikes: inUse, onChange: onFilter, onSave: () => void saveCsv() };
  const fetch = { status, onSync: () => void sync(false), onWithDeleted: () => void sync(true) };
  return (
    <RidesHead
      year={rides.length > 0 && !filter ? year : null}
      units={units}
      find={filter ? { ...find, filter } : null}
      sync={recorder ? fetch : null}
      picking={picking}
      onLog={() => router.navigate('/rides/log')}
      onImport={() => router.navigate('/rides/import')}
      onFind={onFind}
      onPick={onPick}
    />
  );
}

interface BulkProps {
  ticked: ReadonlySet<string>;
  shown: readonly RideEntry[];
  onTick: (ticked: Ticked) => void;
}

/** What can be done with all rides that are ticked. */
function Bulk({ ticked, shown, onTick }: BulkProps) {
  const dispatch = useAppDispatch();
  const bikes = useAppSelector(selectBikes);
  const fittings = useAppSelector(selectFittings);
  const chosen = shown.filter((e) => ticked.has(e.ride.id)).map((e) => e.ride);
  const change = (what: RideChange) => {
    const { changed, refused } = changeRides(chosen, what, fittings);
    const kept = refused > 0 ? `; ${refused} left, no chain was on that bike then` : '';
    const text = `${countedRides(changed.length)} changed${kept}`;
    dispatch(changed.length > 0 ? amendAll(text, changed) : noticed({ text, undo: false }));
  };
  const remove = () => {
    const ids = chosen.map((r) => r.id);
    dispatch(strike(`${countedRides(chosen.length)} deleted`, ids));
  };
  return (
    <BulkBar
      ticked={chosen.length}
      shown={shown.length}
      bikes={bikes}
      onTickAll={() => onTick(new Set(shown.map((e) => e.ride.id)))}
      onTickNone={() => onTick(new Set())}
      onChange={change}
      onDelete={remove}
      onDone={() => onTick(null)}
    />
  );
}

const styles = StyleSheet.create({ list: { flex: 1 } });
