import type { OpenFault } from '../care/replay/faults';
import { type UNSAFE_CAUSES, type Cause } from '../records/faults';
import type { Unsettled } from '../records/kinds';

/** What keeps a bike off the road until it is put right; a noise and a jockey wheel do not. */
const NOT_TO_RIDE: Partial<Record<Unsettled, string>> = {
  brakes: 'Do not ride: a brake did not stop the bike.',
  closure: 'Do not ride: the chain’s closure is not seated.',
  routing: 'Do not ride: the chain runs the wrong way through the cage.',
  wheel: 'Do not ride: the rear wheel is not tight.',
  skipping: 'Do not ride: the new chain skips under load.',
};

const FOUND_UNSAFE: Readonly<Record<(typeof UNSAFE_CAUSES)[number], string>> = {
  'moved pin': 'Do not ride: a pin stands out of the chain.',
  'unseated link': 'Do not ride: the quick link is not seated.',
  'chain too short': 'Do not ride: the chain is too short.',
  'limit screw': 'Do not ride: the chain can fall into spokes or frame.',
  'oil on brake': 'Do not ride: there is oil on a brake.',
  'loose wheel': 'Do not ride: a wheel is not tight.',
};

const unsafeSentence = (cause: Cause): string | null =>
  Object.hasOwn(FOUND_UNSAFE, cause) ? FOUND_UNSAFE[cause as keyof typeof FOUND_UNSAFE] : null;

/**
 * Said over all else while a check of the bench or a fault is open that no one should ride with; null: none. A fault that
 * was put right is not.
 */
export const notToRideSentence = (
  leftOpen: readonly Unsettled[],
  faults: readonly OpenFault[],
): string | null =>
  [
    ...leftOpen.map((what) => NOT_TO_RIDE[what]),
    ...faults.map(({ found, putRight }) => (putRight ? null : unsafeSentence(found.cause))),
  ].find((sentence) => sentence) ?? null;
