import type { Store } from '@reduxjs/toolkit';
import isEqual from 'fast-deep-equal';
import type { Hall } from './hall';
import { letRoutineGo } from './actions';
import { daysLeft } from './bin';
import type { Texts } from './demo';
import { rowTaken, rowsPut } from './hall/shelf';
import { RUN, WORKSHOP_KINDS } from './kinds';
import { holdLeadLock } from './lead-lock';
import { lookElsewhere, recordLeftOver } from './lead-actions';
import { linkLead } from './lead-link';
import { listenToLead } from './lead-runner';
import { rowOf } from './shelved';
import { reducer, type AppDispatch, type AppState } from './slices';
import { isOfKind, readStored } from './storage/kind';

/** The store with everything in it. */
export type AppStore = Store<AppState> & { readonly dispatch: AppDispatch };

const attached = new WeakMap<Hall, AppStore>();

/** Lays the workshop's slices beside the hall's; nothing is read yet. */
export function attachWorkshop(hall: Hall): AppStore {
  const known = attached.get(hall);
  if (known) return known;
  const store = hall.store as unknown as AppStore;
  store.replaceReducer(reducer);
  const listener = hall.listener as unknown as Parameters<typeof listenToLead>[0];
  listenToLead(listener);
  holdLeadLock(listener);
  linkLead(listener, store, hall.platform);
  attached.set(hall, store);
  return store;
}

const opening = new WeakMap<Hall, Promise<void>>();

/**
 * Reads routines, moves and a class that was broken off, and keeps all of it from then on.
 * @param beside what could not be written, to be shown all the same
 */
export function openWorkshop(hall: Hall, beside: Texts = {}): Promise<void> {
  const known = opening.get(hall) ?? open(hall, beside);
  opening.set(hall, known);
  return known;
}

async function open(hall: Hall, beside: Texts): Promise<void> {
  const store = attachWorkshop(hall);
  await store.dispatch(lookElsewhere());
  await hall.keeper.take(WORKSHOP_KINDS);
  hall.keeper.keep([RUN]);
  bringIn(store, beside);
  store.dispatch(recordLeftOver());
  seeToBin(store, hall.platform.clock.wallTime());
  void seeToRows(store);
}

const reading = new WeakMap<Hall, Promise<unknown>>();

/** Reads every class that was led. */
export async function openRecord(hall: Hall): Promise<void> {
  await openWorkshop(hall);
  const known = reading.get(hall) ?? hall.keeper.take([RUN]);
  reading.set(hall, known);
  await known;
}

/** Takes what stands in no storage; it is tried to be written from then on. */
function bringIn(store: AppStore, texts: Texts): void {
  for (const kind of [...WORKSHOP_KINDS, RUN]) {
    for (const [key, text] of Object.entries(texts).filter(([key]) => isOfKind(kind, key))) {
      const read = readStored(kind, key, text);
      if (read.state === 'good') store.dispatch(kind.slice.put([read.value as never]));
    }
  }
}

/** What was in the bin for its time is gone. */
function seeToBin(store: AppStore, now: Date): void {
  for (const binned of Object.values(store.getState().bin)) {
    if (daysLeft(binned, now) < 0) store.dispatch(letRoutineGo(binned.routine.id));
  }
}

/** Rows that an earlier version of the application made may be out of date, or of nothing any more. */
async function seeToRows(store: AppStore): Promise<void> {
  const { routines: read, shelf: shown } = store.getState();
  for (const id of Object.keys(shown.rows)) if (!(id in read)) store.dispatch(rowTaken(id));
  for (const id of Object.values(store.getState().routines).map(({ routine }) => routine.id)) {
    await new Promise((resolve) => setTimeout(resolve, 0));
    const { routines, shelf } = store.getState();
    const row = routines[id] && rowOf(routines[id].routine);
    if (row && !isEqual(shelf.rows[id], row)) store.dispatch(rowsPut([row]));
  }
}
