import type { ForecastHours } from '@/core/climate';
import type { PlanSettings } from '@/core/records/plan';
import type { Problem } from '@/core/problem';
import { MS_PER_HOUR, MS_PER_MINUTE } from '@/core/units';
import type { Cell } from '@/core/weather';
import { fetchForecast } from './forecast';
import { enter } from './enter';
import { inShort, localDay, type PlanState } from './planState';
import * as planCommands from './planCommands';
import { selectGarage, selectReplay, selectReports, selectSettings } from './selectors';
import type { AppStore, RootState } from './store';

/** A plan is made anew when this much time has passed, even if nothing else changed. */
const FRESH_MS = 15 * MS_PER_MINUTE;
const FORECAST_MS = MS_PER_HOUR;
const SETTLE_MS = 120;

type Listener = (state: PlanState) => void;

/** Keeps one plan in step with the logbook while somebody looks. */
class PlanKeeper {
  state: PlanState;
  private listeners = new Set<Listener>();
  private asked = '';
  private rests: unknown[] = [];
  private cancel: (() => void) | null = null;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private forecasts = new Map<Cell, ForecastHours>();
  private forecastKey = '';
  /** Counts what was given up: what is still being prepared then is dropped. */
  private turn = 0;
  private unsubscribe: (() => void) | null = null;

  constructor(
    private readonly store: AppStore,
    private readonly zone: string,
  ) {
    this.state = {
      answer: null,
      progress: null,
      rides: [],
      habits: [],
      overlaps: [],
      due: [],
      lines: {},
      ahead: {},
      problem: null,
      zone,
      today: localDay(this.store.getState().session.now),
      giveUp: () => this.giveUp(),
      stale: false,
      again: () => this.again(),
      commands: planCommands,
      seen: () => this.note({ seenUntil: this.moment() }),
      sentOut: (calendar) => this.note({ calendar }),
      whatIf: 'forecast',
      suppose: (whatIf) => {
        this.tell({ whatIf });
        this.look();
      },
    };
  }

  watch(listener: Listener): () => void {
    this.listeners.add(listener);
    listener(this.state);
    this.unsubscribe ??= this.store.subscribe(() => this.look());
    // Whoever comes back wants a plan, even if the last one was given up.
    if (this.state.stale) this.again();
    else this.look();
    return () => {
      this.listeners.delete(listener);
      if (this.listeners.size > 0) return;
      this.unsubscribe?.();
      this.unsubscribe = null;
    };
  }

  private giveUp(): void {
    clearTimeout(this.timer);
    this.turn += 1;
    this.cancel?.();
    this.cancel = null;
    this.asked = '';
    this.tell({ progress: null, stale: true });
  }

  private again(): void {
    this.asked = '';
    this.rests = [];
    this.look();
  }

  private tell(part: Partial<PlanState>): void {
    this.state = { ...this.state, ...part };
    for (const listener of this.listeners) listener(this.state);
  }

  private now = (state: RootState) => Math.floor(state.session.now / FRESH_MS) * FRESH_MS;

  private moment = () => new Date(this.store.getState().session.now).toISOString();

  /** Keeps what is no action of the rider's and so not to be undone: how far was read, what was sent out. */
  private note(part: Partial<PlanSettings>): void {
    const { settings } = this.store.getState().logbook;
    const plan = { ...settings.plan, ...part };
    this.store.dispatch(enter({ settings: { ...settings, plan, changedAt: this.moment() } }));
  }

  /** Asks for a plan when what it rests on has changed. */
  private look(): void {
    const state = this.store.getState();
    if (state.session.phase !== 'open') return;
    const { garage, settings, log } = state.logbook;
    const rests = [garage, settings, log, this.now(state), this.forecasts, this.state.whatIf];
    if (rests.every((part, n) => part === this.rests[n])) return;
    this.rests = rests;
    // Shown at once: the plan on screen no longer answers what is asked.
    this.tell({ progress: this.state.progress ?? 0, stale: false });
    clearTimeout(this.timer);
    this.timer = setTimeout(() => void this.ask(), SETTLE_MS);
  }

  /** Forecasts of the squares the bikes stand in, an hour old at most. */
  private async refreshForecasts(): Promise<void> {
    const state = this.store.getState();
    const { weatherSource } = selectSettings(state);
    const { replay } = selectReplay(state);
    const cells = [...new Set(replay.book.cells.values())];
    const hour = Math.floor(state.session.now / FORECAST_MS);
    const key = JSON.stringify([weatherSource, hour, cells]);
    if (key === this.forecastKey) return;
    this.forecastKey = key;
    const found = new Map<Cell, ForecastHours>();
    let problem: Problem | null = null;
    for (const cell of weatherSource === 'service' ? cells : []) {
      const told = await this.store.dispatch(fetchForecast(cell));
      if (told.ok) found.set(cell, told.value);
      else problem = told.problem;
    }
    this.forecasts = found;
    this.tell({ problem });
  }

  private async ask(): Promise<void> {
    const { turn } = this;
    await this.refreshForecasts();
    const state = this.store.getState();
    const { replay } = selectReplay(state);
    const now = this.now(state);
    const { dueSentence, overlapSentence, plan, planRequest } = await import('@/work/clients');
    if (turn !== this.turn) return;
    const { request, habits, overlaps, due } = planRequest({
      replay,
      reports: selectReports(state),
      garage: selectGarage(state),
      settings: selectSettings(state),
      forecasts: this.forecasts,
      now,
      zone: this.zone,
      whatIf: this.state.whatIf,
    });
    if (selectSettings(state).plan.seenUntil === null) this.note({ seenUntil: this.moment() });
    const today = localDay(now);
    this.tell({
      rides: request.rides,
      habits,
      overlaps: overlaps.map(overlapSentence),
      due: due.map(dueSentence),
      today,
    });
    const asked = JSON.stringify(request);
    if (asked === this.asked) {
      if (!this.cancel) this.tell({ progress: null });
      return;
    }
    this.asked = asked;
    this.cancel?.();
    this.tell({ progress: 0 });
    const started = performance.now();
    const planning = plan(request, (progress) => {
      if (asked === this.asked && this.cancel) this.tell({ progress });
    });
    this.cancel = planning.cancel;
    const answer = await planning.done;
    if (asked !== this.asked) return;
    performance.measure('plan', { start: started });
    this.cancel = null;
    this.tell(
      answer
        ? { answer, progress: null, ...inShort(answer, request.rides) }
        : { progress: null, stale: true },
    );
  }
}

const keepers = new WeakMap<AppStore, PlanKeeper>();

function keeperOf(store: AppStore, zone: string): PlanKeeper {
  const known = keepers.get(store) ?? new PlanKeeper(store, zone);
  keepers.set(store, known);
  return known;
}

/** Follows the plan of a store; returns what stops it. */
export const watchPlan = (store: AppStore, zone: string, listener: Listener): (() => void) =>
  keeperOf(store, zone).watch(listener);
