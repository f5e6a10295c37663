import { memo, useId, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import Svg, { G, Rect } from 'react-native-svg';
import { piecesOf, type RideWeek } from '@/core/rides';
import { formatClimb, formatDistance, type Units } from '@/core/units';
import { weaveId, weaveOf } from '../tape/weave';
import { Weaves } from '../tape/Weaves';
import { Txt, useColors } from '../theme';
import { dateFormat } from '@/core/intl';

interface Props {
  week: RideWeek;
  units: Units;
}

const day = dateFormat({ day: 'numeric', month: 'short', year: 'numeric' });

/** A week: what it came to, and its weather as a strip of tape, a piece a ride, as long as it was. */
export const WeekHead = memo(function WeekHead({ week, units }: Props) {
  const parts = [formatDistance(week.km, units)];
  if (week.climbM !== null) parts.push(`${formatClimb(week.climbM, units)} climbed`);
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

function WeekWeave({ week }: { week: RideWeek }) {
  const colors = useColors();
  const prefix = useId();
  const [width, setWidth] = useState(0);
  const pieces = piecesOf(week).map(({ entry: { ride, sky }, from, share }) => ({
    id: ride.id,
    weave: weaveOf(ride, sky),
    x: from * width,
    width: Math.max(1, share * width - 2),
  }));
  return (
    <View style={styles.weave} onLayout={(event) => setWidth(event.nativeEvent.layout.width)}>
      {width > 0 ? (
        <Svg width={width} height={HEIGHT} aria-hidden>
          <Weaves ink={colors.onTape} prefix={prefix} only={pieces.map((p) => p.weave)} />
          {pieces.map(({ id, weave, ...box }) => (
            <G key={id}>
              <Rect {...box} y={0} height={HEIGHT} fill={colors.tape} />
              <Rect {...box} y={0} height={HEIGHT} fill={`url(#${weaveId(weave, prefix)})`} />
            </G>
          ))}
        </Svg>
      ) : null}
    </View>
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
  weave: { height: HEIGHT },
});
