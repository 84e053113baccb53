import { isAnyOf, type ListenerEffectAPI, type ListenerMiddlewareInstance } from '@reduxjs/toolkit';
import {
  RESUME_COUNT_IN_MS,
  isSaid,
  placeAt,
  type Lead,
  type LeadAction,
  type Onset,
  type Tone,
} from '@/core/class';
import type { Platform } from '@/platform';
import { noticeShown } from './hall/notices';
import {
  leadActed,
  leadEnded,
  leadFound,
  leadLeft,
  leadNudged,
  leadOpened,
  leadTallied,
  onsetsOfLead,
  scoreOfLead,
} from './lead';
import { endLead } from './lead-actions';
import type { AppDispatch, AppState } from './slices';

/** What is kept of a class is at most a second old; this leaves time for the writing. */
const TALLY_EVERY_MS = 750;
/** An onset that is later than this is not sounded any more: it would only confuse. */
const STALE_MS = 1500;
/** Chimes are handed over so long ahead, so that a timer that is late makes none late. */
const AHEAD_MS = 80;

/** What changes the score ahead and leaves the place: nothing sounds twice, nothing is missed. */
const STAYING: readonly LeadAction['kind'][] = ['extend', 'again', 'ease', 'lanes', 'why', 'noted'];

/** Up to which place all was said, and all chimes handed over; edits that leave the place keep them. */
interface Heard {
  saidMs: number;
  chimedMs: number;
  /** When the runner was last at work, by the clock. */
  beatMs: number;
}

type Api = ListenerEffectAPI<AppState, AppDispatch, Platform>;

/** Runs the class in the store: every change of it starts the wait for the next onset anew. */
export function listenToLead(
  listener: ListenerMiddlewareInstance<AppState, AppDispatch, Platform>,
  store: { readonly getState: () => AppState; readonly dispatch: AppDispatch },
  { clock }: Pick<Platform, 'clock'>,
): void {
  const heard: Heard = { saidMs: -1, chimedMs: -1, beatMs: 0 };
  listener.startListening({
    matcher: isAnyOf(leadActed, leadNudged, leadOpened, leadFound, leadLeft, leadEnded),
    effect: async (action, api) => {
      api.cancelActiveListeners();
      const lead = api.getState().lead.current?.lead;
      if (!lead) return hush(api);
      const stays =
        leadNudged.match(action) ||
        (leadActed.match(action) && STAYING.includes(action.payload.action.kind));
      heard.beatMs = api.extra.clock.now();
      if (!stays) {
        const fromMs = placeAt(lead, scoreOfLead(lead), api.extra.clock.now()) - 0.001;
        heard.saidMs = fromMs;
        heard.chimedMs = fromMs;
      }
      if (lead.clockMs === null) return hush(api);
      await goOn(api, () => countIn(lead, api));
      await goOn(api, () => run(api, heard));
    },
  });
  watch(store, clock, heard);
}

const WATCH_EVERY_MS = 2000;
/** A runner is at work at least at every tally; one that was not for so long has fallen silent. */
const SILENT_MS = 5000;

/** Sees to it that a class that is running is run. */
function watch(
  store: { readonly getState: () => AppState; readonly dispatch: AppDispatch },
  clock: Platform['clock'],
  heard: Heard,
): void {
  clock.every(WATCH_EVERY_MS, () => {
    const clockMs = store.getState().lead.current?.lead.clockMs;
    if (typeof clockMs !== 'number') return;
    // While it is counted in, nothing is due before the class goes on.
    const sinceMs = clock.now() - Math.max(heard.beatMs, clockMs);
    if (sinceMs > SILENT_MS) store.dispatch(leadNudged());
  });
}

/** A class that fell over goes on from where it is, so often in a row; more would be no class any more. */
const MOST_FALLS = 20;

/**
 * Runs a part of a class to its end, whatever is thrown in it: a class never ends because of a device.
 * What is called off by a change of the class ends here.
 */
async function goOn(api: Api, part: () => Promise<void>): Promise<void> {
  for (let falls = 0; falls < MOST_FALLS; falls++) {
    try {
      return await part();
    } catch (error) {
      if (api.signal.aborted) throw error;
      tellOnce('class', api);
    }
  }
}

