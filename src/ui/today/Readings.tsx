import { StyleSheet, View } from 'react-native';
import { extraWatts } from '@/core/care/model/state';
import { STANDARDS } from '@/core/care/model/constants';
import type { ChainReport } from '@/core/care/verdict/report';
import type { MeasureName } from '@/core/help/measures';
import { formatElongation, formatHours, formatNumber, formatShare } from '@/core/units/format';
import { HelpMark } from '../help/HelpMark';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';

interface Props {
  report: ChainReport;
}

/** The chain as the model sees it now: a line a reading, with the mark where it calls for work. */
export function Readings({ report }: Props) {
  const { state, cogs, limits } = report;
  const standard = STANDARDS[limits.standard];
  return (
    <View style={styles.list}>
      <Reading
        label="Lube left"
        help="film"
        value={formatShare(state.film)}
        share={state.film}
        mark={0.15}
        below
      />
      <Reading
        label="Dirt outside"
        help="outside"
        value={formatShare(state.outside)}
        share={state.outside}
        mark={standard.outside}
      />
      <Reading
        label="Grit inside"
        help="inside"
        value={formatShare(state.inside)}
        share={state.inside}
        mark={standard.inside}
      />
      <Reading
        label="Dirt on cassette and rings"
        help="cogs"
        value={formatShare(cogs)}
        share={cogs}
      />
      <Reading
        label="Chain wear"
        help="wear"
        value={formatElongation(state.wear)}
        share={state.wear / (limits.wearPercent * 1.25)}
        mark={0.8}
      />
      <Plain
        label="Watts lost (riding at 250 W)"
        help="watts"
        value={`${formatNumber(Math.round(extraWatts(state) * 10) / 10)} W`}
      />
      <Plain
        label="Water"
        help="water"
        words
        value={state.wetLeftH > 0 ? `wet, dry in ${formatHours(state.wetLeftH)}` : 'dry'}
      />
    </View>
  );
}

interface LineProps {
  label: string;
  help: MeasureName;
  value: string;
  share: number;
  /** Where it calls for work, 0 to 1. */
  mark?: number;
  /** It is the low side that calls. */
  below?: boolean;
}

function Reading({ label, help, value, share, mark, below = false }: LineProps) {
  const colors = useColors();
  const past = mark !== undefined && (below ? share <= mark : share > mark);
  const percent = (x: number) => `${Math.min(100, Math.max(0, x * 100))}%` as const;
  return (
    <View style={styles.reading}>
      <Plain label={label} help={help} value={value} alarm={past} />
      <View style={[styles.track, { backgroundColor: colors.line }]} aria-hidden>
        <View
          style={[
            styles.fill,
            { width: percent(share), backgroundColor: past ? colors.danger : colors.inkSoft },
          ]}
        />
        {mark !== undefined ? (
          <View style={[styles.mark, { left: percent(mark), backgroundColor: colors.danger }]} />
        ) : null}
      </View>
    </View>
  );
}

interface PlainProps {
  label: string;
  help: MeasureName;
  value: string;
  alarm?: boolean;
  /** Words rather than a number. */
  words?: boolean;
}

function Plain({ label, help, value, alarm = false, words = false }: PlainProps) {
  return (
    <View style={styles.row}>
      <View style={styles.label}>
        <Txt variant="small" style={styles.words}>
          {label}
        </Txt>
        <HelpMark measure={help} of={label} />
      </View>
      <Txt variant={words ? 'label' : 'number'} tone={alarm ? 'danger' : 'ink'}>
        {value}
      </Txt>
    </View>
  );
}

const styles = StyleSheet.create({
  list: { gap: 12 },
  reading: { gap: 4 },
  row: {
    flexDirection: 'row',
    justifyContent: 'space-between',
    alignItems: 'center',
    flexWrap: 'wrap',
    columnGap: 12,
  },
  label: { flexDirection: 'row', alignItems: 'center', flexShrink: 1 },
  words: { flexShrink: 1 },
  track: { height: 6, borderRadius: 3 },
  fill: { height: 6, borderRadius: 3 },
  mark: { position: 'absolute', top: -3, width: 2, height: 12 },
});
