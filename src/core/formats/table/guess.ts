import type { CsvMapping } from '../../records/csvMapping';
import { KM_PER_MILE } from '../../units/convert';
import { decimalOf, readNumber, readSpell, type CellNumber } from './cells';
import { rolesOf, type Column } from './columns';
import { readMoment, type DayOrder } from './moments';
import { hoursOf, NONE, SUM, unitOf } from './rows';

/** Rows a guess looks at. */
const LOOK_AT = 300;
/** Speeds of rides, km/h: what the middle row of a table comes to when its units are right. */
const USUAL = { low: 9, high: 42, middle: 21 } as const;

/**
 * A guess at what the columns are and how their figures are written, from heads and values. Null columns were not found;
 * without a start and a distance there is no guess at those two and the rider must point.
 */
export function guessMapping(
  header: readonly string[],
  rows: readonly (readonly string[])[],
): CsvMapping {
  const every = Math.max(1, Math.floor(rows.length / LOOK_AT));
  const looked = ridesAmong(rows.filter((_, n) => n % every === 0));
  const columns = header.map((name, n): Column => {
    const cells = looked.map((row) => (row[n] ?? '').trim()).filter((cell) => !NONE.test(cell));
    return { name, cells };
  });
  const roles = rolesOf(columns);
  const cellsOf = (name: string | undefined) => columns.find((c) => c.name === name)?.cells ?? [];
  const numbers = [roles.distance, roles.climb, roles.duration].flatMap(cellsOf);
  const lengths = cellsOf(roles.distance);
  const decimal =
    decimalOf(lengths) ??
    decimalOf(numbers) ??
    signByLength(lengths, roles.distance ?? '', cellsOf(roles.climb));
  const figures = looked.map((row) => ({
    far: readNumber(row[header.indexOf(roles.distance ?? '')] ?? '', decimal),
    spell: readSpell(row[header.indexOf(roles.duration ?? roles.elapsed ?? '')] ?? '', decimal),
    up: readNumber(row[header.indexOf(roles.climb ?? '')] ?? '', decimal),
  }));
  const times = { name: roles.duration ?? roles.elapsed ?? '', pairs: figures };
  const starts = cellsOf(roles.start);
  const isSteep = (middle(figures.map(steepness)) ?? 0) > STEEP_M_PER_KM;
  const unit = distanceUnit(roles.distance ?? '', times, {
    usual: middle(figures.map((f) => f.far?.value ?? 0)) ?? 0,
    likelyMiles: isSteep || isMonthFirst(starts),
  });
  return {
    start: roles.start ?? '',
    time: roles.time ?? null,
    distance: roles.distance ?? '',
    unit,
    duration: roles.duration ?? null,
    durationUnit: plainUnit(times, unit),
    clock: clockOf(times, unit),
    elapsed: roles.elapsed ?? null,
    climb: roles.climb ?? null,
    climbUnit: climbUnitOf(roles.climb, cellsOf(roles.climb), isSteep || unit === 'mi'),
    name: roles.name ?? null,
    gear: roles.gear ?? null,
    sport: roles.sport ?? null,
    dayOrder: dayOrderOf(starts, unit),
    decimal,
  };
}

/** Rows without those that add others up, by their first word: sums between rides would hide what a column is. */
function ridesAmong(rows: readonly (readonly string[])[]): readonly (readonly string[])[] {
  const rides = rows.filter(
    (row) => !SUM.test(row.find((cell) => cell.trim() !== '')?.trim() ?? ''),
  );
  return rides.length >= rows.length / 4 ? rides : rows;
}

interface Times {
  name: string;
  pairs: { far: ReturnType<typeof readNumber>; spell: ReturnType<typeof readSpell> }[];
}

const KM_PER = { km: 1, mi: KM_PER_MILE, m: 0.001 } as const;

const middle = (values: readonly number[]): number | null => {
  const sorted = values.filter((v) => v > 0).sort((a, b) => a - b);
  return sorted[Math.floor(sorted.length / 2)] ?? null;
};

/**
 * The sign before tenths where every one has three figures behind it, as in "1,042": the one by which the distances are
 * those of rides. Distances without any leave the other columns, whose threes are thousands.
 */
function signByLength(
  distances: readonly string[],
  head: string,
  others: readonly string[],
): CsvMapping['decimal'] {
  const inMetres = METRES.test(head.toLowerCase());
  const isRide = (sign: '.' | ',') => {
    const value = middle(distances.map((cell) => readNumber(cell, sign)?.value ?? 0)) ?? 0;
    return inMetres ? value >= 1000 : value >= 1 && value <= 500;
  };
  if (distances.some((cell) => /\d[.,]\d{3}/.test(cell))) {
    const [point, comma] = [isRide('.'), isRide(',')];
    return point === comma ? 'either' : point ? '.' : ',';
  }
  const threes = others.find((cell) => /\d[.,]\d{3}(\D|$)/.test(cell));
  return threes === undefined ? 'either' : threes.includes(',') ? '.' : ',';
}
/** A head that says metres. */
const METRES = /(\(|\[|\bin |\s|_)m(et(er|re)s?)?[)\]]?$|\bmet(er|re)s?\b/;

