import { z } from 'zod';

/**
 * Letters that nobody types and that come along with what is copied: letters of control, halves of
 * pairs, marks that turn the direction of all that follows, and what is no letter at all.
 */
const UNSEEN =
  /[\0-\x08\x0E-\x1F\x7F-\x84\x86-\x9F\u202A-\u202E\u2066-\u2069\uFEFF\uFFFE\uFFFF]|\p{Cs}/gu;
const BREAKS = /\r\n|[\r\v\f\x85\u2028\u2029]/gu;
/** What has nothing of all that, as nearly everything. */
const PLAIN = /^[\x20-\x7E]*$/u;

/**
 * A text while it is typed or as it comes from a file: every letter that can be seen stays where it is.
 * @example withoutUnseen('Low\u0002 tide\r\nat dusk') // 'Low tide\nat dusk'
 */
export function withoutUnseen(text: string): string {
  return PLAIN.test(text) ? text : text.replace(BREAKS, '\n').replace(UNSEEN, '');
}

/**
 * A line in which places are counted: what cannot be seen is a blank, and every letter keeps its column.
 * @example blanksForUnseen('Low\u0002tide') // 'Low tide'
 */
export function blanksForUnseen(line: string): string {
  return PLAIN.test(line) ? line : line.replace(/\p{Cc}/gu, ' ').replace(UNSEEN, ' ');
}

/** The first so many letters; no pair is cut in two. */
function cut(text: string, most: number): string {
  if (text.length <= most) return text;
  return text.slice(0, most).replace(/[\uD800-\uDBFF]$/u, '');
}

/**
 * A text of a person's own, of any number of lines, as it is kept: a note, what was said.
 * @param most so many letters at most; what is more is cut off
 */
export function cleanText(text: string, most = Infinity): string {
  return cut(withoutUnseen(text), most);
}

/**
 * A line of a person's own as it is kept: a title, a name. Breaks become blanks, and there are none
 * at its ends. What is clean already stays as it is.
 * @param most so many letters at most; what is more is cut off
 * @example cleanLine(' Low\u2028tide ', 7) // 'Low tid'
 */
export function cleanLine(text: string, most = Infinity): string {
  if (PLAIN.test(text) && text.length <= most) return text.trim();
  const line = cleanText(text).replace(/[\t\n]+/gu, ' ');
  return cut(line.trim(), most).trimEnd();
}

/** One line of a person's own words: what routine text can keep on one line. It is read as it is cleaned. */
export const oneLineSchema = (most: number) =>
  z
    .string()
    .overwrite((text) => cleanLine(text))
    .max(most);

/** A text of a person's own, with its breaks. It is read as it is cleaned. */
export const textSchema = (most: number) =>
  z
    .string()
    .overwrite((text) => cleanText(text))
    .max(most);
