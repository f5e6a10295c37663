import type { Storage } from './storage';

/** One writer at a time where a browser has no Web Locks: a note in storage of whose turn it is. */
export const LEASE = 'lease';

/** A tab that dies with the lease keeps the others waiting this long, and no longer. */
const LEASE_MS = 8000;
/** Longer than a write takes to be seen by another tab: two that claim at once find out. */
const SETTLE_MS = 60;

interface Timing {
  now: () => number;
  wait: (ms: number) => Promise<void>;
}

const CLOCK: Timing = {
  now: () => performance.timeOrigin + performance.now(),
  wait: (ms) => new Promise((resolve) => setTimeout(resolve, ms)),
};

/**
 * Runs a job while holding the lease. Claims it, waits until any other claim is to be seen, and goes on
 * only if its own still stands.
 */
export async function leased<T>(
  storage: Storage,
  job: () => Promise<T>,
  { now, wait }: Timing = CLOCK,
): Promise<T> {
  const owner = crypto.randomUUID();
  const holder = async (): Promise<{ owner: string; since: number } | null> => {
    const [, name = '', since] =
      /^(\S+) (\d+)$/.exec((await storage.read([LEASE]))[LEASE] ?? '') ?? [];
    return name ? { owner: name, since: Number(since) } : null;
  };
  for (;;) {
    const held = await holder();
    const age = held ? now() - held.since : Infinity;
    // A clock that was set back must not make a lease eternal.
    if (held && age < LEASE_MS && age > -LEASE_MS) {
      await wait(SETTLE_MS);
      continue;
    }
    await storage.write({ [LEASE]: `${owner} ${Math.floor(now())}` });
    await wait(SETTLE_MS);
    if ((await holder())?.owner === owner) break;
  }
  try {
    return await job();
  } finally {
    if ((await holder())?.owner === owner) await storage.remove([LEASE]);
  }
}
