import Redo2 from 'lucide-react-native/icons/redo-2';
import Undo2 from 'lucide-react-native/icons/undo-2';
import { StyleSheet, View } from 'react-native';
import type { ReplayStep } from '@/core/care/replay/step';
import type { Garage } from '@/core/records/garage';
import type { Units } from '@/core/units/convert';
import { Button } from '../form/Button';
import { LongList } from '../frame/LongList';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';
import { eventLine } from '@/core/words/event';
import { dateFormat } from '@/core/intl/dates';

interface Props {
  /** Newest first. */
  steps: readonly ReplayStep[];
  /** Newer ones that are not shown, and the way to them. */
  newer: number;
  onAll: () => void;
  garage: Garage;
  units: Units;
  onDelete: (eventId: string) => void;
  onRecord: () => void;
  /** What undo would take back, and redo bring back; null: nothing. */
  last: string | null;
  undone: string | null;
  onUndo: () => void;
  onRedo: () => void;
}

const keyOf = ({ event }: ReplayStep): string => event.id;

/** With letters of the usual size, px. */
const likelyHeight = (): number => 57;

const day = dateFormat({ day: 'numeric', month: 'short', year: 'numeric' });

/** Work, notes, readings and fittings, newest first. */
export function HistoryList({
  steps,
  newer,
  onAll,
  garage,
  units,
  onDelete,
  onRecord,
  ...undo
}: Props) {
  const colors = useColors();
  return (
    <LongList
      items={steps}
      keyOf={keyOf}
      likelyHeight={likelyHeight}
      keptAs="history"
      likelyHead={60}
      head={
        <View style={styles.head}>
          <Txt variant="title" level={1} style={styles.grow}>
            History
          </Txt>
          <Button label="Record work" onPress={onRecord} />
          <UndoRow {...undo} />
          {newer > 0 ? <Button label={`Show ${newer} newer`} onPress={onAll} /> : null}
        </View>
      }
      empty={<Txt tone="inkSoft">Nothing yet. Work and notes gather here.</Txt>}
    >
      {(item) => {
        const { event } = item;
        const note = event.type === 'workDone' && event.note ? `, ${event.note}` : '';
        const where =
          ('partId' in event && garage.parts[event.partId]?.name) ||
          (item.chainId && garage.chains[item.chainId]?.name) ||
          (item.bikeId && garage.bikes[item.bikeId]?.name) ||
          'A chain no longer here';
        return (
          <View
            {...({ dataSet: { row: '' }, tabIndex: -1 } as object)}
            style={[styles.row, { borderColor: colors.line }]}
          >
            <View style={styles.grow}>
              <Txt variant="strong">{eventLine(event, units)}</Txt>
              <Txt variant="small" tone="inkSoft">
                {day.format(Date.parse(event.at))} · {where}
                {note}
              </Txt>
            </View>
            <Button kind="quiet" label="Delete" onPress={() => onDelete(event.id)} />
          </View>
        );
      }}
    </LongList>
  );
}

/** The last change taken back, or brought back, long after its line has gone. */
function UndoRow({
  last,
  undone,
  onUndo,
  onRedo,
}: Pick<Props, 'last' | 'undone' | 'onUndo' | 'onRedo'>) {
  if (last === null && undone === null) return null;
  return (
    <View style={styles.undo}>
      {last === null ? null : <Button icon={Undo2} label={`Undo: ${last}`} onPress={onUndo} />}
      {undone === null ? null : (
        <Button icon={Redo2} label={`Do again: ${undone}`} onPress={onRedo} />
      )}
      <Txt variant="small" tone="inkSoft">
        By keyboard: Ctrl+Z, and Ctrl+Y to do it again.
      </Txt>
    </View>
  );
}

const styles = StyleSheet.create({
  head: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: 12, marginBottom: 12 },
  row: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: 8,
    borderBottomWidth: 1,
    paddingVertical: 6,
  },
  undo: { width: '100%', gap: 8, alignItems: 'flex-start' },
  grow: { flexGrow: 1, flexShrink: 1 },
});
