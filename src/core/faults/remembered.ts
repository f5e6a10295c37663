import type { PartNoted } from '../records/faultEvents';
import type { Cause, Notable } from '../records/faults';
import type { Moved } from './known';

/** The table counts as so many findings of this rider's own (Dirichlet). Own estimate. */
const TABLE_COUNTS_AS = 20;

/**
 * What was found before on this bike: each finding makes its cause likelier, beside what the table says. `share`: how much of
 * all faults a cause is by the table.
 */
export const foundBefore = (
  found: ReadonlyMap<Cause, number>,
  share: (cause: Cause) => number,
): Moved[] =>
  [...found]
    .filter(([cause]) => share(cause) > 0)
    .map(([cause, times]) => ({
      reason: { code: 'found before', times },
      causes: [cause],
      factor: 1 + times / (TABLE_COUNTS_AS * share(cause)),
    }));

/** What a part that was noted may have become by now. */
const BECOMES: Readonly<Record<Notable, Cause>> = {
  'stiff link': 'stiff link',
  'gritty upper jockey wheel': 'dirty jockey wheels',
  'gritty lower jockey wheel': 'dirty jockey wheels',
  'stiff upper jockey wheel': 'dry jockey bearing',
  'stiff lower jockey wheel': 'dry jockey bearing',
  'hooked teeth': 'worn cogs',
  'damaged tooth': 'bad tooth',
  'packed ring': 'packed ring',
  'bent hanger': 'out of index',
  'rough freehub': 'dry freehub',
  'play in the cranks': 'loose crank parts',
};

/** A part that was seen to be going is the likelier cause. Own estimate. */
const NOTED = 5;

/** What is noted on the bike and not put right: once a cause, though both jockey wheels were. */
export function notedBefore(notes: readonly PartNoted[]): Moved[] {
  const byCause = new Map(notes.map((note) => [BECOMES[note.what], note]));
  return [...byCause].map(([cause, { what, at }]) => ({
    reason: { code: 'noted', what, at },
    causes: [cause],
    factor: NOTED,
  }));
}
