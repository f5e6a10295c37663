import type { WearRead } from '../records/event';
import {
  byCalliper,
  byChecker,
  byDropIn,
  byRuler,
  bySixteenths,
  DROP_IN_SIDES,
  gapAt,
  lengthAt,
  type DropsIn,
  type ReadBy,
  type Reading,
} from '../wear/tools';
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

const fixed = (value: number, digits: number): string => String(Number(value.toFixed(digits)));

/** Which side of a drop-in checker went in, by what the reading leaves open. */
const dropsInOf = ([from]: readonly [number, number]): DropsIn =>
  DROP_IN_SIDES.find((side) => side === from) ?? 'none';

/** A reading of the log as its form shows it: one place, with what the tool showed on the average. */
export function wearDraftOf({ tool, percent, between, at }: WearRead): WearDraft {
  const none = { dropsIn: 'none' as const, first: '', second: '', third: '', at };
  switch (tool) {
    case 'drop-in checker':
      return { ...none, by: 'drop-in', dropsIn: between ? dropsInOf(between) : 'none' };
    case 'checker':
      return { ...none, by: 'scale', first: fixed(percent, 3) };
    case 'ruler':
      return { ...none, by: 'ruler mm', first: fixed(lengthAt(percent).mm, 2) };
    case 'calliper':
      return { ...none, by: 'calliper', first: fixed(gapAt(percent), 2) };
  }
}
