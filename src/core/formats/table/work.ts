import { LUBE_CLASS_NAMES, type LubeClass } from '../../lube/classes';
import type { CleanMethod } from '../../records/kinds';
import { readNumber } from './cells';
import { isMoment } from './columns';
import { dayOrderOf } from './guess';
import { readMoment } from './moments';
import type { Table } from './read';

/** What a row of a table of past work says was done. */
export type Did =
  | { kind: 'work'; method: CleanMethod; lube: LubeClass | 'as before' | null }
  | { kind: 'wear'; percent: number }
  | { kind: 'new chain' };

/** A row of a table of past work. */
export interface WorkFromFile {
  line: number;
  /** ISO instant; noon where the table knows the day only. */
  at: string;
  /** Null: nothing that is known to be done to a chain. */
  did: Did | null;
  /** What the rider calls the bike; empty: the table does not say. */
  gear: string;
  note: string;
}

const NEW_CHAIN =
  /\b(new|replaced?|fitted|neue?|nouvelle|changed)\b.{0,20}\b(chain|kette|chaîne)\b|\b(chain|kette)\b.{0,15}\b(replaced|new|changed|swapped|gewechselt|getauscht|neu)\b/i;
const WEAR = /\b(wear|worn|measured?|checker|stretch|elongation|verschlei(ß|ss)|gemessen|gauge)\b/i;
const WAXED = /\b(re)?wax(ed|ing)?\b|gewachst|wachs\b/i;
const HOT = /\b(hot|pot|immers\w*|molten|melted|heiss|heiß|bath)\b/i;
const LUBED =
  /\b(re)?-?lub(e|ed|ing|ricat\w*)\b|\boil(ed|ing)?\b|geölt|geschmiert|\bölen\b|graiss|huil|lubrifi|engras/i;
const CLEANED =
  /\b(clean(ed|ing)?|degreas(e|ed|ing)|wash(ed)?|scrub(bed)?|gereinigt|geputzt|reinigung|entfettet|nettoy\w*|limpi\w*|puli\w*)\b/i;
const OFF_BIKE = /\b(off|bath|baths|soak(ed)?|ultrasonic|jar|deep)\b/i;
const SCRUBBER = /\bscrubber\b/i;
const WIPED = /\b(wip(e|ed)|rag|abgewischt)\b/i;

/** What a cell says was done to a chain; null: nothing that is known. */
export function readDid(text: string): Did | null {
  if (text.length > LONGEST) return null;
  const percent = /(?<![\d.,])(\d(?:[.,]\d{1,3})?)\s*%/.exec(text)?.[1];
  if (percent !== undefined && (WEAR.test(text) || /^\d[.,]\d+\s*%$/.test(text.trim()))) {
    const value = readNumber(percent, 'either')?.value ?? NaN;
    return value >= 0 && value <= 3 ? { kind: 'wear', percent: value } : null;
  }
  if (NEW_CHAIN.test(text)) return { kind: 'new chain' };
  const lube = lubeOf(text);
  if (CLEANED.test(text)) {
    const method = OFF_BIKE.test(text) ? 'baths' : SCRUBBER.test(text) ? 'scrubber' : 'brush';
    // Nobody leaves a clean chain bare: it was lubed with what was on it.
    return { kind: 'work', method, lube: lube ?? 'as before' };
  }
  if (lube !== null) return { kind: 'work', method: 'dry wipe', lube };
  return WIPED.test(text) ? { kind: 'work', method: 'dry wipe', lube: null } : null;
}
const LONGEST = 300;

function lubeOf(text: string): LubeClass | 'as before' | null {
  if (WAXED.test(text)) return HOT.test(text) ? 'hot wax' : 'drip wax';
  if (!LUBED.test(text)) return null;
  const named = [...LUBE_CLASS_NAMES]
    .sort((a, b) => b.length - a.length)
    .find((name) => new RegExp(`\\b${name}\\b`, 'i').test(text));
  return named ?? 'as before';
}

const WORK_HEAD =
  /work|service|job|task|what|maintenance|action|arbeit|wartung|done|activity|type|description|notes?|entry/i;
const BIKE_HEAD = /\b(bike|bicycle|rad|fahrrad|velo|vélo|gear)\b/i;
/** Share of a column's cells that must be known work, and of its rows that must have a date. */
const MOST = 0.5;

/** Reads a table as one of past work; null: it is none. */
export function readWork({ header, rows, lines }: Table): WorkFromFile[] | null {
  const shareOf = (n: number, is: (cell: string) => boolean) => {
    const filled = rows.map((row) => (row[n] ?? '').trim()).filter((cell) => cell !== '');
    return filled.length === 0 ? 0 : filled.filter(is).length / filled.length;
  };
  const column = (is: (name: string, n: number) => boolean) => header.findIndex(is);
  const date = column((_, n) => shareOf(n, isMoment) >= MOST);
  const work = column(
    (name, n) => WORK_HEAD.test(name) && shareOf(n, (c) => readDid(c) !== null) >= MOST,
  );
  if (date < 0 || work < 0) return null;
  const order = dayOrderOf(
    rows.map((row) => (row[date] ?? '').trim()),
    'km',
  );
  const gear = column((name, n) => n !== work && BIKE_HEAD.test(name));
  return rows.flatMap((row, n): WorkFromFile[] => {
    const moment = readMoment((row[date] ?? '').trim(), order);
    const did = readDid(row[work] ?? '');
    if (!moment) return [];
    const at = new Date(moment.at).toISOString();
    const note = (row[work] ?? '').trim().slice(0, 200);
    return [
      { line: lines[n] ?? n + 2, at, did, gear: gear < 0 ? '' : (row[gear] ?? '').trim(), note },
    ];
  });
}
