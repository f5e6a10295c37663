import type { Garage } from '../records/garage';
import { covers, type Fitting } from '../logbook/fittings';
import type { ChainStart } from '../records/event';
import { fail, ok, type Result } from '../problem';
import { MOST_ELONGATION } from '../records/kinds';
import type { Units } from '../units/convert';
import { FormCheck, readMoment, type FormResult } from './form';
import { readNumber, readRunBefore } from './number';

/** What is known of a chain when it first goes on, as it stands in the form. */
export interface StartDraft extends Pick<ChainStart, 'lube' | 'look'> {
  /** In the rider's units; empty reads as zero. */
  sinceLube: string;
  before: string;
  wearPercent: string;
}

export type StartField = 'sinceLube' | 'before' | 'wearPercent';

/** Reads how a chain starts out. */
export function readStart(draft: StartDraft, units: Units): FormResult<ChainStart, StartField> {
  const check = new FormCheck<StartField>();
  const kmSinceLube = check.take('sinceLube', readRunBefore(draft.sinceLube, units, 5000));
  const kmBefore = check.take('before', readRunBefore(draft.before, units, 100_000));
  const wearPercent = check.take('wearPercent', readWear(draft.wearPercent));
  if (kmSinceLube === undefined || kmBefore === undefined || wearPercent === undefined)
    return { ok: false, problems: check.problems };
  const { lube, look } = draft;
  return {
    ok: true,
    value: { lube, look, kmSinceLube, kmBefore: Math.max(kmBefore, kmSinceLube), wearPercent },
  };
}

/** A wear reading in %, or null for none. */
export function readWear(text: string): Result<number | null> {
  if (text.trim() === '') return ok(null);
  const number = readNumber(text);
  if (!number.ok) return number;
  return number.value >= 0 && number.value <= MOST_ELONGATION ? number : fail('wear/impossible');
}

/** Whether a chain may go on a bike at a moment: neither may be taken then. */
export function checkFit(
  fit: { chainId: string; bikeId: string; at: string | null },
  context: { garage: Garage; fittings: readonly Fitting[]; now: number },
): Result<string> {
  const moment = readMoment(fit.at, context.now);
  if (!moment.ok) return moment;
  const at = moment.value;
  const { bikes, chains } = context.garage;
  const spells = context.fittings.filter((f) => covers(f, at));
  const elsewhere = spells.find((f) => f.chainId === fit.chainId);
  if (elsewhere)
    return fail('chain/on-another-bike', { bike: bikes[elsewhere.bikeId]?.name ?? null });
  const inTheWay = spells.find((f) => f.bikeId === fit.bikeId);
  if (inTheWay)
    return fail('chain/bike-has-one', { chain: chains[inTheWay.chainId]?.name ?? null });
  return ok(at);
}
