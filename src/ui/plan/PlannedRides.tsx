import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Bike } from '@/core/records/garage';
import { shortDay, shortWeekday } from '@/core/time/dates';
import type { PlannedRide } from '@/core/records/plan';
import { formatExactDistance } from '@/core/units/format';
import type { Units } from '@/core/units/convert';
import { Button } from '../form/Button';
import { Card } from '../frame/Card';
import { Page } from '../frame/Page';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';
import { CalendarImport, type CalendarImportProps } from './CalendarImport';
import { PlannedRideForm } from '../forms/lazily';
import type { PlannedDraft } from './PlannedRideForm';
import { timeText } from '@/core/intl/dates';

interface Props {
  rides: readonly PlannedRide[];
  /** What the logbook shows to be the rider's habit; offered to be kept. */
  habits: readonly PlannedRide[];
  /** Two rides of one bike at the same time, in words. */
  overlaps: readonly string[];
  bikes: readonly Bike[];
  units: Units;
  today: string;
  calendar: CalendarImportProps['calendar'];
  onSave: (ride: PlannedDraft, opened: PlannedRide | null) => void;
  onDrop: (ride: PlannedRide) => void;
  onKeep: (habits: readonly PlannedRide[]) => void;
  onPlan: () => void;
}

/** Rides to come: those planned, the habit to keep, a calendar to take in. */
export function PlannedRides(props: Props) {
  const { rides, habits, bikes, units, today } = props;
  const [open, setOpen] = useState<string | null>(null);
  const nameOf = (id: string) => bikes.find((b) => b.id === id)?.name ?? '';
  const save: Props['onSave'] = (ride, opened) => {
    setOpen(null);
    props.onSave(ride, opened);
  };
  const formOf = (initial: PlannedRide | null) => (
    <PlannedRideForm
      initial={initial}
      bikes={bikes}
      units={units}
      today={today}
      onSave={save}
      onCancel={() => setOpen(null)}
    />
  );
  return (
    <Page title="Planned rides" aside={<Button label="To the plan" onPress={props.onPlan} />}>
      {open === 'new' ? (
        <Card title="A ride to come">{formOf(null)}</Card>
      ) : (
        <Button kind="strong" label="Plan a ride" onPress={() => setOpen('new')} />
      )}
      {props.overlaps.map((line) => (
        <Txt key={line} variant="small" tone="danger">
          {line}
        </Txt>
      ))}
      {rides.length === 0 ? (
        <Txt>Nothing is planned. We assume that you ride as usual. Add races and long days.</Txt>
      ) : null}
      <View role="list" aria-label="Planned rides" style={styles.list}>
        {rides.map((ride) =>
          open === ride.id ? (
            <Card key={ride.id} title="Change it">
              {formOf(ride)}
            </Card>
          ) : (
            <RideLine
              key={ride.id}
              title={ride.title || nameOf(ride.bikeId)}
              text={lineOf(ride, nameOf(ride.bikeId), units)}
              onOpen={() => setOpen(ride.id)}
              onDrop={() => props.onDrop(ride)}
            />
          ),
        )}
      </View>
      <CalendarImport calendar={props.calendar} bikes={bikes} units={units} />
      {habits.length > 0 ? (
        <Habit
          lines={habits.map((h) => lineOf(h, nameOf(h.bikeId), units))}
          onKeep={() => props.onKeep(habits)}
        />
      ) : null}
    </Page>
  );
}

/** What the logbook shows the rider to do week by week. */
const Habit = ({ lines, onKeep }: { lines: readonly string[]; onKeep: () => void }) => (
  <Card title="Your habit">
    <Txt variant="small" tone="inkSoft">
      What the last eight weeks show. The plan counts on it on days without a planned ride; kept, it
      can be changed.
    </Txt>
    {lines.map((line) => (
      <Txt key={line} variant="small">
        {line}
      </Txt>
    ))}
    <Button label="Keep these as planned rides" onPress={onKeep} />
  </Card>
);

/** "Quay commuter, 19 km, every Mon, Tue at 07:12 until 3 Dec". */
function lineOf(ride: PlannedRide, bike: string, units: Units): string {
  const { repeat } = ride;
  const weekdays = repeat?.weekdays.map(shortWeekday).join(', ');
  const every = repeat && repeat.everyWeeks > 1 ? `every ${repeat.everyWeeks} weeks on` : 'every';
  const when = repeat
    ? `${every} ${weekdays} at ${timeText(ride.time, units.clock)}${repeat.until ? ` until ${shortDay(repeat.until)}` : ''}`
    : `${shortDay(ride.date)} at ${timeText(ride.time, units.clock)}`;
  const weight = ride.weight === 'ordinary' ? '' : `, ${ride.weight}`;
  const but =
    ride.except.length > 0 ? `, not ${ride.except.slice(0, 4).map(shortDay).join(', ')}` : '';
  return `${bike}, ${formatExactDistance(ride.distanceKm, units)}${weight}, ${when}${but}`;
}

interface LineProps {
  title: string;
  text: string;
  onOpen: () => void;
  onDrop: () => void;
}

function RideLine({ title, text, onOpen, onDrop }: LineProps) {
  const colors = useColors();
  return (
    <View role="listitem" style={[styles.line, { borderColor: colors.line }]}>
      <View style={styles.words}>
        <Txt variant="strong">{title}</Txt>
        <Txt variant="small" tone="inkSoft">
          {text}
        </Txt>
      </View>
      <View style={styles.buttons}>
        <Button kind="quiet" label="Change" onPress={onOpen} />
        <Button kind="quiet" label="Take out" onPress={onDrop} />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  list: { gap: 8 },
  line: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    borderTopWidth: 1,
    paddingTop: 6,
  },
  buttons: { flexDirection: 'row', marginLeft: -16 },
  words: { flexGrow: 1, flexBasis: 220, minWidth: 0 },
});
