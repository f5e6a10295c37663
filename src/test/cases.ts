/** Whether all cases are tried: `npm run cases`. */
export const EVERY_CASE = process.env.EVERY_CASE === 'yes';

/**
 * How many cases of a property to try: all of them by `npm run cases`, a quarter in `npm test`, and a twentieth where the
 * tests judge mutants, since each test then runs hundreds of times (docs/mutation.md).
 */
export function cases(all: number): number {
  if (EVERY_CASE) return all;
  return Math.ceil(all / (process.env.MUTATION_JUDGES ? 20 : 4));
}
