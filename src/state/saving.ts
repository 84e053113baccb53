import { routineIdSchema } from '@/core/ids';
import type { Routine } from '@/core/routine';
import type { Platform } from '@/platform';
import {
  KEYS,
  keptDevice,
  keptDraft,
  keptLead,
  keptMove,
  keptRoutine,
  keptRun,
  readKept,
} from './kept';
import { noticeShown, persistenceKnown, savingSet } from './notices';
import type { Revisions } from './opening';
import { takeFromOtherTab } from './other-tab';
import { routinesBrought } from './routines';
import { saveEach, written } from './save-each';
import type { AppState, AppStore } from './store';
import type { Stored } from './stored';

/** An edit is kept within 250 ms; this leaves time for the writing. */
export const SAVE_AFTER_MS = 150;

/** Keeps the store saved from now on. Returns the way to save at once. */
export function startSaving(
  store: AppStore,
  platform: Platform,
  revisions: Revisions,
): () => Promise<void> {
  const { routines, runs, moves, lead, device } = store.getState();
  const stored: Stored = {
    routines: new Map(Object.values(routines).map(({ routine }) => [routine.id, routine])),
    revisions,
    runs,
    own: moves.own,
    drafts: moves.drafts,
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
    state.moves.own !== stored.own ||
    state.moves.drafts !== stored.drafts ||
    state.lead.current !== stored.lead ||
    state.device !== stored.device
  );
}

async function saveChanges(store: AppStore, platform: Platform, stored: Stored): Promise<void> {
  const state = store.getState();
  if (!differs(state, stored)) return;
  store.dispatch(savingSet('saving'));
  const results = [
    // Moves go first: what another tab is told of a routine then stands on moves that it has.
    await saveMoves(state, store, platform, stored),
    await saveDrafts(state, platform, stored),
    await saveRoutines(state, store, platform, stored),
    await saveRuns(state, store, platform, stored),
    await saveLead(state, platform, stored),
    await saveDevice(state, platform, stored),
  ];
  store.dispatch(savingSet(results.every(Boolean) ? 'saved' : 'failed'));
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
  { runs }: AppState,
  store: AppStore,
  platform: Platform,
  stored: Stored,
): Promise<boolean> {
  const before = stored.runs;
  stored.runs = runs;
  return saveEach(platform, before, runs, {
    key: KEYS.run,
    text: keptRun,
    failed: ({ routine }) =>
      store.dispatch(noticeShown({ kind: 'run-not-saved', title: routine.title })),
  });
}

async function saveMoves(
  { moves: { own } }: AppState,
  store: AppStore,
  platform: Platform,
  stored: Stored,
): Promise<boolean> {
  const before = stored.own;
  stored.own = own;
  return saveEach(platform, before, own, {
    key: KEYS.move,
    text: keptMove,
    failed: ({ name }) => store.dispatch(noticeShown({ kind: 'move-not-saved', name })),
    tell: true,
  });
}

async function saveDrafts(
  { moves: { drafts } }: AppState,
  platform: Platform,
  stored: Stored,
): Promise<boolean> {
  const before = stored.drafts;
  stored.drafts = drafts;
  return saveEach(platform, before, drafts, { key: KEYS.draft, text: keptDraft });
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
