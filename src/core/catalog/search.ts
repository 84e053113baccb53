import { distance } from 'fastest-levenshtein';
import type { MoveId } from '../ids';
import { MOVES } from './data';
import type { Move } from './move';
import { foldName } from './names';

const BY_ID: ReadonlyMap<string, Move> = new Map(MOVES.map((move) => [move.id, move]));

interface Named {
  readonly name: string;
  readonly move: Move;
}

const NAMED: readonly Named[] = MOVES.flatMap((move) =>
  [move.name, ...move.otherNames].map((name) => ({ name: foldName(name), move })),
);
const LONGEST_FIRST = [...NAMED].sort((a, b) => b.name.length - a.name.length);

export function moveById(id: MoveId): Move {
  const found = BY_ID.get(id);
  if (!found) throw new Error(`unknown move ${id}`);
  return found;
}

export function hasMove(id: string): id is MoveId {
  return BY_ID.has(id);
}

/**
 * The move that a typed name means: an exact name or other name, else any part of a name that only
 * one move has.
 */
export function moveNamed(name: string): Move | undefined {
  const folded = foldName(name);
  if (folded === '') return undefined;
  const exact = NAMED.find((named) => named.name === folded);
  if (exact) return exact.move;
  const having = new Set(NAMED.filter((named) => named.name.includes(folded)).map((n) => n.move));
  const [only] = having;
  return having.size === 1 ? only : undefined;
}

/** The longest whole name that a line starts with, and how many characters it takes. */
export function nameAtStart(line: string): { move: Move; length: number } | undefined {
  for (const { name, move } of LONGEST_FIRST) {
    const pattern = name.split(' ').map(escaped).join('\\s+');
    const match = new RegExp(`^\\s*${pattern}(?![\\p{L}\\p{N}])`, 'iu').exec(line);
    if (match) return { move, length: match[0].length };
  }
  return undefined;
}

function escaped(text: string): string {
  return text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
}

/** The names nearest to what was typed, one a move, for a problem to offer. */
export function nearestNames(name: string, count = 3): readonly string[] {
  const folded = foldName(name).slice(0, 60);
  const scored = MOVES.map((move) => {
    const names = [move.name, ...move.otherNames].map(foldName);
    const apart = Math.min(
      ...names.map((n) => (n.includes(folded) && folded !== '' ? 0 : distance(folded, n))),
    );
    return { name: move.name, apart };
  });
  return scored
    .sort((a, b) => a.apart - b.apart)
    .slice(0, count)
    .map((entry) => entry.name);
}

/** Moves that hold every word searched for, in a name, a region, a kind or a family. */
export function searchMoves(words: string): readonly Move[] {
  const wanted = foldName(words).split(' ').filter(Boolean);
  const matches = MOVES.filter((move) => {
    const text = [
      move.name,
      ...move.otherNames,
      move.kind,
      move.family,
      ...move.regions,
      ...move.levels.flatMap((level) => [level.from, ...level.props]),
    ]
      .map(foldName)
      .join(' ');
    return wanted.every((word) => text.includes(word));
  });
  const startsWith = (move: Move) => (foldName(move.name).startsWith(foldName(words)) ? 0 : 1);
  return [...matches].sort((a, b) => startsWith(a) - startsWith(b));
}
