import { onPageLeave } from '@/platform/page';
import type { Platform } from '@/platform';
import { openStore, welcome } from './opening';
import { startSaving } from './saving';
import type { AppStore } from './store';

/** Opens what is kept, keeps it saved from then on, and welcomes a first visit. */
export async function openApp(store: AppStore, platform: Platform): Promise<void> {
  const revisions = await store.dispatch(openStore());
  const saveNow = startSaving(store, platform, revisions);
  onPageLeave(() => void saveNow());
  await store.dispatch(welcome());
}

export {
  bringIn,
  bringMovesIn,
  createRoutine,
  deleteRoutine,
  dropDraft,
  duplicateRoutine,
  keepMove,
  letGo,
  letMoveGo,
  startEmpty,
  takeBack,
} from './actions';
export { routineToBuild } from './carried';
export { deviceSet, type DeviceState } from './device';
export { leadTakenUp, scoreOfLead, type LeadInProgress } from './lead';
export { useAppDispatch, useAppSelector } from './hooks';
export { act, endLead, hasVoice, leaveLead, openLead, readClock } from './lead-actions';
export { draftKept, selectCatalog, selectOwnMoves } from './moves';
export { noticeClosed, noticeShown, type Notice } from './notices';
export { changeRedone, changeUndone, routineChanged } from './routines';
export { runDeleted, runsBrought } from './runs';
export { scoreOf } from './scores';
export { createAppStore, type AppDispatch, type AppState, type AppStore } from './store';
export { findingsOf, fitTo, mendFor, ordered } from './work';
