import { distance } from 'fastest-levenshtein';
import type { Catalogue } from './catalogue';
import { foldName } from './names';
import type { Move } from './shape';

interface Named {
  readonly name: string;
  readonly move: Move;
}

interface Names {
  readonly all: readonly Named[];
  readonly longestFirst: readonly Named[];
}

const known = new WeakMap<Catalogue, Names>();

function namesOf(catalogue: Catalogue): Names {
  const made = known.get(catalogue);
  if (made) return made;
  const all = catalogue.moves.flatMap((move) =>
    [move.name, ...move.otherNames].map((name) => ({ name: foldName(name), move })),
  );
  const longestFirst = all.toSorted((a, b) => b.name.length - a.name.length);
  const names = { all, longestFirst };
  known.set(catalogue, names);
  return names;
}

/**
 * The move that a typed name means: an exact name or other name, else any part of a name that only
 * one move has.
 * @example moveNamed(SHIPPED, 'bridge').name // 'Bridge'
 */
export function moveNamed(catalogue: Catalogue, name: string): Move | undefined {
  const folded = foldName(name);
  if (folded === '') return undefined;
  const { all } = namesOf(catalogue);
  const exact = all.find((named) => named.name === folded);
  if (exact) return exact.move;
  const having = all.filter((named) => named.name.includes(folded));
  // A part of what a move is called first goes before a part of its other names.
  const first = having.filter(({ name: own, move }) => own === foldName(move.name));
  for (const found of [first, having]) {
    const moves = new Set(found.map(({ move }) => move));
    const [only] = moves;
    if (moves.size === 1) return only;
  }
  return undefined;
}

/**
 * The longest whole name that a line starts with, and how many characters it takes.
 * @example nameAtStart(SHIPPED, 'sit to stand 8 reps').length // 12
 */
export function nameAtStart(
  catalogue: Catalogue,
  line: string,
): { move: Move; length: number } | undefined {
  const flat = line.trimStart().replace(/\s+/gu, ' ').toLowerCase();
  for (const { name, move } of namesOf(catalogue).longestFirst) {
    if (!flat.startsWith(name)) continue;
    const pattern = name.split(' ').map(escaped).join('\\s+');
    const match = new RegExp(`^\\s*${pattern}(?![\\p{L}\\p{N}])`, 'iu').exec(line);
    if (match) return { move, length: match[0].length };
  }
  return undefined;
}

function escaped(text: string): string {
  return text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
}

/**
 * The names nearest to what was typed, one a move, for a problem to offer.
 * @example nearestNames(SHIPPED, 'brige', 1) // ['Bridge']
 */
export function nearestNames(catalogue: Catalogue, name: string, count = 3): readonly string[] {
  const folded = foldName(name).slice(0, 60);
  const scored = catalogue.moves.map((move) => {
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
