import { configureStore, createListenerMiddleware } from '@reduxjs/toolkit';
import type { Platform } from '@/platform';
import { createKeeper } from '../storage/keeper';
import { hallReducer, type HallDispatch, type HallState } from './reducer';

/**
 * The store as the first screen needs it, and what the workshop is opened with: so a visit that only
 * looks at the list loads neither the catalogue nor anything that works on routines.
 */
export function createHall(platform: Platform) {
  const listener = createListenerMiddleware<HallState, HallDispatch, Platform>({ extra: platform });
  const store = configureStore({
    reducer: hallReducer,
    middleware: (defaults) =>
      defaults({
        thunk: { extraArgument: platform },
        // States are plain data by their types; checking them on every beat of a class costs time.
        serializableCheck: false,
        immutableCheck: false,
      }).prepend(listener.middleware),
  });
  return { platform, store, listener, keeper: createKeeper(store, platform) };
}

export type Hall = ReturnType<typeof createHall>;
