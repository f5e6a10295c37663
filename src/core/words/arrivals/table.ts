import type { CsvMapping } from '../../records/csvMapping';
import { figuresOf, placesOf } from '../../formats/table/rows';
import { clockFormat, dateFormat } from '../../intl/dates';
import { formatClimb, formatExactDistance, formatSpell } from '../../units/format';
import type { Units } from '../../units/convert';
import { say } from '../problems';

const day = dateFormat({ day: 'numeric', month: 'long', year: 'numeric' });
const moment = clockFormat({
  day: 'numeric',
  month: 'long',
  year: 'numeric',
  hour: '2-digit',
  minute: '2-digit',
});

/** A row of a table as it is read by a mapping: "3 April 2026, 42.5 km, riding 1 h 45 min, 310 m up, Mill lap, on Racer". */
export function exampleOf(
  header: readonly string[],
  row: readonly string[],
  mapping: CsvMapping,
  units: Units,
): string {
  const read = figuresOf(row, 0, placesOf(header, mapping), mapping);
  if (!read.ok) return NO_RIDE[read.problem.code] ?? say(read.problem, units);
  const { startedAt, timed, distanceKm, movingH, elapsedH, climbM, name, gear, sport } = read.value;
  return [
    timed ? moment(startedAt, units.clock) : day.format(startedAt),
    formatExactDistance(distanceKm, units),
    movingH === null ? '' : `riding ${formatSpell(movingH)}`,
    elapsedH === null ? '' : `from start to end ${formatSpell(elapsedH)}`,
    climbM === null ? '' : `${formatClimb(climbM, units)} up`,
    sport,
    name,
    gear && `on ${gear}`,
  ]
    .filter((part) => part !== '')
    .join(', ');
}

/** Why a row shown is no ride; its line does not matter here. */
const NO_RIDE: Partial<Record<string, string>> = {
  'csv/start': 'This row has no date that can be read.',
  'csv/distance': 'This row has no distance that can be read.',
  'csv/rest': 'This row has no distance: no ride that day.',
  'csv/sum': 'This row adds others up.',
};
