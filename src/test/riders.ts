import { Chance } from '@/core/chance/chance';
import { TEST_GARAGE } from './arbitraries';
import { rideBody, stamped, type Body, workBody } from './events';
import { Replay } from '@/core/care/replay/replay';

/**
 * Made-up riders with a known truth: each has a factor on the handbook life of wet lube, drawn from the spread
 * between riders, and each of their coats one of its own. They ride dry, clean roads, note what they hear, renew
 * the coat, and the app is asked what it believes. Nothing of the learning is shared with it: a wet coat lasts
 * 400 km and loses 2 % of itself a week (docs/model.md).
 */

/** What a rider notes: squeaks at their moment or after the ride, quiet after each ride, or both. */
export interface Noting {
  rideKm: number;
  squeak: 'exactly' | 'after the ride' | 'never';
  quiet: boolean;
  /** A rider who never notes squeaks renews: when it is spent, or whenever it suits. */
  renews?: 'when spent' | 'whenever';
}

export interface MadeUpRider {
  replay: Replay;
  /** Lives of coats to come, as factors on the handbook's. */
  nextLives: number[];
  /** The same of the coat that is on, ridden so far and quiet; null: it ended before. */
  lifeOn: number | null;
}

const RIDER_SIGMA = Math.sqrt(0.35 ** 2 - 0.15 ** 2);
const COAT_SIGMA = 0.15;
const START = Date.parse('2024-01-01T08:00:00.000Z');
const DAY = 86_400_000;

const strip = (at: string): Body =>
  workBody(at, 'c1', {
    method: 'strip',
    cogsCleaned: true,
    lube: { lubeClass: 'wet', coat: 1, wiped: true },
  });

/** Returns a rider after so many coats. The same seed returns the same rider. */
export function madeUpRider(seed: number, noting: Noting, coats = 5): MadeUpRider {
  const chance = new Chance(seed, 77);
  const rider = RIDER_SIGMA * chance.normal();
  const life = () => Math.exp(rider + COAT_SIGMA * chance.normal());
  let day = 0;
  const at = () => new Date(START + day * DAY).toISOString();
  const start = { lube: 'wet', kmSinceLube: 0, look: 'clean', kmBefore: 0, wearPercent: null };
  const bodies = [
    { type: 'chainFitted', at: at(), chainId: 'c1', bikeId: 'b1', start },
    strip(at()),
  ] as Body[];
  const heard = (sound: 'squeak' | 'still quiet') =>
    bodies.push({ type: 'soundHeard', at: at(), chainId: 'c1', sound });
  /** Rides a coat with its factor until it is spent, or so far; returns whether it has lasted. */
  const rideCoat = (factor: number, untilKm: number): boolean => {
    const lubed = day;
    // A stripped chain keeps next to no grit, which takes next to nothing of a life.
    const lastsKm = () => factor * 400 * (1 - (0.02 * (day - lubed)) / 7);
    let km = 0;
    for (;;) {
      day += 1;
      const left = lastsKm() - km;
      const exactly = noting.squeak === 'exactly' && left > 0 && left < noting.rideKm;
      const d = exactly ? Math.max(1, left) : noting.rideKm;
      bodies.push(rideBody(at(), 'b1', d));
      km += d;
      day += 0.4;
      const spent = km >= lastsKm() - 1e-6;
      if (spent && noting.squeak !== 'never') heard('squeak');
      else if (!spent && noting.quiet) heard('still quiet');
      const renews = noting.squeak === 'never' && noting.renews === 'whenever' ? false : spent;
      if (renews || km > untilKm) return !spent;
    }
  };
  for (let coat = 0; coat < coats; coat++) {
    const whenever = 120 + 200 * chance.uniform();
    rideCoat(life(), noting.renews === 'whenever' ? whenever : Infinity);
    day += 1;
    bodies.push(strip(at()));
  }
  const factor = life();
  const lasted = rideCoat(factor, 40 + 320 * chance.uniform());
  const nextLives = Array.from({ length: 10 }, life);
  const replay = new Replay(TEST_GARAGE, stamped(bodies));
  return { replay, nextLives, lifeOn: lasted ? factor : null };
}
