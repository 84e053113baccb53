import { distance } from 'fastest-levenshtein';
import { position, onSide } from '@/core/body';
import { remember, rememberText } from '@/core/common';
import { foldName, usualLevel, type Catalogue, type Level, type Move } from '@/core/moves';
import { NEAR_NAMES, NEAR_SAID } from './near-names';
import { SPOKEN_NAMES } from './spoken-names';

/** Words that name nothing. */
const FILLERS = new Set(
  'a an the of your for with on in at to and from by it its gently slowly slow gentle easy nice please some do using use while keep now again next little bit light then tempo good is are be let lets try start finish go if you can them that this time repeat too against along w yr ur n u x practice times final loose loosely softly timed arom aarom prom bodyweight std'.split(
    ' ',
  ),
);

/** A word without its ending, so that raises raise and marching marches. */
function stemOf(word: string): string {
  const plain = word
    .replace(/'s$/u, '')
    .replace(/(ch|sh|ss|x)es$/u, '$1')
    .replace(/([^s])s$/u, '$1');
  const without = plain.replace(/^(.{3,}?)(?:ing|ed)$/u, '$1');
  // The last letter is often written once or twice: roll, rolling, tap, tapping.
  return without.replace(/^(.{3,})e$/u, '$1').replace(/([b-df-hj-np-tv-z])\1$/u, '$1');
}

/** What people call things besides, word by word. */
const SAME: ReadonlyMap<string, string> = new Map([
  ['sit', 'seat'],
  ['chair', 'seat'],
  ['hams', 'hamstr'],
  ['hammie', 'hamstr'],
  ['glut', 'buttock'],
  ['bum', 'buttock'],
  ['tummy', 'belly'],
  ['rotat', 'turn'],
  ['supin', 'ly'],
  ['lay', 'ly'],
  ['lie', 'ly'],
  ['lying', 'ly'],
  ['biceps', 'bicep'],
  ['balanc', 'stanc'],
  ['theraband', 'band'],
  ['quadrup', 'four'],
  ['nek', 'neck'],
  ['ballanc', 'stanc'],
]);

/** Few words make many names. */
const rootOf = rememberText((word) => {
  const stem = stemOf(word);
  return SAME.get(stem) ?? stem;
});

/** Each word that may name something, with its root. */
export function wordsOf(text: string): readonly { readonly word: string; readonly root: string }[] {
  return foldName(text)
    .replace(/'s\b/gu, '')
    .split(/[^\p{L}\p{N}]+/u)
    .filter((word) => word && !FILLERS.has(word))
    .map((word) => ({ word, root: rootOf(word) }));
}

export const rootsOf = (text: string): readonly string[] => wordsOf(text).map(({ root }) => root);

/** Parts of a body, and kinds of work: alone they name a hundred moves. */
const GENERAL = new Set(
  rootsOf(
    'leg arm neck shoulder hip knee back ankle foot hand wrist stretch turn balance stance lift raise hold walk tap upper lower body full',
  ),
);
/** Whether words say no more than what part of a body, or what kind of work. */
export const areGeneral = (words: string): boolean =>
  rootsOf(words).every((root) => GENERAL.has(root));

/** Where a word puts people; it may be a part of a name as well. */
const PLACES: readonly (readonly [RegExp, (level: Level) => boolean])[] = [
  [
    /\b(?:seated|sitting)\b|\b(?:in|on) (?:the |a |your )?chair\b|^chair\b/u,
    (one) => wayOf(one) === 'seated',
  ],
  [/\b(?:standing|stood)\b/u, (one) => wayOf(one) === 'standing'],
  [
    /\b(?:lying|laying|supine|floor|mat|bed)\b|\bon (?:your |the )?back\b/u,
    (one) => ['lying', 'sitting-floor', 'kneeling'].includes(wayOf(one)),
  ],
  [/\b(?:kneeling|all fours|hands and knees|quadruped)\b/u, (one) => wayOf(one) === 'kneeling'],
  [/\bwall\b/u, (one) => one.from === 'stand-wall'],
  [/(?<!\bto )\bside[- ]lying\b/u, (one) => one.from === 'side-lying'],
  [/\bprone\b/u, (one) => one.from === 'lying-front'],
];
const PLACE_ROOTS = new Set(
  rootsOf('seated sitting chair standing lying floor mat bed kneeling wall'),
);
const LOW: ReadonlySet<string> = new Set(['lying', 'sitting-floor', 'kneeling']);
const wayOf = ({ from }: Level) => position(onSide(from, 'left')).way;

/** How much two words are the same: 1 for the same, 0 for no likeness. */
function likeness(typed: string, named: string, isWord: boolean): number {
  if (typed === named) return 1;
  // A walk is no beginning of a walker.
  if (typed.length >= 4 && !isWord && named.startsWith(typed)) return 0.9;
  // A headstand is no head with an ending.
  const ending = typed.length - named.length;
  if (named.length >= 4 && ending <= 3 && typed.startsWith(named)) return 0.85;
  // A word that names something else is no slip of the pen.
  if (isWord || Math.min(typed.length, named.length) < 4) return 0;
  // Of four letters one that is another makes another word.
  if (typed.length === 4 && named.length === 4 && !isTurned(typed, named)) return 0;
  const off = distance(typed, named);
  const most = Math.max(typed.length, named.length) > 6 ? 2 : 1;
  return off <= most ? 0.8 : 0;
}

/** The same letters, two of them the other way round. */
const isTurned = (a: string, b: string) => [...a].sort().join('') === [...b].sort().join('');

interface Named {
  readonly move: Move;
  /** As it is written, without its case. */
  readonly text: string;
  readonly roots: readonly string[];
  /** They, in their order. */
  readonly order: string;
  /** What speaks for a name before one that is only said of a move. */
  readonly more: number;
  /** How the move is another one than the name says. */
  readonly differs?: string;
}
interface Known {
  readonly names: readonly Named[];
  /** The names that have a root. */
  readonly having: ReadonlyMap<string, readonly Named[]>;
  /** All roots of a move's names. */
  readonly named: ReadonlyMap<Move, ReadonlySet<string>>;
  /** How often a root stands in names: the rarer, the more it says. */
  readonly counts: ReadonlyMap<string, number>;
  /** How much each says. */
  readonly weights: ReadonlyMap<string, number>;
  /** Roots of a move's regions, and of its levels' names, places and props. */
  readonly about: ReadonlyMap<Move, ReadonlySet<string>>;
  readonly allAbout: ReadonlySet<string>;
  /** All names, as their roots in order. */
  readonly called: ReadonlySet<string>;
  /** Typed words that were held against all of this before. */
  readonly typed: Map<string, Typed>;
}

function rooted(name: string): Pick<Named, 'roots' | 'order'> {
  const roots = rootsOf(name);
  return { roots, order: roots.join(' ') };
}

/** All words of a catalogue by their roots, once for each. */
const knownOf = remember((catalogue: Catalogue): Known => {
  const own = new Set(catalogue.moves.flatMap(({ name, otherNames }) => [name, ...otherNames]));
  const spoken = catalogue.moves.flatMap((move) =>
    [
      move.name,
      ...move.otherNames,
      ...(SPOKEN_NAMES.get(move.name) ?? []).filter((name) => !NEAR_SAID.has(name)),
    ].map((name, i): Named => ({
      move,
      text: foldName(name),
      ...rooted(name),
      more: i === 0 ? 0.1 : i <= move.otherNames.length ? 0.09 : 0,
    })),
  );
  const byName = new Map(catalogue.moves.map((move) => [move.name, move]));
  const near = NEAR_NAMES.flatMap(({ said, nearest, differs }): Named[] => {
    const move = byName.get(nearest);
    // A move of somebody's own may be called so: then it is here.
    if (!move || own.has(said)) return [];
    return [{ move, text: foldName(said), ...rooted(said), more: 0.02, differs }];
  });
  const names = [...spoken, ...near];
  const having = new Map<string, Named[]>();
  const named = new Map<Move, Set<string>>();
  for (const name of names) {
    const own = named.get(name.move) ?? new Set();
    named.set(name.move, own);
    for (const root of new Set(name.roots)) {
      own.add(root);
      const others = having.get(root);
      if (others) others.push(name);
      else having.set(root, [name]);
    }
  }
  const counts = new Map<string, number>();
  for (const { roots } of names) {
    for (const root of new Set(roots)) counts.set(root, (counts.get(root) ?? 0) + 1);
  }
  const about = new Map(
    catalogue.moves.map((move) => {
      const texts = move.levels.flatMap(({ name, from, props }) => [name, from, ...props]);
      return [move, new Set([...move.regions, ...texts].flatMap(rootsOf))] as const;
    }),
  );
  const allAbout = new Set([...about.values()].flatMap((roots) => [...roots]));
  const called = new Set(names.map((one) => one.order));
  const weights = new Map([...counts].map(([root, count]) => [root, weightOf(count)] as const));
  return { names, having, named, counts, weights, about, allAbout, called, typed: new Map() };
});

/** Whether a move is called so, but for endings. */
export const isName = (catalogue: Catalogue, words: string): boolean =>
  knownOf(catalogue).called.has(rootsOf(words).join(' '));

const weightIn = ({ weights }: Known, root: string) => weights.get(root) ?? WEIGHT_OF_ONE;
const weightOf = (count: number) => 1 / Math.sqrt(count) + 0.25;
const WEIGHT_OF_ONE = weightOf(1);

/** One typed word, held against all words of the catalogue once. */
interface Typed {
  readonly root: string;
  /** Roots of names that it is like, with how much. */
  readonly like: ReadonlyMap<string, number>;
  readonly likeAbout: readonly string[];
}

function typedIn(known: Known, root: string): Typed {
  const before = known.typed.get(root);
  if (before) return before;
  if (known.typed.size >= MOST_TYPED) known.typed.clear();
  const found = heldAgainst(known, root);
  known.typed.set(root, found);
  return found;
}
/** So many words are held on to. */
const MOST_TYPED = 2000;

function heldAgainst(known: Known, root: string): Typed {
  const isWord = known.counts.has(root);
  const like = [...known.counts.keys()].flatMap((named) => {
    const much = likeness(root, named, isWord);
    return much > 0 ? [[named, much] as const] : [];
  });
  const likeAbout = [...known.allAbout].filter((one) => likeness(root, one, isWord) > 0.8);
  return { root, like: new Map(like), likeAbout };
}

/** How a thing is done, and not which: told as passed over, and no sign of another move. */
const MANNER = new Set(
  rootsOf(
    'forward forwards backward backwards back clockwise anticlockwise alternate alternating alternately big small wide counter quick fast',
  ),
);

/** What hands do in whatever is done with them. */
const WEAK = new Set(rootsOf('pull push bring put place move take make bent'));

/** What may be said of anything. */
const IDLE = new Set(rootsOf('stretch exercise movement'));

/** What of a name a line may leave out, and means the same. */
const UNTOLD: readonly ReadonlySet<string>[] = [
  GENERAL,
  MANNER,
  WEAK,
  IDLE,
  new Set(['up', 'down']),
];

export const isManner = (word: string): boolean => rootsOf(word).every((root) => MANNER.has(root));

/** What a line begins with is what it is about. */
const FIRST = 0.05;
/** Heel to toe is not heels, then toes. */
const IN_ORDER = 0.12;
const AS_WRITTEN = 0.1;

/** What else of a line and its room speaks for a move. */
export interface Leaning {
  /** How people are placed now, or the group's usual way. */
  readonly way: ReturnType<typeof wayOf>;
  /** Whether that is known, and not only usual. */
  readonly known: boolean;
  /** Whether they hold on to a thing, or stand at it. */
  readonly held: boolean;
  readonly kind: 'hold' | 'reps' | 'breaths' | undefined;
  /** Whether sides are named: then it is nothing that is done for both at once. */
  readonly each: boolean;
}

export interface Match {
  readonly move: Move;
  /** 0 to a little over 1. */
  readonly score: number;
  /** How far the words and its nearest name cover each other, and nothing else: 0 to 1. */
  readonly cover: number;
  /** How the move is another one than what is asked for; undefined where it is the same. */
  readonly differs: string | undefined;
  /** Roots of the nearest name that nobody said, and that tell of another movement. */
  readonly adds: readonly string[];
  /** Words of the line that its names, levels, places and props have not. */
  readonly unknown: readonly string[];
  /** Whether one of them is a word of other moves: then it may be another one that is meant. */
  readonly saysOther: boolean;
  /** The levels that are done where the line puts people; all where it says nothing of it. */
  readonly levels: readonly Level[];
}

/** The moves that words may mean, the likeliest first. */
export function movesMeant(
  catalogue: Catalogue,
  words: string,
  leaning: Leaning,
  most: number,
): readonly Match[] {
  const known = knownOf(catalogue);
  const said = wordsOf(words);
  const typed = said.map(({ root }) => typedIn(known, root));
  if (typed.length === 0) return [];
  const folded = foldName(words);
  const places = PLACES.flatMap(([word, is]) => {
    const place = word.exec(folded)?.[0];
    return place === undefined ? [] : [{ is, roots: rootsOf(place) }];
  });
  // Who holds on to something stands.
  const stands = (one: Level) => wayOf(one) === 'standing';
  const held = leaning.held ? [stands] : [];
  const order = said.map(({ root }) => root).join(' ');
  const orderOfName = said.flatMap(({ root }) => (MANNER.has(root) ? [] : [root])).join(' ');
  const inOrder = (own: string) =>
    own === order ? IN_ORDER : own === orderOfName ? IN_ORDER / 2 : 0;
  /** Whether a word says where, and the move is done there. */
  const isPlaceOf = (root: string, move: Move) =>
    places.some(({ is, roots }) => roots.includes(root) && move.levels.some(is));
  const best = new Map<Move, Best>();
  const near = new Set(
    typed.flatMap(({ like }) => [...like.keys()].flatMap((root) => known.having.get(root) ?? [])),
  );
  for (const { move, text, roots, order: own, more, differs } of near) {
    const leads = typed[0] && roots.some((root) => typed[0]?.like.has(root)) ? FIRST : 0;
    const { cover, left } = dice(typed, roots, known, move, isPlaceOf);
    const score = cover + more + leads + inOrder(own) + (text === folded ? AS_WRITTEN : 0);
    if (score > (best.get(move)?.score ?? 0.2)) best.set(move, { score, cover, left, differs });
  }
  const lean = (move: Move) => {
    const place = places.reduce((sum, { is }) => sum + (move.levels.some(is) ? 0.08 : -0.25), 0);
    const isThere = places.length === 0 && wayOf(usualLevel(move)) === leaning.way;
    const way = isThere ? (leaning.known ? 0.3 : 0.06) : 0;
    // Nobody who usually sits is put on the floor by a word that is said of a chair as well.
    const down = !leaning.known && leaning.way === 'seated' && places.length === 0;
    const low = down && LOW.has(wayOf(usualLevel(move))) ? -0.12 : 0;
    const sided = leaning.each && move.sides === 'both' ? -0.15 : 0;
    const off = leaning.held && !move.levels.some(stands) ? -0.25 : 0;
    return (
      place + way + low + sided + off + (leaning.kind && move.dose.kind === leaning.kind ? 0.04 : 0)
    );
  };
  const ranked = [...best]
    .map(([move, one]) => ({ ...one, move, score: one.score + lean(move) }))
    .sort((a, b) => b.score - a.score);
  return ranked.slice(0, most).map(({ move, score, cover, left, differs }) => {
    const named = [...(known.named.get(move) ?? [])];
    const unknown = said.filter((_, i) => {
      const word = typed[i];
      if (!word || named.some((root) => word.like.has(root))) return false;
      return !isAbout(word, known, move) && !isPlaceOf(word.root, move);
    });
    const isIn = (root: string, one: Move) =>
      PLACE_ROOTS.has(root) || (known.about.get(one)?.has(root) ?? false);
    // A chair squat is no squat in a chair; and who sits on the floor is there, and in no chair.
    const asked = places.filter(({ roots }) => !roots.every((root) => named.includes(root)));
    const where = asked.map(({ is }) => is);
    const isThere = (level: Level) =>
      (where.length === 0 || where.some((is) => is(level))) && held.every((is) => is(level));
    return {
      move,
      score,
      cover,
      differs,
      levels: move.levels.filter(isThere),
      adds: left.filter((root) => !UNTOLD.some((all) => all.has(root)) && !isIn(root, move)),
      unknown: unknown.map(({ word }) => word),
      saysOther: unknown.some(
        ({ root }) => known.counts.has(root) && ![MANNER, WEAK, IDLE].some((all) => all.has(root)),
      ),
    };
  });
}

interface Best {
  readonly score: number;
  readonly cover: number;
  /** What of the name was not said. */
  readonly left: readonly string[];
  readonly differs?: string | undefined;
}

/** How far typed words and a name cover each other; words of levels and props count a quarter. */
function dice(
  typed: readonly Typed[],
  named: readonly string[],
  known: Known,
  move: Move,
  isPlaceOf: (root: string, move: Move) => boolean,
): { readonly cover: number; readonly left: readonly string[] } {
  if (!typed.some(({ like }) => named.some((root) => like.has(root))))
    return { cover: 0, left: [] };
  const left = [...named];
  let common = 0;
  let all = 0;
  // Where it is done names nothing by itself.
  let isOnlyPlace = true;
  for (const word of typed) {
    let like = 0;
    let at = -1;
    left.forEach((root, i) => {
      const much = word.like.get(root) ?? 0;
      if (much > like) [like, at] = [much, i];
    });
    if (like === 0) {
      if (isPlaceOf(word.root, move)) continue;
      const aside = isAbout(word, known, move) || MANNER.has(word.root) || WEAK.has(word.root);
      all += weightIn(known, word.root) * (aside ? 0.25 : 1);
      continue;
    }
    const [root = word.root] = left.splice(at, 1);
    common += like * weightIn(known, root);
    all += weightIn(known, root);
    isOnlyPlace &&= isPlaceOf(word.root, move);
  }
  if (isOnlyPlace && left.length > 0) return { cover: 0, left };
  const names = named.reduce((sum, root) => sum + weightIn(known, root), 0);
  return { cover: (2 * common) / (all + names), left };
}

function isAbout({ likeAbout }: Typed, { about }: Known, move: Move): boolean {
  return likeAbout.some((root) => about.get(move)?.has(root));
}
