import { combineReducers, type ThunkDispatch, type UnknownAction } from '@reduxjs/toolkit';
import type { Platform } from '@/platform';
import { besideReducer } from './beside';
import { deviceReducer } from './device';
import { marksReducer } from './marks';
import { meetingsReducer } from './meetings';
import { noticesReducer } from './notices';
import { shelfReducer } from './shelf';
import { versionReducer } from './version';

/** The slices that the first screen stands on; the workshop lays its own beside them. */
export const HALL_SLICES = {
  shelf: shelfReducer,
  marks: marksReducer,
  meetings: meetingsReducer,
  device: deviceReducer,
  notices: noticesReducer,
  beside: besideReducer,
  version: versionReducer,
};

export const hallReducer = combineReducers(HALL_SLICES);
export type HallState = ReturnType<typeof hallReducer>;
export type HallDispatch = ThunkDispatch<HallState, Platform, UnknownAction>;
