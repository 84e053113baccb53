import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { ClassGroup, LedRoutine, Plan, Run } from '@/core/class';
import type { MoveId, PersonId, RoutineId } from '@/core/common';
import type { Move } from '@/core/moves';
import type { Member, Reading } from '@/core/people';
import type { Routine } from '@/core/routine';
import type { MoveDraft } from '@/core/writing';
import type { Mark } from './marks';

/** Something the person is told, with what can be done about it. Momentary. */
export type Notice =
  | { readonly kind: 'demo-loaded' }
  | { readonly kind: 'routine-deleted'; readonly routine: Routine }
  | {
      readonly kind: 'emptied';
      readonly routines: readonly Routine[];
      readonly runs: readonly Run[];
      readonly marks: readonly Mark[];
      readonly people: readonly Member[];
      readonly groups: readonly ClassGroup[];
      readonly readings: readonly Reading[];
      readonly plans: readonly Plan[];
      readonly led: readonly LedRoutine[];
    }
  | {
      readonly kind: 'set-aside';
      readonly key: string;
      readonly name: string;
      readonly text: string;
    }
  | { readonly kind: 'newer'; readonly name: string }
  | { readonly kind: 'not-saved'; readonly id: RoutineId; readonly title: string }
  | { readonly kind: 'run-not-saved'; readonly run: Run }
  | { readonly kind: 'storage-closed' }
  | { readonly kind: 'other-tab'; readonly title: string; readonly copyTitle: string }
  | { readonly kind: 'not-deleted'; readonly id: RoutineId; readonly title: string }
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
  | { readonly kind: 'person-not-saved'; readonly id: PersonId; readonly name: string }
  | { readonly kind: 'move-not-saved'; readonly id: MoveId; readonly name: string }
  | { readonly kind: 'brought-in'; readonly title: string; readonly id: RoutineId };

export type Saving = 'saved' | 'saving' | 'failed';

export interface NoticesState {
  readonly opened: boolean;
  readonly saving: Saving;
  /** Whether the browser promised to keep the data; undefined where it was not asked yet. */
  readonly persistent: boolean | undefined;
  readonly notices: readonly Notice[];
}

const initialState: NoticesState = {
  opened: false,
  saving: 'saved',
  persistent: undefined,
  notices: [],
};

const slice = createSlice({
  name: 'notices',
  initialState,
  reducers: {
    storeOpened: (state) => ({ ...state, opened: true }),
    savingSet: (state, { payload }: PayloadAction<Saving>) => ({ ...state, saving: payload }),
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
    case 'newer':
    case 'move-kept':
      return notice.name;
    case 'not-saved':
    case 'not-deleted':
    case 'move-not-saved':
    case 'person-not-saved':
    case 'brought-in':
      return notice.id;
    case 'run-not-saved':
      return notice.run.id;
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
    case 'emptied':
    case 'storage-closed':
      return '';
  }
}

export const { storeOpened, savingSet, persistenceKnown, noticeShown, noticeClosed } =
  slice.actions;
export const noticesReducer = slice.reducer;
