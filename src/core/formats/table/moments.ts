import { monthIn } from '../../intl/device';

/** Which number of 03/04/2026 is the day. */
export type DayOrder = 'day first' | 'month first';

/** A longer cell is no number or date, and would only keep the patterns below busy. */
export const LONGEST_CELL = 64;

/** A moment of a cell, ms, and whether it tells the time of day. */
export interface CellMoment {
  at: number;
  timed: boolean;
}

const ISO = /^(\d{4})[-/.](\d{1,2})[-/.](\d{1,2})(?:(?:T|[T ,]+)(.*))?$/;
const COMPACT = /^((?:19|20)\d\d)(\d\d)(\d\d)(?:T?(\d\d)(\d\d)(\d\d)?(Z)?)?$/;
const PARTS = /^(\d{1,2})[-/.]\s?(\d{1,2})[-/.]\s?(\d{4}|\d{2})\.?(?:[, ]+(.*))?$/;
const DAY_NAME = /^[\p{L}]{2,10}\.?,?\s+(?=\d|[\p{L}]{3,})/u;
const NAMED_DAY_FIRST =
  /^(\d{1,2})(?:\.|st|nd|rd|th)?[\s-]+(?:de )?([\p{L}]{3,10})\.?,?[\s-]+(?:de )?(\d{4}|\d{2})(?:,?\s+(.*))?$/u;
const NAMED_MONTH_FIRST =
  /^([\p{L}]{3,10})\.?[\s-]+(\d{1,2})(?:st|nd|rd|th)?,?[\s-]+(\d{4})(?:,?\s+(.*))?$/u;
const CLOCK =
  /^(?:at |um |à |alle )?(\d{1,2})[:.h](\d{2})(?::(\d{2})(?:[.,]\d+)?)?\s*(?:uhr|h)?\s*([ap]\.?\s?m\.?)?\s*(Z|UTC|GMT|[+-]\d{2}:?\d{2}|[A-Z]{2,4}T)?$/i;
/** Seconds or milliseconds since 1970, of this century. */
const EPOCH = /^(\d{10})(\d{3})?$/;
/** Days since 30 December 1899, as spreadsheets count them: 2000 to 2099. */
const SERIAL = /^(3[6-9]\d{3}|[4-6]\d{4}|7[0-2]\d{3})(\.\d+)?$/;

/** Names of months by their first letters, as several languages write them. */
const monthNames = (): ReadonlyMap<string, number> =>
  new Map(
    ['en', 'de', 'fr', 'es', 'it', 'nl'].flatMap((language) =>
      (['long', 'short'] as const).flatMap((length) =>
        Array.from(
          { length: 12 },
          (_, m) => [plainWord(monthIn(language, length, m)), m + 1] as const,
        ),
      ),
    ),
  );

function plainWord(word: string): string {
  return word.normalize('NFD').replace(/\p{M}/gu, '').replace('.', '').toLowerCase();
}

/** Written down when the first name is met: most tables hold none. */
let months: ReadonlyMap<string, number> | null = null;

function monthOf(word: string): number | null {
  months ??= monthNames();
  const plain = plainWord(word);
  return months.get(plain) ?? months.get(plain.slice(0, 3)) ?? null;
}

interface Day {
  year: number;
  month: number;
  day: number;
  rest: string;
}

const twoDigits = (year: string): number => (year.length === 2 ? 2000 : 0) + Number(year);

function dayOf(text: string, order: DayOrder): Day | null {
  const iso = ISO.exec(text);
  if (iso) {
    const [, year = '', month, day, rest = ''] = iso;
    return { year: Number(year), month: Number(month), day: Number(day), rest };
  }
  const compact = COMPACT.exec(text);
  if (compact) {
    const [, year, month, day, h, min, s = '00', zone = ''] = compact;
    const rest = h === undefined ? '' : `${h}:${min}:${s}${zone}`;
    return { year: Number(year), month: Number(month), day: Number(day), rest };
  }
  const parts = PARTS.exec(text);
  if (parts) {
    const [, a = '', b = '', year = '', rest = ''] = parts;
    const [day, month] = order === 'day first' ? [a, b] : [b, a];
    return { year: twoDigits(year), month: Number(month), day: Number(day), rest };
  }
  return namedDay(text) ?? namedDay(text.replace(DAY_NAME, ''));
}

