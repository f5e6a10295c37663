import { createSlice, original, type PayloadAction } from '@reduxjs/toolkit';
import { applyChange, mergeLogbooks, type Change, type Logbook } from '@/core/logbook';
import { EMPTY_LOGBOOK } from './logbookFile';

/** The rider's data. Reducers keep the identity of what they do not touch: saving relies on it. */
const slice = createSlice({
  name: 'logbook',
  initialState: EMPTY_LOGBOOK,
  reducers: {
    opened: (_, action: PayloadAction<Logbook>) => action.payload,
    merged: (state, action: PayloadAction<Logbook>) =>
      mergeLogbooks(original(state) as Logbook, action.payload),
    /** Only `enter` sends this: it makes a change sound first. */
    changed: (state, action: PayloadAction<Change>) =>
      applyChange(original(state) as Logbook, action.payload),
  },
});

export const { opened, merged, changed } = slice.actions;
export const logbookReducer = slice.reducer;
