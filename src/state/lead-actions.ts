import {
  runOf,
  timeInClass,
  runThroughOf,
  type HappenedEvent,
  type KeptLead,
  type LeadAction,
  type Run,
  type RunEnd,
  type RunThrough,
} from '@/core/class';
import { dayOfDate, isoWithOffset, runIdSchema, type RoutineId } from '@/core/common';
import type { Sound, SoundState } from '@/platform/sound';
import type { Voice } from '@/platform/speech';
import { scorePhrases } from '@/words/score';
import {
  leadActed,
  leadEnded,
  leadLeft,
  leadLost,
  leadOpened,
  leadStarted,
  leadTakenUp,
  leadTried,
  leadTallied,
  leadsElsewhere,
  ledOf,
  type LeadInProgress,
} from './lead';
import { markLed } from './hall/marks';
import { runsBrought } from './runs';
import type { AppThunk } from './slices';
import { personChanged } from './people-actions';
import { keepLed } from './record';
import { seeToStandings } from './standings';
import { partOf } from './taking-part';

/** The lock that a tab holds while it leads a class. */
export const leadLock = (runId: string) => `lead ${runId}`;

/** Finds out which classes other tabs are leading. */
export function lookElsewhere(): AppThunk<Promise<void>> {
  return async (dispatch, getState, { locks }) => {
    const own = leadLock(getState().lead.current?.runId ?? '');
    const held = [...(await locks.held())].filter((name) => name !== own);
    const prefix = leadLock('');
    const runs = held.filter((name) => name.startsWith(prefix));
    dispatch(leadsElsewhere(runs.map((name) => name.slice(prefix.length))));
  };
}

/** Makes ready to lead a routine, unless a class is in hand; the clock starts with `go`. */
export function openLead(id: RoutineId): AppThunk {
  return (dispatch, getState, { newId, clock }) => {
    if (getState().lead.current) return;
    const routine = getState().routines[id]?.routine;
    if (!routine) return;
    const runId = runIdSchema.parse(newId());
    const at = isoWithOffset(clock.wallTime());
    const part = partOf(getState(), id, dayOfDate(clock.wallTime()));
    const groupId = getState().classFor[id]?.groupId;
    dispatch(leadOpened({ routine, part, groupId, runId, at }));
    void dispatch(lookElsewhere());
  };
}

/** One of the instructor's keys or targets; a press also lets the browser make sound. */
export function act(deed: PlainDeed | Extract<LeadAction, { kind: WithWords }>): AppThunk {
  return (dispatch, getState, { clock, sound }) => {
    woken(sound);
    dispatch(leadTakenUp());
    if (deed === 'happened') dispatch(leadTallied(clock.now()));
    const { current } = getState().lead;
    const action =
      typeof deed === 'string' ? actionOf(deed, timeOf(current, clock.wallTime())) : deed;
    const { kind } = action;
    const lead = current?.lead;
    if (kind === 'go' && lead?.ledMs === 0 && lead.clockMs === null) {
      dispatch(leadStarted(isoWithOffset(clock.wallTime())));
    }
    dispatch(leadActed({ action, nowMs: clock.now() }));
  };
}

/** A press lets the browser make sound; where the device throws, the press does the rest all the same. */
function woken(sound: Sound): void {
  try {
    sound.wake();
  } catch {
    // A chime that can't be played is told of when it is due.
  }
}

/** What an instructor does by one key or target. */
export const PLAIN_DEEDS = [
  'go',
  'hold',
  'back',
  'on',
  'extend',
  'again',
  'ease',
  'settle',
  'happened',
] as const satisfies readonly LeadAction['kind'][];
export type PlainDeed = (typeof PLAIN_DEEDS)[number];
type WithWords = 'lanes' | 'why' | 'noted';

function actionOf(kind: PlainDeed, wallTime: Date): LeadAction {
  return kind === 'happened' ? { kind, at: isoWithOffset(wallTime) } : { kind };
}

/** Writes the class into the record and closes it. One that never began leaves nothing behind. */
export function endLead(how: RunEnd): AppThunk {
  return (dispatch, getState, { clock }) => {
    dispatch(leadTallied(clock.now()));
    const current = getState().lead.current;
    if (!current) return;
    const { runId, lead } = current;
    if (lead.ledMs === 0 || lead.runThrough) {
      dispatch(leadEnded(null));
      return;
    }
    const endedAt = isoWithOffset(timeOf(current, clock.wallTime()));
    dispatch(recordLed(current, endedAt, how));
    dispatch(leadEnded(runId));
  };
}

/** A class that was broken off and is not to be recorded: as if it had never been led. */
export function throwLeadAway(): AppThunk {
  return (dispatch) => void dispatch(leadEnded(null));
}

/** Classes that were broken off before the last one: nobody comes back to them, so they are recorded. */
export function recordLeftOver(): AppThunk {
  return (dispatch, getState) => {
    const { others, elsewhere } = getState().lead;
    const left = Object.values(others).filter(({ runId }) => !elsewhere.includes(runId));
    for (const one of left) {
      const counts = one.lead.ledMs > 0 && !one.lead.runThrough;
      if (counts) dispatch(recordLed(one, endOf(one), 'broken-off'));
      dispatch(leadLost(one.runId));
    }
  };
}

/** The time of day in a class, whatever is done to the device's clock meanwhile. */
const timeOf = (current: LeadInProgress | null, clock: Date): Date =>
  current ? timeInClass(current.startedAt, current.lead.ledMs, clock) : clock;

