import type { RoutineId } from '@/core/ids';
import type { Routine } from '@/core/routine';
import type { MovesState } from './moves';
import type { Revisions } from './opening';
import type { RunsState } from './runs';
import type { AppState } from './store';

/** What this tab knows to be stored, by identity: anything else is still to be written. */
export interface Stored {
  readonly routines: Map<RoutineId, Routine>;
  readonly revisions: Revisions;
  runs: RunsState;
  own: MovesState['own'];
  drafts: MovesState['drafts'];
  lead: AppState['lead']['current'];
  device: AppState['device'];
}
