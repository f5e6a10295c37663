import type { Storage } from '@/store/storage';
import type { Chance } from './chance';

/** What can go wrong with one operation. `torn`: some of the entries are written, then it fails. */
export type Fault = 'none' | 'fails' | 'hangs' | 'late' | 'torn';

/** Longer than persistence waits for an operation, so that it gives up before a late one is done. */
const LATE_MS = 14_000;

/**
 * Storage shared by the tabs of a simulated browser. Each operation takes effect at one moment, some time
 * after it was asked for, or not at all; in the order asked for, as IndexedDB does with transactions over
 * one store, so that a late one holds up those behind it.
 */
export class Disk {
  readonly entries = new Map<string, string>();
  /** Of so many operations one goes wrong; 0: none. */
  faultEvery = 0;
  faults: readonly Fault[] = [];
  /** When the last operation asked for is done. */
  private busyUntil = 0;

  constructor(
    private readonly chance: Chance,
    private readonly slowestMs: number,
  ) {}

  private fault(): Fault {
    return this.faultEvery > 0 && this.chance.oneIn(this.faultEvery)
      ? this.chance.pick(this.faults)
      : 'none';
  }

  /** A tab's own way to the disk. Once it is dead, what it asked for may still be done, but tells nobody. */
  tab(): { storage: Storage; kill: () => void } {
    let isDead = false;
    const operation = <T>(act: (share: number) => T): Promise<T> => {
      const fault = this.fault();
      const takes = this.chance.below(this.slowestMs + 1) + (fault === 'late' ? LATE_MS : 0);
      return new Promise((resolve, reject) => {
        if (fault === 'hangs') return;
        this.busyUntil = Math.max(this.busyUntil, Date.now()) + takes;
        setTimeout(() => {
          // A tab killed in between: the transaction was committed or was not.
          if (isDead && this.chance.oneIn(2)) return;
          if (fault === 'fails') return reject(new Error('the disk refuses'));
          const value = act(fault === 'torn' ? this.chance.below(100) / 100 : 1);
          if (fault === 'torn') return reject(new Error('the disk broke off'));
          if (!isDead) resolve(value);
        }, this.busyUntil - Date.now());
      });
    };
    const { entries } = this;
    return {
      kill: () => {
        isDead = true;
      },
      storage: {
        keys: () => operation(() => [...entries.keys()]),
        read: (keys) =>
          operation(() =>
            Object.fromEntries(
              keys.flatMap((k) => (entries.has(k) ? [[k, entries.get(k) ?? '']] : [])),
            ),
          ),
        write: (added) =>
          operation((share) => {
            const list = Object.entries(added);
            for (const [key, text] of list.slice(0, Math.ceil(list.length * share)))
              entries.set(key, text);
          }),
        remove: (keys) => operation(() => keys.forEach((key) => entries.delete(key))),
      },
    };
  }
}
