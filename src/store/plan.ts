import { planRequest } from '@/core/plan/ask';
import { dateOf } from '@/core/plan/days';
import type { PlanAnswer } from '@/core/plan/planner';
import type { RideAhead } from '@/core/plan/occurrences';
import { nextJobLine } from '@/core/plan/sentences';
import type { ForecastHours } from '@/core/climate';
import type { Problem } from '@/core/problem';
import { MS_PER_HOUR, MS_PER_MINUTE } from '@/core/units';
import type { Cell } from '@/core/weather';
import { fetchForecast } from './forecast';
import { selectGarage, selectReplay, selectReports, selectSettings } from './selectors';
import type { AppStore, RootState } from './store';

/** The plan as the screens see it. */
export interface PlanState {
  /** The last plan; kept while a new one is made. */
  answer: PlanAnswer | null;
  /** How much of a new plan is made, 0 to 1; null: none is being made. */
  progress: number | null;
  /** Rides it reckons with. */
  rides: readonly RideAhead[];
  /** The next job of each bike, in a line. */
  lines: Readonly<Record<string, string>>;
  /** Km from now at which each bike's jobs fall, with what they are. */
  chalks: Readonly<Record<string, { km: number; label: string }[]>>;
  /** Why there is no forecast, if one was asked for and did not come. */
  problem: Problem | null;
  zone: string;
  /** Gives up the plan being made; the last one stays. */
  giveUp: () => void;
}

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
  private seen: unknown[] = [];
  private cancel: (() => void) | null = null;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private forecasts = new Map<Cell, ForecastHours>();
  private forecastKey = '';
  private unsubscribe: (() => void) | null = null;

  constructor(
    private readonly store: AppStore,
    private readonly zone: string,
  ) {
    this.state = {
      answer: null,
      progress: null,
      rides: [],
      lines: {},
      chalks: {},
      problem: null,
      zone,
      giveUp: () => this.giveUp(),
    };
  }

  watch(listener: Listener): () => void {
    this.listeners.add(listener);
    listener(this.state);
    this.unsubscribe ??= this.store.subscribe(() => this.look());
    this.look();
    return () => {
      this.listeners.delete(listener);
      if (this.listeners.size > 0) return;
      this.unsubscribe?.();
      this.unsubscribe = null;
    };
  }

  private giveUp(): void {
    this.cancel?.();
    this.cancel = null;
    this.tell({ progress: null });
  }

  private tell(part: Partial<PlanState>): void {
    this.state = { ...this.state, ...part };
    for (const listener of this.listeners) listener(this.state);
  }

  private now = (state: RootState) => Math.floor(state.session.now / FRESH_MS) * FRESH_MS;

  /** Asks for a plan when what it rests on has changed. */
  private look(): void {
    const state = this.store.getState();
    if (state.session.phase !== 'open') return;
    const { garage, settings, log } = state.logbook;
    const rests = [garage, settings, log, this.now(state), this.forecasts];
    if (rests.every((part, n) => part === this.seen[n])) return;
    this.seen = rests;
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
    await this.refreshForecasts();
    const state = this.store.getState();
    const { replay } = selectReplay(state);
    const now = this.now(state);
    const request = planRequest(
      replay,
      selectReports(state),
      selectGarage(state),
      selectSettings(state),
      this.forecasts,
      now,
      this.zone,
    );
    const asked = JSON.stringify(request);
    if (asked === this.asked) return;
    this.asked = asked;
    this.cancel?.();
    this.tell({ progress: 0, rides: request.rides });
    const { plan } = await import('@/work/clients');
    if (asked !== this.asked) return;
    const planning = plan(request, (progress) => {
      if (asked === this.asked && this.cancel) this.tell({ progress });
    });
    this.cancel = planning.cancel;
    const answer = await planning.done;
    if (asked !== this.asked) return;
    this.cancel = null;
    if (answer) this.tell({ answer, progress: null, ...this.inShort(answer, now) });
    else this.tell({ progress: null });
  }

  private inShort(answer: PlanAnswer, now: number): Pick<PlanState, 'lines' | 'chalks'> {
    const today = dateOf(now, this.zone);
    const lines: Record<string, string> = {};
    const chalks: Record<string, { km: number; label: string }[]> = {};
    for (const item of answer.agenda) {
      lines[item.bikeId] ??= nextJobLine(item, today, this.zone);
      (chalks[item.bikeId] ??= []).push({ km: item.afterKm, label: item.depth });
    }
    return { lines, chalks };
  }
}

const keepers = new WeakMap<AppStore, PlanKeeper>();

function keeperOf(store: AppStore, zone: string): PlanKeeper {
  const known = keepers.get(store) ?? new PlanKeeper(store, zone);
  keepers.set(store, known);
  return known;
}

/** Follows the plan of a store; gives how to stop following. */
export const watchPlan = (store: AppStore, zone: string, listener: Listener): (() => void) =>
  keeperOf(store, zone).watch(listener);
