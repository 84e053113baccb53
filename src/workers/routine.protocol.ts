import type {
  Ordering,
  PlacedFinding,
  RuleFinding,
  SafeFitting,
  Tonight,
  TonightAsked,
} from '@/core/judgement';
import type { TakingPart } from '@/core/people';
import type { Move } from '@/core/moves';
import type { Change, Routine } from '@/core/routine';
import type { Incoming } from '@/core/writing';

/** What the routine worker is asked; what makes entries is given a word that starts their ids. */
export interface RoutineWorker {
  findings(routine: Routine, part: TakingPart): readonly PlacedFinding[];
  mends(
    routine: Routine,
    part: TakingPart,
    finding: RuleFinding,
    idsFrom: string,
  ): readonly Change[];
  fit(routine: Routine, part: TakingPart, slotMs: number, idsFrom: string): SafeFitting;
  order(routine: Routine, part: TakingPart): Ordering;
  tonight(routine: Routine, part: TakingPart, asked: TonightAsked, idsFrom: string): Tonight;
  incoming(text: string, own: readonly Move[], untitled: string): Incoming;
}
