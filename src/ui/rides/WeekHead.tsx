import { memo, useId } from 'react';
import { StyleSheet, View } from 'react-native';
import Svg, { G, Rect } from 'react-native-svg';
import { piecesOf, totalsOf, type RideWeek } from '@/core/rides/weeks';
import { formatClimb, formatDistance } from '@/core/units/format';
import type { Units } from '@/core/units/convert';
import { weaveId, weaveOf } from '../tape/weave';
import { Weaves } from '../tape/Weaves';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';
import { dateFormat } from '@/core/intl/dates';

interface Props {
  week: RideWeek;
  units: Units;
}

const day = dateFormat({ day: 'numeric', month: 'short', year: 'numeric' });

/** A week: what it came to, and its weather as a strip of tape, a piece a ride, as long as it was. */
export const WeekHead = memo(function WeekHead({ week, units }: Props) {
  const { km, climbM } = totalsOf(week);
  const parts = [formatDistance(km, units)];
  if (climbM !== null) parts.push(`${formatClimb(climbM, units)} climbed`);
  return (
    <View style={styles.week}>
      <View style={styles.line}>
        <Txt variant="label" level={2}>
          Week of {day.format(week.start)}
        </Txt>
        <Txt variant="numberSmall" tone="inkSoft">
          {parts.join(', ')}
        </Txt>
      </View>
      <WeekWeave week={week} />
    </View>
  );
});

const HEIGHT = 10;
/** Between one ride's piece and the next, px. */
const GAP = 2;
const percent = (share: number): string => `${100 * share}%`;

/** Drawn in shares of its width: were that measured first, each week would be drawn twice. */
function WeekWeave({ week }: { week: RideWeek }) {
  const colors = useColors();
  const prefix = useId();
  const pieces = piecesOf(week).map(({ entry: { ride, sky }, from, share }) => ({
    id: ride.id,
    weave: weaveOf(ride, sky),
    x: percent(from),
    width: percent(share),
    end: percent(from + share),
  }));
  return (
    <Svg width="100%" height={HEIGHT} aria-hidden>
      <Weaves ink={colors.onTape} prefix={prefix} only={pieces.map((p) => p.weave)} />
      <Rect width="100%" height={HEIGHT} fill={colors.tape} />
      {pieces.map(({ id, weave, end, ...box }) => (
        <G key={id}>
          <Rect {...box} height={HEIGHT} fill={`url(#${weaveId(weave, prefix)})`} />
          <Rect x={end} width={GAP} height={HEIGHT} translateX={-GAP} fill={colors.chalk} />
        </G>
      ))}
    </Svg>
  );
}

const styles = StyleSheet.create({
  week: { gap: 5, paddingTop: 14, paddingBottom: 8 },
  line: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    justifyContent: 'space-between',
    alignItems: 'baseline',
    columnGap: 12,
  },
});
