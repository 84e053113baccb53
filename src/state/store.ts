import {
  combineReducers,
  configureStore,
  createListenerMiddleware,
  type ThunkDispatch,
  type UnknownAction,
} from '@reduxjs/toolkit';
import type { Platform } from '@/platform';
import { deviceReducer } from './device';
import { carried } from './carried';
import { leadReducer } from './lead';
import { listenToLead } from './lead-runner';
import { movesReducer } from './moves';
import { noticesReducer } from './notices';
import { routinesReducer } from './routines';
import { runsReducer } from './runs';

const slices = combineReducers({
  routines: routinesReducer,
  moves: movesReducer,
  runs: runsReducer,
  lead: leadReducer,
  device: deviceReducer,
  notices: noticesReducer,
});

export type AppState = ReturnType<typeof slices>;

const reducer = (state: AppState | undefined, action: UnknownAction): AppState => {
  const next = slices(state, action);
  const routines = carried(state, next);
  return routines === next.routines ? next : { ...next, routines };
};

export type AppDispatch = ThunkDispatch<AppState, Platform, UnknownAction>;

/** The store over a platform: the browser's, or a test's. */
export function createAppStore(platform: Platform) {
  const listener = createListenerMiddleware<AppState, AppDispatch, Platform>({ extra: platform });
  listenToLead(listener);
  return configureStore({
    reducer,
    middleware: (defaults) =>
      defaults({
        thunk: { extraArgument: platform },
        // States are plain data by their types; checking them on every beat of a class costs time.
        serializableCheck: false,
        immutableCheck: false,
      }).prepend(listener.middleware),
  });
}

export type AppStore = ReturnType<typeof createAppStore>;
export type AppThunk<T = void> = (
  dispatch: AppDispatch,
  getState: () => AppState,
  platform: Platform,
) => T;
