import type { Edge } from '@/store/edge';

/** A clock that stands where a test puts it, and ids that count. */
export function testEdge(start = Date.parse('2026-05-10T12:00:00.000Z')): Edge & { at: number } {
  let ids = 0;
  const edge = {
    at: start,
    now: () => edge.at,
    newId: () => `id${String(++ids).padStart(6, '0')}`,
    zone: 'Europe/London',
  };
  return edge;
}
