import { quantileOf, type Belief } from '../../learn/belief';
import { formatShare } from '../../units/format';

export const BELIEF_COLUMNS = ['Chance that it lasts less', 'At first', 'Now'] as const;
/** What is believed of the mean of all coats, not of the next one: noise far below a step of the belief’s grid. */
const HARDLY_ANY = 0.004;
const CHANCES = [0.1, 0.25, 0.5, 0.75, 0.9];

/** How long a lube lasts on a bike: by chance, before any note and now. `kmOf` writes a factor of the handbook's life. */
export const beliefRows = (
  prior: Belief,
  belief: Belief,
  kmOf: (factor: number) => string,
): string[][] =>
  CHANCES.map((p) => [
    formatShare(p),
    ...[prior, belief].map((b) => kmOf(quantileOf(b, p, { noise: HARDLY_ANY }))),
  ]);
