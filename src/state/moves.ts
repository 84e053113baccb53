import { createSelector, createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { MoveId } from '@/core/common';
import { catalogueWith, type Catalogue, type Move } from '@/core/moves';
import type { MoveDraft } from '@/core/writing';

export interface MovesState {
  /** A person's own moves, and shipped ones as they changed them; saved. */
  readonly own: Readonly<Record<MoveId, Move>>;
  /** Moves that are being written; saved, so that nothing typed is lost. */
  readonly drafts: Readonly<Record<MoveId, MoveDraft>>;
  /** Own moves that were let go, for what an undo may bring back. Momentary. */
  readonly gone: Readonly<Record<MoveId, Move>>;
}

const initialState: MovesState = { own: {}, drafts: {}, gone: {} };

const without = <T>(all: Readonly<Record<MoveId, T>>, id: MoveId) =>
  Object.fromEntries(Object.entries(all).filter(([key]) => key !== id)) as Record<MoveId, T>;

const slice = createSlice({
  name: 'moves',
  initialState,
  reducers: {
    /** From storage, a file, another tab, the editor, or brought back after a deletion. */
    movesBrought: (state, { payload }: PayloadAction<readonly Move[]>): MovesState => ({
      ...state,
      own: { ...state.own, ...Object.fromEntries(payload.map((move) => [move.id, move])) },
    }),
    moveLetGo: (state, { payload: id }: PayloadAction<MoveId>): MovesState => {
      const move = state.own[id];
      if (!move) return state;
      return { ...state, own: without(state.own, id), gone: { ...state.gone, [id]: move } };
    },
    draftKept: (state, { payload }: PayloadAction<MoveDraft>): MovesState => ({
      ...state,
      drafts: { ...state.drafts, [payload.id]: payload },
    }),
    draftsKept: (state, { payload }: PayloadAction<readonly MoveDraft[]>): MovesState => ({
      ...state,
      drafts: { ...state.drafts, ...Object.fromEntries(payload.map((one) => [one.id, one])) },
    }),
    draftLetGo: (state, { payload: id }: PayloadAction<MoveId>): MovesState =>
      state.drafts[id] ? { ...state, drafts: without(state.drafts, id) } : state,
  },
});

export const { movesBrought, moveLetGo, draftKept, draftsKept, draftLetGo } = slice.actions;
export const movesReducer = slice.reducer;

type WithMoves = { readonly moves: MovesState };

export const selectOwnMoves: (state: WithMoves) => readonly Move[] = createSelector(
  (state: WithMoves) => state.moves.own,
  (own) => Object.values(own),
);

/** The shipped moves, with the person's own laid over them. */
export const selectCatalogue = (state: WithMoves): Catalogue =>
  catalogueWith(selectOwnMoves(state));
