import { sportOf } from '../sport';
import { readNumber, readSpell } from './cells';
import { isTimeOfDay, readCountedMoment, readMoment } from './moments';

/** What a column can be. */
export type Role =
  'start' | 'time' | 'distance' | 'duration' | 'elapsed' | 'climb' | 'name' | 'gear' | 'sport';

/** A column of a table: its head, and those of its cells that are filled. */
export interface Column {
  name: string;
  cells: string[];
}

interface Words {
  is: RegExp;
  not?: RegExp;
}

/** Words heads use, in some languages. */
const WORDS: Record<Role, Words> = {
  start: {
    is: /\b(date|datum|day|tag|when|began|begin|beginn|fecha|data|jour|giorno|dag|timestamp|start|started|starttime|startzeit)\b|date|datum/i,
    not: /modified|updated|birth|due|\bend\b|finish|purchase/i,
  },
  time: {
    is: /^(time|start|start ?time|uhrzeit|startzeit|beginn|clock|heure|hora|ora|tijd|zeit)\b|time of day/i,
    not: /moving|elapsed|total|riding|timer/i,
  },
  distance: {
    is: /dist|strecke|kilomet|\bkms?\b|\bmiles?\b|\bmi\b|\blength\b|länge|\bweg\b|afstand|\bhow far\b/i,
    not: /speed|km\/h|kmh|mph|pace|elev|odo|total km|cumul|avg|average|max|\bper\b|since/i,
  },
  duration: {
    is: /moving|riding|ride ?time|duration|dauer|fahrzeit|timer|\btime\b|hours|stunden|minutes|minuten|seconds|durée|temps|duración|tiempo|\btijd\b|durata|\bzeit\b/i,
    not: /elapsed|start|of day|brutto|gesamt|zone|\bend\b|finish/i,
  },
  elapsed: { is: /elapsed|total ?time|brutto|gesamtzeit|gesamtdauer|door to door|verstrichen/i },
  climb: {
    is: /climb|ascent|elev|\bgain\b|höhenmeter|\bhm\b|\bd\+|dénivelé|desnivel|dislivello|anstieg|aufstieg|hoogtemeters|\bup\b|\bvert/i,
    not: /loss|descent|down|max|min\b|low|high|avg|grade/i,
  },
  name: {
    is: /\b(name|title|titel|notes?|notiz|ride|route|strecke|description|beschreibung|bezeichnung|what|where|comments?|bemerkung|nom|nombre|titolo|tour)\b/i,
    not: /file|bike|gear|id\b|type|user|athlete/i,
  },
  gear: {
    is: /\b(gear|bike|bicycle|rad|fahrrad|velo|vélo|bici|bicicleta|fiets|equipment|machine)\b/i,
    not: /weight|type|id\b|km|distance/i,
  },
  sport: {
    is: /\b(sport|sports|type|activity|activities|kind|art|sportart|aktivität|discipline|deporte|attività)\b/i,
    not: /\b(date|name|id|description|count|time|gear|bike|file)\b/i,
  },
};

/** Heads of a time of day a ride ended at. */
const END = /\b(end|ended|finish|finished|stop|until|ende|bis|fin|arrival|ankunft)\b/i;

/** Share of a column's filled cells that must look like what it is taken for. */
const MOST = 0.6;

const share = (cells: readonly string[], is: (cell: string) => boolean): number =>
  cells.length === 0 ? 0 : cells.filter(is).length / cells.length;

/** Whether a cell is a date, whichever of its numbers is the day. */
export const isMoment = (cell: string): boolean =>
  readMoment(cell, 'day first') !== null || readMoment(cell, 'month first') !== null;
const isLength = (cell: string): boolean => {
  const number = readNumber(cell);
  return (
    number !== null && /^(|km|kms|mi|miles?|m|met(er|re)s?|kilomet(er|re)s?)$/.test(number.unit)
  );
};
const isHeight = (cell: string): boolean => {
  const number = readNumber(cell);
  return number !== null && /^(|m|ft|feet|hm|met(er|re)s?)$/.test(number.unit);
};
const isWriting = (cell: string): boolean => /\p{L}/u.test(cell) && !isMoment(cell);