/** The middle speed of a table in km/h, by the way its figures are taken; null: it has no times. */
function speedBy(
  { pairs }: Times,
  unit: CsvMapping['unit'],
  clock: CsvMapping['clock'],
  durationUnit: CsvMapping['durationUnit'],
): number | null {
  const speeds = pairs.map(({ far, spell }) => {
    const hours = hoursOf(spell, { clock, durationUnit });
    return far && hours ? (far.value * KM_PER[unitOf(far.unit) ?? unit]) / hours : 0;
  });
  return middle(speeds);
}

/** How far a speed is from those of rides; 0: it is one. */
const offBy = (speed: number | null): number =>
  speed === null || (speed >= USUAL.low && speed <= USUAL.high)
    ? 0
    : Math.abs(Math.log(speed / USUAL.middle));

/** The one of several ways that makes the table's speeds those of rides, the first where several do. */
function likeliest<T>(ways: readonly [T, ...T[]], speed: (way: T) => number | null): T {
  const off = ways.map((way) => offBy(speed(way)));
  return ways[off.indexOf(Math.min(...off))] ?? ways[0];
}

/** What a table's distances are like: the middle one, and whether its other columns are of a rider who rides in miles. */
interface Distances {
  usual: number;
  likelyMiles: boolean;
}

function distanceUnit(
  name: string,
  times: Times,
  { usual, likelyMiles }: Distances,
): CsvMapping['unit'] {
  const head = name.toLowerCase();
  if (/\bmi(les?)?\b/.test(head)) return 'mi';
  if (/\bkm\b|kilomet/.test(head)) return 'km';
  if (METRES.test(head)) return 'm';
  if (usual > 1000) return 'm';
  const clock = clockOf(times, 'km');
  const ways = likelyMiles ? (['mi', 'km', 'm'] as const) : (['km', 'mi', 'm'] as const);
  return likeliest(ways, (unit) => speedBy(times, unit, clock, plainUnit(times, 'km')));
}

function plainUnit(times: Times, unit: CsvMapping['unit']): CsvMapping['durationUnit'] {
  const { name } = times;
  if (/hours?\b|\bh\b|\bhrs?\b|stunden|std/i.test(name)) return 'h';
  if (/min/i.test(name)) return 'min';
  if (/sec|\bs\b|sek/i.test(name)) return 's';
  return likeliest(['h', 'min', 's'] as const, (way) => speedBy(times, unit, 'h:mm', way));
}

function clockOf(times: Times, unit: CsvMapping['unit']): CsvMapping['clock'] {
  if (/h+:mm|hours?\b/i.test(times.name)) return 'h:mm';
  if (/\bm+:ss/i.test(times.name)) return 'mm:ss';
  return likeliest(['h:mm', 'mm:ss'] as const, (way) => speedBy(times, unit, way, 'h'));
}

function climbUnitOf(
  name: string | undefined,
  cells: readonly string[],
  likelyFeet: boolean,
): CsvMapping['climbUnit'] {
  if (name === undefined) return 'm';
  if (/\b(ft|feet|foot)\b/i.test(name) || cells.some((c) => /\d\s*(ft|feet)$/i.test(c)))
    return 'ft';
  if (/\b(m|hm|met(er|re)s?|höhenmeter)\b/i.test(name) || cells.some((c) => /\d\s*m$/i.test(c)))
    return 'm';
  return likelyFeet ? 'ft' : 'm';
}

/** Climb of a row per unit of its distance, by the figures as they stand; 0: one is missing. */
const steepness = ({ far, up }: { far: CellNumber | null; up: CellNumber | null }): number =>
  far && up && far.value > 0 ? up.value / far.value : 0;
/** A table whose middle ride climbs more in m a km is in feet and miles. Own choice: twice what riders in mountains climb. */
const STEEP_M_PER_KM = 35;

const dated = (cells: readonly string[], order: DayOrder): number =>
  cells.filter((cell) => readMoment(cell, order)).length;
/** Whether dates are written with the month first, by days above 12. */
const isMonthFirst = (cells: readonly string[]): boolean =>
  dated(cells, 'month first') > dated(cells, 'day first');

/** Which number of a date is its day: by numbers above 12, else by the order the rows stand in, else as miles are ridden. */
export function dayOrderOf(cells: readonly string[], unit: CsvMapping['unit']): DayOrder {
  const [day, month] = [dated(cells, 'day first'), dated(cells, 'month first')];
  if (day !== month) return day > month ? 'day first' : 'month first';
  const steps = (order: DayOrder) => {
    const at = cells.map((cell) => readMoment(cell, order)?.at ?? 0);
    const up = at.slice(1).filter((t, n) => t >= at[n]!).length;
    return Math.max(up, at.length - 1 - up);
  };
  const [asDay, asMonth] = [steps('day first'), steps('month first')];
  if (asDay !== asMonth) return asDay > asMonth ? 'day first' : 'month first';
  return unit === 'mi' ? 'month first' : 'day first';
}
