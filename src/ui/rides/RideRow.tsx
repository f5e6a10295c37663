import { memo } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import Check from 'lucide-react-native/icons/check';
import { inFull } from '@/core/care/replay/step';
import type { RideEntry } from '@/core/rides/entries';
import { formatExactDistance, formatShare } from '@/core/units/format';
import type { Units } from '@/core/units/convert';
import { LinkBox } from '../frame/LinkBox';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';
import { WEATHER_LABEL } from '@/core/words/labels';
import { dateFormat } from '@/core/intl/dates';

interface Props {
  entry: RideEntry;
  /** Undefined when the garage no longer knows it. */
  bikeName: string | undefined;
  units: Units;
  /** Opened beside the list. */
  open: boolean;
  /** Ticked for a change of many; null while nothing is being picked. */
  ticked: boolean | null;
  onTick: (rideId: string) => void;
}

const day = dateFormat({
  weekday: 'short',
  day: 'numeric',
  month: 'short',
});

/** A ride in the list: when, how far, on what road, and what it took from the film. */
export const RideRow = memo(function RideRow({
  entry: { ride, step, sky },
  bikeName,
  units,
  open,
  ticked,
  onTick,
}: Props) {
  const colors = useColors();
  const { before, after } = inFull(step);
  const film = before && after ? after.film - before.film : null;
  const words = [WEATHER_LABEL[sky.word], ride.surface];
  if (ride.mud) words.push('mud');
  if (sky.salted) words.push('salt');
  const lit = open && ticked === null;
  const style = [
    styles.row,
    {
      backgroundColor: lit ? colors.tape : colors.cloth,
      borderColor: ticked ? colors.strong : colors.line,
    },
  ];
  const inside = (
    <>
      {ticked === null ? null : <Box ticked={ticked} />}
      <View style={styles.left}>
        <Txt variant="strong" tone={lit ? 'onTape' : 'ink'}>
          {day.format(Date.parse(ride.at))} · {bikeName ?? 'A bike no longer here'}
        </Txt>
        <Txt variant="small" tone={lit ? 'onTape' : 'inkSoft'}>
          {words.join(', ')}
          {ride.note ? ` · ${ride.note}` : ''}
        </Txt>
      </View>
      <View style={styles.right}>
        <Txt variant="number" tone={lit ? 'onTape' : 'ink'}>
          {formatExactDistance(ride.distanceKm, units)}
        </Txt>
        <Txt variant="numberSmall" tone={lit ? 'onTape' : 'inkSoft'}>
          {film === null ? 'no chain' : `lube ${formatShare(film).replace('-', '−')}`}
        </Txt>
      </View>
    </>
  );
  return ticked === null ? (
    <LinkBox href={`/rides/${ride.id}`} current={open} style={style}>
      {inside}
    </LinkBox>
  ) : (
    <Pressable role="checkbox" aria-checked={ticked} onPress={() => onTick(ride.id)} style={style}>
      {inside}
    </Pressable>
  );
});

function Box({ ticked }: { ticked: boolean }) {
  const colors = useColors();
  return (
    <View
      style={[
        styles.box,
        { borderColor: colors.lineStrong },
        ticked && { backgroundColor: colors.strong, borderColor: colors.strong },
      ]}
    >
      {ticked ? <Check size={18} color={colors.onStrong} aria-hidden /> : null}
    </View>
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
  box: {
    width: 26,
    height: 26,
    borderWidth: 2,
    borderRadius: 6,
    alignItems: 'center',
    justifyContent: 'center',
  },
  left: { flex: 1 },
  right: { alignItems: 'flex-end' },
});
