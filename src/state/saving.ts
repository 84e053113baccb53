import { routineIdSchema, type RoutineId } from '@/core/ids';
import type { Routine } from '@/core/routine';
import type { Platform } from '@/platform';
import { KEYS, keptDevice, keptLead, keptRoutine, keptRun, readKept } from './kept';
import { noticeShown, persistenceKnown, savingSet } from './notices';
import type { Revisions } from './opening';
import { routineDeleted, routinesBrought } from './routines';
import { runsBrought, type RunsState } from './runs';
import type { AppState, AppStore } from './store';

/** An edit is kept within 250 ms; this leaves time for the writing. */
export const SAVE_AFTER_MS = 150;

/** What this tab knows to be stored, by identity: anything else is still to be written. */
interface Stored {
  readonly routines: Map<RoutineId, Routine>;
  readonly revisions: Revisions;
  runs: RunsState;
  lead: AppState['lead']['current'];
  device: AppState['device'];
}

/** Keeps the store saved from now on. Returns the way to save at once. */
export function startSaving(
  store: AppStore,
  platform: Platform,
  revisions: Revisions,
): () => Promise<void> {
  const { routines, runs, lead, device } = store.getState();
  const stored: Stored = {
    routines: new Map(Object.values(routines).map(({ routine }) => [routine.id, routine])),
    revisions,
    runs,
    lead: lead.current,
    device,
  };
  let timer: ReturnType<typeof setTimeout> | undefined;
  let work: Promise<void> = Promise.resolve();
  let asked = false;

  const save = () => {
    clearTimeout(timer);
    timer = undefined;
    work = work.then(() => saveChanges(store, platform, stored));
    if (!asked) {
      asked = true;
      void platform.askToPersist().then((kept) => store.dispatch(persistenceKnown(kept)));
    }
    return work;
  };
  store.subscribe(() => {
    if (timer === undefined && differs(store.getState(), stored)) {
      timer = setTimeout(() => void save(), SAVE_AFTER_MS);
    }
  });
  platform.tabs.onTold((key) => void takeFromOtherTab(key, store, platform, stored));
  return () => (differs(store.getState(), stored) ? save() : work);
}

function differs(state: AppState, stored: Stored): boolean {
  const kept = Object.values(state.routines);
  return (
    kept.length !== stored.routines.size ||
    kept.some(({ routine }) => stored.routines.get(routine.id) !== routine) ||
    state.runs !== stored.runs ||
    state.lead.current !== stored.lead ||
    state.device !== stored.device
  );
}

async function saveChanges(store: AppStore, platform: Platform, stored: Stored): Promise<void> {
  const state = store.getState();
  if (!differs(state, stored)) return;
  store.dispatch(savingSet('saving'));
  const results = [
    await saveRoutines(state, store, platform, stored),
    await saveRuns(state, store, platform, stored),
    await saveLead(state, platform, stored),
    await saveDevice(state, platform, stored),
  ];
  store.dispatch(savingSet(results.every(Boolean) ? 'saved' : 'failed'));
}

async function written(write: () => Promise<void>): Promise<boolean> {
  try {
    await write();
    return true;
  } catch {
    return false;
  }
}

async function saveRoutines(
  state: AppState,
  store: AppStore,
  platform: Platform,
  stored: Stored,
): Promise<boolean> {
  let good = true;
  for (const { routine } of Object.values(state.routines)) {
    if (stored.routines.get(routine.id) === routine) continue;
    stored.routines.set(routine.id, routine);
    const saved = await written(() => saveRoutine(routine, store, platform, stored));
    if (saved) continue;
    good = false;
    store.dispatch(noticeShown({ kind: 'not-saved', id: routine.id, title: routine.title }));
  }
  for (const id of [...stored.routines.keys()]) {
    if (state.routines[id]) continue;
    stored.routines.delete(id);
    stored.revisions.delete(id);
    good = (await written(() => platform.store.remove(KEYS.routine(id)))) && good;
    platform.tabs.tell(KEYS.routine(id));
  }
  return good;
}

