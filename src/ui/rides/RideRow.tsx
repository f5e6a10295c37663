import { Pressable, StyleSheet, View } from 'react-native';
import { inFull, type Step } from '@/core/care';
import type { Bike } from '@/core/garage';
import type { RideLogged } from '@/core/logbook';
import { formatExactDistance, formatShare, type UnitSystem } from '@/core/units';
import { Txt, useColors } from '../theme';
import { WEATHER_LABEL } from '../words';

interface Props {
  ride: RideLogged;
  step: Step;
  /** Undefined when the garage no longer knows it. */
  bike: Bike | undefined;
  units: UnitSystem;
  selected: boolean;
  onPress: () => void;
}

const day = new Intl.DateTimeFormat(undefined, {
  weekday: 'short',
  day: 'numeric',
  month: 'short',
});

/** A ride in the list: when, how far, on what road, and what it took from the film. */
export function RideRow({ ride, step, bike, units, selected, onPress }: Props) {
  const colors = useColors();
  const { before, after } = inFull(step, bike);
  const film = before && after ? after.film - before.film : null;
  const words = [WEATHER_LABEL[ride.weather], ride.surface];
  if (ride.mud) words.push('mud');
  if (ride.salted) words.push('salt');
  return (
    <Pressable
      role="button"
      aria-pressed={selected}
      onPress={onPress}
      style={[
        styles.row,
        {
          backgroundColor: selected ? colors.tape : colors.cloth,
          borderColor: colors.line,
        },
      ]}
    >
      <View style={styles.left}>
        <Txt variant="strong" tone={selected ? 'onTape' : 'ink'}>
          {day.format(Date.parse(ride.at))} · {bike?.name ?? 'A bike no longer here'}
        </Txt>
        <Txt variant="small" tone={selected ? 'onTape' : 'inkSoft'}>
          {words.join(', ')}
          {ride.note ? ` · ${ride.note}` : ''}
        </Txt>
      </View>
      <View style={styles.right}>
        <Txt variant="number" tone={selected ? 'onTape' : 'ink'}>
          {formatExactDistance(ride.distanceKm, units)}
        </Txt>
        <Txt variant="numberSmall" tone={selected ? 'onTape' : 'inkSoft'}>
          {film === null ? 'no chain' : `film ${formatShare(film).replace('-', '−')}`}
        </Txt>
      </View>
    </Pressable>
  );
}

const styles = StyleSheet.create({
  row: {
    flexDirection: 'row',
    gap: 12,
    minHeight: 64,
    paddingHorizontal: 14,
    paddingVertical: 10,
    borderWidth: 1,
    borderRadius: 12,
    marginBottom: 8,
    alignItems: 'center',
  },
  left: { flex: 1 },
  right: { alignItems: 'flex-end' },
});
