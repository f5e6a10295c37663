import { memo } from 'react';
import { StyleSheet, View } from 'react-native';
import type { PlanDay } from '@/core/plan/planner';
import type { PlanSettings } from '@/core/records/plan';
import { shortDay, shortWeekday, weekdayOf, weekFrom } from '@/core/time/dates';
import { Button } from '../form/Button';
import { PickerField } from '../form/PickerField';
import { Toggles } from '../form/Choice';
import { Card } from '../frame/Card';
import { Txt } from '../theme/Txt';
import { timeText } from '@/core/intl/dates';
import { useWritten } from '../useSay';

interface Props {
  plan: PlanSettings;
  days: readonly PlanDay[];
  onChange: (label: string, part: Partial<PlanSettings>) => void;
}

const TIME = /^\d\d:\d\d$/;
const STEP = 10;
const MOST = 240;
/** Days shown for taking one of them out. */
const NEXT_DAYS = 14;

/** When there is time for the bench: minutes a weekday, and days on which there is none. */
export const MinutesCard = memo(function MinutesCard({ plan, days, onChange }: Props) {
  const { units, weekStart } = useWritten();
  const set = (n: number, by: number) => {
    const minutes = plan.minutes.map((m, i) => (i === n ? Math.min(MOST, Math.max(0, m + by)) : m));
    onChange('Free minutes changed', { minutes });
  };
  const next = days
    .slice(0, NEXT_DAYS)
    .filter((d) => (plan.minutes[weekdayOf(d.date) - 1] ?? 0) > 0);
  const leaveOut = (date: string, on: boolean) => {
    const others = Object.entries(plan.otherDays).filter(([day]) => day !== date);
    const otherDays = Object.fromEntries(on ? [...others, [date, 0]] : others);
    onChange(on ? `No time on ${shortDay(date)}` : `Time on ${shortDay(date)} again`, {
      otherDays,
    });
  };
  return (
    <Card title="When you have time">
      <View style={styles.week}>
        {weekFrom(weekStart).map((day) => (
          <Weekday
            key={day}
            day={day}
            minutes={plan.minutes[day - 1] ?? 0}
            onChange={(by) => set(day - 1, by)}
          />
        ))}
      </View>
      <Toggles
        label="No time on"
        options={next.map(({ date }) => ({
          label: shortDay(date),
          on: plan.otherDays[date] === 0,
          onChange: (on) => leaveOut(date, on),
        }))}
      />
      <PickerField
        label="Work begins at"
        type="time"
        value={plan.benchTime}
        onChange={(benchTime) => {
          if (TIME.test(benchTime))
            onChange(`Work begins at ${timeText(benchTime, units.clock)}`, { benchTime });
        }}
      />
      <Txt variant="small" tone="inkSoft">
        Minutes of an evening, for all bikes together.
      </Txt>
    </Card>
  );
});

interface WeekdayProps {
  /** Monday is 1. */
  day: number;
  minutes: number;
  onChange: (by: number) => void;
}

const Weekday = ({ day, minutes, onChange }: WeekdayProps) => (
  <View style={styles.weekday} role="group" aria-label={`${shortWeekday(day)}, minutes`}>
    <Txt variant="label" style={styles.name}>
      {shortWeekday(day)}
    </Txt>
    <Button
      kind="quiet"
      label="−"
      name={`${shortWeekday(day)}: fewer minutes`}
      onPress={() => onChange(-STEP)}
      disabled={minutes === 0}
    />
    <Txt variant="number" style={styles.number}>
      {String(minutes)}
    </Txt>
    <Button
      kind="quiet"
      label="+"
      name={`${shortWeekday(day)}: more minutes`}
      onPress={() => onChange(STEP)}
      disabled={minutes >= MOST}
    />
  </View>
);

const styles = StyleSheet.create({
  week: { flexDirection: 'row', flexWrap: 'wrap', columnGap: 20 },
  weekday: { flexDirection: 'row', alignItems: 'center', minWidth: 150 },
  name: { width: 36 },
  number: { minWidth: 30, textAlign: 'center' },
});
