import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { CalendarRead } from '@/core/formats/calendarIn';
import type { Bike } from '@/core/records/garage';
import { SURFACES, type Surface } from '@/core/records/kinds';
import { isRide, type CalendarChange, type CalendarRules } from '@/core/plan/rides/calendarRides';
import { shortDay } from '@/core/time/dates';
import type { Problem, Result } from '@/core/problem';
import { distanceUnit, type Units } from '@/core/units/convert';
import { formatDistance } from '@/core/units/format';
import { readDistance } from '@/core/entry/number';
import { Button } from '../form/Button';
import { Choice } from '../form/Choice';
import { Field } from '../form/Field';
import { FilePick } from '../form/FilePick';
import { Card } from '../frame/Card';
import { Txt } from '../theme/Txt';
import { countedRides } from '@/core/words/counted';
import { SURFACE_LABEL } from '@/core/words/labels';
import { useSay } from '../useSay';
import { timeText } from '@/core/intl/dates';

export interface CalendarImportProps {
  calendar: {
    read: (file: File) => Promise<Result<CalendarRead>>;
    /** What taking it in by these rules would change. */
    change: (read: CalendarRead, rules: CalendarRules) => CalendarChange;
    onTake: (change: CalendarChange) => void;
  };
  bikes: readonly Bike[];
  units: Units;
}

const SHOWN = 8;
const USUAL_KM = 40;

/** Taking rides in from a calendar file: which entries are rides, on which bike, how far. */
export function CalendarImport({ calendar, bikes, units }: CalendarImportProps) {
  const say = useSay();
  const [read, setRead] = useState<CalendarRead | null>(null);
  const [problem, setProblem] = useState<Problem | null>(null);
  const [busy, setBusy] = useState(false);
  const pick = async (file: File) => {
    setBusy(true);
    const result = await calendar.read(file);
    setBusy(false);
    setRead(result.ok ? result.value : null);
    setProblem(result.ok ? null : result.problem);
  };
  const take = (change: CalendarChange) => {
    calendar.onTake(change);
    setRead(null);
  };
  return (
    <Card title="From a calendar">
      <Txt variant="small" tone="inkSoft">
        An iCalendar file (.ics). The next eight weeks are read here on this device; read the file
        again after it has changed, and the rides move with it.
      </Txt>
      <FilePick
        label={busy ? 'Reading …' : 'Pick a calendar file'}
        fieldLabel="Calendar file"
        accept=".ics,.ical,.ifb,text/calendar"
        disabled={busy || bikes.length === 0}
        onPick={([file]) => file && void pick(file)}
      />
      {problem ? <Txt tone="danger">{say(problem)}</Txt> : null}
      {read ? (
        <Rules read={read} change={calendar.change} bikes={bikes} units={units} onTake={take} />
      ) : null}
    </Card>
  );
}

interface RulesProps extends Pick<CalendarImportProps, 'bikes' | 'units'> {
  read: CalendarRead;
  change: CalendarImportProps['calendar']['change'];
  onTake: (change: CalendarChange) => void;
}

