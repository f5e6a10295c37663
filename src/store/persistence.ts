import type { Logbook } from '@/core/logbook/logbook';
import { loadValidation, type Validation } from '@/core/validation/load';
import type { Problem } from '@/core/problem';
import { asideOf, isPart, isQuarantine, type Quarantined } from './keys';
import { Slow, withLimits, type Storage } from './storage';
import { atOnce, type Pace } from './slices';
import { StoredLogbook } from './storedLogbook';

/** What the rider reads about saving. */
export type SaveStatus =
  { kind: 'saved'; at: number | null } | { kind: 'saving' } | { kind: 'failed'; problem: Problem };

/** The other tabs: a message after each save, and one writer at a time. */
export interface Tabs {
  /** False where the browser has no channel between tabs: then storage is looked at now and then. */
  canTell: boolean;
  tell(keys: readonly string[]): void;
  listen(heard: (keys: readonly string[]) => void): () => void;
  exclusively<T>(job: () => Promise<T>): Promise<T>;
}

export interface PersistenceOptions {
  storage: Storage;
  tabs: Tabs;
  now: () => number;
  onStatus: (status: SaveStatus) => void;
  /** Called with the page's logbook merged with what another tab, or an older save, brought in. */
  onMerge: (logbook: Logbook) => void;
  /** Called when parts were set aside, with all that lies aside. */
  onAside?: (found: Quarantined[]) => void;
  retryMs?: number;
  /** How long storage may take for one operation. */
  limitMs?: number;
  /** How often storage is looked at where tabs cannot tell each other. */
  pollMs?: number;
  /** What migrates and validates; loaded when first needed. */
  readers?: () => Promise<Validation>;
}

export type Opened =
  { ok: true; logbook: Logbook; quarantined: Quarantined[] } | { ok: false; problem: Problem };

type SaveFailure = 'storage/refused' | 'storage/newer' | 'storage/slow' | 'storage/write-failed';

const RETRY_MS = 5000;
const LIMIT_MS = 10_000;
const POLL_MS = 4000;

/**
 * Keeps the page and storage the same. The page's logbook and the stored one only ever merge, field by
 * field and event by event, so any order of saves, messages and failures ends with both holding
 * everything. Jobs run one after another; after each, whatever storage lacks is written.
 */
export class Persistence {
  private page: Logbook | null = null;
  private queue: Promise<unknown> = Promise.resolve();
  private isSaveQueued = false;
  /** The rider can read that something is not saved yet. */
  private isTelling = false;
  private retry: ReturnType<typeof setTimeout> | null = null;
  private readonly poll: ReturnType<typeof setInterval> | null;
  private readonly storage: Storage;
  private readonly stored: StoredLogbook;
  private readonly unlisten: () => void;

  constructor(private readonly options: PersistenceOptions) {
    this.storage = withLimits(options.storage, options.limitMs ?? LIMIT_MS, () => this.check());
    this.stored = new StoredLogbook(this.storage, options.readers ?? loadValidation);
    this.unlisten = options.tabs.listen((keys) => this.reload(keys));
    this.poll = options.tabs.canTell
      ? null
      : setInterval(() => this.check(), options.pollMs ?? POLL_MS);
  }

  /**
   * Reads everything; `startFrom` then begins to keep it. What is damaged is reported here and set aside
   * with the first save. Rejects when storage fails. `pace`: whether the page must stay awake meanwhile.
   */
  async open(pace: Pace = atOnce): Promise<Opened> {
    const { entries, read } = await this.stored.open(pace);
    if (read.newer.length > 0) return { ok: false, problem: { code: 'storage/newer' } };
    return { ok: true, logbook: read.logbook, quarantined: asideOf(entries, read.damaged) };
  }

  /** Begins to keep a logbook: the one read, or one of memory where storage could not be read. */
  startFrom(logbook: Logbook): void {
    this.page = logbook;
    // Another tab may have written since it was read.
    this.check();
  }

  /** Checksums of the stored parts where they hold all of a logbook, which is the page's; null where something waits. */
  keptSums(logbook: Logbook): Record<string, string> | null {
    return this.page === logbook && this.lacking().length === 0 ? this.stored.partSums() : null;
  }

  /** Everything set aside and not yet discarded. */
  async quarantined(): Promise<Quarantined[]> {
    const keys = (await this.storage.keys()).filter(isQuarantine);
    return asideOf(await this.storage.read(keys), []);
  }

