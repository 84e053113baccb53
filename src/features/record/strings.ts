import type { RunEnd, SideTime, SkipWhy, Went } from '@/core/class';

const times = (n: number) => (n === 1 ? 'once' : n === 2 ? 'twice' : `${n} times`);

export const RECORD = {
  title: 'Record',
  empty: 'No class is recorded yet.',
  emptyHint: 'Lead a routine, and its run stands here afterwards.',
  export: 'Save as a table',
  fileName: 'record',
  of: (real: string, planned: string) => `${real} of ${planned}`,
  passedStops: (count: number) =>
    count === 1 ? 'Led past a stop of the checks.' : `Led past ${count} stops of the checks.`,
  rested: 'rested',
  sideHeading: 'Item and side',
  plannedHeading: 'Planned',
  realHeading: 'Led',
  openRoutine: 'Open the routine',
  onTheWay: 'On the way:',
  changed: {
    extend: (n: number) => `10 s more ${times(n)}`,
    again: (n: number) => `the other side again ${times(n)}`,
    ease: (n: number) => `eased ${times(n)}`,
    lanes: (n: number) => `ways of taking part changed ${times(n)}`,
    settle: () => 'settled early',
  },
  leftEarly: 'left early',
  happened: 'something happened',
  went: 'How it went',
  note: 'A note on this class',
  noticed: 'What the room noticed',
  again: 'Lead it again',
};

export const HOW: Readonly<Record<RunEnd, string>> = {
  completed: 'led to the end',
  'finished-early': 'finished early',
  'broken-off': 'broken off',
};

export const WENT_WORDS: Readonly<Record<Went, string>> = {
  easy: 'Too easy',
  well: 'Well',
  hard: 'Too hard',
};

export const WHY_WORDS: Readonly<Record<SkipWhy, string>> = {
  'too-hard': 'too hard',
  'no-time': 'no time',
  'no-room': 'no room',
  'not-today': 'not today',
  other: 'another reason',
};

/** "10:42" where the class was led. */
export function timeOfDay(iso: string): string {
  return new Date(iso).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit' });
}

export const SIDE_NAMES: Readonly<Record<SideTime['side'], string>> = {
  left: 'left',
  right: 'right',
  both: 'both sides',
  alternating: 'by turns',
};

/** "Thu 12 Nov, 10:00" in the person's own way of writing dates. */
export function dateWords(iso: string): string {
  return new Date(iso).toLocaleString([], {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
    year: 'numeric',
    hour: '2-digit',
    minute: '2-digit',
  });
}
