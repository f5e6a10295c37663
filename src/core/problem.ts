/** A failure the outside world can cause, as data. `code` finds the sentence in `words/problems.ts`. */
export interface Problem {
  code: ProblemCode;
  /** Where it happened: a form field, a key of storage, a line of a file. */
  field?: string;
  /** What the sentence needs to be exact: the limit, the name, the date. */
  detail?: string;
}

export type ProblemCode =
  | 'number/missing'
  | 'number/not-a-number'
  | 'distance/not-positive'
  | 'distance/too-long'
  | 'duration/impossible'
  | 'date/missing'
  | 'date/future'
  | 'date/before-fitted'
  | 'date/too-old'
  | 'name/missing'
  | 'name/too-long'
  | 'name/taken'
  | 'links/impossible'
  | 'teeth/impossible'
  | 'rings/impossible'
  | 'cogs/impossible'
  | 'speeds/impossible'
  | 'chain/on-another-bike'
  | 'chain/bike-has-one'
  | 'chain/not-fitted'
  | 'chain/missing'
  | 'wear/impossible'
  | 'kilometres/impossible'
  | 'amount/impossible'
  | 'file/empty'
  | 'file/too-large'
  | 'file/unknown'
  | 'file/not-xml'
  | 'file/timed-out'
  | 'file/damaged'
  | 'zip/damaged'
  | 'zip/empty'
  | 'zip/locked'
  | 'zip/method'
  | 'zip/nested'
  | 'zip/too-many'
  | 'zip/bomb'
  | 'csv/unexplained'
  | 'csv/columns'
  | 'csv/no-rows'
  | 'csv/quotes'
  | 'csv/start'
  | 'csv/distance'
  | 'track/not-cycling'
  | 'outside/offline'
  | 'outside/refused'
  | 'outside/nonsense'
  | 'weather/no-place'
  | 'weather/none-missing'
  | 'weather/other-days'
  | 'weather/columns'
  | 'weather/no-forecast'
  | 'weather/row'
  | 'track/empty'
  | 'track/no-times'
  | 'track/no-distance'
  | 'track/too-long'
  | 'track/too-fast'
  | 'plan/no-weekday'
  | 'plan/ends-before'
  | 'calendar/damaged'
  | 'backup/not-json'
  | 'backup/foreign'
  | 'backup/newer'
  | 'backup/damaged'
  | 'backup/not-written'
  | 'backup/not-proved'
  | 'backup/no-room'
  | 'storage/damaged'
  | 'storage/newer'
  | 'storage/unavailable'
  | 'storage/unreadable'
  | 'storage/slow'
  | 'storage/refused'
  | 'storage/write-failed';

export type Result<T> = { ok: true; value: T } | { ok: false; problem: Problem };

export const ok = <T>(value: T): Result<T> => ({ ok: true, value });

export const fail = (code: ProblemCode, more: Omit<Problem, 'code'> = {}): Result<never> => ({
  ok: false,
  problem: { code, ...more },
});
