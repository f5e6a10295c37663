import { createSlice, original, type PayloadAction } from '@reduxjs/toolkit';
import type { Bike, Chain } from '@/core/garage';
import { addEvents, mergeLogbooks, type LogEvent, type Logbook } from '@/core/logbook';
import type { Product } from '@/core/shelf';
import type { Settings } from '@/core/settings';
import { EMPTY_LOGBOOK } from './logbookFile';

/** Everything one action of the rider adds or changes; all of it undone as one. */
export interface Change {
  events?: LogEvent[];
  bikes?: Bike[];
  chains?: Chain[];
  products?: Product[];
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
      const bikes = byId(garage.bikes, change.bikes);
      const chains = byId(garage.chains, change.chains);
      const products = byId(garage.products, change.products);
      const same =
        bikes === garage.bikes && chains === garage.chains && products === garage.products;
      return {
        garage: same ? garage : { bikes, chains, products },
        settings: change.settings ?? settings,
        log: addEvents(log, change.events ?? []),
      };
    },
  },
});

export const { opened, merged, changed } = slice.actions;
export const logbookReducer = slice.reducer;
