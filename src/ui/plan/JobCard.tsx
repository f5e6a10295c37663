import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { MorningEntry } from '@/core/words/beforeRide';
import type { SwapAhead } from '@/core/plan/agenda/swaps';
import type { AgendaEntry } from '@/core/words/plan';
import { daysAfter, shortDay } from '@/core/time/dates';
import { formatNumber } from '@/core/units/format';
import { Button } from '../form/Button';
import { InView } from '../frame/InView';
import { Swipe } from '../frame/Swipe';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';

export interface JobActions {
  onDo: (item: AgendaEntry) => void;
  /** Swapping the chains of a bike. */
  onSwap: (swap: SwapAhead) => void;
  /** A thin coat in the morning. */
  onMorning: (coat: MorningEntry) => void;
  onMove: (item: AgendaEntry, date: string) => void;
  onSkip: (item: AgendaEntry) => void;
  onPin: (item: AgendaEntry) => void;
  /** Takes the rider's word back. */
  onUnpin: (item: AgendaEntry) => void;
}

interface Props {
  item: AgendaEntry;
  today: string;
  /** Slower rounds that are due along with it, said; null: none. */
  along: string | null;
  /** What a trial asks of it, if anything. */
  trial: readonly (string | undefined)[];
  actions: JobActions;
}

/** Days a job can be moved by, from the list. */
const MOVES = [-3, -2, -1, 1, 2, 3, 5, 7];

/** A job on its date: what, how long, by when, why; and what the rider may do with it. Swiped right it is begun, left it is moved. */
export function JobCard({ item, today, along, trial, actions }: Props) {
  const colors = useColors();
  const [panel, setPanel] = useState<'move' | 'why' | null>(null);
  const toggle = (next: 'move' | 'why') => setPanel(panel === next ? null : next);
  return (
    <Swipe onLeft={() => setPanel('move')} onRight={() => actions.onDo(item)}>
      <View
        style={[styles.card, { backgroundColor: colors.cloth, borderColor: colors.line }]}
        role="group"
        aria-label={`${item.bikeName}, ${shortDay(item.date)}`}
      >
        <View style={styles.row}>
          <View style={[styles.chalk, { backgroundColor: colors.tape }]} />
          <Words item={item} along={along} trial={trial} />
        </View>
        <View style={styles.buttons}>
          <Button label="Do it" kind="strong" onPress={() => actions.onDo(item)} grow />
          <Button label="Move" expanded={panel === 'move'} onPress={() => toggle('move')} grow />
          <Button
            label={panel === 'why' ? 'Less' : 'Why, and if not'}
            expanded={panel === 'why'}
            onPress={() => toggle('why')}
            grow
          />
        </View>
        {panel === 'move' ? (
          <InView>
            <Moves item={item} today={today} actions={actions} onDone={() => setPanel(null)} />
          </InView>
        ) : null}
        {panel === 'why' ? (
          <InView>
            <View style={styles.more}>
              <Txt variant="small">{item.words.putOff}</Txt>
              <Txt variant="small">{item.words.confidence}</Txt>
              <Txt variant="small" tone="inkSoft">
                {item.words.ready}
              </Txt>
            </View>
          </InView>
        ) : null}
      </View>
    </Swipe>
  );
}

function Words({ item, along, trial }: Pick<Props, 'item' | 'along' | 'trial'>) {
  const { words } = item;
  return (
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
      {trial.map((line) =>
        line ? (
          <Txt key={line} variant="small">
            {line}
          </Txt>
        ) : null,
      )}
      {along ? <Txt variant="small">{along}</Txt> : null}
      {item.shakeOut ? (
        <Txt variant="small">Ride a short one in between, to shake it out before the race.</Txt>
      ) : null}
    </View>
  );
}

/** Where a job can be moved to, skipped or held. */
function Moves({
  item,
  today,
  actions,
  onDone,
}: Omit<Props, 'along' | 'trial'> & { onDone: () => void }) {
  const days = MOVES.map((by) => daysAfter(item.date, by)).filter((date) => date >= today);
  const move = (date: string) => {
    onDone();
    actions.onMove(item, date);
  };
  return (
    <View style={styles.more}>
      <View role="group" aria-label="To which day?" style={styles.buttons}>
        {days.map((date) => (
          <Button key={date} label={shortDay(date)} onPress={() => move(date)} />
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
