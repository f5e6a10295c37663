import { expectBandsToHold } from '@/test/bands';
import { cases } from '@/test/cases';
import { madeUpRider, type Noting } from '@/test/riders';
import { futuresOf, learntFor, lifeQuantile } from '..';

const RIDERS = 120;

/** Bands of what is believed, by the probability they leave out at each end. */
const HALF = 0.25;
const MOST = 0.1;

/** How often the lives of coats to come lie within such bands, over many riders of known truth. */
function covered(noting: Noting, leftOut: readonly number[]): number[] {
  const within = leftOut.map(() => 0);
  const riders = cases(RIDERS);
  for (let seed = 0; seed < riders; seed++) {
    const { replay, nextLives } = madeUpRider(seed, noting);
    const learnt = learntFor(replay.book, 'b1', 'wet');
    leftOut.forEach((out, n) => {
      const [low, high] = [lifeQuantile(learnt, null, out), lifeQuantile(learnt, null, 1 - out)];
      const met = nextLives.filter((life) => life >= low && life <= high).length;
      within[n]! += met / nextLives.length / riders;
    });
  }
  return within;
}

describe('after five coats of riders drawn from the prior', () => {
  it.each<[string, Noting]>([
    ['squeaks noted exactly', { rideKm: 25, squeak: 'exactly', quiet: false }],
    ['squeaks noted after rides of 25 km', { rideKm: 25, squeak: 'after the ride', quiet: false }],
    ['squeaks noted after rides of 60 km', { rideKm: 60, squeak: 'after the ride', quiet: false }],
    ['quiet after each ride, renewed when spent', { rideKm: 25, squeak: 'never', quiet: true }],
    [
      'quiet after each ride, renewed whenever it suits',
      { rideKm: 25, squeak: 'never', quiet: true, renews: 'whenever' },
    ],
    ['both', { rideKm: 60, squeak: 'after the ride', quiet: true }],
    ['nothing noted', { rideKm: 60, squeak: 'never', quiet: false }],
  ])(
    '%s: half of the next coats lie between the quartiles, eight in ten between the outer tenths',
    (_, noting) => {
      const [half = 0, most = 0] = covered(noting, [HALF, MOST]);
      if (cases(RIDERS) < RIDERS) return;
      expectBandsToHold(half, most);
    },
    60_000,
  );
});

describe('of the coat that is on and was heard quiet', () => {
  it.each([25, 60])(
    'half lie between its low and its high future, after rides of %i km',
    (rideKm) => {
      let [within, all] = [0, 0];
      const riders = cases(4 * RIDERS);
      for (let seed = 1000; seed < 1000 + riders; seed++) {
        const { replay, lifeOn } = madeUpRider(
          seed,
          { rideKm, squeak: 'after the ride', quiet: true },
          2,
        );
        const state = replay.book.chains.get('c1');
        if (lifeOn === null || !state) continue;
        const { low, high } = futuresOf(learntFor(replay.book, 'b1', 'wet'), state);
        all += 1;
        if (lifeOn >= low.life && lifeOn <= high.life) within += 1;
        // It has lasted already as long as it was heard.
        expect(low.life).toBeGreaterThanOrEqual(state.notes?.quietTo ?? 0);
      }
      if (cases(RIDERS) < RIDERS) return;
      expect(all).toBeGreaterThan(2 * RIDERS);
      expect(within / all).toBeGreaterThan(0.42);
      expect(within / all).toBeLessThan(0.58);
    },
    60_000,
  );
});
