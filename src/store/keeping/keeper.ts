import { backupFileName } from '@/core/formats/backupFiles';
import { writeBackup } from '@/core/formats/backup';
import type { LogEvent } from '@/core/records/event';
import type { Logbook } from '@/core/logbook/logbook';
import type { Problem } from '@/core/problem';
import { MS_PER_DAY } from '@/core/units/convert';
import type { OpenLogbook } from '../openLogbook';
import { withLimits } from '../storage';
import { keepBackup } from './keepBackup';
import { canPickFolder } from '../folders';
import { forgetPlace, keptPlace, pickPlace, type BackupPlace } from './place';
import { readMemory, type Memory } from './memory';

/** How safely this device keeps the logbook. */
export interface Keeping {
  /** The browser's promise not to clear the data when it needs room; null: not asked or not known. */
  persisted: boolean | null;
  usedBytes: number | null;
  leftBytes: number | null;
  /** Whole days since the last backup; null: there was none. */
  daysSince: number | null;
  /** Entries of the log that no backup holds. */
  unsaved: number;
  /** It is time to say so. */
  isDue: boolean;
  /** Whether backups can keep themselves here, where they go, and whether they do. */
  canKeep: boolean;
  folder: { name: string; state: 'kept' | 'asks'; lastAt: number | null } | null;
  problem: Problem | null;
}

const DEVICE = 'device';
/** After so many entries without a backup the rider is reminded. Own choice: a month of commuting. */
const MANY_ENTRIES = 40;
/** Storage that does not answer by then keeps no word of backups from the rider. */
const LIMIT_MS = 5000;
/** A folder is written to this long after the last change. */
const SETTLE_MS = 4000;

/** By month: a change touches one or two of hundreds. */
const counts = new WeakMap<readonly LogEvent[], number>();

function entriesIn(events: readonly LogEvent[]): number {
  const known = counts.get(events);
  if (known !== undefined) return known;
  let entries = 0;
  for (const event of events) if (event.type !== 'weatherSeen') entries += 1;
  counts.set(events, entries);
  return entries;
}

type Listener = (keeping: Keeping) => void;

/** Asks the browser to keep the data, counts what no backup holds, and keeps backups where it can. */
class Keeper {
  state: Keeping = {
    persisted: null,
    usedBytes: null,
    leftBytes: null,
    daysSince: null,
    unsaved: 0,
    isDue: false,
    canKeep: canPickFolder(),
    folder: null,
    problem: null,
  };
  private memory: Memory = { backupAt: null, entries: 0, putOff: 0 };
  private listeners = new Set<Listener>();
  private place: BackupPlace | null = null;
  private backedUp: Logbook | null = null;
  private isReady = false;
  private timer: ReturnType<typeof setTimeout> | undefined;

  constructor(private readonly open: OpenLogbook) {
    void this.begin();
  }

  watch(listener: Listener): () => void {
    this.listeners.add(listener);
    if (this.isReady) listener(this.state);
    return () => this.listeners.delete(listener);
  }

  private tell(part: Partial<Keeping>): void {
    this.state = { ...this.state, ...part };
    // Nothing is said before it is known: no “nothing to back up” while that is still being looked up.
    if (this.isReady) for (const listener of this.listeners) listener(this.state);
  }

  private async begin(): Promise<void> {
    const { storage, store, name } = this.open;
    const patient = withLimits(storage, LIMIT_MS, () => undefined);
    const text = await patient.read([DEVICE]).then(
      (found) => found[DEVICE],
      () => undefined,
    );
    this.memory = { ...this.memory, ...readMemory(text) };
    this.place = await keptPlace(name).catch(() => null);
    await this.look();
    this.isReady = true;
    this.tell({});
    store.subscribe(() => this.onChange());
    document.addEventListener('visibilitychange', () => {
      if (document.visibilityState === 'hidden') void this.writeNow();
    });
    await this.refresh();
    this.onChange();
  }

  private get logbook(): Logbook {
    return this.open.store.getState().logbook;
  }

  private entries(): number {
    let entries = 0;
    for (const events of Object.values(this.logbook.log)) entries += entriesIn(events);
    return entries;
  }

  private counted: Logbook['log'] | null = null;

  private onChange(): void {
    const { logbook } = this;
    if (this.counted !== logbook.log) this.count();
    if (!this.mustWrite(logbook)) return;
    clearTimeout(this.timer);
    this.timer = setTimeout(() => void this.writeNow(), SETTLE_MS);
  }

