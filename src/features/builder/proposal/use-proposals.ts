import { startTransition, useMemo, useRef, useState } from 'react';
import { printClock, type PersonId } from '@/core/common';
import type { OwnLimit } from '@/core/people';
import type { RuleFinding, SafeFitting, Tonight, TonightAsked } from '@/core/judgement';
import { applyChange, broughtBy, deedOf, type Change, type Routine } from '@/core/routine';
import { fitTo, forTonight, ordered, tonightTaken, useAppDispatch } from '@/state';
import { mendWords, orderingWhy } from '@/words/findings';
import { PROPOSAL, TONIGHT } from '../strings';
import type { Editing } from '../use-routine';
import { useSame } from '@/design';

type OutOfReach = Extract<SafeFitting, { fitted: false }>;

/** An edit that is shown before it is kept, or what came of asking for one. */
export type Proposal = { readonly title: string; readonly about: Routine } & (
  | { readonly kind: 'working' }
  | { readonly kind: 'ask-length' }
  | {
      readonly kind: 'preview';
      readonly said: string | undefined;
      readonly change: Change;
      readonly after: Routine;
      /** What is different tonight besides, where it is for a day. */
      readonly tonight?: { readonly asked: TonightSheet; readonly result: Tonight };
      /** The cautions that it would bring. */
      readonly brings?: readonly RuleFinding[];
    }
  | { readonly kind: 'out-of-reach'; readonly fitting: OutOfReach }
  | { readonly kind: 'nothing'; readonly said: string }
);

/** What a sheet for a day that is different asks. */
export interface TonightSheet {
  readonly asked: TonightAsked;
  readonly people: readonly PersonId[];
  readonly limits: readonly OwnLimit[];
  readonly more: number;
}

/** Fit, order, mends and what is different tonight, each shown before it is kept; keeping is one edit, and one undo. */
export function useProposals({ routine, change }: Pick<Editing, 'routine' | 'change'>) {
  const dispatch = useAppDispatch();
  const [proposal, setProposal] = useState<Proposal>();
  const asked = useRef(0);
  // A proposal about another state of the routine is no use any more.
  const current = proposal?.about === routine ? proposal : undefined;

  const show = (one: Proposal | undefined) => {
    asked.current += 1;
    // The whole strand is drawn anew; in slices, so that the page never stalls.
    startTransition(() => setProposal(one));
  };
  const preview = (title: string, made: Change, said?: string): Proposal => ({
    kind: 'preview',
    title,
    about: routine,
    said,
    change: made,
    after: applyChange(routine, made),
  });
  const nothing = (title: string, said: string): Proposal => ({
    kind: 'nothing',
    title,
    about: routine,
    said,
  });
  const ask = async (title: string, work: () => Promise<Proposal>) => {
    show({ kind: 'working', title, about: routine });
    const own = asked.current;
    const answer = await work().catch(() => nothing(title, PROPOSAL.failed));
    if (asked.current === own) show(answer);
  };

  const fit = useSame((slotMs: number) => {
    const slot = printClock(slotMs);
    const title = PROPOSAL.fitTo(slot);
    return ask(title, async () => {
      const fitting = await dispatch(fitTo(routine, slotMs));
      if (!fitting.fitted) return { kind: 'out-of-reach', title, about: routine, fitting };
      if (fitting.change.steps.length === 0) return nothing(title, PROPOSAL.same(slot));
      return { ...preview(title, fitting.change), brings: fitting.brings };
    });
  });
  const order = useSame(() =>
    ask(PROPOSAL.order, async () => {
      const ordering = await dispatch(ordered(routine));
      const why = orderingWhy(ordering);
      if (!ordering.change) return nothing(PROPOSAL.order, why);
      return preview(PROPOSAL.order, ordering.change, why);
    }),
  );
  const tonight = useSame((sheet: TonightSheet) =>
    ask(TONIGHT.title, async () => {
      const result = await dispatch(forTonight(routine, sheet.asked));
      return {
        ...preview(TONIGHT.title, result.change),
        tonight: { asked: sheet, result },
      } as Proposal;
    }),
  );
  const askLength = useSame(() =>
    show({ kind: 'ask-length', title: PROPOSAL.fit, about: routine }),
  );
  const mend = useSame((finding: RuleFinding, made: Change) =>
    show(
      preview(mendWords(finding, broughtBy(routine, made), { deed: deedOf(routine, made) }), made),
    ),
  );
  const leave = useSame(() => show(undefined));
  const keep = useSame(() => {
    if (current?.kind === 'preview') {
      const { tonight: own } = current;
      if (own) {
        const { people, limits, more } = own.asked;
        dispatch(tonightTaken(routine.id, { change: current.change, people, limits, more }));
      } else change(current.change);
    }
    show(undefined);
  });

  return useMemo(
    () => ({ proposal: current, fit, order, tonight, askLength, mend, leave, keep }),
    [current, fit, order, tonight, askLength, mend, leave, keep],
  );
}

export type Proposals = ReturnType<typeof useProposals>;
