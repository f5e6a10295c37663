import {
  futuresOf,
  gritSigmaOf,
  lifeSigmaOf,
  personalKey,
  wearSigmaOf,
} from '../care/model/personal';
import { lastLube, type ChainReport } from '../care/verdict/report';
import { METHODS } from '../care/model/work';
import { openingsOf } from '../care/replay/usage';
import type { BookState } from '../care/replay/bookState';
import type { Outlook } from '../care/verdict/outlook';
import type { Replay } from '../care/replay/replay';
import type { ReplayStep } from '../care/replay/step';
import type { Verdict } from '../care/verdict/verdict';
import type { ForecastHours } from '../climate/futures';
import { runningOn } from '../garage/trials';
import type { Garage } from '../records/garage';
import { DEFAULT_SETTINGS } from '../settings/defaults';
import type { Settings } from '../records/settings';
import { stockOf } from '../shelf/stock';
import { placeOfCell, type Cell } from '../weather/cells';
import { daysAfter } from '../time/dates';
import { dateOf } from '../time/zones';
import { dueSince, type FellDue } from './agenda/due';
import { comingRides } from './rides/coming';
import { overlapping } from './rides/occurrences';
import type { BikeNow, DueKm, PlanRequest, WhatIf } from './agenda/request';
import type { PlannedRide } from '../records/plan';

/** Futures a plan is weighed over, and the seed they grow from: the same each time, so that plans compare. */
const PLAN_FUTURES = 20;
const SEED = 1907;

/** What the planner is asked, and what the screens show beside its answer. */
export interface Asked {
  request: PlanRequest;
  /** What the logbook shows to be the rider's habit, where it is not planned anyway. */
  habits: PlannedRide[];
  /** Pairs of rides planned at the same time on one bike. */
  overlaps: ReturnType<typeof overlapping>;
  /** What fell due since the rider last looked. */
  due: FellDue[];
}

/** What a plan is asked from: the logbook and the sky as they stand at `now` (ms). */
export interface PlanBasis {
  replay: Replay;
  reports: readonly ChainReport[];
  garage: Garage;
  settings: Settings;
  forecasts: ReadonlyMap<Cell, ForecastHours>;
  now: number;
  zone: string;
  whatIf: WhatIf;
}

/**
 * Returns the settings a plan depends on; all others take their usual value, so that a change of theme asks for
 * no new plan.
 */
const weighed = (settings: Settings): Settings => {
  const { units, standard, schools, workshop, dropsPerMl, choice, plan } = settings;
  const { seenUntil, remind, notify } = DEFAULT_SETTINGS.plan;
  return {
    ...DEFAULT_SETTINGS,
    ...{ units, standard, schools, workshop, dropsPerMl, choice },
    plan: { ...plan, seenUntil, remind, notify },
  };
};

/** What was learnt of each lube on a bike, by bottle and class. */
function ownOfEach({ learnt }: BookState, bikeId: string): BikeNow['own'] {
  const start = personalKey(bikeId, '');
  return Object.fromEntries(
    [...learnt].flatMap(([key, { factors }]) =>
      key.startsWith(start) ? [[key.slice(start.length), factors]] : [],
    ),
  );
}

/** How far the verdict says a chain goes, in whole km, so that a minute's standing asks for no new plan. */
export function dueKm({ lube, dirt, kind }: Pick<Verdict, 'lube' | 'dirt' | 'kind'>): DueKm {
  const km = ({ km: left, beyondHorizon }: Outlook) =>
    beyondHorizon ? null : Math.round(left?.mid ?? 0);
  const inside = dirt.clock === 'inside';
  return {
    lube: km(lube),
    dirt: km(dirt),
    inside,
    quiet: kind === 'good for',
    rusts: kind === 'rescue' || kind === 'inspect',
  };
}

