import type { HourColumn } from './hours';

const HOURS = 24;
/** A value is written as a whole number of one of these parts of one. */
const PARTS = [1, 10, 100, 1000, 10_000, 100_000, 1_000_000] as const;
const BYTE = 0x100;
/** A value takes so many signs at most: what it is above the least one. */
const MOST_SIGNS = 3;
/** The least value of a column takes as many, and is written as what it is above this. */
const LOWEST = -(BYTE ** MOST_SIGNS) / 2;

/** A column in whole numbers, NaN where an hour is not known. */
const whole = new Float64Array(HOURS);
/** What is written, sign by sign. */
const signs: number[] = Array.from({ length: 8 * HOURS * MOST_SIGNS }, () => 0);

/**
 * Writes columns of 24 hours as a short text, each sign of it a byte: a list of numbers takes four times the room. Of a column: its
 * decimal places and the signs a value takes, its least value, and what each hour is above that. Returns null where a value is not
 * exactly what `readDay` would make of it.
 */
export function writeDay(columns: readonly HourColumn[]): string | null {
  let end = 0;
  for (const column of columns) {
    end = column.length === HOURS ? writeColumn(column, end) : -1;
    if (end < 0) return null;
  }
  return String.fromCharCode.apply(null, signs.slice(0, end));
}

/** Writes a column from a place on and returns where it ends; -1 where it cannot be written. */
function writeColumn(column: HourColumn, from: number): number {
  const places = placesOf(column);
  if (places < 0) return -1;
  let least = Infinity;
  let most = -Infinity;
  let hasGaps = false;
  for (let h = 0; h < HOURS; h++) {
    const value = whole[h]!;
    if (value < least) least = value;
    if (value > most) most = value;
    if (value !== value) hasGaps = true;
  }
  if (least > most) least = most = 0;
  const width = widthOf(most - least, hasGaps);
  if (width > MOST_SIGNS || !(least >= LOWEST && least < -LOWEST)) return -1;
  signs[from] = places * (MOST_SIGNS + 1) + width;
  let end = put(least - LOWEST, MOST_SIGNS, from + 1);
  if (width === 0) return end;
  const notKnown = BYTE ** width - 1;
  for (let h = 0; h < HOURS; h++) {
    const value = whole[h]!;
    const above = value === value ? value - least : notKnown;
    if (width === 1) signs[end++] = above | 0;
    else end = put(above, width, end);
  }
  return end;
}

/** Makes a column `whole` and returns the decimal places it has; -1: its values are not exact in any. */
function placesOf(column: HourColumn): number {
  let places = 0;
  let parts: number = PARTS[0];
  for (let h = 0; h < HOURS; h++) {
    const value = column[h] ?? NaN;
    const part = Math.round(value * parts);
    whole[h] = part;
    if (part / parts === value) {
      if (value === 0 && 1 / value < 0) return -1;
      continue;
    }
    if (column[h] === null) continue;
    places += 1;
    if (places === PARTS.length) return -1;
    parts = PARTS[places]!;
    h = -1;
  }
  return places;
}

/** Signs a value takes, more than the most where it does not fit; none where all are alike. The highest number that fits stands for an hour that is not known. */
function widthOf(range: number, hasGaps: boolean): number {
  if (range === 0 && !hasGaps) return 0;
  let width = 1;
  while (width <= MOST_SIGNS && range >= BYTE ** width - 1) width += 1;
  return width;
}

function put(value: number, width: number, at: number): number {
  for (let n = width - 1, rest = value; n >= 0; n--, rest >>= 8) signs[at + n] = rest & 0xff;
  return at + width;
}

/** Reads columns that `writeDay` wrote. */
export function readDay(text: string): (number | null)[][] {
  const columns: (number | null)[][] = [];
  for (let at = 0; at < text.length;) {
    const head = text.charCodeAt(at);
    const width = head % (MOST_SIGNS + 1);
    columns.push(readColumn(text, at + 1, PARTS[(head - width) / (MOST_SIGNS + 1)]!, width));
    at += 1 + MOST_SIGNS + HOURS * width;
  }
  return columns;
}

function readColumn(text: string, from: number, parts: number, width: number): (number | null)[] {
  const least = taken(text, MOST_SIGNS, from) + LOWEST;
  if (width === 0) return new Array<number>(HOURS).fill(least / parts);
  const notKnown = BYTE ** width - 1;
  const column = new Array<number>(HOURS);
  let gaps: number[] | null = null;
  for (let h = 0, at = from + MOST_SIGNS; h < HOURS; h++, at += width) {
    // Nearly all columns are so: this is read for each day that a log is played through.
    const above = width === 1 ? text.charCodeAt(at) : taken(text, width, at);
    if (above === notKnown) (gaps ??= []).push(h);
    column[h] = (least + above) / parts;
  }
  return gaps ? withGaps(column, gaps) : column;
}

/** On its own: a list made where null was ever put among numbers takes several times as long to fill. */
function withGaps(column: readonly number[], gaps: readonly number[]): (number | null)[] {
  return column.map((value, h) => (gaps.includes(h) ? null : value));
}

function taken(text: string, width: number, at: number): number {
  let value = 0;
  for (let n = 0; n < width; n++) value = value * BYTE + text.charCodeAt(at + n);
  return value;
}
