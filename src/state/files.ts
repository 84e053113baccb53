import { runsCsv, tableCsv, type Run } from '@/core/class';
import type { RoutineId } from '@/core/common';
import { writeRoutineFile, writeRoutineText } from '@/core/routine';
import { writeMovesFile } from '@/core/writing';
import { fileName, saveFile } from '@/platform/files';
import { RUN_HEADINGS } from '@/words/record';
import { selectOwnMoves } from './moves';
import type { AppThunk } from './slices';

/** Hands a routine to the person as a file that can be brought in again. */
export function saveRoutineFile(id: RoutineId): AppThunk {
  return (_, getState) => {
    const routine = getState().routines[id]?.routine;
    if (!routine) return;
    saveFile(fileName(routine.title, 'json'), writeRoutineFile(routine), 'application/json');
  };
}

/** The same as text. */
export function saveRoutineText(id: RoutineId): AppThunk {
  return (_, getState) => {
    const routine = getState().routines[id]?.routine;
    if (routine) saveFile(fileName(routine.title, 'txt'), writeRoutineText(routine), 'text/plain');
  };
}

/** All own moves as one file, to keep or to bring in elsewhere. */
export function saveOwnMoves(): AppThunk {
  return (_, getState) => {
    const text = writeMovesFile(selectOwnMoves(getState()));
    saveFile(fileName('own-moves', 'json'), text, 'application/json');
  };
}

/** Runs as a table. */
export function saveRuns(name: string, runs: readonly Run[]): AppThunk {
  return () => saveFile(fileName(name, 'csv'), runsCsv(runs, RUN_HEADINGS), 'text/csv');
}

/** All runs as one table; they have to be read. */
export function saveAllRuns(name: string): AppThunk {
  return (dispatch, getState) => dispatch(saveRuns(name, Object.values(getState().runs)));
}

/** Some text that is no routine, such as a damaged one. */
export function saveText(name: string, text: string): AppThunk {
  return () => saveFile(fileName(name, 'txt'), text, 'text/plain');
}

/** A table of words and numbers; a text that would start a formula is disarmed. */
export function saveTable(name: string, rows: readonly (readonly string[])[]): AppThunk {
  return () => saveFile(fileName(name, 'csv'), tableCsv(rows), 'text/csv');
}
