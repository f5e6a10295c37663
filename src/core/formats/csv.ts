import Papa from 'papaparse';
import { readLooseNumber, readMoment, type DayOrder } from './csvValues';
import { fail, ok, type Result } from '../problem';
import { KM_PER_MILE } from '../units';
import { tidy } from './tidy';
import { NOTHING_RECORDED, rideFrom, type RideFromFile } from './rideFromFile';
import type { CsvMapping } from './csvMapping';

/** A table as it lies in a CSV file: its header and its rows of text. */
export interface CsvTable {
  header: string[];
  rows: string[][];
  /** Line of the file each row ends on. */
  lines: number[];
}

const MOST_ROWS = 50_000;

/** Reads CSV (RFC 4180, and semicolons and tabs for commas). The first row is the header. */
export function readTable(text: string): Result<CsvTable> {
  const parsed = Papa.parse<string[]>(text, { skipEmptyLines: 'greedy' });
  const [header, ...rows] = parsed.data;
  const quotes = parsed.errors.find((e) => e.type === 'Quotes');
  if (quotes) return fail('csv/quotes', { row: (quotes.row ?? 0) + 1 });
  if (!header || header.length < 2 || header.every((name) => name.trim() === ''))
    return fail('file/unknown');
  if (rows.length === 0) return fail('csv/no-rows');
  if (rows.length > MOST_ROWS) return fail('file/too-large');
  const names = header.map((name) => tidy(name));
  return ok({ header: names, rows, lines: rows.map((_, i) => i + 2) });
}

/** The rides of a table by a mapping, a result a row: a bad row says its line. */
export function ridesOfTable(
  { header, rows, lines }: CsvTable,
  mapping: CsvMapping,
): Result<RideFromFile>[] {
  const column = (name: string | null) => (name === null ? -1 : header.indexOf(name));
  const at = {
    start: column(mapping.start),
    time: column(mapping.time),
    distance: column(mapping.distance),
    duration: column(mapping.duration),
    climb: column(mapping.climb),
    name: column(mapping.name),
    gear: column(mapping.gear),
    sport: column(mapping.sport),
  };
  const order: DayOrder = mapping.dayOrder;
  return rows.map((row, i) => {
    const line = lines[i] ?? i + 2;
    const cell = (index: number): string => (index < 0 ? '' : (row[index] ?? '').trim());
    const when = [cell(at.start), cell(at.time)].join(' ').trim();
    const startedAt = readMoment(when, order);
    if (startedAt === null) return fail('csv/start', { line });
    const distance = readLooseNumber(cell(at.distance));
    if (distance === null || distance <= 0) return fail('csv/distance', { line });
    return rideFrom([], {
      ...NOTHING_RECORDED,
      startedAt,
      distanceKm: distance * KM_PER[mapping.unit],
      movingH: readDuration(cell(at.duration), mapping.durationUnit),
      climbM: within(readLooseNumber(cell(at.climb)), 0, 30_000),
      name: cell(at.name),
      gear: cell(at.gear),
      sport: cell(at.sport),
    });
  });
}

const KM_PER = { km: 1, mi: KM_PER_MILE, m: 0.001 } as const;
const HOURS_PER = { h: 1, min: 1 / 60, s: 1 / 3600 } as const;

const within = (value: number | null, low: number, high: number): number | null =>
  value === null || value < low || value > high ? null : value;

/** Hours of "1:45:30", "1:45", or a number in the mapping's unit; null where it is neither. */
function readDuration(text: string, unit: keyof typeof HOURS_PER): number | null {
  const clock = /^(\d{1,3}):([0-5]?\d)(?::([0-5]?\d(?:[.,]\d+)?))?$/.exec(text);
  if (clock) {
    const [, h = '0', m = '0', s = '0'] = clock;
    return within(Number(h) + Number(m) / 60 + Number(s.replace(',', '.')) / 3600, 1e-3, 72);
  }
  const value = readLooseNumber(text);
  return value === null ? null : within(value * HOURS_PER[unit], 1e-3, 72);
}