/** When a class that was broken off must have ended, at the earliest. */
function endOf({ startedAt, lead }: Pick<KeptLead, 'startedAt' | 'lead'>) {
  return isoWithOffset(new Date(Date.parse(startedAt) + lead.ledMs));
}

/** Writes a class into the record, with the routine as it was led. */
function recordLed(one: KeptLead | LeadInProgress, endedAt: string, how: RunEnd): AppThunk {
  return (dispatch) => {
    const { runId: id, startedAt, lead, groupId } = one;
    const led = dispatch(keepLed(lead.routine, lead.part));
    const run = runOf(lead, { id, startedAt, endedAt, how, led }, scorePhrases);
    dispatch(runsBrought([groupId ? { ...run, groupId } : run]));
    dispatch(markLed({ id: lead.routine.id, at: startedAt }));
    dispatch(happenedTo(run.events ?? [], startedAt.slice(0, 10)));
    if (groupId) dispatch(seeToStandings([], [groupId]));
  };
}

/** As many as one class is kept with. */
const MOST_EVENTS = 100;

/** What somebody hears of after a class that is in the record: it is known as if it had been noted then. */
export function happenedAfter(
  run: Run,
  { note, people }: Pick<HappenedEvent, 'note' | 'people'>,
): AppThunk {
  return (dispatch, _, { clock }) => {
    const event: HappenedEvent = {
      at: isoWithOffset(clock.wallTime()),
      placeMs: run.realMs,
      ...(note && { note }),
      ...(people && people.length > 0 && { people }),
    };
    const events = [...(run.events ?? []), event].slice(-MOST_EVENTS);
    dispatch(runsBrought([{ ...run, events }]));
    // From today on they are asked, whatever was dealt with since that class.
    dispatch(happenedTo([event], event.at.slice(0, 10)));
    if (run.groupId) dispatch(seeToStandings(event.people ?? [], [run.groupId]));
  };
}

/** What happened to somebody in a class is known of them, to be asked about, until it is dealt with. */
function happenedTo(events: readonly HappenedEvent[], on: string): AppThunk {
  return (dispatch, getState) => {
    for (const id of new Set(events.flatMap(({ people = [] }) => people))) {
      const before = getState().people[id]?.events ?? [];
      // What was dealt with on that day says nothing of what came after it.
      const asked = before.some((one) => one.what === 'stop-sign' && one.on === on && !one.dealtOn);
      if (asked) continue;
      const happened = { what: 'stop-sign' as const, on };
      dispatch(personChanged(id, { events: [...before, happened].slice(-100) }));
    }
  };
}

/** The screen goes away: a class in the middle is held, one that never began is closed. */
export function leaveLead(): AppThunk {
  return (dispatch, getState, { clock }) => {
    const lead = getState().lead.current?.lead;
    // The run that ended here has been shown: the next class begins afresh.
    const leavesNothing = !lead || lead.runThrough || (lead.clockMs === null && lead.ledMs === 0);
    if (leavesNothing) dispatch(leadEnded(null));
    else dispatch(leadLeft(clock.now()));
  };
}

/** The monotonic clock that a class runs by, and the time of day. */
export function readClock(): AppThunk<{ nowMs: number; wallTime: Date }> {
  return (_, __, { clock }) => ({ nowMs: clock.now(), wallTime: clock.wallTime() });
}

/** How long the class that is led is now, in milliseconds; 0 where none is. */
export function lengthNow(): AppThunk<number> {
  return (_, getState) => {
    const lead = getState().lead.current?.lead;
    return lead ? ledOf(lead).score.totalMs : 0;
  };
}

/** Goes through the routine before the class: shortened, without talk, or from an item on. */
export function runThrough(how: RunThrough): AppThunk {
  return (dispatch, getState) => {
    const lead = getState().lead.current?.lead;
    if (!lead) return;
    dispatch(leadTried(runThroughOf(lead.routine, how)));
    dispatch(act('go'));
  };
}

/** Starts the class when so much time has passed, unless it is called off; a press has to ask for it. */
export function startIn(ms: number, signal: AbortSignal): AppThunk<Promise<void>> {
  return async (dispatch, _, { clock, sound }) => {
    woken(sound);
    await clock.waitUntil(clock.now() + ms, signal);
    if (!signal.aborted) dispatch(act('go'));
  };
}

/** A chime and a sentence, to hear whether they are heard; what the sound is then. */
export function trySound(words: string): AppThunk<Promise<SoundState>> {
  return async (_, getState, { clock, sound, speech }) => {
    const { voice, rate } = getState().device;
    sound.wake();
    await clock.waitUntil(clock.now() + SOUND_WAKES_MS, new AbortController().signal);
    sound.play('start', clock.now());
    speech.say(words, { voice, rate });
    return sound.state();
  };
}

/** A browser takes so long to let sound through. */
const SOUND_WAKES_MS = 250;

/** The voices of this device that speak the language of the cues. */
export function voices(): AppThunk<readonly Voice[]> {
  return (_, __, { speech }) => speech.voices();
}

export function canBuzz(): AppThunk<boolean> {
  return (_, __, { haptics }) => haptics.can();
}

export function soundState(): AppThunk<SoundState> {
  return (_, __, { sound }) => sound.state();
}

export function hasVoice(): AppThunk<boolean> {
  return (_, __, { speech }) => speech.hasVoice();
}
