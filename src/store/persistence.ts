import type { Logbook } from '@/core/logbook';
import { mergeLogbooks } from '@/core/logbook';
import type { Problem } from '@/core/problem';
import {
  changedKeys,
  entriesToWrite,
  isQuarantine,
  META,
  quarantinedPart,
  quarantineKey,
  readLogbook,
  type Quarantined,
} from './logbookFile';
import type { Storage } from './storage';

/** What the rider is told about saving. */
export type SaveStatus =
  { kind: 'saved'; at: number | null } | { kind: 'saving' } | { kind: 'failed'; problem: Problem };

/** The other tabs: a message after each save, and one writer at a time. */
export interface Tabs {
  tell(keys: readonly string[]): void;
  listen(heard: (keys: readonly string[]) => void): () => void;
  exclusively<T>(job: () => Promise<T>): Promise<T>;
}

export interface PersistenceOptions {
  storage: Storage;
  tabs: Tabs;
  now: () => number;
  onStatus: (status: SaveStatus) => void;
  /** Called with what another tab, or an older save, brought in. */
  onMerge: (logbook: Logbook) => void;
  retryMs?: number;
}

export type Opened =
  { ok: true; logbook: Logbook; quarantined: Quarantined[] } | { ok: false; problem: Problem };

const RETRY_MS = 5000;

/**
 * When to read and write. Saves run one after another; each writes only the parts that changed, in one
 * go, merged with what is stored, so that neither a second tab nor a killed one loses an event. A
 * failed save keeps the change in memory and is tried again.
 */
export class Persistence {
  private saved: Logbook | null = null;
  private wanted: Logbook | null = null;
  private running: Promise<void> | null = null;
  private retry: ReturnType<typeof setTimeout> | null = null;
  private readonly unlisten: () => void;

  constructor(private readonly options: PersistenceOptions) {
    this.unlisten = options.tabs.listen((keys) => void this.reload(keys));
  }

  /** Reads everything; parts that are damaged are set aside whole and the rest opens. */
  async open(): Promise<Opened> {
    const { storage, now } = this.options;
    const keys = await storage.keys();
    const entries = await storage.read(keys.filter((k) => !isQuarantine(k)));
    const read = readLogbook(entries);
    if (!read.ok) return read;
    const { logbook, damaged } = read.value;
    const at = new Date(now()).toISOString();
    if (damaged.length > 0) {
      const aside = Object.fromEntries(damaged.map((d) => [quarantineKey(d.key, at), d.text]));
      await storage.write(aside);
      await storage.remove(damaged.map((d) => d.key));
    }
    this.saved = logbook;
    return { ok: true, logbook, quarantined: await this.quarantined() };
  }

  /** Everything set aside and not yet discarded. */
  async quarantined(): Promise<Quarantined[]> {
    const { storage } = this.options;
    const texts = await storage.read((await storage.keys()).filter(isQuarantine));
    return Object.entries(texts).map(([key, text]) => ({ key, part: quarantinedPart(key), text }));
  }

  async discard(key: string): Promise<void> {
    if (isQuarantine(key)) await this.options.storage.remove([key]);
  }

  /** Asks for this state to be on disk. Returns at once; `settled` waits. */
  save(logbook: Logbook): void {
    if (this.saved === null || changedKeys(this.saved, logbook).length === 0) return;
    this.wanted = logbook;
    // Starts after this tick: several changes in one go are one save, and telling the status cannot
    // call back into a save that has not begun.
    this.running ??= Promise.resolve()
      .then(() => this.run())
      .finally(() => {
        this.running = null;
      });
  }

  async settled(): Promise<void> {
    while (this.running) await this.running;
  }

  close(): void {
    this.unlisten();
    if (this.retry) clearTimeout(this.retry);
  }

  private async run(): Promise<void> {
    while (this.wanted) {
      const logbook = this.wanted;
      this.wanted = null;
      this.options.onStatus({ kind: 'saving' });
      try {
        await this.options.tabs.exclusively(() => this.writeOnce(logbook));
        this.options.onStatus({ kind: 'saved', at: this.options.now() });
      } catch {
        this.wanted ??= logbook;
        this.options.onStatus({ kind: 'failed', problem: { code: 'storage/write-failed' } });
        this.retryLater();
        return;
      }
    }
  }

  private async writeOnce(logbook: Logbook): Promise<void> {
    const { storage, now, tabs, onMerge } = this.options;
    const keys = changedKeys(this.saved ?? logbook, logbook);
    const at = new Date(now()).toISOString();
    const stored = readLogbook(await storage.read([META, ...keys]));
    if (!stored.ok) throw new Error('A newer version of the app has written here meanwhile.');
    const { entries, merged } = entriesToWrite(logbook, keys, stored.value.logbook, at);
    for (const { key, text } of stored.value.damaged) entries[quarantineKey(key, at)] = text;
    await storage.write(entries);
    this.saved = logbook;
    tabs.tell(keys);
    if (changedKeys(logbook, merged).length > 0) {
      this.saved = merged;
      onMerge(merged);
    }
  }

  private retryLater(): void {
    if (this.retry) clearTimeout(this.retry);
    this.retry = setTimeout(() => {
      const { wanted } = this;
      if (wanted) this.save(wanted);
    }, this.options.retryMs ?? RETRY_MS);
  }

  /** Another tab saved: take in what it wrote. */
  private async reload(keys: readonly string[]): Promise<void> {
    const read = readLogbook(await this.options.storage.read([META, ...keys]));
    if (!read.ok || this.saved === null) return;
    this.saved = mergeLogbooks(this.saved, read.value.logbook);
    this.options.onMerge(read.value.logbook);
  }
}