/** What a trial on a bike keeps to: its two bottles, else the lube that is on, so that its coats differ in one thing. */
function keptTo({ bike, state }: ChainReport, trials: Garage['trials']): Pick<BikeNow, 'keepsTo'> {
  const trial = runningOn(trials, bike.id);
  if (!trial) return {};
  if (trial.question.kind === 'product') return { keepsTo: [trial.question.a, trial.question.b] };
  const on = state.bottle ?? state.lube;
  return on === null ? {} : { keepsTo: [on] };
}

/** Events that tell of a chain's work, its joints and which bike it is on: of a long log a small part. */
const OF_WORK = new Set(['workDone', 'chainFitted', 'chainRemoved', 'settled']);

/** A bike with its chain, as the plan begins. `worked`: the steps of such events. */
function bikeNow(
  report: ChainReport,
  worked: readonly ReplayStep[],
  { replay, forecasts, now }: PlanBasis,
): BikeNow {
  const { bike, chain, state, cogs, limits, learnt } = report;
  const cell = replay.book.cells.get(bike.id);
  let cleanedAt: number | null = null;
  let jobsDone = 0;
  for (const step of worked) {
    if (step.chainId !== chain.id || step.event.type !== 'workDone') continue;
    jobsDone += 1;
    if (METHODS[step.event.method].deep) cleanedAt = Date.parse(step.event.at);
  }
  return {
    bike,
    chain,
    state,
    cogs,
    due: dueKm(report.verdict),
    factors: futuresOf(learnt, state).mid,
    own: ownOfEach(replay.book, bike.id),
    wearSigma: wearSigmaOf(state),
    lifeSigma: lifeSigmaOf(learnt),
    gritSigma: gritSigmaOf(learnt),
    openings: openingsOf(worked, chain.id, chain.openingsAllowed),
    lastLube: lastLube(worked, chain.id),
    ...keptTo(report, replay.garage.trials),
    wearLimit: limits.wearPercent,
    cleanedAt,
    jobsDone,
    forecast: (cell !== undefined && forecasts.get(cell)) || null,
    place: cell === undefined ? null : placeOfCell(cell),
    road: cell === undefined ? null : (replay.weather.hour(cell, now)?.road ?? null),
  };
}

/** All the planner is asked. */
export function planRequest(basis: PlanBasis): Asked {
  const { replay, reports, garage, settings, now, zone, whatIf } = basis;
  const worked = replay.steps.filter((s) => OF_WORK.has(s.event.type));
  const jobs = worked.map((s) => s.event);
  const bikes = reports.map((report) => bikeNow(report, worked, basis));
  const { days, seenUntil } = settings.plan;
  const bikeIds = bikes.map((b) => b.bike.id);
  const from = dateOf(now, zone);
  const to = daysAfter(from, days + 1);
  const planned = Object.values(garage.planned).filter(
    (p) => !p.retired && bikeIds.includes(p.bikeId),
  );
  const { habits, rides } = comingRides({ replay, planned, bikeIds, now, to, zone });
  const request: PlanRequest = {
    now,
    zone,
    bikes,
    products: garage.products,
    left: Object.fromEntries(
      Object.values(garage.products).map((p) => [p.id, stockOf(p, jobs).left]),
    ),
    settings: weighed(settings),
    rides,
    marks: Object.values(garage.planMarks).filter((m) => !m.retired),
    whatIf,
    futures: PLAN_FUTURES,
    seed: SEED,
  };
  return {
    request,
    habits: habits.filter((h) => !planned.some((p) => isKept(h, p))),
    overlaps: overlapping(planned, from, to, zone),
    due: seenUntil === null ? [] : dueSince(replay, reports, Date.parse(seenUntil)),
  };
}

/** Whether a habit is planned already: the same bike on the same weekday, week by week. */
const isKept = (habit: PlannedRide, ride: PlannedRide): boolean =>
  ride.bikeId === habit.bikeId &&
  (habit.repeat?.weekdays ?? []).every((d) => ride.repeat?.weekdays.includes(d) ?? false);
