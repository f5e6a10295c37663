import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Bike } from '@/core/garage';
import { SURFACES } from '@/core/logbook';
import { daysAfter, shortDay, shortWeekday, weekdayOf } from '@/core/time/dates';
import { plannedFields, readPlanned, type RideToCome } from '@/core/entry/plannedRide';
import { datesOf } from '@/core/plan/rides/pattern';
import { WEIGHTS } from '@/core/records/kinds';
import type { PlannedRide } from '@/core/records/plan';
import type { Problem } from '@/core/problem';
import { distanceUnit, type UnitSystem } from '@/core/units';
import { Button, Choice, Field, PickerField, Toggles, useAsOpened } from '../form';
import { SURFACE_LABEL } from '../words';

export type PlannedDraft = RideToCome;

interface Props {
  /** Null: a new one. */
  initial: PlannedRide | null;
  bikes: readonly Bike[];
  units: UnitSystem;
  today: string;
  /** `opened`: the ride as it was when the form was opened. */
  onSave: (ride: PlannedDraft, opened: PlannedRide | null) => void;
  onCancel: () => void;
}

const WEIGHT_LABEL = {
  ordinary: { label: 'Ordinary', hint: 'As any ride.' },
  'long day': { label: 'Long day', hint: 'Far from home: a dry chain counts five times.' },
  race: {
    label: 'Race',
    hint: 'Clean and set two days before, nothing new after; watts count twenty times.',
  },
} as const;

const EVERY = [1, 2, 3, 4];
/** Days of a pattern shown for leaving out. */
const SHOWN_DAYS = 42;

/** A ride to come: when, how far, on what, how much hangs on it, and how it repeats. */
export function PlannedRideForm({ initial, bikes, units, today, onSave, onCancel }: Props) {
  const [ride, setRide] = useState(() => plannedFields(initial, bikes[0]?.id ?? '', today, units));
  const opened = useAsOpened(initial);
  const [problem, setProblem] = useState<Problem | null>(null);
  const put = (part: Partial<typeof ride>) => {
    setProblem(null);
    setRide((old) => ({ ...old, ...part }));
  };
  const at = (field: string) => (problem?.field === field ? problem : undefined);
  const { repeat } = ride;
  const setRepeat = (part: Partial<NonNullable<typeof repeat>>) =>
    put({ repeat: { weekdays: [], everyWeeks: 1, until: null, ...repeat, ...part } });
  const pattern = { ...ride, id: 'form', distanceKm: 1, retired: false, changedAt: '' };
  const days = repeat
    ? datesOf(
        { ...pattern, except: [] },
        ride.date > today ? ride.date : today,
        daysAfter(today, SHOWN_DAYS),
      )
    : [];
  return (
    <View style={styles.form}>
      <Field
        large
        numeric
        label="Distance"
        unit={distanceUnit(units)}
        value={ride.distance}
        problem={at('distance')}
        onChange={(distance) => put({ distance })}
      />
      <Choice
        label="Bike"
        options={bikes.map((b) => ({ value: b.id, label: b.name }))}
        value={ride.bikeId}
        onChange={(bikeId) => put({ bikeId })}
      />
      <View style={styles.when}>
        <View style={styles.half}>
          <PickerField
            label={repeat ? 'From' : 'Day'}
            type="date"
            value={ride.date}
            problem={at('date')}
            onChange={(date) => put({ date })}
          />
        </View>
        <View style={styles.half}>
          <PickerField
            label="Start"
            type="time"
            value={ride.time}
            problem={at('time')}
            onChange={(time) => put({ time })}
          />
        </View>
      </View>
      <Choice
        label="How much hangs on it"
        options={WEIGHTS.map((value) => ({ value, ...WEIGHT_LABEL[value] }))}
        value={ride.weight}
        onChange={(weight) => put({ weight })}
      />
      <Choice
        label="Ground"
        options={SURFACES.map((value) => ({ value, label: SURFACE_LABEL[value] }))}
        value={ride.surface}
        onChange={(surface) => put({ surface })}
      />
      <Choice
        label="How often"
        options={[
          { value: 0, label: 'Once' },
          ...EVERY.map((n) => ({ value: n, label: n === 1 ? 'Every week' : `Every ${n} weeks` })),
        ]}
        value={repeat?.everyWeeks ?? 0}
        onChange={(n) =>
          n === 0
            ? put({ repeat: null, except: [] })
            : setRepeat({
                everyWeeks: n,
                weekdays: repeat?.weekdays.length ? repeat.weekdays : [weekdayOf(ride.date)],
              })
        }
      />
      {repeat ? (
        <>
          <Toggles
            label="On"
            options={[1, 2, 3, 4, 5, 6, 7].map((n) => ({
              label: shortWeekday(n),
              on: repeat.weekdays.includes(n),
              onChange: (on) =>
                setRepeat({
                  weekdays: on
                    ? [...repeat.weekdays, n].sort()
                    : repeat.weekdays.filter((d) => d !== n),
                }),
            }))}
          />
          <PickerField
            label="Until (empty: for good)"
            type="date"
            value={repeat.until ?? ''}
            problem={at('until') ?? at('repeat')}
            onChange={(until) => setRepeat({ until: until === '' ? null : until })}
          />
          {days.length > 0 ? (
            <Toggles
              label="But not on"
              options={days.map((date) => ({
                label: shortDay(date),
                on: ride.except.includes(date),
                onChange: (on) =>
                  put({
                    except: on
                      ? [...ride.except, date].sort()
                      : ride.except.filter((d) => d !== date),
                  }),
              }))}
            />
          ) : null}
        </>
      ) : null}
      <Field label="Name it, if you like" value={ride.title} onChange={(title) => put({ title })} />
      <View style={styles.when}>
        <Button
          kind="strong"
          label="Save"
          grow
          onPress={() => {
            const read = readPlanned(ride, units);
            if (read.ok) onSave(read.value, opened);
            else setProblem(read.problem);
          }}
        />
        <Button label="Cancel" onPress={onCancel} grow />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  form: { gap: 14 },
  when: { flexDirection: 'row', flexWrap: 'wrap', gap: 12 },
  half: { flexGrow: 1, flexBasis: 140, minWidth: 0 },
});
