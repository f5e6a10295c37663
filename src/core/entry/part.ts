import type { Garage, Part } from '../records/garage';
import type { PartKind } from '../records/kinds';
import type { PartStart } from '../records/event';
import { ok } from '../problem';
import type { Units } from '../units/convert';
import { FormCheck, othersNames, readMoment, readName, type FormResult } from './form';
import { readPrice, readRunBefore, readWhole } from './number';

/** A part as it stands in the form; of one the log knows only the name and kind count. */
export interface PartDraft {
  kind: PartKind;
  name: string;
  /** In the rider's units; empty reads as zero. */
  before: string;
  /** Chains worn out on it before; empty: not known. */
  chains: string;
  at: string | null;
  price: string;
}

export type PartField = 'name' | 'before' | 'chains' | 'at' | 'price';

/** A part to be, when it went on, and what it had behind it. */
export interface PartFields {
  fields: Pick<Part, 'name' | 'kind' | 'price'>;
  at: string;
  start: PartStart;
}

const MOST_KM = 200_000;
const MOST_CHAINS = 20;

/** Reads the form of a part. */
export function readPart(
  draft: PartDraft,
  { garage, id, units, now }: { garage: Garage; id: string; units: Units; now: number },
): FormResult<PartFields, PartField> {
  const check = new FormCheck<PartField>();
  const name = check.take('name', readName(draft.name, othersNames(garage.parts, id)));
  const kmBefore = check.take('before', readRunBefore(draft.before, units, MOST_KM));
  const chainsBefore = check.take(
    'chains',
    draft.chains.trim() === ''
      ? ok(null)
      : readWhole(draft.chains, 0, MOST_CHAINS, 'chains/impossible'),
  );
  const at = check.take('at', readMoment(draft.at, now));
  const price = check.take('price', readPrice(draft.price));
  if (
    name === undefined ||
    kmBefore === undefined ||
    chainsBefore === undefined ||
    at === undefined ||
    price === undefined
  )
    return { ok: false, problems: check.problems };
  const { kind } = draft;
  return {
    ok: true,
    value: { fields: { name, kind, price }, at, start: { kmBefore, chainsBefore } },
  };
}
