/** Which number of 03/04/2026 is the day. */
export type DayOrder = 'day first' | 'month first';

/** A longer cell is no number or date, and would only keep the patterns below busy. */
const LONGEST_CELL = 64;

/**
 * A number as tables write it: 42.5, 42,5, 1.042,5, 1 042.5, with a unit behind it or not. Null where
 * there is none. A lone comma is a decimal one: no ride is a thousand kilometres long.
 */
export function readLooseNumber(text: string): number | null {
  if (text.length > LONGEST_CELL) return null;
  const digits = /^[+]?(\d[\d.,\s\u00a0\u202f']*)\s*[a-zA-Z]*$/.exec(text.trim())?.[1];
  if (!digits) return null;
  const bare = digits.replace(/[\s\u00a0\u202f']/g, '');
  const comma = bare.lastIndexOf(',');
  const point = bare.lastIndexOf('.');
  const plain = comma > point ? bare.replace(/\./g, '').replace(',', '.') : bare.replace(/,/g, '');
  const value = Number(plain);
  return plain.trim() === '' || !Number.isFinite(value) ? null : value;
}

const ISO = /^(\d{4})[-/.](\d{1,2})[-/.](\d{1,2})(?:[T ]+(.*))?$/;
const PARTS = /^(\d{1,2})[-/.](\d{1,2})[-/.](\d{4}|\d{2})(?:[, ]+(.*))?$/;
const CLOCK =
  /^(\d{1,2}):(\d{2})(?::(\d{2})(?:[.,]\d+)?)?\s*([ap]\.?m\.?)?\s*(Z|[+-]\d{2}:?\d{2})?$/i;

/**
 * The moment (ms) of a date with or without a time. With a zone it is exact; without one it is local
 * time where the app runs, and noon where there is no time. Null where it is no date.
 */
export function readMoment(text: string, order: DayOrder): number | null {
  if (text.length > LONGEST_CELL) return null;
  const iso = ISO.exec(text);
  const parts = iso ?? PARTS.exec(text);
  if (!parts) return null;
  const [, a = '', b = '', c = '', rest = ''] = parts;
  const [year, month, day] = iso
    ? [a, b, c].map(Number)
    : order === 'day first'
      ? [c, b, a].map(Number)
      : [c, a, b].map(Number);
  if (year === undefined || month === undefined || day === undefined) return null;
  const fullYear = year < 100 ? 2000 + year : year;
  if (month < 1 || month > 12 || day < 1 || day > 31 || fullYear < 1970 || fullYear > 2199)
    return null;
  const clock = rest.trim() === '' ? (['', '12', '00'] as const) : CLOCK.exec(rest.trim());
  if (!clock) return null;
  const [, hourText = '', minute = '', second = '0', half = '', zone] = clock;
  let hour = Number(hourText);
  if (half) hour = (hour % 12) + (/p/i.test(half) ? 12 : 0);
  if (hour > 23 || Number(minute) > 59) return null;
  const fields = [fullYear, month - 1, day, hour, Number(minute), Number(second)] as const;
  const check = new Date(Date.UTC(...fields));
  if (check.getUTCDate() !== day) return null;
  if (!zone) return new Date(...fields).getTime();
  const offset = /^([+-])(\d{2}):?(\d{2})$/.exec(zone);
  const minutes = offset
    ? Number(`${offset[1]}1`) * (Number(offset[2]) * 60 + Number(offset[3]))
    : 0;
  return Date.UTC(...fields) - minutes * 60_000;
}
