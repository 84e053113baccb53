import { csvOf } from './csv';
import type { Score } from '@/core/timing';

/** The columns of a score as a table, one row a segment; the header row is the caller's words. */
export const SCORE_COLUMNS = [
  'startSeconds',
  'endSeconds',
  'kind',
  'move',
  'side',
  'set',
  'round',
  'cue',
] as const;
export type ScoreColumn = (typeof SCORE_COLUMNS)[number];

/** A score as a table that a spreadsheet opens; a text that would start a formula is disarmed. */
export function scoreCsv(score: Score, headings: Readonly<Record<ScoreColumn, string>>): string {
  const rows = score.segments.map(({ startMs, endMs, kind, moveName, side, set, round, cues }) => [
    startMs / 1000,
    endMs / 1000,
    kind,
    moveName ?? '',
    side ?? '',
    set ?? '',
    round,
    cues.map(({ text }) => text).join(' '),
  ]);
  const header = SCORE_COLUMNS.map((column) => headings[column]);
  return csvOf([header, ...rows]);
}
