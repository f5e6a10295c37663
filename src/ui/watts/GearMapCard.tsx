import { StyleSheet, View } from 'react-native';
import { formatNumber, formatShare } from '@/core/units/format';
import { gearKey, type Gear, type GearMap, type GearTime } from '@/core/watts/gears';
import { assumedSentence, formatWatts, leaveAlone } from '@/core/words/watts';
import { Card } from '../frame/Card';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';

interface Props {
  map: GearMap;
  /** Null where no ride recorded its gears. */
  time: GearTime | null;
}

/** Every ring with every cog: how crossed the chain runs, what that takes, and how long it was ridden. */
export function GearMapCard({ map, time }: Props) {
  const { rings, cogs, gears } = map;
  const assumed = assumedSentence(map);
  const alone = leaveAlone(map);
  return (
    <Card title="Gear map" help="gears">
      <Txt>{alone ?? 'No gear of this bike runs the chain badly crossed.'}</Txt>
      {time ? (
        <Txt>
          {`Of the time with gears recorded, ${formatShare(time.crossed / time.minutes)} was in crossed gears.`}
        </Txt>
      ) : (
        <Txt tone="inkSoft">
          No ride recorded its gears. FIT files of electronic gears do; then this shows how long you
          ride in each.
        </Txt>
      )}
      <View role="table" aria-label="Gears, with the angle of the chain and the watts it takes">
        <View role="row" style={styles.row}>
          <Txt variant="label" style={styles.cog}>
            Cog
          </Txt>
          {rings.map((ring) => (
            <View key={ring} role="columnheader" style={styles.cell}>
              <Txt variant="label">{`Ring ${ring}`}</Txt>
            </View>
          ))}
        </View>
        {cogs.map((cog, c) => (
          <View key={`${cog} ${c}`} role="row" style={styles.row}>
            <View role="rowheader" style={styles.cog}>
              <Txt variant="number">{cog}</Txt>
            </View>
            {gears.map((row) => {
              const gear = row[c];
              return gear ? (
                <Cell
                  key={gear.ring}
                  gear={gear}
                  share={
                    time
                      ? (time.byGear.get(gearKey(gear.ring, gear.cog)) ?? 0) / time.minutes
                      : null
                  }
                />
              ) : null;
            })}
          </View>
        ))}
      </View>
      {assumed ? (
        <Txt variant="small" tone="inkSoft">
          {assumed}
        </Txt>
      ) : null}
    </Card>
  );
}

/** A gear: crossed ones on a ground of their own, with a word. */
function Cell({ gear, share }: { gear: Gear; share: number | null }) {
  const colors = useColors();
  const { angle, watts, crossed } = gear;
  return (
    <View
      role="cell"
      style={[
        styles.cell,
        styles.gear,
        {
          backgroundColor: crossed ? colors.dangerCloth : colors.field,
          borderColor: crossed ? colors.danger : colors.line,
        },
      ]}
    >
      <Txt variant="numberSmall">{`${formatNumber(Math.abs(angle))}°  ${formatWatts(watts)}`}</Txt>
      {share !== null && share > 0 ? (
        <Txt variant="small" tone="inkSoft">
          {formatShare(share)}
        </Txt>
      ) : crossed ? (
        <Txt variant="small" tone="danger">
          leave
        </Txt>
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'stretch', gap: 6, marginTop: 4 },
  cog: { width: 44, justifyContent: 'center' },
  cell: { flex: 1, minWidth: 0 },
  gear: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    justifyContent: 'space-between',
    borderWidth: 1,
    borderRadius: 6,
    paddingHorizontal: 8,
    paddingVertical: 5,
  },
});
