import { cases } from '@/test/cases';
import { madeUpRider, type Noting } from '@/test/riders';
import { learntFor, lifeQuantile } from '..';

const RIDERS = 120;

/** How often the lives of coats to come lie within a band of what is believed, over many riders of known truth. */
function covered(noting: Noting, from: number, to: number): number {
  let within = 0;
  const riders = cases(RIDERS);
  for (let seed = 0; seed < riders; seed++) {
    const { replay, nextLives } = madeUpRider(seed, noting);
    const learnt = learntFor(replay.book, 'b1', 'wet');
    const [low, high] = [lifeQuantile(learnt, null, from), lifeQuantile(learnt, null, to)];
    within += nextLives.filter((life) => life >= low && life <= high).length / nextLives.length;
  }
  return within / riders;
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
      const [half, most] = [covered(noting, 0.25, 0.75), covered(noting, 0.1, 0.9)];
      if (cases(RIDERS) < RIDERS) return;
      expect(half).toBeGreaterThan(0.42);
      expect(half).toBeLessThan(0.58);
      expect(most).toBeGreaterThan(0.72);
      expect(most).toBeLessThan(0.88);
    },
    60_000,
  );
});
