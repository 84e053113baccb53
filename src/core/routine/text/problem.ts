import type { ItemFault } from '../item';

export const READING_PROBLEMS = [
  'unknown-move',
  'unknown-clause',
  'unknown-section',
  'clause-twice',
  'header-twice',
  'header-late',
  'unknown-lane',
  'unknown-school',
  'unknown-limit',
  'unknown-room-thing',
  'unknown-goal',
  'unknown-block-word',
  'block-not-closed',
  'block-empty',
  'block-in-block',
  'end-without-block',
  'first-needs-each',
  'choose-needs-more',
  'rest-needs-rounds',
  'throughout-late',
  'throughout-what',
  'option-without-item',
  'too-many-options',
  'not-a-notice',
  'bare-number',
  'not-a-duration',
  'too-long',
  'too-many',
  'too-few',
  'span-backwards',
  'bad-quote',
  'text-too-long',
  'unknown-group',
  'unknown-position',
  'unknown-pace-number',
  'bad-breath',
  'unknown-load',
  'empty-header',
  'too-many-entries',
  'too-many-notes',
  'too-many-accepts',
  'too-much-work',
  'too-big',
  'not-whole',
] as const;
export type ReadingProblemCode = (typeof READING_PROBLEMS)[number] | ItemFault;

/** Something in a text that could not be kept, with its place; the rest is still read. */
export interface TextProblem {
  readonly code: ReadingProblemCode;
  /** Counted from 1. */
  readonly line: number;
  readonly column: number;
  /** What stands there. */
  readonly read: string;
  /** What could stand there instead. */
  readonly could: readonly string[];
}

/** A problem whose place in the line is still counted from the piece it was found in. */
export interface LocalProblem {
  readonly code: ReadingProblemCode;
  readonly at: number;
  readonly read: string;
  readonly could: readonly string[];
}

export function localProblem(
  code: ReadingProblemCode,
  at: number,
  read: string,
  could: readonly string[] = [],
): LocalProblem {
  return { code, at, read, could };
}
