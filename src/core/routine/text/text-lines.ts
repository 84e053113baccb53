import { blanksForUnseen } from '@/core/common';

/** A line of routine text cut into what it says and its note. Columns count from 1. */
export interface TextLine {
  readonly line: number;
  /** Without indentation and note, with dashes and times signs made plain. */
  readonly text: string;
  /** The same characters as they were typed. */
  readonly raw: string;
  /** The column of the first character of `text`. */
  readonly column: number;
  /** What stands behind `#`; undefined without one. */
  readonly note: string | undefined;
}

const BREAK = /\r\n|[\n\r\u0085\u2028\u2029\u000b\u000c]/u;
const NOTE = /(?:^|\s)#/gu;

export function splitLines(text: string): readonly TextLine[] {
  return text
    .replace(/^\uFEFF/u, '')
    .split(BREAK)
    .map((typed, i) => readLine(blanksForUnseen(typed), i + 1));
}

/** One line as it was typed and the note behind it; undefined where nothing stands before the note. */
export function notedLine(
  typed: string,
): { readonly said: string; readonly note: string } | undefined {
  const [line, ...more] = splitLines(typed);
  if (!line?.note || line.raw === '' || more.length > 0) return undefined;
  return { said: line.raw, note: line.note };
}

function readLine(typed: string, line: number): TextLine {
  const noteAt = findNote(typed);
  const said = noteAt === undefined ? typed : typed.slice(0, noteAt);
  const raw = said.trim();
  const before = said.length - said.trimStart().length;
  return {
    line,
    text: plain(raw),
    raw,
    column: before + 1,
    note: noteAt === undefined ? undefined : typed.slice(noteAt + 1).trim(),
  };
}

function findNote(typed: string): number | undefined {
  const quoted = quotedSpans(typed);
  for (const match of typed.matchAll(NOTE)) {
    const at = match.index + match[0].length - 1;
    if (!quoted.some(([from, to]) => at > from && at < to)) return at;
  }
  return undefined;
}

/** One character for one character, so that columns stay true. */
function plain(text: string): string {
  return text
    .replace(/[‐-―−]/gu, '-')
    .replace(/×/gu, 'x')
    .replace(/[“”„]/gu, '"')
    .replace(/\s/gu, ' ');
}

const OPEN_QUOTE = /["“”„]/u;

/** Where quoted words stand, from quote to quote; a quote left open runs to the end. */
export function quotedSpans(text: string): readonly (readonly [from: number, to: number])[] {
  const spans: [number, number][] = [];
  let from: number | undefined;
  for (let i = 0; i < text.length; i++) {
    const char = text.charAt(i);
    if (from !== undefined && char === '\\') i++;
    else if (OPEN_QUOTE.test(char)) {
      if (from === undefined) from = i;
      else {
        spans.push([from, i]);
        from = undefined;
      }
    }
  }
  if (from !== undefined) spans.push([from, text.length]);
  return spans;
}

export interface Piece {
  readonly text: string;
  readonly raw: string;
  /** Where it starts in what it was cut from. */
  readonly at: number;
}

/** Cuts at commas outside of quotes; empty pieces are dropped. */
export function splitAtCommas(text: string, raw: string): readonly Piece[] {
  const quoted = quotedSpans(text);
  const pieces: Piece[] = [];
  let from = 0;
  const cut = (to: number) => {
    const piece = text.slice(from, to);
    const lead = piece.length - piece.trimStart().length;
    if (piece.trim() !== '') {
      const at = from + lead;
      pieces.push({ text: piece.trim(), raw: raw.slice(at, at + piece.trim().length), at });
    }
    from = to + 1;
  };
  for (let i = 0; i < text.length; i++) {
    if (text.charAt(i) === ',' && !quoted.some(([a, b]) => i > a && i < b)) cut(i);
  }
  cut(text.length);
  return pieces;
}

/** The words in quotes, without them. Undefined where the text is not one quoted run. */
export function unquote(raw: string): string | undefined {
  const spans = quotedSpans(raw);
  const [span] = spans;
  if (spans.length !== 1 || !span || span[0] !== 0 || span[1] !== raw.length - 1) return undefined;
  return raw.slice(1, -1).replace(/\\(.)/gu, '$1').trim();
}

export function quote(text: string): string {
  return `"${text.replace(/["“”„\\]/gu, '\\$&')}"`;
}