function namedDay(text: string): Day | null {
  const dayFirst = NAMED_DAY_FIRST.exec(text);
  const monthFirst = dayFirst ? null : NAMED_MONTH_FIRST.exec(text);
  const found = dayFirst ?? monthFirst;
  if (!found) return null;
  const [, a = '', b = '', year = '', rest = ''] = found;
  const [day, word] = dayFirst ? [a, b] : [b, a];
  const month = monthOf(word);
  return month === null ? null : { year: twoDigits(year), month, day: Number(day), rest };
}

/**
 * The moment of a date with or without a time. With a zone it is exact; without one it is local time where the app
 * runs, and noon where there is no time. Null where it is no date.
 */
export function readMoment(cell: string, order: DayOrder): CellMoment | null {
  const text = cell.trim();
  if (text.length > LONGEST_CELL) return null;
  const named = DAY_NAME.exec(text);
  const day = dayOf(text, order) ?? (named ? dayOf(text.slice(named[0].length), order) : null);
  return day ? onDay(day) : null;
}

function onDay({ year, month, day, rest }: Day): CellMoment | null {
  if (month < 1 || month > 12 || day < 1 || day > 31 || year < 1970 || year > 2199) return null;
  const timed = rest.trim() !== '';
  const clock = timed ? CLOCK.exec(rest.trim()) : (['', '12', '00'] as const);
  if (!clock) return null;
  const [, hourText = '', minute = '', second = '0', half = '', zone] = clock;
  let hour = Number(hourText);
  if (half) hour = (hour % 12) + (/p/i.test(half) ? 12 : 0);
  if (hour > 23 || Number(minute) > 59) return null;
  const fields = [year, month - 1, day, hour, Number(minute), Number(second)] as const;
  if (new Date(Date.UTC(...fields)).getUTCDate() !== day) return null;
  // A zone by its letters alone, "CET", is the one the rider was in.
  if (!zone || /^(?!utc|gmt|z)[a-z]/i.test(zone))
    return { at: new Date(...fields).getTime(), timed };
  const offset = /^([+-])(\d{2}):?(\d{2})$/.exec(zone);
  const minutes = offset
    ? Number(`${offset[1]}1`) * (Number(offset[2]) * 60 + Number(offset[3]))
    : 0;
  return { at: Date.UTC(...fields) - minutes * 60_000, timed };
}

/** The moment of a number that counts seconds, milliseconds or a spreadsheet's days; null where it is none. */
export function readCountedMoment(cell: string): CellMoment | null {
  const text = cell.trim();
  const epoch = EPOCH.exec(text);
  if (epoch) return { at: Number(epoch[1]) * 1000 + Number(epoch[2] ?? 0), timed: true };
  const serial = SERIAL.exec(text);
  if (!serial) return null;
  const days = Number(serial[1]) - 25_569;
  const share = Number(`0${serial[2] ?? ''}`);
  const day = new Date(days * 86_400_000);
  const ymd = [day.getUTCFullYear(), day.getUTCMonth(), day.getUTCDate()] as const;
  const seconds = Math.round(share * 86_400);
  return share === 0
    ? { at: new Date(...ymd, 12).getTime(), timed: false }
    : { at: new Date(...ymd, 0, 0, seconds).getTime(), timed: true };
}

/** Whether a cell is a time of day alone. */
export function isTimeOfDay(cell: string): boolean {
  const clock = cell.length <= LONGEST_CELL ? CLOCK.exec(cell.trim()) : null;
  return clock !== null && Number(clock[1]) < 24 && Number(clock[2]) < 60;
}
