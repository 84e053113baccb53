import isEqual from 'fast-deep-equal';
import type { TakingPart } from '@/core/people';
import {
  SECTIONS,
  applyChange,
  entriesInOrder,
  flowsOn,
  type Entry,
  type Line,
  type Place,
  type Routine,
} from '@/core/routine';
import { timesOf } from './compile';
import type { ScorePhrases } from './score';
import { stintTimer, type RoomState } from './stint';

/** Tells how much longer a routine gets by one more entry, without timing all of it again. */
export interface AddTimer {
  /**
   * @param entry as it would stand in the routine
   * @param place where it would be put in
   * @returns milliseconds; below nought where the entry saves a way
   */
  readonly added: (entry: Entry, place: Place) => number;
}

/**
 * Times a routine once, entry by entry. An added entry is then timed from where the room stands at
 * its place, and what follows only until the room stands as it did without it.
 */
export function addTimer(routine: Routine, part: TakingPart, phrases: ScorePhrases): AddTimer {
  if (runsOn(routine)) return wholeTimer(routine, part, phrases);
  const timer = stintTimer(routine, part, phrases);
  const whole = remembered(() => wholeTimer(routine, part, phrases));
  const rows = SECTIONS.flatMap((section) =>
    routine.sections[section].map((entry) => ({ section, entry })),
  );
  const states: RoomState[] = [timer.start];
  const times = rows.map(({ section, entry }, i) => {
    const { ms, state } = timer.of(section, [entry])(states[i] ?? timer.start);
    states.push(state);
    return ms;
  });
  const homeMs = (state: RoomState) => timer.home(state).ms;
  const last = states.at(-1) ?? timer.start;

  return {
    added: (entry, place) => {
      if (flowsOn(entry)) return whole().added(entry, place);
      const { section, at, inBlock } = place;
      const own = routine.sections[section];
      const block = inBlock === undefined ? undefined : own.find(({ id }) => id === inBlock);
      const first = rows.findIndex(
        (row) => row.section === section && row.entry === (block ?? own[at]),
      );
      const before = SECTIONS.slice(0, SECTIONS.indexOf(section)).reduce(
        (sum, name) => sum + routine.sections[name].length,
        own.length,
      );
      // Behind the last entry of its section, where no row stands yet.
      let row = first < 0 ? before : first;
      let { ms, state } = timer.of(section, [
        block?.kind === 'block' ? withLine(block, entry, at) : entry,
      ])(states[row] ?? last);
      if (block) ms -= times[row++] ?? 0;
      for (; row < rows.length; row++) {
        if (isEqual(state, states[row])) return ms;
        const { section: where, entry: next } = rows[row] ?? { section, entry };
        const stint = timer.of(where, [next])(state);
        ms += stint.ms - (times[row] ?? 0);
        ({ state } = stint);
      }
      return isEqual(state, last) ? ms : ms + homeMs(state) - homeMs(last);
    },
  };
}

/** Where lines flow on, or a section has a head, an entry's time is not its own alone. */
function runsOn(routine: Routine): boolean {
  return routine.heads !== undefined || entriesInOrder(routine).some(({ entry }) => flowsOn(entry));
}

function wholeTimer(routine: Routine, part: TakingPart, phrases: ScorePhrases): AddTimer {
  const { totalMs } = timesOf(routine, part, phrases);
  return {
    added: (entry, place) => {
      const change = { what: 'add', steps: [{ kind: 'add' as const, place, entry }] };
      return timesOf(applyChange(routine, change), part, phrases).totalMs - totalMs;
    },
  };
}

/** Made when it is first asked for. */
function remembered<T extends object>(make: () => T): () => T {
  let made: T | undefined;
  return () => (made ??= make());
}

function withLine(block: Extract<Entry, { kind: 'block' }>, entry: Entry, at: number): Entry {
  const lines = [...block.lines];
  lines.splice(at, 0, entry as Line);
  return { ...block, lines };
}
