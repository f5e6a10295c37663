import type { Tabs } from './persistence';

/** Tabs of one browser that have the same logbook open: BroadcastChannel and Web Locks. */
export function browserTabs(name: string): Tabs {
  const channel = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel(name);
  return {
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
        ? (navigator.locks.request(name, job) as ReturnType<typeof job>)
        : job(),
  };
}

/** A page on its own. */
export const noTabs: Tabs = {
  tell: () => undefined,
  listen: () => () => undefined,
  exclusively: (job) => job(),
};
