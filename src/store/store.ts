import {
  configureStore,
  createListenerMiddleware,
  type ThunkAction,
  type UnknownAction,
} from '@reduxjs/toolkit';
import { setAutoFreeze } from 'immer';
import type { Edge } from './edge';
import { logbookReducer } from './logbookSlice';
import { noteActions, Operations } from './operations';
import { planReducer } from './plan/planSlice';
import { sessionReducer } from './sessionSlice';

// Freezing looks for what is not frozen through all that an action carries, a plan's question among it: for tests only.
setAutoFreeze(process.env.NODE_ENV !== 'production');

/**
 * The store. Redux Toolkit's checks for mutation and serialisability walk the whole log on each action
 * in development; they are off, since every reducer here is a few lines over plain data.
 */
export const createStore = (edge: Edge, operations = new Operations()) =>
  configureStore({
    reducer: { logbook: logbookReducer, session: sessionReducer, plan: planReducer },
    middleware: (defaults) =>
      defaults({
        thunk: { extraArgument: edge },
        serializableCheck: false,
        immutableCheck: false,
      })
        .prepend(createListenerMiddleware({ extra: edge }).middleware)
        .concat(noteActions(operations, edge.now)),
  });

export type AppStore = ReturnType<typeof createStore>;
export type RootState = ReturnType<AppStore['getState']>;
export type AppDispatch = AppStore['dispatch'];
export type AppThunk<R = void> = ThunkAction<R, RootState, Edge, UnknownAction>;
