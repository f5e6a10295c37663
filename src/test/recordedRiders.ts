import { Chance } from '@/core/chance/chance';
import { Replay } from '@/core/care/replay/replay';
import { TEST_GARAGE } from './arbitraries';
import { fittedBody, rideBody, stamped, type Body } from './events';

const START = Date.parse('2026-05-01T08:00:00.000Z');
const at = (day: number) => new Date(START + day * 86_400_000).toISOString();

/** A recording as the log has it, so many dB louder than its quiet. */
export const recordedBody = (
  day: number,
  louder: { db: number; sd: number } | null,
): Extract<Body, { type: 'chainRecorded' }> => ({
  type: 'chainRecorded',
  at: at(day),
  bikeId: 'b1',
  chainId: 'c1',
  ring: 50,
  cog: 17,
  perMinute: 60,
  seconds: 15,
  db: Array.from({ length: 14 }, () => -50),
  sd: Array.from({ length: 14 }, () => 1),
  quiet: louder === null,
  louder,
});

/** Life of wet lube in the dry by the handbook, km (common practice). */
const HANDBOOK_KM = 400;

/** The coat of a rider ridden so far in the dry, recorded once; and its true life, times the handbook's. */
export function recordedRider(seed: number, km: number): { replay: Replay; life: number } {
  const chance = new Chance(seed, 61);
  const life = Math.exp(0.35 * chance.normal());
  const film = Math.max(0, 1 - km / (HANDBOOK_KM * life));
  // As the model has it, in figures of this file: 9 dB when all is gone, most of it at the end; 4 dB from one to the next.
  const db = 9 * (1 - film) ** 3 + Math.hypot(4, 2) * chance.normal();
  const bodies = [
    fittedBody(at(0)),
    ...Array.from({ length: km / 20 }, (_, n) => rideBody(at(1 + n / 10), 'b1', 20)),
    recordedBody(20, { db, sd: 2 }),
  ];
  return { replay: new Replay(TEST_GARAGE, stamped(bodies)), life };
}
