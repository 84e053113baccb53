import MiniSearch from 'minisearch';
import { type Catalogue, type Move, foldName } from '@/core/moves';

/** Everything about a move that somebody may search by. */
interface Searched {
  readonly id: string;
  readonly name: string;
  readonly others: string;
  readonly about: string;
}

const FIELDS = ['name', 'others', 'about'] as const;
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
      about: [
        kind,
        family,
        ...regions,
        ...levels.flatMap(({ from, props }) => [from, ...props]),
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
  const found = searchIndex(catalogue).search(wanted, {
    combineWith: 'AND',
    prefix: true,
    fuzzy: (term) => (term.length > 7 ? 2 : term.length > 3 ? 1 : 0),
    boost: { name: 6, others: 4 },
  });
  const rank = ({ name }: Move) => {
    const own = foldName(name);
    return own === wanted ? 0 : own.startsWith(wanted) ? 1 : 2;
  };
  return found
    .flatMap(({ id }) => catalogue.byId.get(String(id)) ?? [])
    .sort((a, b) => rank(a) - rank(b));
}
