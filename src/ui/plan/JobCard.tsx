import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { AgendaEntry } from '@/core/words/plan';
import { daysAfter, shortDay } from '@/core/time/dates';
import { formatNumber } from '@/core/units';
import { Button } from '../form';
import { Txt, useColors } from '../theme';

export interface JobActions {
  onDo: (item: AgendaEntry) => void;
  onMove: (item: AgendaEntry, date: string) => void;
  onSkip: (item: AgendaEntry) => void;
  onPin: (item: AgendaEntry) => void;
  /** Takes the rider's word back. */
  onUnpin: (item: AgendaEntry) => void;
}

interface Props {
  item: AgendaEntry;
  today: string;
  actions: JobActions;
}

/** Days a job can be moved by, from the list. */
const MOVES = [-3, -2, -1, 1, 2, 3, 5, 7];

/** A job on its date: what, how long, by when, why; and what the rider may do with it. */
export function JobCard({ item, today, actions }: Props) {
  const colors = useColors();
  const [open, setOpen] = useState(false);
  const [moving, setMoving] = useState(false);
  const { words } = item;
  return (
    <View
      style={[styles.card, { backgroundColor: colors.cloth, borderColor: colors.line }]}
      role="group"
      aria-label={`${item.bikeName}, ${shortDay(item.date)}`}
    >
      <View style={styles.row}>
        <View style={[styles.chalk, { backgroundColor: colors.tape }]} />
        <View style={styles.words}>
          <View style={styles.line}>
            <Txt variant="label" tone="inkSoft">
              {item.bikeName}
              {item.pinned ? ' · set by you' : ''}
            </Txt>
            <Txt variant="numberSmall" tone="inkSoft">
              {`${formatNumber(item.minutes)} min`}
            </Txt>
          </View>
          <Txt variant="strong">{words.order}</Txt>
          {words.change ? <Txt variant="small">{words.change}</Txt> : null}
          {words.start ? <Txt variant="small">{words.start}</Txt> : null}
          <Txt variant="small" tone="inkSoft">
            {words.reason}
          </Txt>
          {item.shakeOut ? (
            <Txt variant="small">Ride a short one in between, to shake it out before the race.</Txt>
          ) : null}
        </View>
      </View>
      <View style={styles.buttons}>
        <Button label="Do it" kind="strong" onPress={() => actions.onDo(item)} grow />
        <Button
          label="Move"
          expanded={moving}
          onPress={() => {
            setMoving(!moving);
            setOpen(false);
          }}
          grow
        />
        <Button
          label={open ? 'Less' : 'Why, and if not'}
          expanded={open}
          onPress={() => {
            setOpen(!open);
            setMoving(false);
          }}
          grow
        />
      </View>
      {moving ? (
        <View style={styles.more}>
          <View role="group" aria-label="To which day?" style={styles.buttons}>
            {MOVES.map((by) => daysAfter(item.date, by))
              .filter((date) => date >= today)
              .map((date) => (
                <Button
                  key={date}
                  label={shortDay(date)}
                  onPress={() => {
                    setMoving(false);
                    actions.onMove(item, date);
                  }}
                />
              ))}
          </View>
          <View style={styles.buttons}>
            <Button label="Skip it" onPress={() => actions.onSkip(item)} grow />
            {item.pinned ? (
              <Button label="Let it move" onPress={() => actions.onUnpin(item)} grow />
            ) : (
              <Button label="Pin it here" onPress={() => actions.onPin(item)} grow />
            )}
          </View>
        </View>
      ) : null}
      {open ? (
        <View style={styles.more}>
          <Txt variant="small">{words.putOff}</Txt>
          <Txt variant="small">{words.confidence}</Txt>
          <Txt variant="small" tone="inkSoft">
            {words.ready}
          </Txt>
        </View>
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  card: { borderWidth: 1, borderRadius: 14, padding: 12, gap: 10 },
  row: { flexDirection: 'row', gap: 12 },
  chalk: { width: 5, borderRadius: 3 },
  words: { flex: 1, gap: 3, minWidth: 0 },
  line: { flexDirection: 'row', justifyContent: 'space-between', flexWrap: 'wrap', columnGap: 8 },
  buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  more: { gap: 8 },
});
