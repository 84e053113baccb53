import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { OfflineState } from '@/platform/offline';

/** Why a new version waits although it was asked for. */
export type Busy = 'class' | 'typing';

export interface VersionState extends OfflineState {
  readonly busy: Busy | undefined;
  /** So many classes of their own are in the record, as it was when the page was opened. */
  readonly ownClasses: number;
  /** Somebody said later. */
  readonly isPutOff: boolean;
}

const initialState: VersionState = {
  state: 'not-yet',
  waits: false,
  isOlder: false,
  busy: undefined,
  ownClasses: 0,
  isPutOff: false,
};

const slice = createSlice({
  name: 'version',
  initialState,
  reducers: {
    offlineKnown: (state, { payload }: PayloadAction<OfflineState>) => ({ ...state, ...payload }),
    versionBusy: (state, { payload }: PayloadAction<Busy | undefined>) => ({
      ...state,
      busy: payload,
    }),
    classesCounted: (state, { payload }: PayloadAction<number>) => ({
      ...state,
      ownClasses: payload,
    }),
    versionPutOff: (state) => ({ ...state, isPutOff: true }),
  },
});

export const { classesCounted, offlineKnown, versionBusy, versionPutOff } = slice.actions;
export const versionReducer = slice.reducer;
