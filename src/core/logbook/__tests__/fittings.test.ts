import { Replay } from '@/core/care/replay/replay';
import { bookFrom, bookText } from '@/core/care/replay/bookText';
import { Chance } from '@/core/chance/chance';
import { cases } from '@/test/cases';
import { TEST_GARAGE } from '@/test/arbitraries';
import { fittedBody, stamped, type Body } from '@/test/events';
import { chainOn, covers, firstFitted, fittings } from '../fittings';

const DAY_MS = 86_400_000;
const START = Date.parse('2026-01-01T12:00:00.000Z');
const day = (n: number) => new Date(START + n * DAY_MS).toISOString();
const BIKES = ['b1', 'b2', 'b3'];
const CHAINS = ['c1', 'c2', 'c3', 'c4'];

/** Chains put on and taken off by chance, one a day. */
function changes(chance: Chance, days: number): Body[] {
  const one = <T>(of: readonly T[]) => of[Math.floor(chance.uniform() * of.length)]!;
  return Array.from({ length: days }, (_, n): Body => {
    const chainId = one(CHAINS);
    if (chance.uniform() < 0.4) return { type: 'chainRemoved', at: day(n), chainId };
    return { ...fittedBody(day(n)), bikeId: one(BIKES), chainId };
  });
}

it('of the last events alone, with the book before them, the same chains are on the same bikes', () => {
  for (let seed = 0; seed < cases(200); seed++) {
    const chance = new Chance(seed, 11);
    const events = stamped(changes(chance, 12));
    const from = Math.floor(chance.uniform() * 12);
    const whole = new Replay(TEST_GARAGE, events);
    const book = bookFrom(bookText(whole.bookBefore(day(from))));
    const late = events.slice(from);
    const [all, last] = [
      fittings(events),
      fittings(late, new Replay(TEST_GARAGE, late, book).fittedBefore),
    ];
    for (const id of BIKES) {
      expect(firstFitted(last, id) === null).toBe(firstFitted(all, id) === null);
      for (let n = from; n < 14; n++)
        expect(chainOn(last, id, day(n))).toBe(chainOn(all, id, day(n)));
    }
  }
});

it('a chain that was taken off before is on no bike at any time that is told', () => {
  const events = stamped([fittedBody(day(0)), { type: 'chainRemoved', at: day(1), chainId: 'c1' }]);
  const { fittedBefore } = new Replay(
    TEST_GARAGE,
    [],
    new Replay(TEST_GARAGE, events).bookBefore(day(2)),
  );
  expect(fittedBefore.map((f) => f.bikeId)).toEqual(['b1']);
  expect(fittedBefore.some((f) => covers(f, day(2)))).toBe(false);
});
