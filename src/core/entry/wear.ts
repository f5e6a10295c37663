import {
  byCalliper,
  byChecker,
  byDropIn,
  byRuler,
  bySixteenths,
  type DropsIn,
  type ReadBy,
  type Reading,
} from '../wear';
import { fail, type Result } from '../problem';
import { FormCheck, readMoment, type FormResult } from './form';
import { readNumber } from './number';

/** A reading of wear as it stands in the form. */
export interface WearDraft {
  by: ReadBy;
  dropsIn: DropsIn;
  /** Up to three places, in the unit of the tool; empty: not read. */
  first: string;
  second: string;
  third: string;
  at: string | null;
}

export type WearField = 'first' | 'second' | 'third' | 'at';

/** What a tool can show at all, in its unit: from just under new to beyond any chain. */
const CAN_SHOW: Record<Exclude<ReadBy, 'drop-in'>, readonly [number, number]> = {
  scale: [0, 3],
  'ruler mm': [304, 314],
  'ruler in': [0, 6],
  calliper: [119, 123],
};

function readPlace(text: string, by: Exclude<ReadBy, 'drop-in'>): Result<number> {
  const number = readNumber(text);
  if (!number.ok) return number;
  const [low, high] = CAN_SHOW[by];
  return number.value >= low && number.value <= high
    ? number
    : fail('amount/impossible', { low, high });
}

const BY = {
  scale: byChecker,
  'ruler mm': byRuler,
  'ruler in': bySixteenths,
  calliper: byCalliper,
};

/** Reads a form of wear: the reading and its moment, or what is wrong by field. One place is enough. */
export function readWearDraft(
  draft: WearDraft,
  now: number,
): FormResult<{ reading: Reading; at: string }, WearField> {
  const check = new FormCheck<WearField>();
  const at = check.take('at', readMoment(draft.at, now));
  const { by } = draft;
  if (by === 'drop-in')
    return at === undefined
      ? { ok: false, problems: check.problems }
      : { ok: true, value: { reading: byDropIn(draft.dropsIn), at } };
  const places = (['first', 'second', 'third'] as const).flatMap((field) => {
    const text = draft[field].trim();
    if (text === '' && field !== 'first') return [];
    const value = check.take(field, text === '' ? fail('number/missing') : readPlace(text, by));
    return value === undefined ? [] : [value];
  });
  if (!check.clean || at === undefined) return { ok: false, problems: check.problems };
  return { ok: true, value: { reading: BY[by](places), at } };
}
