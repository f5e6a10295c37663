import { leased } from './lease';
import type { Tabs } from './persistence';
import { withLimits, type Storage } from './storage';

/** How long a tab waits for its turn to write: another may be frozen while it holds the lock. */
const TURN_MS = 15_000;
const LEASE_LIMIT_MS = 5000;

/** Tabs of one browser that have the same logbook open: BroadcastChannel and Web Locks, or a lease. */
export function browserTabs(name: string, storage: Storage): Tabs {
  const channel = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel(name);
  return {
    canTell: channel !== null,
    tell: (keys) => channel?.postMessage(keys),
    listen(heard) {
      const onMessage = (message: MessageEvent) => {
        if (Array.isArray(message.data)) heard(message.data.filter((k) => typeof k === 'string'));
      };
      channel?.addEventListener('message', onMessage);
      return () => channel?.removeEventListener('message', onMessage);
    },
    exclusively: (job) =>
      typeof navigator !== 'undefined' && navigator.locks
        ? (navigator.locks.request(
            name,
            { signal: AbortSignal.timeout(TURN_MS) },
            job,
          ) as ReturnType<typeof job>)
        : leased(
            withLimits(storage, LEASE_LIMIT_MS, () => undefined),
            job,
          ),
  };
}

/** A page on its own. */
export const noTabs: Tabs = {
  canTell: true,
  tell: () => undefined,
  listen: () => () => undefined,
  exclusively: (job) => job(),
};
