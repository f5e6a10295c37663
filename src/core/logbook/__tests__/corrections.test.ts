import fc from 'fast-check';
import { logbookEvents } from '@/test/arbitraries';
import { ridesOf } from '@/test/events';
import { byTime, Corrections, effectiveEvents } from '../resolve';
import type { LogEvent, PlainEvent } from '../../records/event';
import { cases } from '@/test/cases';

const base = (id: string, recordedAt: string) => ({ id, at: recordedAt, zone: 'UTC', recordedAt });
const [ride] = ridesOf([20]) as [PlainEvent & { type: 'rideLogged' }];
const day = (n: number) => `2026-05-${String(n).padStart(2, '0')}T00:00:00.000Z`;
const strike = (id: string, target: string): LogEvent => ({
  ...base(id, day(9)),
  type: 'eventStruck',
  target,
});
const amend = (id: string, recordedAt: string, distanceKm: number): LogEvent => ({
  ...base(id, recordedAt),
  type: 'eventAmended',
  target: ride.id,
  replacement: { ...ride, distanceKm },
});
const distances = (events: readonly LogEvent[]) =>
  effectiveEvents(events).map((e) => (e.type === 'rideLogged' ? e.distanceKm : e.type));

/** How a logbook reads, by the words of the definition: a strike counts unless it is struck itself. */
function plainly(events: readonly LogEvent[]): PlainEvent[] {
  const isStruck = (id: string): boolean =>
    events.some((e) => e.type === 'eventStruck' && e.target === id && !isStruck(e.id));
  return events
    .flatMap((event): PlainEvent[] => {
      if (event.type === 'eventStruck' || event.type === 'eventAmended') return [];
      if (event.type === 'weatherSeen' || isStruck(event.id)) return [];
      const readings = events
        .filter((e) => e.type === 'eventAmended' && e.target === event.id && !isStruck(e.id))
        .sort((a, b) => (`${a.recordedAt} ${a.id}` < `${b.recordedAt} ${b.id}` ? -1 : 1));
      const last = readings.at(-1);
      const told = last?.type === 'eventAmended' ? last.replacement : event;
      return [{ ...told, id: event.id, recordedAt: event.recordedAt }];
    })
    .sort((a, b) => (`${a.at} ${a.id}` < `${b.at} ${b.id}` ? -1 : 1));
}

describe('how a logbook reads', () => {
  it('is what its definition says, in whatever order it was written', () => {
    fc.assert(
      fc.property(logbookEvents, fc.nat(), (events, turn) => {
        const at = turn % events.length;
        const turned = [...events.slice(at), ...events.slice(0, at)];
        const told = effectiveEvents(turned).filter((e) => e.type !== ('weatherSeen' as string));
        expect(told).toEqual(plainly(events));
      }),
      { numRuns: cases(300), seed: 11 },
    );
  });

  it('takes the amendment written last, of two of one moment the one with the greater id', () => {
    expect(distances([ride, amend('b', day(2), 30), amend('a', day(3), 40)])).toEqual([40]);
    expect(distances([ride, amend('a', day(3), 40), amend('b', day(2), 30)])).toEqual([40]);
    expect(distances([ride, amend('b', day(2), 30), amend('a', day(2), 40)])).toEqual([30]);
    expect(distances([ride, amend('a', day(2), 40), amend('b', day(2), 30)])).toEqual([30]);
  });

  it('falls back to the amendment before one that was struck', () => {
    const events = [ride, amend('a', day(2), 30), amend('b', day(3), 40), strike('s', 'b')];
    expect(distances(events)).toEqual([30]);
    expect(distances([...events, strike('t', 'a')])).toEqual([20]);
    expect(distances([...events, strike('t', 's')])).toEqual([40]);
  });

  it('keeps when the event was first written down', () => {
    const [told] = effectiveEvents([ride, amend('a', day(7), 30)]);
    expect(told?.recordedAt).toBe(ride.recordedAt);
  });

  it('orders by moment, then by id', () => {
    const at = (id: string, n: number) => ({ ...ride, id, at: day(n) });
    const [a1, a2, b1] = [at('a', 1), at('a', 2), at('b', 1)];
    expect([a2, b1, a1].sort(byTime)).toEqual([a1, b1, a2]);
    expect(byTime(a1, { ...a1 })).toBe(0);
    expect(byTime(b1, a1)).toBeGreaterThan(0);
  });

  it('finds a correction by its id', () => {
    const corrections = new Corrections();
    const struck = strike('s', ride.id);
    if (struck.type === 'eventStruck') corrections.add(struck);
    expect(corrections.find('s')).toBe(struck);
    expect(corrections.find('t')).toBeUndefined();
  });
});
