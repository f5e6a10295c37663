import { useMemo, type ReactElement } from 'react';
import { StyleSheet } from 'react-native';
import type { Bike } from '@/core/garage';
import type { RideEntry, RideWeek } from '@/core/rides';
import type { Units } from '@/core/units';
import { useKeptScroll } from '../frame';
import { LongList } from '../frame/LongList';
import { Txt } from '../theme';
import { RideRow } from './RideRow';
import { WeekHead } from './WeekHead';

interface Props {
  /** Newest first. */
  weeks: readonly RideWeek[];
  bikes: Readonly<Record<string, Bike>>;
  units: Units;
  openId: string | null;
  /** Rides ticked for a change of many; null while nothing is being picked. */
  ticked: ReadonlySet<string> | null;
  head: ReactElement;
  /** Said when there is no ride to show. */
  empty: string;
  onTick: (rideId: string) => void;
}

type Item = { kind: 'week'; week: RideWeek } | { kind: 'ride'; entry: RideEntry };

/** Rides by week, newest first. Only what is near the screen is drawn, however many there are. */
export function RidesList({ weeks, bikes, units, openId, ticked, head, empty, onTick }: Props) {
  const items = useMemo(
    () =>
      weeks.flatMap((week): Item[] => [
        { kind: 'week', week },
        ...week.rides.map((entry): Item => ({ kind: 'ride', entry })),
      ]),
    [weeks],
  );
  const ref = useKeptScroll('rides', true);
  return (
    <LongList
      ref={ref as never}
      {...({ dataSet: { page: '' } } as object)}
      data={items}
      extraData={[openId, ticked, units]}
      keyExtractor={(item) =>
        item.kind === 'week' ? `week ${item.week.start}` : item.entry.ride.id
      }
      initialNumToRender={12}
      maxToRenderPerBatch={8}
      windowSize={7}
      contentContainerStyle={styles.list}
      ListHeaderComponent={head}
      ListEmptyComponent={<Txt tone="inkSoft">{empty}</Txt>}
      renderItem={({ item }) =>
        item.kind === 'week' ? (
          <WeekHead week={item.week} units={units} />
        ) : (
          <RideRow
            entry={item.entry}
            bikeName={bikes[item.entry.ride.bikeId]?.name}
            units={units}
            open={item.entry.ride.id === openId}
            ticked={ticked && ticked.has(item.entry.ride.id)}
            onTick={onTick}
          />
        )
      }
    />
  );
}

const styles = StyleSheet.create({
  list: { padding: 16, paddingBottom: 96, maxWidth: 712, width: '100%', alignSelf: 'center' },
});
