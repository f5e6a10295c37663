import { createSlice, original, type PayloadAction } from '@reduxjs/toolkit';
import type { Bike, Chain, Garage } from '@/core/garage';
import { addEvents, mergeLogbooks, sameRecords, type LogEvent, type Logbook } from '@/core/logbook';
import type { PlannedRide, PlanMark } from '@/core/plan/schema';
import type { Product } from '@/core/shelf';
import type { Settings } from '@/core/settings';
import { EMPTY_LOGBOOK } from './logbookFile';

/** Everything one action of the rider adds or changes; all of it undone as one. */
export interface Change {
  events?: LogEvent[];
  bikes?: Bike[];
  chains?: Chain[];
  products?: Product[];
  planned?: PlannedRide[];
  planMarks?: PlanMark[];
  settings?: Settings;
}

const byId = <T extends { id: string }>(old: Record<string, T>, records: T[] | undefined) =>
  records?.length ? { ...old, ...Object.fromEntries(records.map((r) => [r.id, r])) } : old;

/** The rider's data. Reducers keep the identity of what they do not touch: saving relies on it. */
const slice = createSlice({
  name: 'logbook',
  initialState: EMPTY_LOGBOOK,
  reducers: {
    opened: (_, action: PayloadAction<Logbook>) => action.payload,
    merged: (state, action: PayloadAction<Logbook>) =>
      mergeLogbooks(original(state) as Logbook, action.payload),
    changed(state, action: PayloadAction<Change>) {
      const { garage, settings, log } = original(state) as Logbook;
      const change = action.payload;
      const next: Garage = {
        bikes: byId(garage.bikes, change.bikes),
        chains: byId(garage.chains, change.chains),
        products: byId(garage.products, change.products),
        planned: byId(garage.planned, change.planned),
        planMarks: byId(garage.planMarks, change.planMarks),
      };
      return {
        garage: sameRecords(garage, next) ? garage : next,
        settings: change.settings ?? settings,
        log: addEvents(log, change.events ?? []),
      };
    },
  },
});

export const { opened, merged, changed } = slice.actions;
export const logbookReducer = slice.reducer;
