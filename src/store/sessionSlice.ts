import { createSlice, prepareAutoBatched, type PayloadAction } from '@reduxjs/toolkit';
import type { Problem } from '@/core/problem';
import type { Quarantined } from './keys';
import type { SaveStatus } from './persistence';
import type { Undoable } from './undo';

/** Fetching rides from the recorder, as the rider sees it. */
export type SyncStatus =
  | { kind: 'idle' }
  | { kind: 'asking' }
  | { kind: 'fetching'; done: number; of: number }
  | { kind: 'failed'; problem: Problem }
  /** `deleted`: rides the rider deleted here and the recorder still holds. */
  | { kind: 'done'; added: number; failed: { file: string; problem: Problem }[]; deleted: number };

/** What belongs to this tab and this visit only. */
export interface SessionState {
  /** `looking`: the last year of a long logbook is there, and what Today shows; the rest is being read. */
  phase: 'opening' | 'looking' | 'open' | 'unreadable';
  problem: Problem | null;
  /** While looking: the bikes of which enough has been read; null: all. */
  told: readonly string[] | null;
  save: SaveStatus;
  quarantined: Quarantined[];
  /** The moment verdicts are read for, ms; ticks each minute. */
  now: number;
  /** What the weather source is at. */
  weather:
    { kind: 'idle' } | { kind: 'fetching' } | { kind: 'failed'; problem: Problem; at: number };
  /** What the ride recorder is at, or what came of it. */
  sync: SyncStatus;
  /** The bike Today speaks of; null: the one ridden last. */
  bikeId: string | null;
  /** What can be undone, newest last, and redone. */
  done: Undoable[];
  undone: Undoable[];
  /** The line at the foot of the screen that offers undo. */
  notice: { text: string; undo: boolean; key: number } | null;
}

type Phase = Pick<SessionState, 'phase' | 'problem'> & Partial<Pick<SessionState, 'told'>>;

const initialState: SessionState = {
  phase: 'opening',
  problem: null,
  told: null,
  save: { kind: 'saved', at: null },
  quarantined: [],
  now: 0,
  weather: { kind: 'idle' },
  sync: { kind: 'idle' },
  bikeId: null,
  done: [],
  undone: [],
  notice: null,
};

const UNDO_DEPTH = 100;

const slice = createSlice({
  name: 'session',
  initialState,
  reducers: {
    phaseChanged(state, action: PayloadAction<Phase>) {
      Object.assign(state, { told: null, ...action.payload });
    },
    saveChanged(state, action: PayloadAction<SaveStatus>) {
      state.save = action.payload;
    },
    quarantineFound(state, action: PayloadAction<Quarantined[]>) {
      state.quarantined = action.payload;
    },
    /** With the clock alone the screen may wait for the next frame: what the rider did comes first. */
    ticked: {
      reducer(state, action: PayloadAction<number>) {
        state.now = action.payload;
      },
      prepare: prepareAutoBatched<number>(),
    },
    weatherMoved(state, action: PayloadAction<SessionState['weather']>) {
      state.weather = action.payload;
    },
    syncMoved(state, action: PayloadAction<SyncStatus>) {
      state.sync = action.payload;
    },
    bikeChosen(state, action: PayloadAction<string>) {
      state.bikeId = action.payload;
    },
    noticed(state, action: PayloadAction<{ text: string; undo: boolean }>) {
      state.notice = { ...action.payload, key: (state.notice?.key ?? 0) + 1 };
    },
    noticeClosed(state) {
      state.notice = null;
    },
    historyMoved: {
      reducer(state, action: PayloadAction<{ done: Undoable[]; undone: Undoable[] }>) {
        state.done = action.payload.done.slice(-UNDO_DEPTH);
        state.undone = action.payload.undone;
      },
      prepare: prepareAutoBatched<{ done: Undoable[]; undone: Undoable[] }>(),
    },
  },
});

export const {
  phaseChanged,
  saveChanged,
  quarantineFound,
  ticked,
  weatherMoved,
  syncMoved,
  bikeChosen,
  noticed,
  noticeClosed,
  historyMoved,
} = slice.actions;
export const sessionReducer = slice.reducer;
