import { type ItemId, parseDuration } from '@/core/common';
import {
  moveNamed,
  nameAtStart,
  nearestNames,
  ownDose,
  type Catalogue,
  type Move,
} from '@/core/moves';
import { catalogueFor, type Setting } from '../item';
import type { NoticeLine, RestLine } from '../entries';
import { noticeFrom, noticeIn } from './notice-line';
import { readClause } from './clauses';
import { itemFromPieces, type ItemReading } from './item-line';
import { splitAtCommas, splitLines, type Piece } from './text-lines';
import { localProblem } from './problem';

export type AddingReading =
  ItemReading | { readonly line: RestLine | NoticeLine; readonly problems: readonly [] };

/**
 * The lenient reading of the line for adding: no colon or commas are needed, a bare `30s` is the
 * move's own kind, `each` is `each side`. What is kept is the strict form.
 */
export function readAddingLine(typed: string, id: ItemId, setting: Setting): AddingReading {
  const line = splitLines(typed)[0];
  const text = line?.text ?? '';
  const raw = line?.raw ?? '';
  const rest = /^rest\s+(.+)$/i.exec(text)?.[1];
  const restMs = rest === undefined ? undefined : parseDuration(rest);
  if (restMs?.ok && restMs.value > 0) {
    return { line: { kind: 'rest', id, restMs: restMs.value }, problems: [] };
  }
  const notice = noticeIn(text);
  if (line && notice) {
    const read = noticeFrom(notice.time, raw.slice(raw.length - notice.words.length), line);
    if ('code' in read) return { item: undefined, problems: [read] };
    return { line: { kind: 'notice', id, ...read }, problems: [] };
  }
  const catalogue = catalogueFor(setting);
  const named = nameIn(catalogue, text);
  if (!named) {
    const name = raw.split(/[:,\d]/)[0]?.trim() ?? raw;
    return {
      item: undefined,
      problems: [localProblem('unknown-move', 0, name, nearestNames(catalogue, name))],
    };
  }
  const { move, length } = named;
  const gap = /^\s*:?/.exec(text.slice(length))?.[0].length ?? 0;
  const from = length + gap;
  const pieces = splitAtCommas(text.slice(from), raw.slice(from)).flatMap((piece) =>
    loosePieces({ ...piece, at: piece.at + from }, move, setting),
  );
  return itemFromPieces(move, pieces, id, setting);
}

/** Whether a line is in the strict form: a name, a colon, and nothing behind it but clauses. */
export function isStrictLine(typed: string, setting: Setting): boolean {
  const { text = '', raw = '' } = splitLines(typed)[0] ?? {};
  const colon = text.indexOf(':');
  if (colon < 1 || !moveNamed(catalogueFor(setting), text.slice(0, colon))) return false;
  const pieces = splitAtCommas(text.slice(colon + 1), raw.slice(colon + 1));
  return pieces.every((piece) => readClause(piece, setting.lanes) !== undefined);
}

/** The longest whole name that the line starts with, else the most words that mean one move. */
function nameIn(catalogue: Catalogue, text: string): { move: Move; length: number } | undefined {
  const colon = text.indexOf(':');
  const beforeColon = colon > 0 ? moveNamed(catalogue, text.slice(0, colon)) : undefined;
  if (beforeColon) return { move: beforeColon, length: colon };
  const whole = nameAtStart(catalogue, text);
  if (whole) return whole;
  for (const end of wordEnds(text).reverse()) {
    const move = moveNamed(catalogue, text.slice(0, end));
    if (move && end > 2) return { move, length: end };
  }
  return undefined;
}

function wordEnds(text: string): number[] {
  return [...text.matchAll(/[^\s,]+/gu)].map((match) => match.index + match[0].length).slice(0, 8);
}

/** Cuts a piece into the longest runs of words that are clauses. */
function loosePieces(piece: Piece, move: Move, setting: Setting): readonly Piece[] {
  if (readClause(piece, setting.lanes)) return [piece];
  const ends = wordEnds(piece.text);
  const starts = [
    0,
    ...ends.map((end) => end + (/^\s*/.exec(piece.text.slice(end))?.[0].length ?? 0)),
  ];
  const pieces: Piece[] = [];
  let word = 0;
  while (word < ends.length) {
    const from = starts[word] ?? 0;
    let taken: { piece: Piece; words: number } | undefined;
    for (let end = ends.length; end > word && !taken; end--) {
      const to = ends[end - 1] ?? piece.text.length;
      const run = {
        text: piece.text.slice(from, to),
        raw: piece.raw.slice(from, to),
        at: piece.at + from,
      };
      const read = readable(run, move, setting);
      if (read) taken = { piece: read, words: end - word };
    }
    if (!taken) {
      const rest = {
        text: piece.text.slice(from),
        raw: piece.raw.slice(from),
        at: piece.at + from,
      };
      return [...pieces, rest];
    }
    pieces.push(taken.piece);
    word += taken.words;
  }
  return pieces;
}

function readable(piece: Piece, move: Move, setting: Setting): Piece | undefined {
  const strict = strictForm(piece.text, move, setting);
  const as = strict ? { ...piece, text: strict, raw: strict } : piece;
  const reading = readClause(as, setting.lanes);
  return reading && 'key' in reading ? as : undefined;
}

/** What a shorthand stands for. */
function strictForm(text: string, move: Move, setting: Setting): string | undefined {
  if (/^each$/i.test(text)) return 'each side';
  const match = /^(\S+?)(\s*x\s*\d+)?$/i.exec(text);
  const amount = match?.[1] ?? '';
  const sets = match?.[2] ?? '';
  const { kind } = ownDose(move, setting.group);
  if (/^\d+$/.test(amount) && (kind === 'reps' || kind === 'breaths')) {
    const times = /\d+/.exec(sets)?.[0];
    // Nobody does two reps in eight sets: of two bare numbers the smaller is the sets.
    return times !== undefined && Number(times) > Number(amount)
      ? `${times} ${kind} x${amount}`
      : `${amount} ${kind}${sets}`;
  }
  if (!parseDuration(amount).ok) return undefined;
  return kind === 'hold' ? `hold ${amount}${sets}` : `for ${amount}${sets}`;
}