  private mustWrite(logbook: Logbook): boolean {
    const isOpen = this.open.store.getState().session.phase === 'open';
    return isOpen && this.state.folder?.state === 'kept' && this.backedUp !== logbook;
  }

  private count(): void {
    this.counted = this.logbook.log;
    const entries = this.entries();
    const { backupAt, putOff } = this.memory;
    const unsaved = Math.max(0, entries - this.memory.entries);
    const isKept = this.state.folder?.state === 'kept' && this.state.problem === null;
    this.tell({
      unsaved,
      daysSince:
        backupAt === null ? null : Math.floor((this.open.edge.now() - backupAt) / MS_PER_DAY),
      // What is in the demo is nobody's to lose.
      isDue:
        this.open.name === 'own' &&
        !isKept &&
        unsaved >= MANY_ENTRIES &&
        entries - putOff >= MANY_ENTRIES,
    });
    if (entries > 0 && this.state.persisted === null) void this.askToPersist();
  }

  /** The browser is asked once there is something to lose; it may say no without a word to the rider. */
  private async askToPersist(): Promise<void> {
    if (this.open.name === 'demo' || !navigator.storage?.persist) return;
    const persisted = (await navigator.storage.persisted()) || (await navigator.storage.persist());
    this.tell({ persisted });
  }

  /** Looks up how much room is taken and left. */
  private async refresh(): Promise<void> {
    const { usage, quota } = (await navigator.storage?.estimate?.()) ?? {};
    if (usage !== undefined && quota !== undefined)
      this.tell({ usedBytes: usage, leftBytes: Math.max(0, quota - usage) });
  }

  private async look(): Promise<void> {
    const isOpen = await this.place?.isOpen().catch(() => false);
    const folder = this.place && {
      name: this.place.name,
      state: isOpen ? ('kept' as const) : ('asks' as const),
      lastAt: this.state.folder?.lastAt ?? null,
    };
    this.tell({ folder });
    this.count();
  }

  /** The text and name of a backup file, for the rider to take away; counted as made. */
  async takeBackup(): Promise<{ name: string; text: string }> {
    const now = this.open.edge.now();
    const at = new Date(now).toISOString();
    const text = writeBackup(this.logbook, at);
    await this.remember({ backupAt: now, entries: this.entries() });
    return { name: backupFileName(at.slice(0, 10)), text };
  }

  /** The rider does not want to be reminded for now. */
  putOff = (): Promise<void> => this.remember({ putOff: this.entries() });

  /** Lets the rider pick the folder that backups go to, and writes the first. */
  pickFolder = async (): Promise<void> => {
    this.place = (await pickPlace(this.open.name)) ?? this.place;
    await this.look();
    await this.writeNow();
  };

  /** Asks again for a folder the browser has closed meanwhile. */
  reopenFolder = async (): Promise<void> => {
    await this.place?.ask();
    await this.look();
    await this.writeNow();
  };

  dropFolder = async (): Promise<void> => {
    await forgetPlace(this.open.name);
    this.place = null;
    this.tell({ problem: null });
    await this.look();
  };

  private async writeNow(): Promise<void> {
    clearTimeout(this.timer);
    const { place, logbook } = this;
    if (!place || !this.mustWrite(logbook)) return;
    const now = this.open.edge.now();
    const kept = await this.open.persistence.alone(() => keepBackup(place, logbook, now));
    if (!kept.ok) {
      this.tell({ problem: kept.problem });
      return this.look();
    }
    this.backedUp = logbook;
    const folder = this.state.folder && { ...this.state.folder, lastAt: now };
    this.tell({ folder, problem: null });
    await this.remember({ backupAt: now, entries: this.entries() });
  }

  private async remember(part: Partial<Memory>): Promise<void> {
    this.memory = { ...this.memory, ...part };
    this.count();
    await this.open.storage.write({ [DEVICE]: JSON.stringify(this.memory) }).catch(() => undefined);
  }
}

export type { Keeper };

const keepers = new WeakMap<OpenLogbook, Keeper>();

/** The keeper of an open logbook, made when first asked for. */
export function keeperOf(open: OpenLogbook): Keeper {
  const keeper = keepers.get(open) ?? new Keeper(open);
  keepers.set(open, keeper);
  return keeper;
}
