import type { ListenerMiddlewareInstance } from '@reduxjs/toolkit';
import { z } from 'zod';
import { hasBegun, keptLeadSchema, type KeptLead, type Led } from '@/core/class';
import { isRecord, runIdSchema, type RunId } from '@/core/common';
import { GROUP_ALONE } from '@/core/people';
import type { Routine } from '@/core/routine';
import type { Platform } from '@/platform';
import { act, PLAIN_DEEDS, type PlainDeed } from './lead-actions';
import { leadGone, leadHeardOf, leadsForgotten, ledOf, takeLed, type LeadInProgress } from './lead';
import { heldLead } from './held-lead';
import type { AppDispatch, AppState, AppThunk } from './slices';

/** What windows of one browser say to each other of a class. */
const messageSchema = z.discriminatedUnion('kind', [
  /** A window that follows has come: whoever leads tells where the class is. */
  z.strictObject({ kind: z.literal('hello') }),
  /** The class as it is; `sinceMs` is how long ago its clock was read, null while it is held. */
  z.strictObject({
    kind: z.literal('class'),
    runId: runIdSchema,
    kept: keptLeadSchema.nullable(),
    /** What is led, worked out; left out where it is as it was told before. */
    led: z.custom<Led>(isLed).optional(),
    sinceMs: z.number().nullable(),
    /** When it is to begin; only before it has. */
    begins: z.iso.datetime({ offset: true }).optional(),
  }),
  z.strictObject({ kind: z.literal('deed'), runId: runIdSchema, deed: z.enum(PLAIN_DEEDS) }),
]);
type Message = z.infer<typeof messageSchema>;

/** Whether something is a class that was worked out; another version of the application may have sent it. */
function isLed(data: unknown): boolean {
  return (
    isRecord(data) &&
    isRecord(data.routine) &&
    isRecord(data.rest) &&
    isRecord(data.score) &&
    typeof data.score.totalMs === 'number' &&
    Array.isArray(data.score.segments)
  );
}

/** A routine without what nobody sees on a wall: limits, and what the instructor wrote for themselves. */
function shownRoutine(routine: Routine): Routine {
  const { limits: _, limitsUnread: __, ...shown } = routine;
  return { ...shown, notes: [] };
}

/** What a window that follows needs to show a class: nobody's name or limits, or what happened to them. */
function shownOf(current: LeadInProgress): KeptLead {
  const { groupId: _, lead, ...kept } = heldLead(current);
  const routine = shownRoutine(lead.routine);
  return { ...kept, lead: { ...lead, routine, part: GROUP_ALONE, events: [] } };
}

function shownLed(led: Led): Led {
  const rest = { ...led.rest, routine: shownRoutine(led.rest.routine) };
  return { ...led, routine: shownRoutine(led.routine), rest };
}

function told(current: LeadInProgress, nowMs: number, isWhole: boolean): Message {
  const { runId, interrupted, lead } = current;
  if (interrupted) return { kind: 'class', runId, kept: null, sinceMs: null };
  const sinceMs = lead.clockMs === null ? null : nowMs - lead.clockMs;
  const led = isWhole ? { led: shownLed(ledOf(lead)) } : {};
  const begins = current.begins && !hasBegun(lead) ? { begins: current.begins } : {};
  return { kind: 'class', runId, kept: shownOf(current), ...led, ...begins, sinceMs };
}

/** Tells other windows of the class that is led here, and does what they ask. */
export function linkLead(
  listener: ListenerMiddlewareInstance<AppState, AppDispatch, Platform>,
  store: { readonly getState: () => AppState; readonly dispatch: AppDispatch },
  { link, clock }: Pick<Platform, 'link' | 'clock'>,
): void {
  let sent: Led | undefined;
  const tell = () => {
    const { current } = store.getState().lead;
    if (!current) return;
    const led = ledOf(current.lead);
    link.send(told(current, clock.now(), led !== sent));
    sent = led;
  };
  listener.startListening({
    predicate: (_, now, before) => now.lead.current !== before.lead.current,
    effect: (_, { getOriginalState }) => {
      const before = getOriginalState().lead.current;
      const { current } = store.getState().lead;
      if (before && before.runId !== current?.runId) {
        const { runId } = before;
        link.send({ kind: 'class', runId, kept: null, sinceMs: null } satisfies Message);
      }
      tell();
    },
  });
  link.onMessage((data) => {
    const message = messageSchema.safeParse(data).data;
    const { current } = store.getState().lead;
    if (!message || !current) return;
    if (message.kind === 'hello') {
      sent = undefined;
      tell();
    }
    // What stands before the start is for whoever leads: nothing from outside leads past it.
    const leads = hasBegun(current.lead) && !current.interrupted;
    if (message.kind !== 'deed' || message.runId !== current.runId) return;
    if (leads) store.dispatch(act(message.deed));
  });
}

/** Follows the class that another window leads, one where there are several; returns the way to stop. */
export function follow(): AppThunk<() => void> {
  return (dispatch, _, { link, clock }) => {
    const known = new Map<RunId, Led>();
    const stop = link.onMessage((data) => {
      const message = messageSchema.safeParse(data).data;
      if (message?.kind !== 'class') return;
      const { runId, kept, sinceMs, begins } = message;
      if (!kept) return void dispatch(leadGone(runId));
      const led = message.led ?? known.get(runId);
      if (!led) return link.send({ kind: 'hello' } satisfies Message);
      known.set(runId, led);
      const clockMs = sinceMs === null ? null : clock.now() - sinceMs;
      const lead = { ...kept.lead, clockMs };
      takeLed(lead, led);
      dispatch(leadHeardOf({ ...kept, lead, begins, interrupted: false }));
    });
    link.send({ kind: 'hello' } satisfies Message);
    return () => {
      stop();
      dispatch(leadsForgotten());
    };
  };
}

/** Asks the window that leads to do something. */
export function steer(deed: PlainDeed): AppThunk {
  return (_, getState, { link }) => {
    const runId = getState().lead.followed?.runId;
    if (runId) link.send({ kind: 'deed', runId, deed } satisfies Message);
  };
}
