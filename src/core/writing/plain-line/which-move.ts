import { distance } from 'fastest-levenshtein';
import { position, onSide } from '@/core/body';
import { foldName, usualLevel, type Catalogue, type Level, type Move } from '@/core/moves';

/** Words that name nothing. */
const FILLERS = new Set(
  'a an the of your for with on in at to and from by it its gently slowly slow gentle easy nice please some do using use while keep now again next little bit light then up-tempo tempo good big is are be let lets try start finish go if you can them that this time repeat'.split(
    ' ',
  ),
);

/** A word without its ending, so that raises raise and marching marches. */
export function stemOf(word: string): string {
  const plain = word
    .replace(/'s$/u, '')
    .replace(/(ch|sh|ss|x)es$/u, '$1')
    .replace(/([^s])s$/u, '$1');
  const without = plain.replace(/^(.{3,}?)(?:ing|ed)$/u, '$1');
  // The last letter is often written once or twice: roll, rolling, tap, tapping.
  return without.replace(/^(.{3,})e$/u, '$1').replace(/([b-df-hj-np-tv-z])\1$/u, '$1');
}

/** What people call things besides, word by word. */
const SAME: Readonly<Record<string, string>> = {
  sitt: 'seat',
  sit: 'seat',
  chair: 'seat',
  hams: 'hamstr',
  hammie: 'hamstr',
  glut: 'buttock',
  bum: 'buttock',
  tandem: 'tandem',
  tummy: 'belly',
  circl: 'circl',
  rotat: 'turn',
  twist: 'twist',
  trunk: 'trunk',
  supin: 'ly',
  lying: 'ly',
  lay: 'ly',
  ly: 'ly',
  biceps: 'bicep',
  balanc: 'stanc',
};
const rootOf = (word: string) => {
  const stem = stemOf(word);
  return SAME[stem] ?? stem;
};

export function rootsOf(text: string): readonly string[] {
  return foldName(text)
    .replace(/'s\b/gu, '')
    .split(/[^\p{L}\p{N}]+/u)
    .filter((word) => word && !FILLERS.has(word))
    .map(rootOf);
}

/** Where a word puts people; it may be a part of a name as well. */
const PLACES: readonly (readonly [RegExp, (level: Level) => boolean])[] = [
  [
    /\b(?:seated|sitting)\b|\b(?:in|on) (?:the |a |your )?chair\b|^chair\b/u,
    (one) => wayOf(one) === 'seated',
  ],
  [/\b(?:standing|stood)\b/u, (one) => wayOf(one) === 'standing'],
  [
    /\b(?:lying|laying|supine|floor|mat)\b|\bon (?:your |the )?back\b/u,
    (one) => ['lying', 'sitting-floor', 'kneeling'].includes(wayOf(one)),
  ],
  [/\b(?:kneeling|all fours|hands and knees)\b/u, (one) => wayOf(one) === 'kneeling'],
  [/\bwall\b/u, (one) => one.from === 'stand-wall'],
];
const wayOf = ({ from }: Level) => position(onSide(from, 'left')).way;

/** How much two words are the same: 1 for the same, 0 for no likeness. */
function likeness(typed: string, named: string, isWord = false): number {
  if (typed === named) return 1;
  if (typed.length >= 4 && named.startsWith(typed)) return 0.9;
  if (named.length >= 4 && typed.startsWith(named)) return 0.85;
  // A word that names something else is no slip of the pen.
  if (isWord || Math.min(typed.length, named.length) < 3) return 0;
  const off = distance(typed, named);
  const most = Math.max(typed.length, named.length) > 6 ? 2 : 1;
  return off <= most ? 0.8 : 0;
}

interface Named {
  readonly move: Move;
  readonly roots: readonly string[];
  readonly own: boolean;
}
interface Known {
  readonly roots: ReadonlySet<string>;
  readonly names: readonly Named[];
  readonly weight: (root: string) => number;
}
const known = new WeakMap<Catalogue, Known>();

function knownOf(catalogue: Catalogue): Known {
  const before = known.get(catalogue);
  if (before) return before;
  const names = catalogue.moves.flatMap((move) =>
    [move.name, ...move.otherNames].map((name, i) => ({
      move,
      roots: rootsOf(name),
      own: i === 0,
    })),
  );
  const counts = new Map<string, number>();
  for (const { roots } of names)
    new Set(roots).forEach((root) => counts.set(root, (counts.get(root) ?? 0) + 1));
  const weight = (root: string) => 1 / Math.sqrt(counts.get(root) ?? 1) + 0.25;
  const made = { names, weight, roots: new Set(counts.keys()) };
  known.set(catalogue, made);
  return made;
}

/** What else of a line and its room speaks for a move. */
export interface Leaning {
  /** How people are placed now, or the group's usual way. */
  readonly way: 'seated' | 'standing' | 'lying' | 'kneeling' | 'sitting-floor';
  /** Whether that is known, and not only usual. */
  readonly known: boolean;
  readonly kind: 'hold' | 'reps' | 'breaths' | 'timed' | undefined;
}

export interface Match {
  readonly move: Move;
  /** 0 to a little over 1. */
  readonly score: number;
}

/** The moves that words may mean, the likeliest first. */
export function movesMeant(
  catalogue: Catalogue,
  words: string,
  leaning: Leaning,
): readonly Match[] {
  const all = knownOf(catalogue);
  const typed = rootsOf(words);
  if (typed.length === 0) return [];
  const folded = foldName(words);
  const places = PLACES.filter(([word]) => word.test(folded)).map(([, is]) => is);
  const best = new Map<Move, number>();
  for (const { move, roots, own } of all.names) {
    const score = dice(typed, roots, all, move) + (own ? 0.01 : 0);
    if (score > (best.get(move) ?? 0.2)) best.set(move, score);
  }
  const lean = (move: Move) => {
    const usual = usualLevel(move);
    const isThere = places.map((is) => move.levels.some(is));
    const place = isThere.reduce((sum, is) => sum + (is ? 0.08 : -0.25), 0);
    const way =
      places.length === 0 && wayOf(usual) === leaning.way ? (leaning.known ? 0.3 : 0.06) : 0;
    const kind = leaning.kind && move.dose.kind === leaning.kind ? 0.04 : 0;
    return place + way + kind;
  };
  return [...best]
    .map(([move, score]) => ({ move, score: score + lean(move) }))
    .sort((a, b) => b.score - a.score);
}

/** How far typed words and a name cover each other; words of its levels and props cover half. */
function dice(
  typed: readonly string[],
  named: readonly string[],
  { weight, roots }: Known,
  move: Move,
): number {
  const left = [...named];
  let common = 0;
  let all = 0;
  for (const word of typed) {
    const likes = left.map((root) => likeness(word, root, roots.has(word)));
    const at = likes.indexOf(Math.max(0, ...likes));
    const like = likes[at] ?? 0;
    const own = weight(left[at] ?? word);
    if (like > 0 && at >= 0) {
      common += like * own;
      all += own;
      left.splice(at, 1);
    } else all += weight(word) * (isAbout(word, move) ? 0.25 : 1);
  }
  const names = named.reduce((sum, root) => sum + weight(root), 0);
  return (2 * common) / (all + names);
}

/** Words that neither a move's names nor its levels, places and props have. */
export function unknownTo(move: Move, words: string): readonly string[] {
  const named = [move.name, ...move.otherNames].flatMap((name) => rootsOf(name));
  return rootsOf(words).filter(
    (word) => !named.some((root) => likeness(word, root) > 0) && !isAbout(word, move),
  );
}

function isAbout(word: string, { levels, regions }: Move): boolean {
  const about = [...regions, ...levels.flatMap(({ name, from, props }) => [name, from, ...props])];
  return about.some((text) => rootsOf(text).some((root) => likeness(word, root) > 0.8));
}
