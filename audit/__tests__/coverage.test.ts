import { expectBandsToHold } from '@/test/bands';
import { EVERY_CASE } from '@/test/cases';
import { madeUpRider } from '@/test/riders';
import { futuresOf } from '@/core/care/model/personal';
import { learntFor } from '@/core/care/replay/bookState';
import { COVERAGE } from '../coverage';
import { YEARS_COVERAGE } from '../yearsCoverage';

/** Every other one without the years ahead, unless every case is tried; the audit counts them all. */
const COUNTED = EVERY_CASE
  ? [...COVERAGE, ...YEARS_COVERAGE]
  : COVERAGE.filter((_, n) => n % 2 === 0);

describe('of riders drawn from the prior', () => {
  it.each(COUNTED.map((c) => [c.name, c] as const))(
    '%s: half lie between the quartiles told, eight in ten between the outer tenths',
    (_, { of, enough }) => {
      const { half, most } = of(enough);
      expectBandsToHold(half, most);
    },
    120_000,
  );
});

describe('of the coat that is on and was heard quiet', () => {
  it.each(EVERY_CASE ? [25, 60] : [60])(
    'half lie between its low and its high future, after rides of %i km',
    (rideKm) => {
      let [within, all] = [0, 0];
      for (let seed = 1000; seed < 1000 + 480; seed++) {
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
      expect(all).toBeGreaterThan(240);
      expect(within / all).toBeGreaterThan(0.42);
      expect(within / all).toBeLessThan(0.58);
    },
    60_000,
  );
});