/** Uses a device; where it throws, the class goes on without it, and that is said once. */
function guarded(what: 'sound' | 'voice', api: Api, device: () => void): void {
  try {
    device();
  } catch {
    tellOnce(what, api);
  }
}

function tellOnce(what: 'sound' | 'voice' | 'class', api: Api): void {
  const { notices } = api.getState().notices;
  const isSaid = notices.some((one) => one.kind === 'slipped' && one.what === what);
  if (!isSaid) api.dispatch(noticeShown({ kind: 'slipped', what }));
}

const hush = (api: Api) => guarded('voice', api, () => api.extra.speech.hush());

async function countIn(lead: Lead, api: Api): Promise<void> {
  const { clock } = api.extra;
  const calledMs = clock.now();
  for (let leftMs = RESUME_COUNT_IN_MS; leftMs > 0; leftMs -= 1000) {
    const atMs = (lead.clockMs ?? 0) - leftMs;
    if (atMs < calledMs) continue;
    await api.pause(clock.waitUntil(atMs, api.signal));
    chime('count', atMs, api);
  }
}

async function run(api: Api, heard: Heard): Promise<void> {
  const { clock } = api.extra;
  for (;;) {
    const lead = api.getState().lead.current?.lead;
    if (!lead || lead.clockMs === null) return;
    // After a hold the class goes on when the count-in is over, and nothing of it sounds before.
    await api.pause(clock.waitUntil(lead.clockMs, api.signal));
    heard.beatMs = clock.now();
    const score = scoreOfLead(lead);
    const placeMs = placeAt(lead, score, clock.now());
    const onsets = onsetsOfLead(lead);
    const due = onsets.filter(({ atMs }) => atMs > heard.saidMs && atMs <= placeMs);
    const clockOf = (atMs: number) => (lead.clockMs ?? 0) + atMs - lead.fromMs;
    for (const onset of due) {
      if (placeMs - onset.atMs >= STALE_MS) continue;
      if (onset.kind === 'tone') touch(onset.tone, api);
      else say(onset, api);
    }
    heard.saidMs = placeMs;
    for (const onset of onsets) {
      if (onset.atMs <= heard.chimedMs || onset.atMs > placeMs + AHEAD_MS) continue;
      const isFresh = placeMs - onset.atMs < STALE_MS;
      if (onset.kind === 'tone' && isFresh) chime(onset.tone, clockOf(onset.atMs), api);
    }
    heard.chimedMs = placeMs + AHEAD_MS;
    if (placeMs >= score.totalMs) {
      api.dispatch(endLead('completed'));
      return;
    }
    const next = onsets.find(({ atMs }) => atMs > placeMs);
    const ahead = onsets.find(({ atMs, kind }) => kind === 'tone' && atMs > placeMs + AHEAD_MS);
    const nextMs = Math.min(next?.atMs ?? score.totalMs, (ahead?.atMs ?? Infinity) - AHEAD_MS);
    const tallyMs = lead.fromMs + TALLY_EVERY_MS;
    if (placeMs >= tallyMs) {
      api.dispatch(leadTallied(clock.now()));
      continue;
    }
    const wakeMs = Math.min(nextMs, tallyMs, score.totalMs);
    await api.pause(clock.waitUntil(lead.clockMs + wakeMs - lead.fromMs, api.signal));
  }
}

function chime(tone: Tone, atMs: number, api: Api): void {
  if (api.getState().device.chimes) guarded('sound', api, () => api.extra.sound.play(tone, atMs));
}

/** What is felt: a start, an end, and a switch a little longer. */
const BUZZES: Partial<Record<Tone, number>> = { start: 120, end: 200, switch: 350 };

function touch(tone: Tone, api: Api): void {
  const ms = BUZZES[tone];
  if (ms === undefined || !api.getState().device.haptics) return;
  guarded('sound', api, () => api.extra.haptics.buzz(ms));
}

function say({ line, text }: Extract<Onset, { kind: 'say' }>, api: Api): void {
  const { talk, voice, rate } = api.getState().device;
  if (!isSaid({ kind: line }, talk)) return;
  guarded('voice', api, () => api.extra.speech.say(text, { voice, rate }));
}
