import type { ListenerMiddlewareInstance } from '@reduxjs/toolkit';
import type { Platform } from '@/platform';
import { leadLock } from './lead-actions';
import type { AppDispatch, AppState } from './slices';

/** The class that this tab is leading, or is about to. */
function ledHere({ lead: { current } }: AppState): string | undefined {
  return current && !current.interrupted ? current.runId : undefined;
}

/** Holds a lock while a class is led here, so that other tabs know of it and leave it alone. */
export function holdLeadLock(
  listener: ListenerMiddlewareInstance<AppState, AppDispatch, Platform>,
): void {
  let letGo: (() => void) | undefined;
  listener.startListening({
    predicate: (_, now, before) => ledHere(now) !== ledHere(before),
    effect: async (_, { getState, extra }) => {
      letGo?.();
      letGo = undefined;
      const runId = ledHere(getState());
      if (!runId) return;
      const held = await extra.locks.hold(leadLock(runId));
      if (ledHere(getState()) === runId) letGo = held;
      else held?.();
    },
  });
}
