import { useFormContext } from 'react-hook-form';
import { patternDays, type PlannedFields } from '@/core/entry/plannedRide';
import { shortDay, shortWeekday, weekdayOf, weekFrom } from '@/core/time/dates';
import type { EntryError } from '../entry/useEntry';
import { Choice, Toggles } from '../form/Choice';
import { PickerField } from '../form/PickerField';
import { useWritten } from '../useSay';

type Repeat = NonNullable<PlannedFields['repeat']>;

const HOW_OFTEN = [
  { value: 0, label: 'Once' },
  ...[1, 2, 3, 4].map((n) => ({ value: n, label: n === 1 ? 'Every week' : `Every ${n} weeks` })),
];

/** With it, or without it, in order. */
const toggled = <T extends string | number>(list: readonly T[], item: T, on: boolean): T[] =>
  on ? [...list, item].sort() : list.filter((other) => other !== item);

/** How a ride to come repeats: every how many weeks, on which days, until when, but not on which. */
export function RepeatEntry({ today }: { today: string }) {
  const { watch, setValue, formState } = useFormContext<PlannedFields>();
  const { repeat, date } = watch();
  const change = (part: Partial<Repeat>) => {
    const empty: Repeat = { weekdays: [], everyWeeks: 1, until: null };
    setValue('repeat', { ...empty, ...repeat, ...part }, { shouldValidate: formState.isSubmitted });
  };
  const pick = (everyWeeks: number) => {
    if (everyWeeks > 0)
      return change({
        everyWeeks,
        weekdays: repeat?.weekdays.length ? repeat.weekdays : [weekdayOf(date)],
      });
    setValue('repeat', null);
    setValue('except', []);
  };
  return (
    <>
      <Choice
        label="How often"
        options={HOW_OFTEN}
        value={repeat?.everyWeeks ?? 0}
        onChange={pick}
      />
      {repeat ? <Pattern repeat={repeat} today={today} onChange={change} /> : null}
    </>
  );
}

interface PatternProps {
  repeat: Repeat;
  today: string;
  onChange: (part: Partial<Repeat>) => void;
}

function Pattern({ repeat, today, onChange }: PatternProps) {
  const { watch, setValue, formState } = useFormContext<PlannedFields>();
  const { weekStart } = useWritten();
  const ride = watch();
  const days = patternDays(ride, today);
  const error = formState.errors.repeat as EntryError | undefined;
  return (
    <>
      <Toggles
        label="On"
        options={weekFrom(weekStart).map((n) => ({
          label: shortWeekday(n),
          on: repeat.weekdays.includes(n),
          onChange: (on) => onChange({ weekdays: toggled(repeat.weekdays, n, on) }),
        }))}
      />
      <PickerField
        label="Until (empty: for good)"
        type="date"
        value={repeat.until ?? ''}
        problem={error?.problem}
        onChange={(until) => onChange({ until: until === '' ? null : until })}
      />
      {days.length > 0 ? (
        <Toggles
          label="But not on"
          options={days.map((day) => ({
            label: shortDay(day),
            on: ride.except.includes(day),
            onChange: (on) => setValue('except', toggled(ride.except, day, on)),
          }))}
        />
      ) : null}
    </>
  );
}
