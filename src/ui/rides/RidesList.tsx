import { FlatList, StyleSheet, View } from 'react-native';
import type { Step } from '@/core/care';
import type { Bike } from '@/core/garage';
import type { UnitSystem } from '@/core/units';
import { Button } from '../form';
import { Txt } from '../theme';
import { RideRow } from './RideRow';

interface Props {
  /** Newest first. */
  rides: readonly Step[];
  bikes: Readonly<Record<string, Bike>>;
  units: UnitSystem;
  selectedId: string | null;
  onLog: () => void;
  onImport: () => void;
  onOpen: (rideId: string) => void;
}

/** All rides, newest first. */
export function RidesList({ rides, bikes, units, selectedId, onLog, onImport, onOpen }: Props) {
  return (
    <FlatList
      data={rides}
      keyExtractor={(step) => step.event.id}
      initialNumToRender={14}
      contentContainerStyle={styles.list}
      ListHeaderComponent={
        <View style={styles.head}>
          <Txt variant="title" level={1} style={styles.title}>
            Rides
          </Txt>
          <Button label="Import" onPress={onImport} />
          <Button kind="strong" label="Log a ride" onPress={onLog} />
        </View>
      }
      ListEmptyComponent={
        <Txt tone="inkSoft">
          No rides yet. Log the first: one number and a word for the weather.
        </Txt>
      }
      renderItem={({ item }) =>
        item.event.type === 'rideLogged' ? (
          <RideRow
            ride={item.event}
            step={item}
            bike={bikes[item.event.bikeId]}
            units={units}
            selected={item.event.id === selectedId}
            onPress={() => onOpen(item.event.id)}
          />
        ) : null
      }
    />
  );
}

const styles = StyleSheet.create({
  list: { padding: 16, paddingBottom: 96, maxWidth: 712, width: '100%', alignSelf: 'center' },
  head: { flexDirection: 'row', alignItems: 'center', gap: 12, marginBottom: 14, flexWrap: 'wrap' },
  title: { flexGrow: 1 },
});
