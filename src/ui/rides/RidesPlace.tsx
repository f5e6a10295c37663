import { memo, startTransition, useCallback, useMemo, useState, type ComponentProps } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Bike } from '@/core/records/garage';
import { EVERY_RIDE, filterRides, isFiltered, type RideFilter } from '@/core/rides/filter';
import { weeksOf } from '@/core/rides/weeks';
import { yearOf } from '@/core/rides/year';
import type { RideChange } from '@/core/rides/bulk';
import type { RideEntry } from '@/core/rides/entries';
import type { Units } from '@/core/units/convert';
import { BulkBar } from './BulkBar';
import { RidesHead } from './RidesHead';
import { RidesList } from './RidesList';
import { useWritten } from '../useSay';

type Ride = RideEntry['ride'];

interface Props {
  /** Newest first. */
  rides: readonly RideEntry[];
  /** False while older rides are still being read. */
  isWhole: boolean;
  /** Whether there is time to draw the year. */
  isStill: boolean;
  /** All bikes by id, for the names; and those in use. */
  bikes: Readonly<Record<string, Bike>>;
  inUse: readonly Bike[];
  units: Units;
  /** Ms; the year drawn ends here. */
  now: number;
  openId: string | null;
  /** Null where the rider has no recorder. */
  sync: ComponentProps<typeof RidesHead>['sync'];
  onLog: () => void;
  onImport: () => void;
  /** Saves the rides shown as a table. */
  onSave: (shown: readonly RideEntry[]) => void;
  onChange: (chosen: readonly Ride[], what: RideChange) => void;
  onDelete: (chosen: readonly Ride[]) => void;
}

/** Rides drawn at once: some screens full. Own choice. */
const FIRST = 400;

const NONE_FITS = 'No ride fits. Take a word away, or look at any weather.';
const NONE_YET = 'No rides yet. Log the first: one number and a word for the weather.';
const NONE_LATELY = 'No ride in the last year.';

/** Ids of the rides that are ticked; null while none are being picked. */
type Ticked = ReadonlySet<string> | null;

/** All rides: found by a word or the weather, ticked to be changed many at once. */
export const RidesPlace = memo(function RidesPlace(props: Props) {
  const { bikes, inUse, units, isWhole } = props;
  const [filter, setFilter] = useState(EVERY_RIDE);
  const [finding, setFinding] = useState(false);
  const [ticked, setTicked] = useState<Ticked>(null);
  const { rides, onEnd } = useNewestFirst(props.rides, finding || ticked !== null);
  const { shown, weeks } = useShown(rides, filter, bikes);
  const tick = useTick(setTicked);
  const counts = { shown: shown.length, of: rides.length };
  const find = { ...counts, bikes: inUse, onChange: setFilter, onSave: () => props.onSave(shown) };
  const head = (
    <RidesHead
      hasYear={rides.length > 0 && !finding}
      year={useYear(props)}
      units={units}
      find={finding ? { ...find, filter } : null}
      sync={props.sync}
      picking={ticked !== null}
      isWhole={isWhole}
      onLog={props.onLog}
      onImport={props.onImport}
      onFind={() => {
        if (finding) setFilter(EVERY_RIDE);
        setFinding(!finding);
      }}
      onPick={() => setTicked(ticked ? null : new Set())}
    />
  );
  const chosen = shown.flatMap(({ ride }) => (ticked?.has(ride.id) ? ride : []));
  return (
    <View style={styles.list}>
      <RidesList
        weeks={weeks}
        bikes={bikes}
        units={units}
        openId={props.openId}
        ticked={ticked}
        head={head}
        foot={isWhole ? null : 'Older rides are still being read.'}
        empty={isFiltered(filter) ? NONE_FITS : isWhole ? NONE_YET : NONE_LATELY}
        onTick={tick}
        onEnd={onEnd}
      />
      {ticked ? (
        <BulkBar
          ticked={chosen.length}
          shown={shown.length}
          bikes={inUse}
          onTickAll={() => setTicked(new Set(shown.map((e) => e.ride.id)))}
          onTickNone={() => setTicked(new Set())}
          onChange={(what) => props.onChange(chosen, what)}
          onDelete={() => props.onDelete(chosen)}
          onDone={() => setTicked(null)}
        />
      ) : null}
    </View>
  );
});

/** The newest rides, until all are called for or looked at, and all from then on: the first rows do not wait for twenty years of others. */
function useNewestFirst(all: readonly RideEntry[], callsForAll: boolean) {
  const [wantsAll, setWantsAll] = useState(false);
  // Kept, or the list would jump to its newest once a search is closed.
  if (callsForAll && !wantsAll) setWantsAll(true);
  const isAll = callsForAll || wantsAll || all.length <= FIRST;
  const rides = useMemo(() => (isAll ? all : all.slice(0, FIRST)), [isAll, all]);
  const onEnd = useCallback(() => startTransition(() => setWantsAll(true)), []);
  return { rides, onEnd };
}

/** The rides that a filter lets through, and their weeks. */
function useShown(
  rides: readonly RideEntry[],
  filter: RideFilter,
  bikes: Readonly<Record<string, Bike>>,
) {
  const { weekStart } = useWritten();
  const shown = useMemo(() => filterRides(rides, filter, bikes), [rides, filter, bikes]);
  const weeks = useMemo(() => weeksOf(shown, weekStart), [shown, weekStart]);
  return { shown, weeks };
}

/** The year that is drawn; null until there is time to. */
const useYear = ({ rides, now, isStill }: Props) =>
  useMemo(() => (isStill ? yearOf(rides, now) : null), [isStill, rides, now]);

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

const styles = StyleSheet.create({ list: { flex: 1 } });
