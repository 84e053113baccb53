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
import {
  leadActed,
  leadEnded,
  leadFound,
  leadLeft,
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
}

type Api = ListenerEffectAPI<AppState, AppDispatch, Platform>;

/** Runs the class in the store: every change of it starts the wait for the next onset anew. */
export function listenToLead(
  listener: ListenerMiddlewareInstance<AppState, AppDispatch, Platform>,
): void {
  const heard: Heard = { saidMs: -1, chimedMs: -1 };
  listener.startListening({
    matcher: isAnyOf(leadActed, leadOpened, leadFound, leadLeft, leadEnded),
    effect: async (action, api) => {
      api.cancelActiveListeners();
      const lead = api.getState().lead.current?.lead;
      if (!lead) return api.extra.speech.hush();
      const stays = leadActed.match(action) && STAYING.includes(action.payload.action.kind);
      if (!stays) {
        const fromMs = placeAt(lead, scoreOfLead(lead), api.extra.clock.now()) - 0.001;
        heard.saidMs = fromMs;
        heard.chimedMs = fromMs;
      }
      if (lead.clockMs === null) return api.extra.speech.hush();
      await countIn(lead, api);
      await run(api, heard);
    },
  });
}

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
  if (api.getState().device.chimes) api.extra.sound.play(tone, atMs);
}

/** What is felt: a start, an end, and a switch a little longer. */
const BUZZES: Partial<Record<Tone, number>> = { start: 120, end: 200, switch: 350 };

function touch(tone: Tone, api: Api): void {
  const ms = BUZZES[tone];
  if (ms !== undefined && api.getState().device.haptics) api.extra.haptics.buzz(ms);
}

function say({ line, text }: Extract<Onset, { kind: 'say' }>, api: Api): void {
  const { talk, voice, rate } = api.getState().device;
  if (isSaid({ kind: line }, talk)) api.extra.speech.say(text, { voice, rate });
}
