import type { Side } from '@/core/body';
import { parseDuration } from '@/core/common';
import { MOST_LINES, MOST_ROUNDS, type BlockWords } from '../entries';
import { splitAtCommas } from './text-lines';
import { localProblem, type LocalProblem } from './problem';

export type RepeatWords = Pick<BlockWords, 'rounds' | 'restMs'>;

export interface BlockReading {
  readonly words: BlockWords;
  readonly problems: readonly LocalProblem[];
}

const COULD = [
  '3 rounds',
  'each side',
  'in one go',
  'build up',
  'choose 2',
  'rest 20s',
  'left first',
  'right first',
];

/** Reads `(3 rounds, each side, rest 20s)`. Places count from the opening bracket. */
export function readBlockHead(text: string, raw: string): BlockReading {
  const problems: LocalProblem[] = [];
  const closed = text.endsWith(')');
  if (!closed) problems.push(localProblem('block-not-closed', text.length, raw, [')']));
  const inner = closed ? text.slice(1, -1) : text.slice(1);
  let words: BlockWords = {};
  for (const piece of splitAtCommas(inner, raw.slice(1, inner.length + 1))) {
    const at = piece.at + 1;
    const read = readWord(piece.text);
    if (!read) problems.push(localProblem('unknown-block-word', at, piece.raw, COULD));
    else if ('code' in read) problems.push({ ...read, at: at + read.at });
    else if (Object.keys(read).some((key) => key in words)) {
      problems.push(localProblem('clause-twice', at, piece.raw));
    } else words = { ...words, ...read };
  }
  if (words.firstSide && !words.perSide) {
    problems.push(localProblem('first-needs-each', 0, raw));
    const { firstSide: _, ...kept } = words;
    words = kept;
  }
  return { words, problems };
}

function readWord(text: string): BlockWords | LocalProblem | undefined {
  if (/^each side$/i.test(text)) return { perSide: true };
  if (/^build[ -]?up$/i.test(text)) return { buildUp: true };
  if (/^in one go$/i.test(text)) return { inOneGo: true };
  const choose = /^choose *(\d+)$/i.exec(text)?.[1];
  if (choose !== undefined) return readChoice(Number(choose), choose, text);
  const first = /^(left|right) first$/i.exec(text)?.[1];
  if (first) return { firstSide: first.toLowerCase() as Side };
  return readRepeats(text);
}

/** `2 rounds` and `rest 1:00`, at the head of a block or a section. */
export function readRepeats(text: string): RepeatWords | LocalProblem | undefined {
  const rounds = /^(\d+) *rounds?$/i.exec(text)?.[1];
  if (rounds !== undefined) return readRounds(Number(rounds), rounds);
  const rest = /^rest +(.+)$/i.exec(text)?.[1];
  if (rest === undefined) return undefined;
  const result = parseDuration(rest);
  const at = text.length - rest.length;
  if (!result.ok) return localProblem(result.problems[0], at, rest, ['rest 20s']);
  return result.value < 1000
    ? localProblem('too-few', at, rest, ['rest 5s'])
    : { restMs: result.value };
}

function readChoice(n: number, read: string, text: string): BlockWords | LocalProblem {
  const at = text.length - read.length;
  if (n < 1) return localProblem('too-few', at, read, ['choose 2']);
  return n > MOST_LINES
    ? localProblem('too-many', at, read, [`choose ${MOST_LINES}`])
    : { choose: n };
}

/** One round is no block by itself, so it says nothing. */
function readRounds(n: number, read: string): RepeatWords | LocalProblem {
  if (n < 1) return localProblem('too-few', 0, read, ['2 rounds']);
  if (n > MOST_ROUNDS) return localProblem('too-many', 0, read, [`${MOST_ROUNDS} rounds`]);
  return n === 1 ? {} : { rounds: n };
}

/** The head of a block as text keeps it. */
export function writeBlockHead(
  { rounds, perSide, firstSide, buildUp, inOneGo, choose, restMs }: BlockWords,
  rest: string,
): string {
  const words = [
    rounds && `${rounds} rounds`,
    perSide && 'each side',
    firstSide && `${firstSide} first`,
    buildUp && 'build up',
    inOneGo && 'in one go',
    choose !== undefined && `choose ${choose}`,
    restMs !== undefined && `rest ${rest}`,
  ];
  return `(${words.filter(Boolean).join(', ')})`;
}