/** By which rules entries become rides, and what would come of it. */
function Rules({ read, change, bikes, units, onTake }: RulesProps) {
  const [words, setWords] = useState('ride, race');
  const [bikeId, setBikeId] = useState(bikes[0]?.id ?? '');
  const [surface, setSurface] = useState<Surface>('paved');
  const [usual, setUsual] = useState('40');
  const usualKm = readDistance(usual, units);
  const wanted = words
    .split(',')
    .map((w) => w.trim())
    .filter((w) => w !== '');
  const changes = change(read, {
    words: wanted,
    bikeId,
    surface,
    usualKm: usualKm.ok ? usualKm.value : USUAL_KM,
  });
  return (
    <>
      {warningsOf(read).map((line) => (
        <Txt key={line} variant="small" tone="danger">
          {line}
        </Txt>
      ))}
      <Field
        label="Rides are entries with one of these words"
        hint="Whole words, between commas; empty: every entry is a ride."
        value={words}
        onChange={setWords}
      />
      <Choice
        label="Bike"
        options={bikes.map((b) => ({ value: b.id, label: b.name }))}
        value={bikeId}
        onChange={setBikeId}
      />
      <Choice
        label="Ground"
        options={SURFACES.map((value) => ({ value, label: SURFACE_LABEL[value] }))}
        value={surface}
        onChange={setSurface}
      />
      <Field
        numeric
        label="How far, where an entry tells neither distance nor hours"
        unit={distanceUnit(units)}
        value={usual}
        problem={usualKm.ok ? undefined : usualKm.problem}
        onChange={setUsual}
      />
      <Changes
        entries={read.entries.length}
        left={leftOut(read, wanted)}
        change={changes}
        units={units}
        onTake={usualKm.ok ? onTake : null}
      />
    </>
  );
}

/** Titles of entries that are no rides by the words, each once. */
const leftOut = (read: CalendarRead, words: readonly string[]): string[] => [
  ...new Set(read.entries.filter((e) => !isRide(e, { words })).map((e) => e.title)),
];

interface ChangesProps {
  entries: number;
  left: readonly string[];
  change: CalendarChange;
  units: Units;
  /** Null: the rules are not right yet. */
  onTake: ((change: CalendarChange) => void) | null;
}

/** What taking the calendar in would change. */
function Changes({ entries, left, change, units, onTake }: ChangesProps) {
  const { put, drop, unchanged } = change;
  return (
    <>
      <Txt>{`${entries} entries, ${put.length + unchanged} of them rides.`}</Txt>
      {put.slice(0, SHOWN).map((ride) => (
        <Txt key={ride.id} variant="small" tone="inkSoft">
          {`${shortDay(ride.date)} ${timeText(ride.time, units.clock)} ${ride.title}, ${formatDistance(ride.distanceKm, units)}${ride.weight === 'race' ? ', race' : ''}`}
        </Txt>
      ))}
      {put.length > SHOWN ? (
        <Txt variant="small" tone="inkSoft">{`and ${put.length - SHOWN} more`}</Txt>
      ) : null}
      {left.length > 0 ? (
        <Txt variant="small" tone="inkSoft">
          {`Not taken: ${left.slice(0, SHOWN).join(' · ')}${left.length > SHOWN ? ` and ${left.length - SHOWN} more` : ''}`}
        </Txt>
      ) : null}
      <View style={styles.row}>
        {put.length + drop.length > 0 ? (
          <Button
            kind="strong"
            label={takeLabel(change)}
            disabled={!onTake}
            onPress={() => onTake?.(change)}
          />
        ) : (
          <Txt>Nothing new in it: all of its rides are planned already.</Txt>
        )}
      </View>
    </>
  );
}

function takeLabel({ put, drop }: CalendarChange): string {
  const rides = countedRides(put.length);
  const out = drop.length > 0 ? `, take ${drop.length} out` : '';
  return put.length > 0 ? `Plan ${rides}${out}` : `Take ${drop.length} out`;
}

/** What could not be read as it stands. */
function warningsOf(read: CalendarRead): string[] {
  const lines: string[] = [];
  if (read.skipped > 0)
    lines.push(
      `${read.skipped} ${read.skipped === 1 ? 'entry' : 'entries'} could not be read and were left out.`,
    );
  if (read.unknownZones.length > 0)
    lines.push(
      `Nobody knows the time zone ${read.unknownZones.slice(0, 3).join(', ')}: its times are taken as yours.`,
    );
  if (read.cutShort > 0)
    lines.push('An entry repeats so often that only its first days were taken.');
  if (read.tooMany)
    lines.push('More entries than can be planned: the first two thousand were taken.');
  return lines;
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', flexWrap: 'wrap' } });
