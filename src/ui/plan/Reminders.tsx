import { useEffect } from 'react';
import { StyleSheet, View } from 'react-native';
import type { AgendaEntry } from '@/core/words/plan';
import type { PlanAnswer } from '@/core/words/planAnswer';
import { Button } from '../form/Button';
import { Card } from '../frame/Card';
import { Txt } from '../theme/Txt';
import { notifyLater } from './notify';

interface Props {
  answer: PlanAnswer;
  /** What fell due since the rider last looked. */
  due: readonly string[];
  remind: boolean;
  notify: boolean;
  now: number;
  onPlan: () => void;
  onSeen: () => void;
}

/** What fell due since the last visit, and what today asks for; gone once seen. */
export function Reminders({ answer, due, remind, notify, now, onPlan, onSeen }: Props) {
  const { agenda, days } = answer;
  useEffect(() => (notify ? notifyLater(answer, now) : undefined), [notify, answer, now]);
  const today = agenda.filter((a) => a.date === days[0]?.date);
  const eves = evesOf(answer);
  if (!remind || due.length + today.length + eves.length === 0) return null;
  return (
    <Card
      title={
        due.length > 0
          ? 'Fell due since you last looked'
          : today.length > 0
            ? 'Today’s work'
            : 'Before the next ride'
      }
    >
      {due.map((line) => (
        <Txt key={line}>{line}</Txt>
      ))}
      {today.map((item) => (
        <Txt key={item.id}>{todayLine(item, answer.lines[item.bikeId]?.eve ?? null)}</Txt>
      ))}
      {eves.map((line) => (
        <Txt key={line}>{line}</Txt>
      ))}
      <View style={styles.buttons}>
        <Button label="See the plan" onPress={onPlan} grow />
        {due.length > 0 ? <Button label="Seen" onPress={onSeen} grow /> : null}
      </View>
    </Card>
  );
}

/** What is said before the next ride of each bike, with its name. */
const evesOf = ({ lines, names }: PlanAnswer): string[] =>
  Object.entries(lines).flatMap(([id, { eve }]) => (eve ? [`${names[id] ?? ''}: ${eve}`] : []));

/** A job of today; by when to start it stands in the line before the ride, where there is one. */
const todayLine = ({ bikeName, words }: AgendaEntry, eve: string | null): string =>
  `${bikeName} today: ${words.order} ${eve === null ? (words.start ?? '') : ''}`.trim();

const styles = StyleSheet.create({
  buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
