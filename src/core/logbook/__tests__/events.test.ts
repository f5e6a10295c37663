import { logEventSchema } from '@/core/records/event';
import fc from 'fast-check';
import { logbookEvents, plainEvent } from '@/test/arbitraries';
import { cases } from '@/test/cases';

const [good] = fc.sample(
  plainEvent.filter((e) => e.type === 'rideLogged'),
  { numRuns: 1, seed: 1 },
);
const ride = { ...(good as object), id: 'r' };

describe('the schema of events', () => {
  it('takes every event a logbook can hold, and nothing is lost in reading', () => {
    fc.assert(
      fc.property(logbookEvents, (events) => {
        for (const event of events) {
          const read = logEventSchema.safeParse(JSON.parse(JSON.stringify(event)));
          expect(read.success && read.data).toEqual(event);
        }
      }),
      { numRuns: cases(30) },
    );
  });

  it.each([
    ['a distance of nothing', { distanceKm: 0 }],
    ['a distance beyond a day', { distanceKm: 1001 }],
    ['a distance in words', { distanceKm: '42' }],
    ['a moment without zone', { at: '2026-05-01T08:00:00' }],
    ['a moment of another precision', { at: '2026-05-01T08:00:00Z' }],
    ['a weather we do not know', { weather: 'monsoon' }],
    ['an empty id', { id: '' }],
    ['no type', { type: undefined }],
    ['a type we do not know', { type: 'rideDreamt' }],
  ])('refuses %s', (_, wrong) => {
    expect(logEventSchema.safeParse(ride).success).toBe(true);
    expect(logEventSchema.safeParse({ ...ride, ...wrong }).success).toBe(false);
  });
});
