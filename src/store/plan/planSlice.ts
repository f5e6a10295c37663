import { createSlice, original, type PayloadAction } from '@reduxjs/toolkit';
import type { ForecastHours } from '@/core/climate/futures';
import type { PlanRequest, WhatIf } from '@/core/plan/agenda/request';
import type { RideAhead } from '@/core/plan/rides/occurrences';
import type { Problem } from '@/core/problem';
import type { PlannedRide } from '@/core/records/plan';
import type { Cell } from '@/core/weather/cells';
import type { PlanAnswer } from '@/core/words/planAnswer';
import { inShort, type Ahead } from './inShort';

/** Where the making of the plan stands. */
export type PlanPhase =
  /** Nothing was asked yet, or the answer stands. */
  | { at: 'idle' }
  /** What the plan rests on has changed; `making`: share of a plan that is still being made meanwhile. */
  | { at: 'asking'; making: number | null }
  | { at: 'planning'; share: number }
  | { at: 'failed' }
  /** The answer is older than what it rests on, and no other is being made. */
  | { at: 'stale' };

/** What a plan was asked with, for the screens to show beside its answer. */
export interface PlanBeside {
  /** Rides it counts on. */
  rides: readonly RideAhead[];
  /** What the logbook shows to be the habit, and rides planned at once. */
  habits: readonly PlannedRide[];
  overlaps: readonly string[];
  /** What fell due since the rider last looked. */
  due: readonly string[];
}

/** Forecasts of the squares the bikes stand in. */
export interface Forecasts {
  /** The squares, the source and the hour they were fetched for. */
  key: string;
  hours: readonly (readonly [Cell, ForecastHours])[];
  /** Why there is none, if one was asked for and did not come. */
  problem: Problem | null;
}

/** How a screen looks at the plan: whether the rider came for it. */
export interface Watching {
  waits: boolean;
}

export interface PlanState {
  phase: PlanPhase;
  /** How many screens look: no plan is made for none. And on how many of them the rider waits for it. */
  watchers: number;
  waiting: number;
  whatIf: WhatIf;
  forecasts: Forecasts;
  /** What was asked last; null: a plan is made whatever is asked next. */
  asked: PlanRequest | null;
  beside: PlanBeside;
  /** The last plan; kept while a new one is made. */
  answer: PlanAnswer | null;
  /** The next job of each bike, in a line. */
  lines: PlanAnswer['lines'];
  /** What each bike has to come, km from now: jobs with what they are, and rides. */
  ahead: Readonly<Record<string, Ahead>>;
}

/** Whether a plan is being made, or will be: until then nothing else is proposed. */
export const isPlanComing = ({ phase }: PlanState): boolean =>
  phase.at !== 'failed' && phase.at !== 'stale';

const initialState: PlanState = {
  phase: { at: 'idle' },
  watchers: 0,
  waiting: 0,
  whatIf: 'forecast',
  forecasts: { key: '', hours: [], problem: null },
  asked: null,
  beside: { rides: [], habits: [], overlaps: [], due: [] },
  answer: null,
  lines: {},
  ahead: {},
};

const makingOf = (phase: PlanPhase): number | null =>
  phase.at === 'planning' ? phase.share : phase.at === 'asking' ? phase.making : null;

const slice = createSlice({
  name: 'plan',
  initialState,
  reducers: {
    planWatched(state, { payload }: PayloadAction<Watching>) {
      state.watchers += 1;
      if (payload.waits) state.waiting += 1;
      const { at } = state.phase;
      if (at === 'stale' || at === 'failed' || !state.asked)
        state.phase = { at: 'asking', making: null };
    },
    planUnwatched(state, { payload }: PayloadAction<Watching>) {
      state.watchers -= 1;
      if (payload.waits) state.waiting -= 1;
    },
    /** What the plan rests on has changed. */
    planOutdated(state) {
      state.phase =
        state.watchers > 0 ? { at: 'asking', making: makingOf(state.phase) } : { at: 'stale' };
    },
    supposed(state, { payload }: PayloadAction<WhatIf>) {
      state.whatIf = payload;
    },
    forecastsFound(state, { payload }: PayloadAction<Forecasts>) {
      Object.assign(state, { forecasts: payload });
    },
    /** The request that is the same as the last one is the last one, by reference. */
    planAsked(state, { payload }: PayloadAction<{ asked: PlanRequest; beside: PlanBeside }>) {
      const making = makingOf(state.phase);
      const isSame = payload.asked === original(state)?.asked;
      Object.assign(state, payload);
      if (!isSame) state.phase = { at: 'planning', share: 0 };
      else state.phase = making === null ? { at: 'idle' } : { at: 'planning', share: making };
    },
    planProgressed({ phase }, { payload }: PayloadAction<number>) {
      if (phase.at === 'planning') phase.share = payload;
      else if (phase.at === 'asking' && phase.making !== null) phase.making = payload;
    },
    planMade(state, { payload }: PayloadAction<PlanAnswer>) {
      Object.assign(state, { answer: payload, ...inShort(payload, state.beside.rides) });
      if (state.phase.at === 'planning') state.phase = { at: 'idle' };
      else if (state.phase.at === 'asking') state.phase.making = null;
    },
    planFailed(state) {
      state.phase = { at: 'failed' };
      state.asked = null;
    },
    /** The rider gives up the plan being made; the last one stays. */
    planGivenUp(state) {
      state.phase = { at: 'stale' };
      state.asked = null;
    },
    /** The rider wants the plan that was given up, or failed, after all. */
    planWanted(state) {
      state.phase = { at: 'asking', making: null };
    },
  },
});

export const {
  planWatched,
  planUnwatched,
  planOutdated,
  supposed,
  forecastsFound,
  planAsked,
  planProgressed,
  planMade,
  planFailed,
  planGivenUp,
  planWanted,
} = slice.actions;
export const planReducer = slice.reducer;

/**
 * Why a rider who looks gets no new plan; null: they get one, or need none. A plan that went stale while nobody
 * looked is asked for as soon as somebody does.
 */
export const whyOld = ({ phase, watchers }: PlanState): 'stale' | 'failed' | null =>
  watchers > 0 && (phase.at === 'stale' || phase.at === 'failed') ? phase.at : null;

/** How much of a new plan is made, 0 to 1; null: none is being made. */
export const progressOf = (phase: PlanPhase): number | null =>
  phase.at === 'asking' ? (phase.making ?? 0) : makingOf(phase);
