import type { RunEnd, SideTime } from '@/core/class';

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
  noticed: 'What the room noticed',
  again: 'Lead it again',
};

export const HOW: Readonly<Record<RunEnd, string>> = {
  completed: 'led to the end',
  'finished-early': 'finished early',
  'broken-off': 'broken off',
};

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
