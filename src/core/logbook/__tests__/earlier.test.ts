import { rideBody, stamped, workBody } from '@/test/events';
import type { ChainStart, PlainEvent } from '../../records/event';
import { movedFittings } from '../earlier';

/** Entries from before a chain's first fitting: the chain was on already, and what was said of it stays true. */
const START: ChainStart = {
  lube: 'wet',
  kmSinceLube: 120,
  look: 'used',
  kmBefore: 1500,
  wearPercent: 0.24,
};
const day = (n: number, hour = 12) => new Date(Date.UTC(2026, 9, n, hour)).toISOString();
const fitted = (start: Partial<ChainStart> | null = {}, at = day(24)) =>
  ({
    type: 'chainFitted',
    at,
    bikeId: 'b1',
    chainId: 'c1',
    start: start && { ...START, ...start },
  }) as const;
const ride = (n: number, km: number, bikeId = 'b1') => rideBody(day(n), bikeId, km);
const COAT = { lubeClass: 'wet', coat: 1, wiped: true } as const;
const lubed = (n: number) => workBody(day(n), 'c1', { method: 'solvent wipe', lube: COAT });
const moved = (log: object[], added: object[], from: 'hand' | 'files' = 'hand') => {
  const events = stamped([...log, ...added] as never) as PlainEvent[];
  const [found] = movedFittings(events.slice(0, log.length), events.slice(log.length), from);
  return found && { at: found.replacement.at, ...found.replacement.start };
};
const aMinuteBefore = (n: number) => new Date(Date.parse(day(n)) - 60_000).toISOString();

describe('entries from before the first fitting', () => {
  it('move it to just before them, and what the rider said stays', () => {
    expect(moved([fitted()], [lubed(23)])).toEqual({ at: aMinuteBefore(23), ...START });
    // 40 of the 1,500 km and of the 120 since it was lubed are this ride.
    expect(moved([fitted()], [ride(23, 40)])).toEqual({
      ...START,
      at: aMinuteBefore(23),
      kmBefore: 1460,
      kmSinceLube: 80,
    });
  });

  it('count rides that were there already, those since it was lubed for the lube no more', () => {
    expect(moved([ride(22, 30), fitted()], [ride(20, 40)])).toMatchObject({
      at: aMinuteBefore(20),
      kmBefore: 1430,
      kmSinceLube: 50,
    });
    expect(moved([fitted()], [ride(20, 40), lubed(21), ride(22, 30)])).toMatchObject({
      kmBefore: 1430,
      kmSinceLube: 80,
    });
    expect(moved([fitted({ kmBefore: 10, kmSinceLube: 0 })], [ride(20, 40)])).toMatchObject({
      kmBefore: 0,
      kmSinceLube: 0,
    });
  });

  it('from files are of this chain as far as it is said to have gone, the older ones of others', () => {
    const files = [ride(1, 900), ride(10, 900), ride(20, 500)];
    expect(moved([fitted()], files, 'files')).toMatchObject({
      at: aMinuteBefore(10),
      kmBefore: 100,
    });
    expect(moved([fitted({ kmBefore: 0 })], files, 'files')).toBeUndefined();
    expect(moved([fitted({ kmBefore: 499 })], files, 'files')).toBeUndefined();
    expect(moved([fitted({ kmBefore: 500 })], files, 'files')?.at).toBe(aMinuteBefore(20));
  });

  it('leave alone what they are not of: another bike, a later time, a second fitting, one told nothing of', () => {
    expect(moved([fitted()], [ride(23, 40, 'b2')])).toBeUndefined();
    expect(moved([fitted()], [ride(25, 40)])).toBeUndefined();
    expect(moved([fitted(null)], [ride(23, 40)])).toBeUndefined();
    const second = { ...fitted({}, day(28)), chainId: 'c2' };
    expect(moved([fitted(), second], [{ ...lubed(27), chainId: 'c2' }])).toBeUndefined();
  });
});
