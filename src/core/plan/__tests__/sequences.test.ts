import fc from 'fast-check';
import { coatKind, randomProblem } from '@/test/plan';
import { follow } from '../simulate/follow';
import { holding } from '../simulate/search';
import { Sequences, type PlannedJob } from '../simulate/sequences';

const DAYS = 9;
/** The work done on each day, by its number; null: none. */
const sequence = fc.array(fc.option(fc.nat(), { freq: 3 }), { minLength: DAYS, maxLength: DAYS });
/** A day changed of the sequence held to, or another sequence; and whether it is held to from then on. */
const step = fc.record({
  other: fc.option(sequence, { freq: 1 }),
  day: fc.nat(DAYS - 1),
  work: fc.option(fc.nat()),
  holds: fc.boolean(),
});

describe('sequences followed from where they part', () => {
  it('end as they do when each is followed from the first day', () => {
    const shared = fc.array(fc.boolean(), { minLength: DAYS, maxLength: DAYS });
    fc.assert(
      fc.property(fc.nat(500), shared, fc.array(step, { maxLength: 12 }), (seed, days, steps) => {
        const drawn = randomProblem(seed, DAYS, 3);
        const coats = [...drawn.coats, coatKind('drip wax'), coatKind('plant-based')];
        // Works that change the lube too: what that must gain counts beside the costs.
        const others = [1, 2].map((coat) => ({ ...drawn.works[0]!, coat }));
        const problem = { ...drawn, coats, works: [...drawn.works, ...others] };
        const { works } = problem;
        const jobsOf = (numbers: readonly (number | null)[]): PlannedJob[] =>
          numbers.flatMap((n, day) =>
            n === null ? [] : [{ day, work: works[n % works.length]! }],
          );
        const sequences = new Sequences(problem, days);
        let held: (number | null)[] = new Array<null>(DAYS).fill(null);
        for (const { other, day, work, holds } of steps) {
          const tried = other ?? held.with(day, work);
          const jobs = jobsOf(tried);
          const whole = follow(problem, holding(jobs), days, true);
          expect(sequences.follow(jobs)).toEqual(whole);
          if (!holds) continue;
          expect(sequences.hold(jobs)).toEqual(whole);
          held = tried;
        }
      }),
      { seed: 41, numRuns: 150 },
    );
  });
});
