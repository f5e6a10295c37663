import { LONGEST_CELL } from './moments';

/** The sign before tenths; either: as each number looks. */
export type Decimal = '.' | ',' | 'either';

/** A number of a cell, and the unit written behind it. */
export interface CellNumber {
  value: number;
  unit: string;
}

const NUMBER = /^[+~≈]?\s*(\d[\d.,\s\u00a0\u202f'’]*|[.,]\d+)\s*([a-zA-Z]{0,12}\.?)$/;
/** As spreadsheets write large and small numbers: 4.25E+01. */
const SCIENTIFIC = /^(\d)(?:[.,](\d+))?E([+-]?\d{1,2})$/i;

/**
 * A number as tables write it: 42.5, 42,5, 1.042,5, 1 042.5, with a unit behind it or not. Where either sign may stand
 * before tenths, one alone does, unless three figures follow twice. Null where there is none.
 */
export function readNumber(text: string, decimal: Decimal = 'either'): CellNumber | null {
  if (text.length > LONGEST_CELL) return null;
  const scientific = SCIENTIFIC.exec(text.trim());
  if (scientific) {
    const [, whole, fraction = '0', power] = scientific;
    return { value: Number(`${whole}.${fraction}e${power}`), unit: '' };
  }
  const [, digits, unit = ''] = NUMBER.exec(text.trim()) ?? [];
  if (!digits) return null;
  const bare = digits.replace(/[\s\u00a0\u202f'’]/g, '');
  const tenths = decimal === 'either' ? signOf(bare) : decimal;
  const thousands = tenths === ',' ? '.' : ',';
  const [whole = '', ...fractions] = bare.split(tenths);
  if (fractions.length > 1) return null;
  // Thousands stand in threes: 4.2.1 is no number.
  if (whole.includes(thousands) && !THOUSANDS.test(whole.replaceAll(thousands, ','))) return null;
  const fraction = fractions[0] ?? '';
  if (fraction.includes(thousands)) return null;
  const value = Number(`${whole.replaceAll(thousands, '')}.${fraction || 0}`);
  return Number.isFinite(value) ? { value, unit: unit.replace('.', '').toLowerCase() } : null;
}
const THOUSANDS = /^\d{1,3}(,\d{3})+$/;

/** The sign before tenths as one number looks by itself. */
function signOf(bare: string): '.' | ',' {
  const [comma, point] = [bare.lastIndexOf(','), bare.lastIndexOf('.')];
  if (comma >= 0 && point >= 0) return comma > point ? ',' : '.';
  const sign = comma >= 0 ? ',' : '.';
  // Twice the same sign parts thousands.
  return bare.split(sign).length > 2 ? (sign === ',' ? '.' : ',') : sign;
}

/** What numbers of a table say of its sign before tenths: one with other than three figures behind it, or both signs. */
export function decimalOf(cells: Iterable<string>): '.' | ',' | null {
  const votes = { '.': 0, ',': 0 };
  for (const cell of cells) {
    const digits = NUMBER.exec(cell.trim())?.[1]?.replace(/[\s\u00a0\u202f'’]/g, '');
    if (!digits || cell.length > LONGEST_CELL) continue;
    const [comma, point] = [digits.lastIndexOf(','), digits.lastIndexOf('.')];
    const sign = signOf(digits);
    const behind = digits.length - 1 - Math.max(comma, point);
    const both = comma >= 0 && point >= 0;
    if (comma < 0 && point < 0) continue;
    if (both || behind !== 3 || digits.startsWith('0')) votes[sign] += 1;
  }
  if (votes['.'] === votes[',']) return null;
  return votes['.'] > votes[','] ? '.' : ',';
}

/** A length of time of a cell: hours, where its form says them; the two figures of "52:10"; a plain number. */
export type CellSpell =
  | { form: 'h:mm:ss' | 'words'; hours: number }
  | { form: 'a:b'; a: number; b: number }
  | { form: 'number'; value: number };

const THREE =
  /^(?:(\d{1,2})(?:d|\.| days?,?)\s*)?(\d{1,4}):([0-5]?\d):([0-5]?\d(?:[.,]\d+)?)(?:\s*h)?$/i;
const TWO = /^(\d{1,4}):([0-5]?\d(?:[.,]\d+)?)\s*(h|hrs?|std|min|m)?\.?$/i;
const WORDS =
  /^(?:(\d+)\s*d(?:ays?)?[\s,]*)?(?:(\d+(?:[.,]\d+)?)\s*(?:h|hr|hrs|hours?|std|stunden?|heures?)\.?[\s,]*)?(?:(\d+(?:[.,]\d+)?)\s*(?:m|min|mins|minutes?|minuten?|['′])?\.?[\s,]*)?(?:(\d+(?:[.,]\d+)?)\s*(?:s|sec|secs|seconds?|sek|["″])\.?)?$/i;
const ISO_SPELL =
  /^P(?:(\d+)D)?T?(?:(\d+(?:\.\d+)?)H)?(?:(\d+(?:\.\d+)?)M)?(?:(\d+(?:\.\d+)?)S)?$/i;

const num = (text: string | undefined): number => Number((text ?? '0').replace(',', '.'));

/** Reads a length of time: "1:45:30", "52:10", "2h 31m", "151 min", "PT2H31M", "5460"; null where it is none. */
export function readSpell(cell: string, decimal: Decimal): CellSpell | null {
  const text = cell.trim();
  if (text === '' || text.length > LONGEST_CELL) return null;
  const three = THREE.exec(text);
  if (three) {
    const hours = num(three[1]) * 24 + num(three[2]) + num(three[3]) / 60 + num(three[4]) / 3600;
    return { form: 'h:mm:ss', hours };
  }
  const two = TWO.exec(text);
  if (two) {
    const [a, b, unit = ''] = [num(two[1]), num(two[2]), two[3]];
    if (/^(h|std)/i.test(unit)) return { form: 'h:mm:ss', hours: a + b / 60 };
    if (/^m/i.test(unit)) return { form: 'h:mm:ss', hours: a / 60 + b / 3600 };
    return { form: 'a:b', a, b };
  }
  const plain = readNumber(text, decimal);
  if (plain && plain.unit === '') return { form: 'number', value: plain.value };
  const words = (text.startsWith('P') ? ISO_SPELL : WORDS).exec(text);
  if (!words || text === 'P' || text === 'PT') return null;
  const hours = num(words[1]) * 24 + num(words[2]) + num(words[3]) / 60 + num(words[4]) / 3600;
  return { form: 'words', hours };
}
