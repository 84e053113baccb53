import { distance } from 'fastest-levenshtein';
import MiniSearch from 'minisearch';
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

const FAMILIES = new Map<string, Move[]>();
for (const move of MOVES) FAMILIES.set(move.family, [...(FAMILIES.get(move.family) ?? []), move]);

/** The moves that do the same job, in the order of the catalogue. */
export function familyOf({ family }: Move): readonly Move[] {
  return FAMILIES.get(family) ?? [];
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

/** Everything about a move that somebody may search by. */
interface Searched {
  readonly id: string;
  readonly name: string;
  readonly others: string;
  readonly about: string;
}

const FIELDS = ['name', 'others', 'about'] as const;
let index: MiniSearch<Searched> | undefined;

function searchIndex(): MiniSearch<Searched> {
  if (index) return index;
  const made = new MiniSearch<Searched>({
    fields: [...FIELDS],
    tokenize: (text) =>
      foldName(text)
        .split(/[^\p{L}\p{N}]+/u)
        .filter(Boolean),
    processTerm: (term) => term,
  });
  made.addAll(
    MOVES.map(({ id, name, otherNames, kind, family, regions, levels }) => ({
      id,
      name,
      others: otherNames.join(' '),
      about: [
        kind,
        family,
        ...regions,
        ...levels.flatMap(({ from, props }) => [from, ...props]),
      ].join(' '),
    })),
  );
  return (index = made);
}

/**
 * Moves that hold every word searched for, in a name, a region, a kind, a position or a prop, the
 * nearest first. A beginning of a word will do, and a slip of a letter or two is forgiven.
 */
export function searchMoves(words: string): readonly Move[] {
  const wanted = foldName(words);
  if (wanted === '') return MOVES;
  const found = searchIndex().search(wanted, {
    combineWith: 'AND',
    prefix: true,
    fuzzy: (term) => (term.length > 7 ? 2 : term.length > 3 ? 1 : 0),
    boost: { name: 6, others: 4 },
  });
  const rank = ({ name }: Move) => {
    const own = foldName(name);
    return own === wanted ? 0 : own.startsWith(wanted) ? 1 : 2;
  };
  return found.flatMap(({ id }) => BY_ID.get(String(id)) ?? []).sort((a, b) => rank(a) - rank(b));
}
