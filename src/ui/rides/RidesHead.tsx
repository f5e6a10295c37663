import { lazy, Suspense, type ComponentProps } from 'react';
import { StyleSheet, View } from 'react-native';
import type { YearMonth } from '@/core/rides/year';
import type { Units } from '@/core/units/convert';
import { Button } from '../form/Button';
import { Txt } from '../theme/Txt';
import { FindRides } from './FindRides';
import { SyncLine } from './SyncLine';

// The package for charts is heavy and the list does not wait for it.
const YearStrip = lazy(() => import('../charts').then((m) => ({ default: m.YearStrip })));

interface Props {
  /** False where there are no rides to draw or a search is on. */
  hasYear: boolean;
  /** Null until there is time to draw it. */
  year: readonly YearMonth[] | null;
  units: Units;
  /** Null while the search is closed. */
  find: ComponentProps<typeof FindRides> | null;
  /** Null where the rider has no recorder. */
  sync: (ComponentProps<typeof SyncLine> & { onSync: () => void }) | null;
  picking: boolean;
  /** False while older rides are still being read: what looks at all of them waits. */
  isWhole: boolean;
  onLog: () => void;
  onImport: () => void;
  onFind: () => void;
  onPick: () => void;
}

/** Over the list of rides: what to do with them, how to find some, the year at a glance. */
export function RidesHead(props: Props) {
  const { hasYear, year, units, find, sync, picking, isWhole } = props;
  const busy = sync?.status.kind === 'asking' || sync?.status.kind === 'fetching';
  return (
    <View style={styles.head}>
      <View style={styles.row}>
        <Txt variant="title" level={1} style={styles.title}>
          Rides
        </Txt>
        <Button kind="strong" label="Log a ride" onPress={props.onLog} />
      </View>
      <View style={styles.row}>
        {sync ? (
          <Button label="Sync" disabled={busy || !isWhole} onPress={sync.onSync} grow />
        ) : null}
        <Button label="Import" onPress={props.onImport} grow />
        <Button label="Find" expanded={find !== null} onPress={props.onFind} grow />
        <Button label="Select" expanded={picking} disabled={!isWhole} onPress={props.onPick} grow />
      </View>
      {sync ? <SyncLine {...sync} /> : null}
      {find ? <FindRides {...find} /> : null}
      {hasYear ? (
        <View style={styles.year}>
          {year ? (
            <Suspense fallback={null}>
              <YearStrip months={year} units={units} />
            </Suspense>
          ) : null}
        </View>
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  head: { gap: 12 },
  row: { flexDirection: 'row', alignItems: 'center', gap: 8, flexWrap: 'wrap' },
  title: { flexGrow: 1 },
  // As high as the strip, so that nothing jumps when it comes.
  year: { minHeight: 220 },
});
