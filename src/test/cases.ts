/**
 * How many cases of a property to try: all of them, or a twentieth where the tests judge mutants, since each
 * test then runs hundreds of times (docs/mutation.md).
 */
export const cases = (all: number): number =>
  process.env.MUTATION_JUDGES ? Math.ceil(all / 20) : all;
