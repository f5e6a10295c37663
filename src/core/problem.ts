/**
 * What the sentence of a problem needs to be exact. Distances are in km and moments ISO instants: the words
 * put them in the rider's units.
 */
interface FactsOf {
  'number/not-a-number': { entered: string };
  /** Read as thousands here and as tenths elsewhere. */
  'number/ambiguous': { whole: number; tenths: number };
  'distance/too-long': { mostKm: number };
  'name/taken': { name: string };
  'chain/on-another-bike': { bike: string | null };
  'chain/bike-has-one': { chain: string | null };
  'amount/impossible': { low: number; high: number };
  'cogs/not-all': { speeds: number };
  'links/too-few': { fewest: number };
  'speeds/too-wide': { cogs: number };
  'link/other-width': { link: number; chain: number };
  'count/events': { most: number };
  'place/beyond': { links: number };
  'file/not-xml': { line: number };
  'zip/too-many': { most: number };
  'csv/quotes': { row: number };
  'csv/start': { line: number };
  'csv/distance': { line: number };
  'csv/rest': { line: number };
  'csv/sum': { line: number };
  'file/kind': { kind: FileKind };
  'track/not-cycling': { sport: string };
  'outside/refused': { reason: string };
  'weather/columns': { columns: string[] };
  'weather/row': { line: number };
  'backup/newer': { version: number };
  'storage/damaged': { part: string };
}

/** What a file brought in for its rides can be instead. */
export type FileKind =
  | 'picture'
  | 'film or picture'
  | 'document'
  | 'spreadsheet'
  | 'old spreadsheet'
  | 'other archive'
  | 'map'
  | 'web page'
  | 'calendar'
  | 'address book'
  | 'backup'
  | 'data'
  | 'weather table'
  | 'points table'
  | 'work table';

/** Problems whose sentence needs nothing else. */
export type PlainCode =
  | 'number/missing'
  | 'distance/not-positive'
  | 'duration/impossible'
  | 'date/missing'
  | 'date/future'
  | 'date/too-old'
  | 'name/missing'
  | 'name/too-long'
  | 'links/impossible'
  | 'openings/impossible'
  | 'chains/impossible'
  | 'teeth/impossible'
  | 'rings/impossible'
  | 'cogs/impossible'
  | 'speeds/impossible'
  | 'chain/not-fitted'
  | 'chain/missing'
  | 'wear/impossible'
  | 'kilometres/impossible'
  | 'count/turns'
  | 'file/empty'
  | 'file/too-large'
  | 'file/unknown'
  | 'file/timed-out'
  | 'file/damaged'
  | 'zip/damaged'
  | 'zip/empty'
  | 'zip/locked'
  | 'zip/method'
  | 'zip/nested'
  | 'zip/bomb'
  | 'csv/unexplained'
  | 'csv/columns'
  | 'csv/no-rows'
  | 'outside/offline'
  | 'outside/nonsense'
  | 'weather/no-place'
  | 'weather/none-missing'
  | 'weather/other-days'
  | 'weather/no-forecast'
  | 'track/empty'
  | 'track/no-times'
  | 'track/no-distance'
  | 'track/too-long'
  | 'track/route'
  | 'track/course'
  | 'track/clock-not-set'
  | 'fit/workout'
  | 'fit/monitoring'
  | 'fit/settings'
  | 'ride/held'
  | 'work/new-chain'
  | 'work/no-chain'
  | 'work/other'
  | 'plan/no-weekday'
  | 'plan/ends-before'
  | 'calendar/damaged'
  | 'backup/not-json'
  | 'backup/foreign'
  | 'backup/damaged'
  | 'backup/not-written'
  | 'backup/not-proved'
  | 'backup/no-room'
  | 'storage/newer'
  | 'storage/unavailable'
  | 'storage/unreadable'
  | 'storage/slow'
  | 'storage/refused'
  | 'storage/write-failed';

export type ProblemCode = PlainCode | keyof FactsOf;

type ProblemOf<C extends ProblemCode> = C extends keyof FactsOf
  ? { code: C } & FactsOf[C]
  : { code: C };

/** A failure the outside world can cause, as data. `words/problems.ts` says it. */
export type Problem = { [C in ProblemCode]: ProblemOf<C> }[ProblemCode];

/** Either what was asked for, or why there is none; `P`: where failures are of a kind of their own. */
export type Result<T, P = Problem> = { ok: true; value: T } | { ok: false; problem: P };

export const ok = <T>(value: T): Result<T, never> => ({ ok: true, value });

/** Returns a failed result: the code, with the facts its sentence needs. */
export function fail<C extends ProblemCode>(
  code: C,
  ...facts: C extends keyof FactsOf ? [FactsOf[C]] : []
): { ok: false; problem: Problem } {
  return { ok: false, problem: { code, ...facts[0] } as Problem };
}