/** Whether the values of a column can be what it would be taken for; an empty column can be anything. */
const FITS: Record<Role, (cell: string) => boolean> = {
  start: (cell) => isMoment(cell) || readCountedMoment(cell) !== null,
  time: isTimeOfDay,
  distance: isLength,
  duration: (cell) => readSpell(cell, 'either') !== null,
  elapsed: (cell) => readSpell(cell, 'either') !== null,
  climb: isHeight,
  name: isWriting,
  gear: (cell) => cell.length > 0,
  sport: isWriting,
};

const fits = (column: Column, role: Role): boolean =>
  column.cells.length === 0 || share(column.cells, FITS[role]) >= MOST;

const isNamed = ({ name }: Column, role: Role): boolean => {
  const { is, not } = WORDS[role];
  return is.test(name) && !not?.test(name);
};

/** The roles, in the order they are given out. */
const ORDER: Role[] = [
  'start',
  'distance',
  'elapsed',
  'duration',
  'time',
  'climb',
  'gear',
  'sport',
  'name',
];

/** What the columns of a table are, by head and values; those nobody can tell are left out. */
export function rolesOf(columns: readonly Column[]): Partial<Record<Role, string>> {
  const roles: Partial<Record<Role, string>> = {};
  const taken = new Set<string>();
  const give = (role: Role, column: Column | undefined) => {
    if (!column || roles[role] !== undefined) return;
    roles[role] = column.name;
    taken.add(column.name);
  };
  const free = (role: Role) => columns.filter((c) => !taken.has(c.name) && fits(c, role));
  const startTimed = () => {
    const start = columns.find((c) => c.name === roles.start);
    return start ? share(start.cells, (c) => c.includes(':')) >= MOST : false;
  };
  for (const role of ORDER) {
    if (role === 'time' && startTimed()) continue;
    const named = free(role).filter((c) => isNamed(c, role));
    // A filled column before one that is empty all the way down.
    const filled = named.filter((c) => c.cells.length > 0);
    if (role === 'sport') give(role, named.find(isOfSports));
    else if (role === 'duration')
      give(role, filled.find((c) => !isOfDay(c)) ?? named.find((c) => !isOfDay(c)));
    else give(role, filled[0] ?? named[0]);
  }
  // Without heads that say so, by values alone, where one column only can be it.
  if (roles.start === undefined)
    give('start', only(free('start').filter((c) => share(c.cells, isMoment) >= MOST)));
  if (roles.distance === undefined)
    give(
      'distance',
      byUnit(free('distance')) ??
        (roles.start === undefined ? undefined : only(free('distance').filter(isRideLong))),
    );
  if (roles.duration === undefined)
    give(
      'duration',
      only(
        free('duration').filter((c) => !END.test(c.name) && share(c.cells, isSpellOnly) >= MOST),
      ),
    );
  if (roles.sport === undefined)
    give(
      'sport',
      free('sport').find((c) => isOfSports(c) && share(c.cells, isSport) >= 0.9),
    );
  return roles;
}

/** Whether a column called "Time" holds times of day: hardly any table's rides take five hours in the middle. */
const isOfDay = ({ name, cells }: Column): boolean => {
  if (!/^(time|zeit|temps|tijd|tiempo|ora|heure)$/i.test(name) || share(cells, isTimeOfDay) < MOST)
    return false;
  const hours = cells.map((cell) => parseInt(cell, 10)).sort((a, b) => a - b);
  return cells.some((cell) => /[ap]\.?m/i.test(cell)) || (hours[hours.length >> 1] ?? 0) >= 5;
};
const only = (columns: readonly Column[]): Column | undefined =>
  columns.length === 1 ? columns[0] : undefined;
const byUnit = (columns: readonly Column[]): Column | undefined =>
  columns.find((c) => share(c.cells, (cell) => /\d\s*(km|mi|miles)$/i.test(cell)) >= MOST);
/** Rides are 2 to 400 long in km or miles, most of them. */
const isRideLong = (c: Column): boolean =>
  share(c.cells, (cell) => {
    const value = readNumber(cell)?.value ?? 0;
    return value >= 2 && value <= 400;
  }) >= MOST;
const isSpellOnly = (cell: string): boolean => {
  const spell = readSpell(cell, 'either');
  return spell !== null && spell.form !== 'number';
};
const isSport = (cell: string): boolean => !['unknown', 'not said'].includes(sportOf(cell));
/** Whether a column's words are sports: half of them at least are known ones. */
const isOfSports = (c: Column): boolean => c.cells.length === 0 || share(c.cells, isSport) >= 0.5;
