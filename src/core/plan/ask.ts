import {
  gritSigmaOf,
  lastLube,
  lifeSigmaOf,
  METHODS,
  openingsOf,
  type ChainReport,
  type Replay,
} from '../care';
import type { ForecastHours } from '../climate';
import type { Garage } from '../garage';
import type { Settings } from '../settings';
import { stockOf } from '../shelf';
import { placeOfCell, type Cell } from '../weather';
import { dateOf, daysAfter } from './days';
import { habitBeside, habitOf } from './habit';
import { datesOf, ridesAhead } from './occurrences';
import type { BikeNow, PlanRequest } from './request';
import type { PlannedRide } from './schema';

/** Futures a plan is weighed over, and the seed they grow from: the same each time, so that plans compare. */
export const PLAN_FUTURES = 20;
const SEED = 1907;

/** Rides to come of every bike: what is planned, and where nothing is, the habit. */
export function ridesFor(
  replay: Replay,
  bikeIds: readonly string[],
  planned: readonly PlannedRide[],
  days: number,
  now: number,
  zone: string,
) {
  const from = dateOf(now, zone);
  const to = daysAfter(from, days + 1);
  const ridden = replay.steps.flatMap(({ event }) => (event.type === 'rideLogged' ? [event] : []));
  const own = planned.filter((p) => !p.retired && bikeIds.includes(p.bikeId));
  const habits = bikeIds.flatMap((bikeId) => {
    const dates = new Set(
      own.filter((p) => p.bikeId === bikeId).flatMap((p) => datesOf(p, from, to)),
    );
    return habitBeside(habitOf(ridden, bikeId, now, zone), dates, from, days + 1);
  });
  return ridesAhead(own, habits, now, to, zone);
}

/** All the planner is asked, from the logbook as it stands at `now` (ms). */
export function planRequest(
  replay: Replay,
  reports: readonly ChainReport[],
  garage: Garage,
  settings: Settings,
  forecasts: ReadonlyMap<Cell, ForecastHours>,
  now: number,
  zone: string,
): PlanRequest {
  const events = replay.steps.map((s) => s.event);
  const bikes = reports.map((report): BikeNow => {
    const { bike, chain, state, cogs, limits, learnt } = report;
    const cell = replay.book.cells.get(bike.id);
    let cleanedAt: number | null = null;
    let jobsDone = 0;
    for (const step of replay.steps) {
      if (step.chainId !== chain.id || step.event.type !== 'workDone') continue;
      jobsDone += 1;
      if (METHODS[step.event.method].deep) cleanedAt = Date.parse(step.event.at);
    }
    return {
      bike,
      chain,
      state,
      cogs,
      factors: learnt.factors,
      lifeSigma: lifeSigmaOf(learnt),
      gritSigma: gritSigmaOf(learnt),
      openings: openingsOf(replay.steps, chain.id),
      lastLube: lastLube(replay.steps, chain.id),
      wearLimit: limits.wearPercent,
      cleanedAt,
      jobsDone,
      forecast: (cell !== undefined && forecasts.get(cell)) || null,
      place: cell === undefined ? null : placeOfCell(cell),
      road: cell === undefined ? null : (replay.weather.hour(cell, now)?.road ?? null),
    };
  });
  const planned = Object.values(garage.planned);
  return {
    now,
    zone,
    bikes,
    products: garage.products,
    left: Object.fromEntries(
      Object.values(garage.products).map((p) => [p.id, stockOf(p, events).left]),
    ),
    settings,
    rides: ridesFor(
      replay,
      bikes.map((b) => b.bike.id),
      planned,
      settings.plan.days,
      now,
      zone,
    ),
    marks: Object.values(garage.planMarks).filter((m) => !m.retired),
    futures: PLAN_FUTURES,
    seed: SEED,
  };
}
