import MiniSearch from 'minisearch';
import { type Catalogue, type Move, foldName } from '@/core/moves';
import { SPOKEN_NAMES } from '../plain-line/spoken-names';

/** Everything about a move that somebody may search by. */
interface Searched {
  readonly id: string;
  readonly name: string;
  readonly others: string;
  readonly spoken: string;
  readonly about: string;
}

const FIELDS = ['name', 'others', 'spoken', 'about'] as const;
const indexes = new WeakMap<Catalogue, MiniSearch<Searched>>();

function searchIndex(catalogue: Catalogue): MiniSearch<Searched> {
  const known = indexes.get(catalogue);
  if (known) return known;
  const made = new MiniSearch<Searched>({
    fields: [...FIELDS],
    tokenize: (text) =>
      foldName(text)
        .split(/[^\p{L}\p{N}]+/u)
        .filter(Boolean),
    processTerm: (term) => term,
  });
  made.addAll(
    catalogue.moves.map(({ id, name, otherNames, kind, family, regions, levels }) => ({
      id,
      name,
      others: otherNames.join(' '),
      spoken: (SPOKEN_NAMES.get(name) ?? []).join(' '),
      about: [
        kind,
        family,
        ...regions,
        ...levels.flatMap(({ name: own, from, props }) => [own, from, ...props]),
      ].join(' '),
    })),
  );
  indexes.set(catalogue, made);
  return made;
}

/**
 * Moves that hold every word searched for, in a name, a region, a kind, a position or a prop, the
 * nearest first. A beginning of a word will do, and a slip of a letter or two is forgiven.
 */
export function searchMoves(catalogue: Catalogue, words: string): readonly Move[] {
  const wanted = foldName(words);
  if (wanted === '') return catalogue.moves;
  const how = {
    combineWith: 'AND',
    prefix: true,
    boost: { name: 6, others: 4, spoken: 2 },
  } as const;
  const exact = searchIndex(catalogue).search(wanted, how);
  // Only where nothing is written so: hips are no tips, and a ball is no wall.
  const found =
    exact.length > 0
      ? exact
      : searchIndex(catalogue).search(wanted, {
          ...how,
          fuzzy: (term) => (term.length > 7 ? 2 : term.length > 3 ? 1 : 0),
        });
  const rank = ({ name, otherNames }: Move) => {
    const own = foldName(name);
    if (own === wanted) return 0;
    if (otherNames.some((other) => foldName(other) === wanted)) return 1;
    return own.startsWith(wanted) ? 2 : 3;
  };
  return found
    .flatMap(({ id }) => catalogue.byId.get(String(id)) ?? [])
    .sort((a, b) => rank(a) - rank(b));
}

/** Whether one of a move's names, or something it is called, has the beginning of every word. */
export function namesHold({ name, otherNames }: Move, words: string): boolean {
  const wanted = foldName(words).split(' ').filter(Boolean);
  return [name, ...otherNames, ...(SPOKEN_NAMES.get(name) ?? [])].some((one) => {
    const own = foldName(one).split(/[^\p{L}\p{N}]+/u);
    return wanted.every((word) => own.some((part) => part.startsWith(word)));
  });
}
