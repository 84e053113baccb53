import { onSide, type PositionId } from '@/core/body';
import { itemInForce, type Line, type SectionName } from '@/core/routine';
import type { PlainSetting } from '../plain-line/plain-line';
import { hasClock, readSaidLine } from '../plain-line/said-line';
import { sectionHeaded } from '../plain-line/section-said';
import type { TypedLine } from '../plain-line/typed-line';

/** A line of a plan, and what it becomes. */
export interface PageLine {
  /** Counted from 1. */
  readonly line: number;
  /** As it stands there, without its bullet and its place in time. */
  readonly typed: string;
  readonly section: SectionName;
  readonly reading: TypedLine;
}

export interface PlainPage {
  /** Its first line, where that is neither a move nor a heading. */
  readonly title: string | undefined;
  readonly lines: readonly PageLine[];
}

const MOST_LINES = 400;

/**
 * Reads a plan as it stands on paper: headings, bullets, numbers, times in front, minutes at the end.
 * Each line is read by itself, where the lines before it have left people.
 *
 * @param setting of the routine that it goes into
 */
export function readPlainPage(text: string, setting: PlainSetting): PlainPage {
  const raw = text
    .split(/\r\n|\r|\n/u)
    .slice(0, MOST_LINES)
    .map((typed, i) => ({ typed, line: i + 1 }))
    .filter(({ typed }) => /[\p{L}\p{N}]/u.test(typed));
  // A time in front says when a line is due, if more than one has it; else it may be how long.
  const isTimed = raw.filter(({ typed }) => hasClock(typed)).length > 1;
  let title: string | undefined;
  let section: SectionName = 'main';
  let at: PositionId | undefined = setting.at;
  const lines: PageLine[] = [];
  for (const { typed, line } of raw) {
    const { said, section: own, reading } = readSaidLine(typed, { ...setting, at }, isTimed);
    // What is a line of its own is no heading: two minutes to relax are led.
    const headed = reading ? !(reading.line && /\d/u.test(said)) && sectionHeaded(said) : own;
    if (headed) section = headed;
    if (headed || !reading) continue;
    section = own ?? section;
    if (lines.length === 0 && title === undefined && !reading.line && isTitle(said)) {
      title = said.replace(/^#+\s*/u, '').replace(/^title:\s*/iu, '');
      continue;
    }
    if (reading.line) at = placeAfter(reading.line, setting) ?? at;
    lines.push({ line, typed: said, section, reading });
  }
  return { title, lines };
}

/** Words without an amount of anything but minutes. */
function isTitle(said: string): boolean {
  return said.length <= 80 && !/\b\d+\s*(?:x|reps?|s|secs?|seconds?|breaths?)\b/iu.test(said);
}

/** Where a line leaves people, as it is usually done. */
export function placeAfter(line: Line, setting: PlainSetting): PositionId | undefined {
  if (line.kind !== 'item') return undefined;
  return onSide(itemInForce(line, setting).level.to, 'left');
}
