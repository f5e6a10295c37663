import { leased } from '@/store/lease';
import type { Tabs } from '@/store/persistence';
import { withLimits, type Storage } from '@/store/storage';
import type { Chance } from './chance';

/** How the tabs of a simulated browser reach each other. */
export interface Reach {
  locks: boolean;
  channel: boolean;
}

/** Messages and the lock between tabs: a message takes a while, and never reaches a tab that is gone. */
export class Browser {
  private listeners = new Map<object, (keys: readonly string[]) => void>();
  private waiting: (() => void)[] = [];
  private holder: object | null = null;

  constructor(
    private readonly chance: Chance,
    private readonly reach: Reach,
    private readonly slowestMs: number,
  ) {}

  /** Takes a tab out: its lock goes to the next. */
  close(owner: object): void {
    this.listeners.delete(owner);
    if (this.holder === owner) this.release();
  }

  private release(): void {
    this.holder = null;
    this.waiting.shift()?.();
  }

  tabs(owner: object, storage: Storage, isDead: () => boolean): Tabs {
    return {
      canTell: this.reach.channel,
      tell: (keys) => {
        if (!this.reach.channel) return;
        for (const other of this.listeners.keys())
          if (other !== owner)
            setTimeout(
              () => this.listeners.get(other)?.(keys),
              this.chance.below(this.slowestMs + 1),
            );
      },
      listen: (heard) => {
        this.listeners.set(owner, heard);
        return () => this.listeners.delete(owner);
      },
      exclusively: async (job) => {
        if (!this.reach.locks)
          return leased(
            withLimits(storage, 5000, () => undefined),
            job,
          );
        while (this.holder !== null) await new Promise<void>((go) => this.waiting.push(go));
        if (isDead()) {
          this.waiting.shift()?.();
          return new Promise<never>(() => undefined);
        }
        this.holder = owner;
        try {
          return await job();
        } finally {
          if (this.holder === owner) this.release();
        }
      },
    };
  }
}