  async discard(key: string): Promise<void> {
    if (isQuarantine(key)) await this.storage.remove([key]);
  }

  /** Asks for this state to be in storage. Returns at once; `settled` waits. */
  save(logbook: Logbook): void {
    if (this.page === null || this.page === logbook) return;
    this.page = logbook;
    if (!this.isSaveQueued) this.saveSoon();
  }

  /** Writes what waits now: the page is about to be left, or is back. */
  flush(): void {
    this.clearRetry();
    this.saveSoon();
  }

  /** Looks whether another tab has written what this one has not heard of. */
  check(): void {
    this.inTurn(async () => this.takeIn(await this.stored.changedElsewhere()));
  }

  /** Does a job while no other tab writes. */
  alone<T>(job: () => Promise<T>): Promise<T> {
    return this.options.tabs.exclusively(job);
  }

  async settled(): Promise<void> {
    for (let last; last !== this.queue;) await (last = this.queue);
  }

  close(): void {
    this.unlisten();
    if (this.poll) clearInterval(this.poll);
    this.clearRetry();
    this.page = null;
  }

  private reload(keys: readonly string[]): void {
    this.inTurn(() => this.takeIn(keys.filter(isPart)));
  }

  private saveSoon(): void {
    this.isSaveQueued = true;
    this.inTurn(async () => {
      this.isSaveQueued = false;
    });
  }

  /**
   * Does a job after those before it, then writes whatever storage lacks. One that fails is done again
   * later: what the page holds is never dropped.
   */
  private inTurn(job: () => Promise<unknown>): void {
    this.queue = this.queue.then(async () => {
      if (this.page === null) return;
      try {
        await job();
        const wrote = this.lacking().length > 0;
        for (let keys = this.lacking(); keys.length > 0; keys = this.lacking()) {
          this.report({ kind: 'saving' });
          await this.options.tabs.exclusively(() => this.write(keys));
        }
        this.clearRetry();
        if (this.stored.isNewer) this.fail('storage/newer');
        else if (this.stored.refused.length > 0) this.fail('storage/refused');
        else if (wrote || this.isTelling) this.report({ kind: 'saved', at: this.options.now() });
      } catch (error) {
        if (this.lacking().length > 0) this.fail(codeOf(error));
        else if (this.isTelling) this.report({ kind: 'saved', at: this.options.now() });
        this.retryLater();
      }
    });
  }

  private lacking(): string[] {
    return this.page === null ? [] : this.stored.lacking(this.page);
  }

  private report(status: SaveStatus): void {
    this.isTelling = status.kind !== 'saved';
    this.options.onStatus(status);
  }

  private fail(code: SaveFailure): void {
    this.report({ kind: 'failed', problem: { code } });
  }

  /** Reads some parts again and takes in what they bring, before anything else can fail. */
  private async takeIn(keys: readonly string[]) {
    const before = this.page;
    if (keys.length === 0 || before === null) return null;
    const seen = await this.stored.readAgain(keys, before);
    this.merge(before, seen.page);
    return seen;
  }

  private async write(keys: readonly string[]): Promise<void> {
    const seen = await this.takeIn(keys);
    if (this.page === null || seen === null) return;
    const written = await this.stored.write(keys, this.page, seen, this.options.now());
    if (written.length > 0) this.options.tabs.tell(written);
    if (seen.lost.length > 0) this.options.onAside?.(await this.quarantined());
  }

  /** Takes in what storage brought; the page may have gone on meanwhile, and merges it itself. */
  private merge(before: Logbook, merged: Logbook): void {
    if (merged === before || this.page === null) return;
    if (this.page === before) this.page = merged;
    this.options.onMerge(merged);
  }

  private retryLater(): void {
    this.clearRetry();
    this.retry = setTimeout(() => {
      this.retry = null;
      this.check();
    }, this.options.retryMs ?? RETRY_MS);
  }

  private clearRetry(): void {
    if (this.retry) clearTimeout(this.retry);
    this.retry = null;
  }
}

/** A lock that does not come in time ends as a `TimeoutError`. */
const codeOf = (error: unknown): SaveFailure =>
  error instanceof Slow || (error instanceof Error && error.name === 'TimeoutError')
    ? 'storage/slow'
    : 'storage/write-failed';
