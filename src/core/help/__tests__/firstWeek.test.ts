import { EMPTY_GARAGE } from '@/core/garage/empty';
import type { PlainEvent } from '@/core/records/event';
import { ISLAND_GARAGE } from '@/core/demo/island';
import { fittedBody, rideBody, stamped } from '@/test/events';
import { firstWeek } from '../firstWeek';

const NOW = Date.parse('2026-11-24T10:00:00Z');
const fitted = (at: number): PlainEvent[] =>
  stamped([fittedBody(new Date(at).toISOString())]).map((event) => ({
    ...event,
    recordedAt: new Date(at).toISOString(),
  }));

it('lists four steps to a new rider, and each goes as it is done', () => {
  const start = fitted(NOW);
  expect(firstWeek(start, EMPTY_GARAGE, NOW)).toEqual(['ride', 'rag', 'bottle', 'job']);
  const rode = [...start, ...stamped([rideBody('2026-11-24T09:00:00.000Z', 'b1', 20)])];
  expect(firstWeek(rode, EMPTY_GARAGE, NOW)).toEqual(['rag', 'bottle', 'job']);
  expect(firstWeek(rode, ISLAND_GARAGE, NOW)).toEqual(['rag', 'job']);
});

it('is over after a week, and is not begun without a chain', () => {
  const week = 7 * 24 * 3_600_000;
  expect(firstWeek(fitted(NOW - week + 1), EMPTY_GARAGE, NOW)).toHaveLength(4);
  expect(firstWeek(fitted(NOW - week), EMPTY_GARAGE, NOW)).toEqual([]);
  expect(firstWeek([], EMPTY_GARAGE, NOW)).toEqual([]);
});
