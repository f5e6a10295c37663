import { Replay } from '@/core/care/replay/replay';
import { movedFittings } from '@/core/logbook/earlier';
import type { PlainEvent } from '@/core/records/event';
import { TEST_GARAGE } from '@/test/arbitraries';
import { rideBody, stamped, workBody, type Body } from '@/test/events';
import { METRIC } from '@/core/units/convert';
import { olderRides, onSinceOf, pastWork, NOTHING_SAID, type Past } from '../older';
import { understood } from '../understood';
import type { ImportRow } from '../importRides';
import { chainLines, ridesLine } from '../../words/arrivals/understood';

const day = (n: number) => new Date(Date.UTC(2026, 8, n, 12)).toISOString();
const fitted = (kmBefore: number): Body => ({
  type: 'chainFitted',
  at: day(60),
  bikeId: 'b1',
  chainId: 'c1',
  start: { lube: 'wet', kmSinceLube: 50, look: 'used', kmBefore, wearPercent: null },
});
/** A ride of 50 km a day for so many days, the last the day before the chain was noted. */
const rows = (days: number): ImportRow[] =>
  Array.from({ length: days }, (_, n) => {
    const { type, ...ride } = rideBody(day(60 - days + n), 'b1', 50);
    expect(type).toBe('rideLogged');
    return { file: 'a', key: `0.${n}`, outcome: 'added', ride, disagrees: false, cleaned: false, eBike: false, mended: false } as ImportRow; // prettier-ignore
  });
const log = (kmBefore: number) => stamped([fitted(kmBefore)]) as PlainEvent[];

/** The chain as the log has it once the rides are in, and what the rider said of the time before. */
function chainAfter(kmBefore: number, days: number, past: Past) {
  const events = log(kmBefore);
  const pasts = { b1: past };
  const added = stamped([
    ...rows(days).flatMap((r) =>
      r.outcome === 'added' ? [{ type: 'rideLogged', ...r.ride }] : [],
    ),
    ...pastWork(pasts, events),
  ] as Body[]) as PlainEvent[];
  const moved = movedFittings(events, added, 'files', onSinceOf(pasts));
  const [move] = moved;
  const bodies = [move ? move.replacement : events[0]!, ...added];
  const replay = new Replay(TEST_GARAGE, stamped(bodies as Body[]));
  return { start: move?.replacement, chain: replay.book.chains.get('c1')! };
}

describe('rides from before a chain was noted', () => {
  it('are counted by bike, with how far back the chain’s own distance takes it', () => {
    const [older, ...more] = olderRides(rows(40), log(500));
    expect(more).toEqual([]);
    expect(older).toMatchObject({
      bikeId: 'b1',
      chainId: 'c1',
      rides: 40,
      km: 2000,
      from: day(20),
      notedAt: day(60),
      kmBefore: 500,
    });
    // The last ten rides make up 500 km: a minute before the first of them.
    expect(Date.parse(older!.byDistance!)).toBe(Date.parse(day(50)) - 60_000);
    expect(olderRides(rows(40), log(0))[0]!.byDistance).toBeNull();
    expect(olderRides([], log(500))).toEqual([]);
  });

  it('are on the chain as far as it has gone, since the day the rider says, or not at all', () => {
    // It has gone 500 km when it was noted, whoever says what of the rides before.
    expect(chainAfter(500, 40, NOTHING_SAID).chain.km).toBeCloseTo(500, 6);
    const since = chainAfter(0, 40, { ...NOTHING_SAID, on: 'since', since: day(30) });
    expect(since.start?.at).toBe(new Date(Date.parse(day(30)) - 60_000).toISOString());
    expect(since.chain.km).toBeCloseTo(30 * 50, 6);
    const not = chainAfter(500, 40, { ...NOTHING_SAID, on: 'not then' });
    expect(not.start).toBeUndefined();
    expect(not.chain.km).toBeCloseTo(500, 6);
  });

  it('work the rider remembers is on the chain from that day; what cannot be is left', () => {
    const cleaned = { ...NOTHING_SAID, on: 'since', since: day(30), cleanedAt: day(45), lubedAt: day(55) } as const; // prettier-ignore
    const work = pastWork({ b1: cleaned }, log(0));
    expect(work).toMatchObject([
      { at: day(45), method: 'brush', lube: { lubeClass: 'wet' } },
      { at: day(55), method: 'dry wipe', lube: { lubeClass: 'wet' } },
    ]);
    // Lubed five days before it was noted, not never.
    const { chain } = chainAfter(0, 40, cleaned);
    const never = chainAfter(0, 40, { ...NOTHING_SAID, on: 'since', since: day(30) }).chain;
    expect(chain.film).toBeGreaterThan(never.film);
    expect(chain.inside).toBeLessThan(never.inside);
    // After it was noted, before it was on, or of a chain that was not: nothing is written.
    expect(pastWork({ b1: { ...cleaned, lubedAt: day(61), cleanedAt: day(20) } }, log(0))).toEqual(
      [],
    );
    expect(pastWork({ b1: { ...cleaned, on: 'not then' } }, log(0))).toEqual([]);
    // One day for both is one job.
    expect(pastWork({ b1: { ...cleaned, lubedAt: day(45) } }, log(0))).toHaveLength(1);
  });
});

describe('what was understood', () => {
  it('counts rides by bike and says what is believed of the chain on it', () => {
    const bodies: Body[] = [
      rideBody(day(1), 'b1', 40),
      { type: 'chainFitted', at: day(10), bikeId: 'b1', chainId: 'c1', start: { lube: 'wet', kmSinceLube: 0, look: 'clean', kmBefore: 0, wearPercent: 0 } }, // prettier-ignore
      rideBody(day(12), 'b1', 60),
      workBody(day(20), 'c1', {
        method: 'baths',
        lube: { lubeClass: 'dry', coat: 1, wiped: true },
      }),
      rideBody(day(22), 'b1', 50),
    ];
    const replay = new Replay(TEST_GARAGE, stamped(bodies));
    const [of, ...more] = understood(replay, TEST_GARAGE);
    expect(more).toEqual([]);
    expect(of).toMatchObject({ rides: 3, km: 150, from: day(1), to: day(22), before: { rides: 1, km: 40 } }); // prettier-ignore
    expect(of!.chain).toMatchObject({ since: day(10), cleanedAt: day(20), state: { lube: 'dry', km: 110 } }); // prettier-ignore
    expect(ridesLine(of!, METRIC)).toBe(
      '3 rides, 150 km, from 1 September 2026 to 22 September 2026. 1 of them, 40 km, on chains the log does not know.',
    );
    const lines = chainLines(of!.chain!, METRIC).map((l) => l.text);
    expect(lines[0]).toBe('On since 10 September 2026, 110 km so far.');
    expect(lines[1]).toBe('Lubed last on 20 September 2026 with dry lube.');
    expect(lines[2]).toBe('Cleaned inside last on 20 September 2026.');
    expect(lines[3]).toMatch(/^Worn about 0\.0\d %, give or take/);
  });
});
