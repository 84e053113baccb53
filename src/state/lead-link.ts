import type { ListenerMiddlewareInstance } from '@reduxjs/toolkit';
import { z } from 'zod';
import { hasBegun, keptLeadSchema } from '@/core/class';
import type { Platform } from '@/platform';
import { act, PLAIN_DEEDS, type PlainDeed } from './lead-actions';
import { leadFollowed, type LeadInProgress } from './lead';
import { heldLead } from './held-lead';
import type { AppDispatch, AppState, AppThunk } from './slices';

/** What windows of one browser say to each other of a class. */
const messageSchema = z.discriminatedUnion('kind', [
  /** A window that follows has come: whoever leads tells where the class is. */
  z.strictObject({ kind: z.literal('hello') }),
  /** The class as it is; `sinceMs` is how long ago its clock was read, null while it is held. */
  z.strictObject({
    kind: z.literal('class'),
    kept: keptLeadSchema.nullable(),
    sinceMs: z.number().nullable(),
  }),
  z.strictObject({ kind: z.literal('deed'), deed: z.enum(PLAIN_DEEDS) }),
]);
type Message = z.infer<typeof messageSchema>;

function told(current: LeadInProgress | null, nowMs: number): Message {
  if (!current || current.interrupted) return { kind: 'class', kept: null, sinceMs: null };
  const { clockMs } = current.lead;
  return {
    kind: 'class',
    kept: heldLead(current),
    sinceMs: clockMs === null ? null : nowMs - clockMs,
  };
}

/** Tells other windows of the class that is led here, and does what they ask. */
export function linkLead(
  listener: ListenerMiddlewareInstance<AppState, AppDispatch, Platform>,
  store: { readonly getState: () => AppState; readonly dispatch: AppDispatch },
  { link, clock }: Pick<Platform, 'link' | 'clock'>,
): void {
  const tell = () => link.send(told(store.getState().lead.current, clock.now()));
  listener.startListening({
    predicate: (_, now, before) => now.lead.current !== before.lead.current,
    effect: tell,
  });
  link.onMessage((data) => {
    const message = messageSchema.safeParse(data).data;
    const { current } = store.getState().lead;
    if (!message || !current) return;
    if (message.kind === 'hello') tell();
    // What stands before the start is for whoever leads: nothing from outside leads past it.
    const leads = hasBegun(current.lead) && !current.interrupted;
    if (message.kind === 'deed' && leads) store.dispatch(act(message.deed));
  });
}

/** Follows a class that another window leads; returns the way to stop. */
export function follow(): AppThunk<() => void> {
  return (dispatch, _, { link, clock }) => {
    const stop = link.onMessage((data) => {
      const message = messageSchema.safeParse(data).data;
      if (message?.kind !== 'class') return;
      const { kept, sinceMs } = message;
      if (!kept) return void dispatch(leadFollowed(null));
      const clockMs = sinceMs === null ? null : clock.now() - sinceMs;
      const lead = { ...kept.lead, clockMs };
      dispatch(leadFollowed({ ...kept, lead, interrupted: false }));
    });
    link.send({ kind: 'hello' } satisfies Message);
    return () => {
      stop();
      dispatch(leadFollowed(null));
    };
  };
}

/** Asks the window that leads to do something. */
export function steer(deed: PlainDeed): AppThunk {
  return (_, __, { link }) => link.send({ kind: 'deed', deed } satisfies Message);
}
