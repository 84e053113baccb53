import type { Store } from '@reduxjs/toolkit';
import isEqual from 'fast-deep-equal';
import type { Hall } from './hall';
import { letRoutineGo } from './actions';
import { afterVisit, binFilled, lotBinned, lotGone } from './bin';
import type { Texts } from './demo';
import { rowTaken, rowsPut } from './hall/shelf';
import { LED, RECORD_KINDS, RUN, WORKSHOP_KINDS } from './kinds';
import { holdLeadLock } from './lead-lock';
import { lookElsewhere, recordLeftOver } from './lead-actions';
import { linkLead } from './lead-link';
import { listenToLead } from './lead-runner';
import { peopleOpened } from './people';
import { slimRuns } from './record';
import { seeToStandings, selectRows } from './standings';
import { monthsPut, monthTaken, recordOpened } from './runs';
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
  listenToLead(listener, store, hall.platform);
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
  hall.keeper.keep([RUN, LED]);
  bringIn(store, beside);
  store.dispatch(peopleOpened());
  store.dispatch(recordLeftOver());
  seeToBin(store, hall.platform.clock.wallTime());
  void seeToRows(store);
}

const reading = new WeakMap<Hall, Promise<unknown>>();

/** Reads what lists and trends need of every class that was led. */
export async function openRecord(hall: Hall): Promise<void> {
  await openWorkshop(hall);
  const known = reading.get(hall) ?? readRecord(hall);
  reading.set(hall, known);
  await known;
}

const settling = new WeakMap<Hall, Promise<void>>();

/** What is worked out after the record was opened, done. */
export const recordSettled = async (hall: Hall) => settling.get(hall);

async function readRecord(hall: Hall): Promise<void> {
  const { keeper, platform } = hall;
  const store = attachWorkshop(hall);
  const keys = await platform.store.keys().catch(() => undefined);
  await keeper.take(RECORD_KINDS, keys);
  store.dispatch(recordOpened());
  if (keys) await seeToMonths(hall, keys);
  settling.set(hall, seeToAllStandings(store));
}

/** One by one, when there is time: pages work out for themselves what they show. */
async function seeToAllStandings(store: AppStore): Promise<void> {
  const { people, groups } = store.getState();
  const pause = () => new Promise((resolve) => setTimeout(resolve, 0));
  for (const { id } of Object.values(people)) {
    await pause();
    store.dispatch(seeToStandings([id]));
  }
  await pause();
  store.dispatch(
    seeToStandings(
      [],
      Object.values(groups).map(({ id }) => id),
    ),
  );
}

/** Months that are damaged, or that know of less or more than there is, are mended from the runs. */
async function seeToMonths(hall: Hall, keys: readonly string[]): Promise<void> {
  const store = attachWorkshop(hall);
  const kept = new Set(keys.filter((key) => key.startsWith('run/')).map((key) => key.slice(4)));
  const state = store.getState();
  const known = new Set(selectRows(state).map(({ id }) => id as string));
  for (const month of Object.values(state.months)) {
    const rows = month.rows.filter(({ id }) => kept.has(id) || state.runs[id] !== undefined);
    if (rows.length === 0) store.dispatch(monthTaken(month.id));
    else if (rows.length < month.rows.length) store.dispatch(monthsPut([{ ...month, rows }]));
  }
  const missing = [...kept].filter((id) => !known.has(id));
  await hall.keeper.takeSome(RUN, missing);
  store.dispatch(slimRuns());
}

/** Reads one run whole, with the routine as it was led. */
export async function readRun(hall: Hall, id: string): Promise<void> {
  await openRecord(hall);
  await hall.keeper.takeSome(RUN, [id]);
  const led = attachWorkshop(hall).getState().runs[id]?.led;
  if (led) await hall.keeper.takeSome(LED, [led]);
}

/** Reads every run whole, and every routine as it was led: for what hands all of them on. */
export async function readAllRuns(hall: Hall): Promise<void> {
  await openRecord(hall);
  const state = attachWorkshop(hall).getState();
  const ids = selectRows(state).map(({ id }) => id);
  await hall.keeper.takeSome(RUN, ids);
  await hall.keeper.takeSome(LED, Object.keys(state.plans));
}

/** Takes what stands in no storage; it is tried to be written from then on. */
function bringIn(store: AppStore, texts: Texts): void {
  for (const kind of [...WORKSHOP_KINDS, ...RECORD_KINDS, RUN, LED]) {
    for (const [key, text] of Object.entries(texts).filter(([key]) => isOfKind(kind, key))) {
      const read = readStored(kind, key, text);
      if (read.state === 'good') store.dispatch(kind.slice.put([read.value as never]));
    }
  }
}

/** What was in the bin for its time goes, once two days have found it so. */
function seeToBin(store: AppStore, now: Date): void {
  const { bin, lots } = store.getState();
  for (const binned of Object.values(bin)) {
    const next = afterVisit(binned, now);
    if (!next) store.dispatch(letRoutineGo(binned.routine.id));
    else if (next !== binned) store.dispatch(binFilled([next]));
  }
  for (const lot of Object.values(lots)) {
    const next = afterVisit(lot, now);
    if (!next) store.dispatch(lotGone(lot.id));
    else if (next !== lot) store.dispatch(lotBinned([next]));
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
