import { PRESETS } from '@/core/garage/presets';
import type { Bike } from '@/core/records/garage';
import { allEvents } from '@/core/logbook/chunks';
import type { Logbook } from '@/core/logbook/logbook';
import * as readers from '@/core/validation/validate';
import { changeSettings } from '@/store/commands/settings';
import { record } from '@/store/commands/perform';
import { undo } from '@/store/commands/history';
import { saveBike } from '@/store/commands/garage';
import { merged, opened } from '@/store/logbookSlice';
import { Persistence, type SaveStatus } from '@/store/persistence';
import { createStore, type AppStore } from '@/store/store';
import { rideBody } from '../events';
import type { Browser } from './browser';
import type { Disk } from './disk';

/** A write of a field, and the value its writer saw there before. */
export interface FieldWrite {
  field: string;
  value: unknown;
  saw: unknown;
  saved: boolean;
}

/** What a tab did, for an oracle that knows nothing of stamps. */
export interface Ledger {
  rides: { id: string; saved: boolean }[];
  writes: FieldWrite[];
}

/** One page: the real store and persistence, wired as the app wires them. */
export class SimulatedTab {
  readonly store: AppStore;
  readonly statuses: SaveStatus[] = [];
  private readonly persistence: Persistence;
  private readonly killStorage: () => void;
  private mine: { saved: boolean }[] = [];
  isDead = false;

  constructor(
    private readonly world: {
      disk: Disk;
      browser: Browser;
      ledger: Ledger;
      now: () => number;
      newId: () => string;
    },
    private readonly skewMs: number,
  ) {
    const { storage, kill } = world.disk.tab();
    this.killStorage = kill;
    this.store = createStore({ now: this.now, newId: world.newId, zone: 'UTC' });
    this.persistence = new Persistence({
      storage,
      tabs: world.browser.tabs(this, storage, () => this.isDead),
      now: this.now,
      // At hand: a module would take real time to load, and time stands still here.
      readers: async () => readers,
      onStatus: (status) => this.hears(status),
      onMerge: (logbook) => void this.store.dispatch(merged(logbook)),
    });
  }

  private now = () => this.world.now() + this.skewMs;

  get logbook(): Logbook {
    return this.store.getState().logbook;
  }

  private hears(status: SaveStatus): void {
    this.statuses.push(status);
    if (status.kind === 'saved' && !this.isDead) {
      for (const write of this.mine) write.saved = true;
      this.mine = [];
    }
  }

  /** Opens as the app does; false while storage cannot be read, or holds something newer. */
  async opens(): Promise<boolean> {
    for (let attempt = 0; attempt < 4; attempt++) {
      const read = await this.persistence.open().catch(() => null);
      if (this.isDead || (read && !read.ok)) return false;
      if (!read) continue;
      this.store.dispatch(opened(read.logbook));
      this.store.subscribe(() => this.persistence.save(this.logbook));
      this.persistence.startFrom(read.logbook);
      return true;
    }
    return false;
  }

  rides(km: number): void {
    const at = new Date(this.now()).toISOString();
    const ids = this.store.dispatch(record('Ride logged', [rideBody(at, 'bike', km)]));
    for (const id of ids) this.note(this.world.ledger.rides, { id, saved: false });
  }

  /** Writes a value nobody has written before into a field of the bike. */
  changesBike(field: 'name' | 'links', value: number): void {
    const bike = this.logbook.garage.bikes.bike;
    if (!bike) return;
    const next: Bike =
      field === 'name'
        ? { ...bike, name: `Bike ${value}` }
        : { ...bike, rings: [20 + (value % 50)] };
    this.writes(
      `bike.${field}`,
      (b) => (field === 'name' ? b.bike?.name : b.bike?.rings),
      () => this.store.dispatch(saveBike('Bike changed', next)),
    );
  }

  changesSetting(which: 'dropsPerMl' | 'hourPrice' | 'rule', value: number): void {
    const { settings } = this.logbook;
    const part = {
      dropsPerMl: { dropsPerMl: 5 + (value % 190) + value / 1e6 },
      hourPrice: { plan: { ...settings.plan, hourPrice: value / 10 } },
      rule: { bikeRules: { ...settings.bikeRules, clue: `bike${value}` } },
    }[which];
    this.writes(
      which,
      (s) => s[which],
      () => this.store.dispatch(changeSettings('Set', part)),
    );
  }

  private writes(
    field: string,
    look: (here: { bike?: Bike; dropsPerMl: number; hourPrice: number; rule?: string }) => unknown,
    act: () => void,
  ): void {
    const value = () => {
      const { settings, garage } = this.logbook;
      const { bike } = garage.bikes;
      const here = { dropsPerMl: settings.dropsPerMl, hourPrice: settings.plan.hourPrice };
      const { clue } = settings.bikeRules;
      return look({ ...here, ...(bike ? { bike } : {}), ...(clue ? { rule: clue } : {}) });
    };
    const saw = value();
    act();
    if (value() !== saw)
      this.note(this.world.ledger.writes, { field, value: value(), saw, saved: false });
  }

  undoes(): void {
    const before = this.store.getState().session.done.at(-1);
    // Undoing a setting would write an old value again, which the oracle could not tell from a loss.
    if (before && before.records.length === 0 && before.settings.length === 0)
      this.store.dispatch(undo());
  }

  private note<T extends { saved: boolean }>(list: T[], entry: T): void {
    list.push(entry);
    this.mine.push(entry);
  }

  flush = (): void => this.persistence.flush();
  check = (): void => this.persistence.check();
  settled = (): Promise<void> => this.persistence.settled();

  kill(): void {
    this.isDead = true;
    this.killStorage();
    this.persistence.close();
    this.world.browser.close(this);
  }
}

/** The bike every simulated logbook begins with. */
export const FIRST_BIKE: Bike = {
  ...PRESETS.road.specs,
  id: 'bike',
  name: 'Bike 0',
  retired: false,
  changedAt: '2026-01-01T00:00:00.000Z',
};

export const eventIds = (logbook: Logbook): string[] => allEvents(logbook.log).map((e) => e.id);
