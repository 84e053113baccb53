import { isAnyOf, type ListenerEffectAPI, type ListenerMiddlewareInstance } from '@reduxjs/toolkit';
import {
  RESUME_COUNT_IN_MS,
  isSaid,
  placeAt,
  type Lead,
  type LeadAction,
  type Onset,
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

/** What changes the score ahead and leaves the place: nothing sounds twice, nothing is missed. */
const STAYING: readonly LeadAction['kind'][] = ['extend', 'again', 'ease', 'lanes', 'why', 'noted'];

type Api = ListenerEffectAPI<AppState, AppDispatch, Platform>;

/** Runs the class in the store: every change of it starts the wait for the next onset anew. */
export function listenToLead(
  listener: ListenerMiddlewareInstance<AppState, AppDispatch, Platform>,
): void {
  let soundedMs = -1;
  listener.startListening({
    matcher: isAnyOf(leadActed, leadOpened, leadFound, leadLeft, leadEnded),
    effect: async (action, api) => {
      api.cancelActiveListeners();
      const lead = api.getState().lead.current?.lead;
      if (!lead) return api.extra.speech.hush();
      const stays = leadActed.match(action) && STAYING.includes(action.payload.action.kind);
      if (!stays) soundedMs = placeAt(lead, scoreOfLead(lead), api.extra.clock.now()) - 0.001;
      if (lead.clockMs === null) return api.extra.speech.hush();
      await countIn(lead, api);
      await run(
        api,
        () => soundedMs,
        (ms) => (soundedMs = ms),
      );
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
    sound({ atMs, kind: 'tone', tone: 'count' }, api);
  }
}

async function run(
  api: Api,
  sounded: () => number,
  setSounded: (placeMs: number) => void,
): Promise<void> {
  const { clock } = api.extra;
  for (;;) {
    const lead = api.getState().lead.current?.lead;
    if (!lead || lead.clockMs === null) return;
    // After a hold the class goes on when the count-in is over, and nothing of it sounds before.
    await api.pause(clock.waitUntil(lead.clockMs, api.signal));
    const score = scoreOfLead(lead);
    const placeMs = placeAt(lead, score, clock.now());
    const onsets = onsetsOfLead(lead);
    const due = onsets.filter(({ atMs }) => atMs > sounded() && atMs <= placeMs);
    due.filter(({ atMs }) => placeMs - atMs < STALE_MS).forEach((onset) => sound(onset, api));
    setSounded(placeMs);
    if (placeMs >= score.totalMs) {
      api.dispatch(endLead('completed'));
      return;
    }
    const nextMs = onsets.find(({ atMs }) => atMs > placeMs)?.atMs ?? score.totalMs;
    const tallyMs = lead.fromMs + TALLY_EVERY_MS;
    if (placeMs >= tallyMs) {
      api.dispatch(leadTallied(clock.now()));
      continue;
    }
    const wakeMs = Math.min(nextMs, tallyMs, score.totalMs);
    await api.pause(clock.waitUntil(lead.clockMs + wakeMs - lead.fromMs, api.signal));
  }
}

function sound(onset: Onset, api: Api): void {
  const { device } = api.getState();
  if (onset.kind === 'tone' && device.chimes) api.extra.sound.play(onset.tone);
  if (onset.kind === 'say' && isSaid({ kind: onset.line }, device.talk))
    api.extra.speech.say(onset.text);
}
