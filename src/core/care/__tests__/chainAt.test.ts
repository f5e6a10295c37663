import { TEST_GARAGE } from '@/test/arbitraries';
import { rideBody, stamped, workBody } from '@/test/events';
import { chainAt } from '../replay/chainAt';
import { isFirstEarly } from '../verdict/early';
import { Replay } from '../replay/replay';
import { startState } from '../model/state';

const at = (day: number, hour = 12) => new Date(Date.UTC(2026, 4, day, hour)).toISOString();
const ms = (day: number, hour = 12) => Date.parse(at(day, hour));
const START = {
  lube: 'wet',
  kmSinceLube: 100,
  look: 'used',
  kmBefore: 900,
  wearPercent: 0.2,
} as const;
const fitted = {
  type: 'chainFitted',
  at: at(1),
  chainId: 'c1',
  bikeId: 'b1',
  start: START,
} as const;
const COAT = { lubeClass: 'wet', coat: 1, wiped: true } as const;
const lubed = (n: number) => workBody(at(n), 'c1', { method: 'solvent wipe', lube: COAT });
const replay = (...events: object[]) =>
  new Replay(TEST_GARAGE, stamped([fitted, ...events] as never));

describe('a chain as it stood at a moment', () => {
  const known = replay(rideBody(at(3), 'b1', 50), lubed(5), rideBody(at(7), 'b1', 80));

  it('is that after what came before it, and has stood since', () => {
    const film = (day: number, hour?: number) => chainAt(known, 'c1', ms(day, hour))!.state.film;
    expect(film(2)).toBeCloseTo(startState(START, 0).film - 0.02 / 7, 4);
    expect(film(5, 13)).toBeGreaterThan(0.98);
    expect(film(4)).toBeLessThan(film(2) - 0.1);
    expect(film(8)).toBeLessThan(film(6) - 0.15);
    expect(chainAt(known, 'c1', ms(4))!.state.km).toBe(950);
    expect(chainAt(known, 'c1', ms(9))!.state.at).toBe(ms(9));
  });

  it('is before its first fitting as the rider said it was then, and nothing where nobody said', () => {
    expect(chainAt(known, 'c1', Date.UTC(2026, 3, 1))!.state).toMatchObject({ km: 900, wear: 0.2 });
    expect(chainAt(known, 'c9', ms(4))).toBeNull();
  });
});

describe('lubing far too early', () => {
  const state = (film: number) => ({ ...startState(START, ms(1)), film });

  it('is told of the first time, and not again', () => {
    expect(isFirstEarly(replay().steps, state(0.61))).toBe(true);
    expect(isFirstEarly(replay().steps, state(0.59))).toBe(false);
    // Lubed on the second at 75 %: that was early, and it was told.
    expect(isFirstEarly(replay(lubed(2)).steps, state(0.9))).toBe(false);
    // Lubed after 200 km more: that was not.
    expect(isFirstEarly(replay(rideBody(at(2), 'b1', 200), lubed(3)).steps, state(0.9))).toBe(true);
  });
});
