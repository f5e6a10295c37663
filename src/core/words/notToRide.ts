import type { Unsettled } from '../records/kinds';

/** What keeps a bike off the road until it is put right; a noise and a jockey wheel do not. */
const NOT_TO_RIDE: Partial<Record<Unsettled, string>> = {
  brakes: 'Do not ride: a brake did not stop the bike.',
  closure: 'Do not ride: the chain’s closure is not seated.',
  routing: 'Do not ride: the chain runs the wrong way through the cage.',
  wheel: 'Do not ride: the rear wheel is not tight.',
};

/** Said over all else while a check of the bench is open that no one should ride with; null: none. */
export const notToRideSentence = (leftOpen: readonly Unsettled[]): string | null =>
  leftOpen.flatMap((what) => NOT_TO_RIDE[what] ?? []).at(0) ?? null;
