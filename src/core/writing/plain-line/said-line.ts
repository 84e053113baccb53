import type { SectionName } from '@/core/routine';
import type { PlainSetting } from './plain-line';
import { sectionSaid } from './section-said';
import { readTypedLine, type TypedLine } from './typed-line';

const CLOCK = /^\s*[([]?\d{1,2}[:.]\d\d(?:\s*[-–]\s*\d{1,2}[:.]\d\d)?[)\]]?\s*[-–:|]?\s+(?=\S)/u;
const BULLET = /^\s*(?:[-*•·–>☐□✓]+|\(?(?:\d{1,2}|[a-z])[.)](?!\d))\s*/iu;

/** A line that somebody wrote, without what a list or a plan has in front of it. */
export interface BareLine {
  readonly said: string;
  /** The section that the line itself puts it into. */
  readonly section: SectionName | undefined;
}

const withoutBullet = (typed: string): string => typed.replace(BULLET, '').trim();
/** Whether a line begins with a time of the day or of the class. */
export const hasClock = (typed: string): boolean => CLOCK.test(withoutBullet(typed));

/**
 * Takes a line's bullet, number, time and section off. The same wherever it is typed, pasted or piped in.
 * @param isTimed whether a time in front says when the line is due, and not how long it takes
 */
export function bareLine(typed: string, isTimed = false): BareLine {
  const bare = withoutBullet(typed);
  const timeless = (isTimed ? bare.replace(CLOCK, '') : bare).trim();
  const headed = sectionSaid(timeless);
  return { said: headed ? headed.rest : timeless, section: headed?.section };
}

/** A bare line and what it means; nothing where nothing is left to read. Never throws. */
export function readSaidLine(
  typed: string,
  setting: PlainSetting,
  isTimed = false,
): BareLine & { readonly reading: TypedLine | undefined } {
  const bare = bareLine(typed, isTimed);
  return { ...bare, reading: bare.said === '' ? undefined : readTypedLine(bare.said, setting) };
}
