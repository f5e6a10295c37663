import { monotonicFactory } from 'ulid';
import { deviceZone } from '@/core/intl';

/** What core must be given from outside: the clock, new ids, the rider's zone. */
export interface Edge {
  now: () => number;
  newId: () => string;
  zone: string;
}

/** The real clock and zone. Ids grow with time, so that text order is order of writing. */
export function browserEdge(): Edge {
  const next = monotonicFactory();
  return {
    now: () => Date.now(),
    newId: () => next(Date.now()),
    zone: deviceZone(),
  };
}
