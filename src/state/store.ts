import {
  combineReducers,
  configureStore,
  createListenerMiddleware,
  type ThunkDispatch,
  type UnknownAction,
} from '@reduxjs/toolkit';
import type { Platform } from '@/platform';
import { deviceReducer } from './device';
import { leadReducer } from './lead';
import { listenToLead } from './lead-runner';
import { noticesReducer } from './notices';
import { routinesReducer } from './routines';
import { runsReducer } from './runs';

const reducer = combineReducers({
  routines: routinesReducer,
  runs: runsReducer,
  lead: leadReducer,
  device: deviceReducer,
  notices: noticesReducer,
});

export type AppState = ReturnType<typeof reducer>;
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
