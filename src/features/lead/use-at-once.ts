import { dayOfDate } from '@/core/common';
import { choiceBlocks } from '@/core/routine';
import type { Findings } from '@/features/builder/findings';
import { ledOf, readClock, useAppDispatch, useAppSelector, type LeadInProgress } from '@/state';
import { useHelpIsKnown } from './call-for-help';

/** What is longer is a class, and no break. */
const LONGEST_BREAK_MS = 15 * 60_000;

/**
 * Whether a break begins without its page: at desks, short, led today already, nothing to choose or to
 * pass, whom to call known, and nobody leading elsewhere.
 * @param again whether it was asked for by a press that leads again
 */
export function useAtOnce(
  { lead }: LeadInProgress,
  again: boolean,
  { state, all }: Findings,
): boolean {
  const { routine } = lead;
  const dispatch = useAppDispatch();
  const helpKnown = useHelpIsKnown();
  const elsewhere = useAppSelector((one) => one.lead.elsewhere.length > 0);
  const ledAt = useAppSelector((one) => one.marks[routine.id]?.ledAt);
  const { wallTime } = dispatch(readClock());
  return (
    again &&
    lead.clockMs === null &&
    lead.ledMs === 0 &&
    routine.group === 'desk' &&
    ledOf(lead).score.totalMs <= LONGEST_BREAK_MS &&
    ledAt?.slice(0, 10) === dayOfDate(wallTime) &&
    helpKnown &&
    !elsewhere &&
    state === 'done' &&
    all.every(({ severity }) => severity !== 'stop') &&
    choiceBlocks(routine).length === 0
  );
}
