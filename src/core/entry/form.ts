import type { Problem, Result } from '../problem';

/** What is wrong with a form, by field; a field that is right is absent. */
export type FieldProblems<Field extends string> = Partial<Record<Field, Problem>>;

export type FormResult<T, Field extends string> =
  { ok: true; value: T } | { ok: false; problems: FieldProblems<Field> };

/** Collects the problems of a form's fields, so that all are shown at once. */
export class FormCheck<Field extends string> {
  readonly problems: FieldProblems<Field> = {};

  /** The value of a result, or undefined with its problem noted beside the field. */
  take<T>(field: Field, result: Result<T>): T | undefined {
    if (result.ok) return result.value;
    this.problems[field] ??= result.problem;
    return undefined;
  }

  get clean(): boolean {
    return Object.keys(this.problems).length === 0;
  }
}

const EARLIEST = '1990-01-01';

/** Checks a moment something was done: known, not in the future, not absurdly old. */
export function readMoment(at: string | null, now: number): Result<string> {
  if (at === null) return { ok: false, problem: { code: 'date/missing' } };
  if (Date.parse(at) > now + 60_000) return { ok: false, problem: { code: 'date/future' } };
  if (at < EARLIEST) return { ok: false, problem: { code: 'date/too-old' } };
  return { ok: true, value: at };
}

/** Checks a name: some letters, not too many, not one of those taken. */
export function readName(text: string, taken: readonly string[]): Result<string> {
  const name = text.trim();
  if (name === '') return { ok: false, problem: { code: 'name/missing' } };
  if (name.length > 60) return { ok: false, problem: { code: 'name/too-long' } };
  if (taken.some((t) => t.toLowerCase() === name.toLowerCase()))
    return { ok: false, problem: { code: 'name/taken', name } };
  return { ok: true, value: name };
}

/** Names that are taken by other records than the one of this id. */
export const othersNames = (
  records: Record<string, { id: string; name: string; retired: boolean }>,
  id: string,
) =>
  Object.values(records)
    .filter((r) => r.id !== id && !r.retired)
    .map((r) => r.name);
