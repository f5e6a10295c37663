import {
  addListener,
  isAnyOf,
  TaskAbortError,
  type ListenerEffectAPI,
  type UnknownAction,
} from '@reduxjs/toolkit';
import isEqual from 'fast-deep-equal';
import type { ForecastHours } from '@/core/climate/futures';
import type { PlanRequest } from '@/core/plan/agenda/request';
import type { Problem } from '@/core/problem';
import { MS_PER_HOUR, MS_PER_MINUTE } from '@/core/units/convert';
import type { Cell } from '@/core/weather/cells';
import type { Edge } from '../edge';
import { fetchForecast } from '../forecast';
import { selectGarage, selectReplay, selectReports, selectSettings } from '../selectors';
import { stillness } from '../slices';
import type { AppDispatch, AppStore, AppThunk, RootState } from '../store';
import { markDueSeen } from './commands';
import {
  forecastsFound,
  planAsked,
  planFailed,
  planGivenUp,
  planMade,
  planOutdated,
  planProgressed,
  planWanted,
  planWatched,
} from './planSlice';

/** A plan is made anew when this much time has passed, even if nothing else changed. */
const FRESH_MS = 15 * MS_PER_MINUTE;
/** What the rider does in one go is answered by one plan. */
const SETTLE_MS = 120;

/** Where the rider did not come for the plan, what they do goes first: it is made once they have been still for so long. */
const STILL_MS = 500;
/** Longer than this it makes way for nobody, ms. */
const MAKES_WAY_MS = 15_000;

type Api = ListenerEffectAPI<RootState, AppDispatch, Edge>;

const quarterOf = ({ session }: RootState) => Math.floor(session.now / FRESH_MS) * FRESH_MS;

/** What a plan rests on: another one is asked for when a part of it is no longer the same. */
const basisOf = (state: RootState) => [
  state.logbook.garage,
  state.logbook.settings,
  state.logbook.log,
  state.plan.whatIf,
  quarterOf(state),
];

const isOutdated = (now: RootState, before: RootState) => {
  const basis = basisOf(before);
  return basisOf(now).some((part, n) => part !== basis[n]);
};

const isWord = isAnyOf(planWatched, planWanted, planGivenUp);

/** Forecasts of the squares the bikes stand in, an hour old at most. */
const refreshForecasts = (): AppThunk<Promise<void>> => async (dispatch, getState) => {
  const state = getState();
  const { weatherSource } = selectSettings(state);
  const cells = [...new Set(selectReplay(state).replay.book.cells.values())];
  const hour = Math.floor(state.session.now / MS_PER_HOUR);
  const key = JSON.stringify([weatherSource, hour, cells]);
  if (key === state.plan.forecasts.key) return;
  const hours: [Cell, ForecastHours][] = [];
  let problem: Problem | null = null;
  for (const cell of weatherSource === 'service' ? cells : []) {
    const forecast = await dispatch(fetchForecast(cell));
    if (forecast.ok) hours.push([cell, forecast.value]);
    else problem = forecast.problem;
  }
  dispatch(forecastsFound({ key, hours, problem }));
};

const isWaitedFor = ({ plan }: RootState): boolean => plan.waiting > 0;

/** A wait that is given up is over: whoever goes on hears of that by the signal. */
const unlessGivenUp = (error: unknown): void => {
  if (!(error instanceof TaskAbortError)) throw error;
};

/** A plan that nobody came for makes way for what the rider does, until they come for it or give it up. */
const riderIsStill = async ({ getState, condition }: Api): Promise<void> => {
  if (isWaitedFor(getState())) return;
  const isWanted = condition((_, now) => isWaitedFor(now)).catch(unlessGivenUp);
  await Promise.race([stillness(STILL_MS), isWanted]);
};

/** Works out what the planner is asked, and asks it. */
async function ask(api: Api): Promise<void> {
  await api.delay(SETTLE_MS);
  await api.pause(api.dispatch(refreshForecasts()));
  const { dueSentence, overlapSentence, planRequest } = await api.pause(import('@/work/clients'));
  await api.pause(riderIsStill(api));
  const state = api.getState();
  const settings = selectSettings(state);
  const { request, habits, overlaps, due } = planRequest({
    replay: selectReplay(state).replay,
    reports: selectReports(state),
    garage: selectGarage(state),
    settings,
    forecasts: new Map(state.plan.forecasts.hours),
    now: quarterOf(state),
    zone: api.extra.zone,
    whatIf: state.plan.whatIf,
  });
  if (settings.plan.seenUntil === null) api.dispatch(markDueSeen());
  // What is the same as before is what was there before, so that nothing is made or drawn anew for it.
  const { asked: before, beside: shown } = state.plan;
  const asked = isEqual(request, before) && before ? before : request;
  const beside = {
    rides: request.rides,
    habits,
    overlaps: overlaps.map((pair) => overlapSentence(pair, settings.units.clock)),
    due: due.map(dueSentence),
  };
  api.dispatch(planAsked({ asked, beside: isEqual(beside, shown) ? shown : beside }));
}

/** A fault of ours must not leave the rider waiting: the plan has failed, and the console says why. */
const orFailed = async (api: Api, work: (api: Api) => Promise<void>): Promise<void> => {
  try {
    await work(api);
  } catch (error) {
    if (error instanceof TaskAbortError) return;
    api.dispatch(planFailed());
    throw error;
  }
};

/** Asks for a plan when what it rests on has changed, or the rider wants one. */
const askAnew = async (action: UnknownAction, api: Api): Promise<void> => {
  if (!isWord(action)) api.dispatch(planOutdated());
  api.cancelActiveListeners();
  if (api.getState().plan.phase.at === 'asking') await orFailed(api, ask);
};

/** Makes a plan in a worker. */
const make = async (request: PlanRequest, api: Api): Promise<void> => {
  const { dispatch, signal } = api;
  const { plan } = await import('@/work/clients');
  const started = performance.now();
  // The planner waits for the answer before it goes on.
  const onProgress = async (share: number) => {
    if (!signal.aborted) dispatch(planProgressed(share));
    if (performance.now() - started < MAKES_WAY_MS) await riderIsStill(api);
  };
  const makesWay = !isWaitedFor(api.getState());
  const ended = await plan(request, makesWay, onProgress, signal);
  if (signal.aborted) return;
  performance.measure('plan', { start: started });
  dispatch(ended.how === 'done' ? planMade(ended.value) : planFailed());
};

/** Makes the plan that was asked for last. */
const makeAnew = async (action: UnknownAction, api: Api): Promise<void> => {
  api.cancelActiveListeners();
  if (planAsked.match(action)) await orFailed(api, () => make(action.payload.asked, api));
};

/** Whether a plan is to be asked for, or the asking to be given up. */
const asks = (action: UnknownAction, now: RootState, before: RootState): boolean =>
  now.session.phase === 'open' && (isWord(action) || isOutdated(now, before));

/** Whether a plan is to be made, or the making to be given up. */
const makes = (action: UnknownAction, now: RootState, before: RootState): boolean =>
  planGivenUp.match(action) || (planAsked.match(action) && now.plan.asked !== before.plan.asked);

/** Keeps one plan in step with the logbook while somebody looks; a second call for a store does nothing. */
export function keepPlan(store: AppStore): void {
  const dispatch = store.dispatch as AppDispatch;
  const add = addListener.withTypes<RootState, AppDispatch, Edge>();
  dispatch(add({ predicate: asks, effect: askAnew }));
  dispatch(add({ predicate: makes, effect: makeAnew }));
}
