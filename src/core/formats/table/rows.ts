import type { CsvMapping } from '../../records/csvMapping';
import { fail, ok, type Result } from '../../problem';
import { KM_PER_MILE, M_PER_FOOT } from '../../units/convert';
import { readNumber, readSpell, type CellSpell } from './cells';
import { readCountedMoment, readMoment } from './moments';

/** The figures of a row that is a ride. */
export interface RowFigures {
  /** Ms. */
  startedAt: number;
  timed: boolean;
  distanceKm: number;
  movingH: number | null;
  elapsedH: number | null;
  climbM: number | null;
  name: string;
  gear: string;
  sport: string;
}

const KM_PER = { km: 1, mi: KM_PER_MILE, m: 0.001 } as const;
const HOURS_PER = { h: 1, min: 1 / 60, s: 1 / 3600 } as const;
/** A row that adds others up, or heads a part of the table. */
export const SUM =
  /^(grand |sub)?(total|totals|sum|summe|gesamt|insgesamt|average|avg|mean|mittel|durchschnitt|schnitt|totaux|moyenne|totale|media|totaal|week|woche|month|monat|year|jahr|kw)\b|^[Σ∑Ø]/i;
/** A cell that says there was none. */
export const NONE =
  /^(|0+([.,]0+)?\s*(km|mi|m)?|[-–—]+|n\/?a|rest|rest day|ruhetag|frei|off|none|null|x)$/i;

/** The columns of a mapping by their places in the header; -1: there is none. */
export function placesOf(header: readonly string[], mapping: CsvMapping) {
  const column = (name: string | null) =>
    name === null || name === '' ? -1 : header.indexOf(name);
  const { start, time, distance, duration, elapsed, climb, name, gear, sport } = mapping;
  return {
    start: column(start),
    time: column(time),
    distance: column(distance),
    duration: column(duration),
    elapsed: column(elapsed),
    climb: column(climb),
    name: column(name),
    gear: column(gear),
    sport: column(sport),
  };
}
export type Places = ReturnType<typeof placesOf>;

/**
 * The ride of a row by a mapping. A row of a sum, of a rest day or that cannot be read is a problem with its line.
 */
export function figuresOf(
  row: readonly string[],
  line: number,
  at: Places,
  mapping: CsvMapping,
): Result<RowFigures> {
  const cell = (index: number): string => (index < 0 ? '' : (row[index] ?? '').trim());
  const when = [cell(at.start), cell(at.time)].join(' ').trim();
  const moment = readMoment(when, mapping.dayOrder) ?? readCountedMoment(when);
  if (moment === null) return fail(isSum(row) ? 'csv/sum' : 'csv/start', { line });
  if (NONE.test(cell(at.distance))) return fail('csv/rest', { line });
  const far = readNumber(cell(at.distance), mapping.decimal);
  if (far === null) return fail('csv/distance', { line });
  if (far.value === 0) return fail('csv/rest', { line });
  const spell = (index: number) => hoursOf(readSpell(cell(index), mapping.decimal), mapping);
  const climb = readNumber(cell(at.climb), mapping.decimal);
  return ok({
    startedAt: moment.at,
    timed: moment.timed,
    distanceKm: far.value * KM_PER[unitOf(far.unit) ?? mapping.unit],
    movingH: spell(at.duration),
    elapsedH: spell(at.elapsed),
    climbM: climb === null ? null : climb.value * (isFeet(climb.unit, mapping) ? M_PER_FOOT : 1),
    name: cell(at.name),
    gear: cell(at.gear),
    sport: cell(at.sport),
  });
}

const isSum = (row: readonly string[]): boolean => row.some((cell) => SUM.test(cell.trim()));

/** The unit a cell names itself. */
export function unitOf(unit: string): CsvMapping['unit'] | null {
  if (/^(km|kms|kilomet(er|re)s?)$/.test(unit)) return 'km';
  if (/^(mi|mile|miles)$/.test(unit)) return 'mi';
  return /^(m|met(er|re)s?)$/.test(unit) ? 'm' : null;
}

const isFeet = (unit: string, { climbUnit }: CsvMapping): boolean =>
  unit === '' ? climbUnit === 'ft' : /^(ft|feet|foot)$/.test(unit);

/** The hours of a length of time as a mapping takes plain numbers and two figures; null: none, or more than any ride takes. */
export function hoursOf(
  spell: CellSpell | null,
  { clock, durationUnit }: Pick<CsvMapping, 'clock' | 'durationUnit'>,
): number | null {
  if (spell === null) return null;
  const hours =
    spell.form === 'number'
      ? spell.value * HOURS_PER[durationUnit]
      : spell.form !== 'a:b'
        ? spell.hours
        : clock === 'h:mm'
          ? spell.a + spell.b / 60
          : spell.a / 60 + spell.b / 3600;
  return hours > 0 ? hours : null;
}
