import { monotonicFactory } from 'ulid';
import { deviceZone } from '@/core/intl/device';

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

/** What the scripts are called that the page runs, which changes with what is in them; null where they are not built. */
export const browserBuild = (): string | null =>
  typeof document === 'undefined'
    ? null
    : (/\/opening-([0-9a-f]{32})\.js/.exec(
        Array.from(document.scripts, ({ src }) => src).join(' '),
      )?.[1] ?? null);