/** Writes a routine; where another tab wrote it meanwhile, this tab's goes beside it as a copy. */
async function saveRoutine(
  routine: Routine,
  store: AppStore,
  platform: Platform,
  stored: Stored,
): Promise<void> {
  const key = KEYS.routine(routine.id);
  const known = stored.revisions.get(routine.id) ?? 0;
  const other = await readStored(key, platform);
  if (other && other.revision !== known) {
    const copyTitle = `${routine.title} (other tab)`.slice(-120).trim();
    const copy = { ...routine, id: routineIdSchema.parse(platform.newId()), title: copyTitle };
    stored.revisions.set(routine.id, other.revision);
    stored.routines.set(routine.id, other.routine);
    store.dispatch(routinesBrought([other.routine, copy]));
    store.dispatch(noticeShown({ kind: 'other-tab', title: routine.title, copyTitle }));
    return;
  }
  await platform.store.write(key, keptRoutine(routine, known + 1));
  stored.revisions.set(routine.id, known + 1);
  platform.tabs.tell(key);
}

async function readStored(key: string, platform: Platform) {
  const text = (await platform.store.read([key]))[key];
  const reading = text ? readKept(key, text) : undefined;
  const kept = reading?.state === 'good' ? reading.kept : undefined;
  return kept?.kind === 'routine' ? kept : undefined;
}

async function saveRuns(
  state: AppState,
  store: AppStore,
  platform: Platform,
  stored: Stored,
): Promise<boolean> {
  const before = stored.runs;
  stored.runs = state.runs;
  let good = true;
  for (const run of Object.values(state.runs)) {
    if (before[run.id] === run) continue;
    if (await written(() => platform.store.write(KEYS.run(run.id), keptRun(run)))) continue;
    good = false;
    store.dispatch(noticeShown({ kind: 'run-not-saved', title: run.routine.title }));
  }
  for (const run of Object.values(before)) {
    if (state.runs[run.id]) continue;
    good = (await written(() => platform.store.remove(KEYS.run(run.id)))) && good;
  }
  return good;
}

/** The monotonic clock means nothing after a reload, so a kept class is a held one. */
async function saveLead(state: AppState, platform: Platform, stored: Stored): Promise<boolean> {
  const { current } = state.lead;
  if (current === stored.lead) return true;
  stored.lead = current;
  if (!current) return written(() => platform.store.remove(KEYS.lead));
  const { runId, startedAt, lead } = current;
  const kept = keptLead({
    runId,
    startedAt,
    lead: { ...lead, extensions: [...lead.extensions], clockMs: null },
  });
  return written(() => platform.store.write(KEYS.lead, kept));
}

async function saveDevice(state: AppState, platform: Platform, stored: Stored): Promise<boolean> {
  if (state.device === stored.device) return true;
  stored.device = state.device;
  return written(() => platform.store.write(KEYS.device, keptDevice(state.device)));
}

/** Another tab wrote a routine or a run: show it here, unless this tab has edits under way. */
async function takeFromOtherTab(
  key: string,
  store: AppStore,
  platform: Platform,
  stored: Stored,
): Promise<void> {
  const text = (await platform.store.read([key]))[key];
  const reading = text ? readKept(key, text) : undefined;
  const kept = reading?.state === 'good' ? reading.kept : undefined;
  if (kept?.kind === 'run') {
    stored.runs = { ...stored.runs, [kept.run.id]: kept.run };
    store.dispatch(runsBrought([kept.run]));
  }
  if (kept?.kind === 'routine') {
    const { routine, revision } = kept;
    const here = store.getState().routines[routine.id]?.routine;
    if (here && here !== stored.routines.get(routine.id)) return;
    stored.revisions.set(routine.id, revision);
    stored.routines.set(routine.id, routine);
    store.dispatch(routinesBrought([routine]));
  }
  if (!text && key.startsWith(KEYS.routine(''))) {
    const id = routineIdSchema.safeParse(key.slice(KEYS.routine('').length));
    if (!id.success || !stored.routines.has(id.data)) return;
    stored.routines.delete(id.data);
    stored.revisions.delete(id.data);
    store.dispatch(routineDeleted(id.data));
  }
}
