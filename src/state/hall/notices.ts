import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import isEqual from 'fast-deep-equal';
import type { RoutineId } from '@/core/common';
import type { Move } from '@/core/moves';
import type { Routine } from '@/core/routine';
import type { MoveDraft } from '@/core/writing';

/** So many things of each kind, by the first word of their keys. */
export type Counts = Readonly<Record<string, number>>;

/** Something the person is told, with what can be done about it. Momentary. */
export type Notice =
  | { readonly kind: 'demo-loaded' }
  | { readonly kind: 'routine-deleted'; readonly routine: Routine }
  | { readonly kind: 'clear-demo'; readonly goes: Counts; readonly stays: Counts }
  | { readonly kind: 'emptied'; readonly lot: string }
  | {
      readonly kind: 'set-aside';
      readonly key: string;
      readonly name: string;
      readonly text: string;
    }
  | { readonly kind: 'was-cleared' | 'scripts-gone' }
  | { readonly kind: 'slipped'; readonly what: 'sound' | 'voice' | 'class' }
  | { readonly kind: 'group-full'; readonly name: string; readonly most: number }
  | { readonly kind: 'other-tab'; readonly title: string; readonly copyTitle: string }
  | { readonly kind: 'not-deleted'; readonly key: string; readonly name: string }
  | { readonly kind: 'move-deleted' | 'move-reverted'; readonly move: Move }
  | {
      readonly kind: 'move-kept';
      readonly name: string;
      /** Titles of routines with a line that lost what the move no longer has. */
      readonly mended: readonly string[];
    }
  | { readonly kind: 'draft-let-go'; readonly draft: MoveDraft }
  | {
      readonly kind: 'moves-brought-in';
      readonly added: readonly Move[];
      /** As they were before. */
      readonly replaced: readonly Move[];
    }
  | { readonly kind: 'brought-in'; readonly title: string; readonly id: RoutineId };

export type Saving = 'saved' | 'saving' | 'failed' | 'stopped';

/** Something that is in the page and could not be written. */
export interface Unsaved {
  readonly key: string;
  /** The first word of its key. */
  readonly of: string;
  /** What people call it; empty where it has no name. */
  readonly name: string;
  /** Where it can't be kept as it is; undefined where there is no room, or storage does not answer. */
  readonly at: string | undefined;
}

export interface NoticesState {
  readonly opened: boolean;
  readonly saving: Saving;
  /** What is not saved, and why; empty while all is well. */
  readonly unsaved: readonly Unsaved[];
  /** What a newer version of the application has kept here: from then on nothing is written. */
  readonly newer: string | undefined;
  /** Storage does not answer: nothing is known of what is kept, and nothing is written. */
  readonly unread: boolean;
  /** Whether the browser promised to keep the data; undefined where it was not asked yet. */
  readonly persistent: boolean | undefined;
  readonly notices: readonly Notice[];
}

const initialState: NoticesState = {
  opened: false,
  saving: 'saved',
  unsaved: [],
  newer: undefined,
  unread: false,
  persistent: undefined,
  notices: [],
};

const slice = createSlice({
  name: 'notices',
  initialState,
  reducers: {
    storeOpened: (state) => ({ ...state, opened: true }),
    savingSet: (state, { payload }: PayloadAction<Saving>) => ({ ...state, saving: payload }),
    unsavedSet: (state, { payload }: PayloadAction<readonly Unsaved[]>) =>
      isEqual(state.unsaved, payload) ? state : { ...state, unsaved: [...payload] },
    newerSeen: (state, { payload }: PayloadAction<string>): NoticesState => ({
      ...state,
      newer: state.newer ?? payload,
      saving: 'stopped',
    }),
    unreadSet: (state, { payload }: PayloadAction<boolean>) => ({ ...state, unread: payload }),
    persistenceKnown: (state, { payload }: PayloadAction<boolean | undefined>) => ({
      ...state,
      persistent: payload,
    }),
    noticeShown: (state, { payload }: PayloadAction<Notice>) => ({
      ...state,
      notices: [...state.notices.filter((notice) => !same(notice, payload)), payload],
    }),
    noticeClosed: (state, { payload }: PayloadAction<Notice>) => ({
      ...state,
      notices: state.notices.filter((notice) => !same(notice, payload)),
    }),
  },
});

/** Two notices of one kind about one thing are one. */
function same(a: Notice, b: Notice): boolean {
  return a.kind === b.kind && thingOf(a) === thingOf(b);
}

/** What a notice is about, where there may be several of its kind. */
function thingOf(notice: Notice): string {
  switch (notice.kind) {
    case 'routine-deleted':
      return notice.routine.id;
    case 'set-aside':
      return notice.key;
    case 'move-kept':
    case 'group-full':
      return notice.name;
    case 'not-deleted':
      return notice.key;
    case 'slipped':
      return notice.what;
    case 'brought-in':
      return notice.id;
    case 'other-tab':
      return notice.copyTitle;
    case 'move-deleted':
    case 'move-reverted':
      return notice.move.id;
    case 'draft-let-go':
      return notice.draft.id;
    case 'moves-brought-in':
      return notice.added.map(({ id }) => id).join();
    case 'demo-loaded':
    case 'clear-demo':
    case 'emptied':
    case 'was-cleared':
    case 'scripts-gone':
      return '';
  }
}

export const {
  storeOpened,
  savingSet,
  unsavedSet,
  newerSeen,
  unreadSet,
  persistenceKnown,
  noticeShown,
  noticeClosed,
} = slice.actions;
export const noticesReducer = slice.reducer;
