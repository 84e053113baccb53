import { position, type PositionId } from '@/core/body';
import { itemIdSchema, type GroupName } from '@/core/common';
import {
  foldName,
  ownDose,
  propNamed,
  usualLevel,
  type Catalogue,
  type Dose,
  type Level,
  type Move,
  type PropName,
} from '@/core/moves';
import { catalogueFor, readAddingLine, writeItem, type Item, type Setting } from '@/core/routine';
import { isKept } from './kept';
import { wordsToKeep, type OwnWordsKnown } from './own-words';
import { readSaidDose, type SaidDose } from './said-dose';
import { withoutSetUp } from './set-up';
import { SPOKEN_NAMES } from './spoken-names';
import {
  areGeneral,
  isManner,
  isName,
  movesMeant,
  rootsOf,
  wordsOf,
  type Leaning,
  type Match,
} from './which-move';

export interface PlainChoice {
  readonly move: Move;
  /** The strict line. */
  readonly text: string;
  /** How the move is another one than what was asked for. */
  readonly differs: string | undefined;
  /** What it would be, with a note of what is lifted. */
  readonly item: Item;
}

/** What a line means that is written as people write it. */
export interface PlainReading {
  /** The likeliest first; none where no move comes near. */
  readonly choices: readonly PlainChoice[];
  /** Whether the first is near enough, and all that was said of it kept, to be taken without asking. */
  readonly sure: boolean;
  /** Words of the line that say nothing of the first. */
  readonly unknown: readonly string[];
  /** Whether they only say how a thing is done. */
  readonly onlyManner: boolean;
  /** How far the words are the first one's name, 0 to 1. */
  readonly cover: number;
}

export interface PlainSetting extends Setting {
  /** Where people are, if anything is known of it. */
  readonly at?: PositionId | undefined;
  /** Words that somebody has of their own for moves. */
  readonly ownWords?: OwnWordsKnown | undefined;
}

/** Nearer than this a name is taken as meant. */
const SURE = 0.75;
/** Without an amount, or with general words alone, the name has to be all there. */
const WHOLE = 0.95;
/** Whatever else speaks for a move, its name is there by more than a half. */
const COVERED = 0.6;
/** From here on the words and a name are the same, but for an ending. */
export const WORD_FOR_WORD = 0.9;
const MOST_CHOICES = 4;
const TRIAL = itemIdSchema.parse('trial');

/** How a group is placed, where nothing is said. */
const USUAL_WAY: Readonly<Record<GroupName, Leaning['way']>> = {
  desk: 'seated',
  older: 'seated',
  chair: 'seated',
  standing: 'standing',
};

const ON_IT =
  '(?: on (?:the |a |your )?(?:back of (?:the |a |your )?)?(?:chair|counter|rail|wall|table))?';

/** What a line may say of hands and eyes, as clauses. */
const CONTACTS: readonly (readonly [RegExp, string])[] = [
  [/\beyes (?:closed|shut)\b/u, 'with eyes closed'],
  [
    /\bno hands\b|\bhands free\b|\bwithout (?:using )?(?:your |the )?(?:hands|arms)\b/u,
    'support none',
  ],
  // Who stands up so pushes off with nothing.
  [/(?<=\b(?:stands?|squats?)\b.*)\b(?:with )?arms (?:crossed|folded)\b/u, 'support none'],
  [/\blight touch\b/u, 'support fingertips'],
  [new RegExp(`\\bfingertips?(?: only)?(?: support)?${ON_IT}\\b`, 'u'), 'support fingertips'],
  [new RegExp(`\\b(?:one|1) hand(?: only)?(?: support)?${ON_IT}\\b`, 'u'), 'support one hand'],
];

/** Who holds on to something stands by it; that it is a chair does not seat them. */
const HOLDS_ON =
  /\b(?:(?:hold(?:ing)?(?: on)?(?: to)?|behind|hands? on) (?:the |a |your )?(?:back of (?:the |a |your )?)?(?:chair(?: back)?|counter|rail|wall|worktop|table|sink)|(?:with|using) (?:a |the |your )?(?:wall|counter|rail|table|chair back)(?: for (?:support|balance|safety))?|(?:with|using) (?:a |the |your )?chair (?:for )?(?:support|balance|safety)|(?<=\b(?:standing|stance|balance|stand)\b.*)(?:with|w) (?:a |the |your )?chair|at (?:the )?back of (?:the |a |your )?chair|(?:near|by|next to|facing) (?:the |a |your )?chair|(?:at|along|near|by|next to|facing) (?:the |a |your )?(?:wall|counter|rail|worktop|sink|table|bench|kitchen counter|corridor))\b/u;
const GOES_WITHOUT_SAYING =
  /(?<!\bup )\boff the (?:floor|ground|mat)\b|\beyes open\b|\bpause at (?:the )?(?:top|end|bottom)\b|\barms bent\b|\b(?:feet|foot|heels?|toes) (?:flat )?(?:on|to) (?:the )?(?:floor|ground)\b|(?<=\b(?:march|walk|step|jog)\w*\b.*)\b(?:with )?(?:arms? swing(?:s|ing)?|swing(?:ing)? (?:the |your )?arms?)\b/u;

const BY_TURNS = /\balternat(?:e|ing) (legs|arms|sides|feet|hands)\b/u;

/** Where people stand who hold on to a thing that is no chair. */
const THINGS_HELD: readonly (readonly [RegExp, PositionId])[] = [
  [/\b(?:counter|worktop|sink)\b/u, 'stand-counter'],
  [/\brail\b/u, 'stand-rail'],
  [/\bwall\b/u, 'stand-wall'],
];

function heldAt(words: string): { readonly thing: string; readonly place: PositionId } | undefined {
  const [said = ''] = HOLDS_ON.exec(words) ?? [];
  const found = THINGS_HELD.flatMap(([is, place]) => {
    const [thing] = is.exec(said) ?? [];
    return thing === undefined ? [] : [{ thing, place }];
  });
  return found[0];
}

/** Words that ask for a rest and for nothing else. */
const REST =
  /^(?:(?:short|water|drink|little|quick|a) )*(?:rest|pause|break|breather|drink|water)s?(?: (?:for|and|break|drink|now|a|have|some|sips?|of|water))*$/u;

/** Titles and notes of a plan, which are about no one move. */
const NO_MOVE =
  /\b(?:class|session|group|week|lesson|homework|notes?|section|circuit|stations?|splits|(?:mon|tues|wednes|thurs|fri|satur|sun)day|morning|\d+ ?[ap]m)\b/u;
/** No one move is done for longer. */
const LONGEST_S = 600;

/** What a move is done with stands behind it. */
const WITH = / (?:with|w|while|using) /u;

/** What hands hold on to, eyes, and where people are, are never passed over. */
const NEVER_PASSED =
  /\b(?:support|hands?|fingertips?|counter|rail|wall|eyes|seated|sitting|chair|standing|stand|lying|floor|mat|bed|supine|prone|kneeling|fours)\b/u;

/** Reads a line in any order of words, with numbers and sides in every usual way. */
export function readPlainLine(typed: string, setting: PlainSetting): PlainReading {
  const { dose, words: said, clauses } = readSaidDose(typed);
  // Breaths that say no more are a breath.
  const words = said === '' && dose.breaths !== undefined ? 'easy breaths' : said;
  if (words === '' || REST.test(words))
    return { choices: [], sure: false, unknown: [], onlyManner: false, cover: 0 };
  const isNone = NO_MOVE.test(words) || (dose.seconds ?? 0) > LONGEST_S;
  const known = new Map<string, PlainReading>();
  const read = (text: string) => {
    const before = known.get(text);
    if (before) return before;
    const reading = readWords(text, dose, setting);
    const found = isNone ? { ...reading, sure: reading.sure && isWhole(reading) } : reading;
    known.set(text, found);
    return found;
  };
  const bare = withoutSetUp(words);
  const labelled = clauses.length > 1 && LABEL.test(clauses[0] ?? '');
  const unlabelled = labelled ? read(withoutSetUp(clauses.slice(1).join(' '))) : undefined;
  const whole = read(bare);
  // What is known as another movement is asked about, whatever a part of the line would say.
  const other = [unlabelled, whole].find((one) => one && isNear(one));
  if (other) return other;
  if (unlabelled?.sure && isWhole(unlabelled) && unlabelled.cover > whole.cover) return unlabelled;
  if (whole.sure) return whole;
  if (unlabelled?.sure) return unlabelled;
  const near = parted(clauses, read).find(isNear);
  if (near) return near;
  // The move is clear, and what it would be done with is not: it is taken without, and told.
  const [head = '', ...tail] = bare.split(WITH);
  return (
    withoutRest(read(head), tail.join(' ')) ??
    ofOneClause(clauses, read) ??
    atAnEnd(bare, whole, catalogueFor(setting), read) ??
    whole
  );
}

/** What a plan has in front of a line, as a heading of it. */
const LABEL =
  /^(?:strength|balance|mobility|flexibility|stretch(?:es|ing)?|cardio|coordination|posture|breathing|breath ?work|relaxation|exercise|(?:upper |lower |mid )?(?:legs?|arms?|back|neck|shoulders?|hips?|hands?|feet|ankles?|core|chest|wrists?|knees?|fingers|trunk|spine|body|face|head|glutes|calves|thighs))$/u;

/** The first choice is only near to what was said, and that was said whole. */
const isNear = (one: PlainReading) => one.choices[0]?.differs !== undefined && isWhole(one);

const parted = (clauses: readonly string[], read: (words: string) => PlainReading) =>
  clauses.length < 2 ? [] : clauses.map((clause) => read(withoutSetUp(clause)));

const isWhole = ({ cover }: PlainReading) => cover >= WORD_FOR_WORD;

/** A reading that leaves words aside, and tells them; undefined where that can't be done. */
function withoutRest(plain: PlainReading, said: string): PlainReading | undefined {
  const passed = wordsOf(said).map(({ word }) => word);
  if (!plain.sure || plain.unknown.length > 0 || passed.length === 0) return undefined;
  if (NEVER_PASSED.test(said)) return undefined;
  return { ...plain, unknown: passed, onlyManner: passed.every(isManner) };
}

/** A name of two words or more that a line begins or ends with, where the whole points to it as well. */
function atAnEnd(
  words: string,
  whole: PlainReading,
  catalogue: Catalogue,
  read: (words: string) => PlainReading,
): PlainReading | undefined {
  const all = words.split(' ');
  const [likeliest] = whole.choices;
  for (let left = 1; left <= all.length - 2; left++) {
    const ends = [
      [all.slice(0, -left), all.slice(-left)],
      [all.slice(left), all.slice(0, left)],
    ] as const;
    for (const [name, rest] of ends) {
      const text = name.join(' ');
      if (rootsOf(text).length < 2 || areGeneral(text) || !isName(catalogue, text)) continue;
      const reading = read(text);
      if (!isWhole(reading) || reading.choices[0]?.move !== likeliest?.move) continue;
      // What is left may be another move as well.
      const other = read(rest.join(' '));
      if (isWhole(other) && other.sure) continue;
      const found = withoutRest(reading, rest.join(' '));
      if (found) return found;
    }
  }
  return undefined;
}

/** A sentence of which one part alone names a move; the others say where, or how it is gone into. */
function ofOneClause(
  clauses: readonly string[],
  read: (words: string) => PlainReading,
): PlainReading | undefined {
  if (clauses.length < 2) return undefined;
  const readings = clauses.map((clause) => read(withoutSetUp(clause)));
  const sure = readings.filter(({ sure }, i) => sure && !REST.test(clauses[i] ?? ''));
  const [first] = sure;
  if (!first || sure.some(({ choices }) => choices[0]?.move !== first.choices[0]?.move))
    return undefined;
  const rest = clauses.filter((_, i) => readings[i] !== first).join(' ');
  return withoutRest(first, rest);
}

function readWords(words: string, dose: SaidDose, setting: PlainSetting): PlainReading {
  const held = HOLDS_ON.test(words) && !/\b(?:seated|sitting)\b/u.test(words);
  const contacts = CONTACTS.filter(([said]) => said.test(words));
  const things = propsSaid(words);
  const bare = contacts
    .reduce((text, [said]) => text.replace(said, ' '), words)
    .replace(HOLDS_ON, ' ')
    .replace(GOES_WITHOUT_SAYING, ' ')
    .replace(BY_TURNS, (_, limb: string) => (rootsOf(words).length > 3 ? ' ' : limb));
  // A thing that no name of a move has is only used in it.
  const used = things.filter(({ thing }) => !isNamed(catalogueFor(setting), bare, thing));
  const name = used.reduce((text, { said }) => text.replace(said, ' '), bare);
  const way = setting.at ? position(setting.at).way : USUAL_WAY[setting.group];
  const leaning = {
    each: dose.each === true,
    way: held ? 'standing' : way,
    known: held || setting.at !== undefined,
    held,
    kind: kindSaid(dose),
  } as const;
  const matches = movesMeant(catalogueFor(setting), name, leaning, MOST_CHOICES);
  const at = held ? heldAt(words) : undefined;
  const read = matches.flatMap((all) => {
    const there = at ? all.levels.filter(({ from }) => from === at.place) : [];
    // What the line says people hold on to is told where the move has no level there.
    const notThere = at && there.length === 0 ? at.thing : undefined;
    const match = there.length > 0 ? { ...all, levels: there } : all;
    const clauses = contacts.map(([, clause]) => clause);
    const also = used.flatMap(({ prop }) => (hasProp(match, prop) ? [] : [`also ${prop}`]));
    const choice = choiceOf(match, dose, words, [...clauses, ...also], setting);
    return choice ? [{ ...match, ...choice, notThere }] : [];
  });
  const [first] = read;
  const hasDose = Object.keys(dose).length > 0;
  const isPlain = hasDose && !areGeneral(name);
  const bar = isPlain ? SURE : WHOLE;
  // One word without an amount may be a name that is still being typed.
  const isEnough = hasDose || rootsOf(name).length > 1;
  return {
    choices: read.map(({ move, text, item, differs }) => ({ move, text, item, differs })),
    sure:
      first !== undefined &&
      isEnough &&
      first.kept &&
      first.differs === undefined &&
      !first.saysOther &&
      (first.adds.length === 0 || first.cover >= WORD_FOR_WORD) &&
      !read.some((one) => isRival(one, first)) &&
      first.levels.length > 0 &&
      first.score >= bar &&
      first.cover >= (isPlain ? COVERED : WORD_FOR_WORD),
    unknown: first ? [...first.unknown, ...(first.notThere ? [first.notThere] : [])] : [],
    onlyManner: first?.unknown.every(isManner) ?? false,
    cover: first?.cover ?? 0,
  };
}

/** Two moves that are as likely, the second of them by its name: that is a question. */
const isRival = (one: Match, first: Match): boolean =>
  one !== first && first.score - one.score < TIE && one.cover - first.cover > TIE;
const TIE = 0.05;

/**
 * What somebody's own words for a move say: they go before everyday names, never before a name that a
 * move has. Words that once meant two moves ask. Undefined where they have none.
 */
export function readOwnWords(typed: string, setting: PlainSetting): PlainReading | undefined {
  const id = setting.ownWords && wordsToKeep(typed);
  const own = id === undefined ? undefined : setting.ownWords?.[id];
  const catalogue = catalogueFor(setting);
  if (!own || !id || catalogue.moves.some((move) => isCalled(move, id))) return undefined;
  const { dose } = readSaidDose(typed);
  const read = own.moves.flatMap((moveId) => {
    const move = catalogue.byId.get(moveId);
    const choice = move && choiceOf({ move, levels: move.levels }, dose, id, [], setting);
    return move && choice ? [{ move, differs: undefined, ...choice }] : [];
  });
  const [first] = read;
  if (!first) return undefined;
  return {
    choices: read.map(({ kept: _, ...choice }) => choice),
    sure: read.length === 1 && first.kept,
    unknown: [],
    onlyManner: false,
    cover: 1,
  };
}

const isCalled = ({ name, otherNames }: Move, words: string) =>
  [name, ...otherNames].some((own) => foldName(own) === words);

/** Things that are taken into the hand or laid under, where a line says that they are used. */
const USED =
  /\b(?:with|w|using|use)(?: (?:a|an|the|your|light|soft|small|rolled|folded|rolled up|folded up))* (strap|belt|band|theraband|resistance band|cushion|pillow|block|stick|broomstick|towel|ball|blanket|bolster)s?\b/gu;

interface PropSaid {
  readonly said: string;
  readonly thing: string;
  readonly prop: PropName;
}

/** What a line says is used; the words of it are no part of a name. */
function propsSaid(words: string): readonly PropSaid[] {
  return [...words.matchAll(USED)].flatMap(([said, thing = '']) => {
    const prop = propNamed(/band$/u.test(thing) ? 'band' : thing);
    return prop ? [{ said, thing, prop }] : [];
  });
}

/** Whether the move that is likeliest by all words has that thing in one of its names. */
function isNamed(catalogue: Catalogue, words: string, thing: string): boolean {
  const [first] = movesMeant(catalogue, words, UNLEANING, 1);
  const [root] = rootsOf(thing);
  if (!first || root === undefined) return false;
  const { name, otherNames } = first.move;
  const names = [name, ...otherNames, ...(SPOKEN_NAMES.get(name) ?? [])];
  return names.some((one) => rootsOf(one).includes(root));
}
const UNLEANING: Leaning = {
  way: 'seated',
  known: false,
  held: false,
  kind: undefined,
  each: false,
};

/** Whether it is done with that anyhow, at the level that a line without one means. */
const hasProp = ({ move, levels }: Match, prop: PropName): boolean =>
  (levels.includes(usualLevel(move)) ? usualLevel(move) : levels[0])?.props.includes(prop) ?? false;

/** The rest that a line asks for, in seconds; undefined where it asks for none. */
export function readPlainRest(typed: string): number | undefined {
  const { dose, words } = readSaidDose(typed);
  const { restS, seconds, bare, lost, ...others } = dose;
  if (lost || Object.keys(others).length > 0) return undefined;
  if (restS !== undefined) return ASIDE_OF_REST.test(words) ? restS : undefined;
  return REST.test(words) ? (seconds ?? bare) : undefined;
}

/** What a rest is for. */
const ASIDE_OF_REST =
  /^(?:(?:short|water|drink|little|quick|a|and|for|have|some|sips?|now|of|have|let's|everyone|then)(?: |$))*$/u;

/** The kind of dose that is plainly said; a bare time may be held or not. */
function kindSaid({ reps, breaths, seconds, held }: SaidDose): Leaning['kind'] {
  if (reps !== undefined) return 'reps';
  if (breaths !== undefined) return 'breaths';
  return seconds !== undefined && held ? 'hold' : undefined;
}

/** The strict line of a move, and whether all that was said of amount, side and contact is in it. */
function choiceOf(
  { move, levels }: Pick<Match, 'move' | 'levels'>,
  dose: SaidDose,
  words: string,
  contacts: readonly string[],
  setting: PlainSetting,
): { readonly text: string; readonly item: Item; readonly kept: boolean } | undefined {
  const amount = amountOf(dose, move, words, setting);
  const side =
    move.sides === 'each' && (dose.only ? `${dose.only} only` : dose.each && 'each side');
  const said = [amount, ...besides(dose, amount), side, ...contacts].filter(
    (clause) => clause !== undefined && clause !== false,
  );
  const usual = levels.includes(usualLevel(move)) ? undefined : levels[0]?.name;
  const level = levelMeant(move, levels, words) ?? usual;
  // So many to a side of what is done by the clock.
  const uncounted = amount?.startsWith('for ') && dose.bare !== undefined && dose.each;
  // A number of what moves is no time of a hold.
  const moves =
    dose.bare !== undefined && MOVES.test(words) && /^(?:hold|for) /u.test(amount ?? '');
  const lost =
    (amount === undefined && saysAmount(dose)) ||
    (dose.only && !side) ||
    uncounted ||
    (isHeldPerhaps(dose) && amount?.includes(', held')) ||
    moves ||
    isRestOf(move, dose, words) ||
    dose.lost !== undefined;
  const tries = [
    { clauses: level ? [...said, `level ${level}`] : said, kept: !lost },
    { clauses: said, kept: !lost },
    { clauses: amount ? [amount] : [], kept: false },
    { clauses: [], kept: false },
  ];
  for (const { clauses, kept } of tries) {
    const typed = clauses.length > 0 ? `${move.name}: ${clauses.join(', ')}` : move.name;
    const reading = readAddingLine(typed, TRIAL, setting);
    if ('item' in reading && reading.item && reading.problems.length === 0) {
      const item = { ...reading.item, ...(dose.load !== undefined && { note: dose.load }) };
      return {
        text: withLoad(writeItem(item, catalogueFor(setting)), dose.load),
        item,
        kept: kept && isKept(dose, item, move),
      };
    }
  }
  return undefined;
}

/** A time behind the word rest is of a rest, unless the move is called so. */
const isRestOf = ({ name, otherNames }: Move, dose: SaidDose, words: string) =>
  dose.seconds !== undefined &&
  RESTS.test(words) &&
  ![name, ...otherNames, ...(SPOKEN_NAMES.get(name) ?? [])].some((own) => RESTS.test(own));
const RESTS = /\brest(?:ing|s)?\b/iu;

/** A note stands behind its line. */
const withLoad = (text: string, load: string | undefined) =>
  load === undefined ? text : `${text}    # ${load}`;

const saysAmount = ({ seconds, reps, breaths, bare, sets }: SaidDose) =>
  [seconds, reps, breaths, bare, sets].some((said) => said !== undefined);

/** A number of reps and a time beside it, with no word for what the time is. */
const isHeldPerhaps = ({ reps, seconds, held }: SaidDose) =>
  reps !== undefined && seconds !== undefined && held !== true;

/** Words of what comes again and again. */
const MOVES =
  /\b(?:alternat(?:e|es|ing)|twists|turns|bends|reaches|raises|lifts|circles|swings|rotations?|flexion|extension|lunges|squats|touch|touches|taps?|steps|marches|kicks|punches|jacks|rolls|shrugs|squeezes)\b/u;

/** An amount in the words of the move's own kind of dose; undefined where none is said that it takes. */
function amountOf(
  dose: SaidDose,
  move: Move,
  words: string,
  { group }: Setting,
): string | undefined {
  const { seconds, breaths, bare } = dose;
  const own = ownDose(move, group);
  const to = dose.to === undefined ? '' : `-${dose.to}`;
  // One way and then the other is twice what is said of one.
  const twice = dose.eachWay && (move.sides === 'both' || dose.eachLimb) ? 2 : 1;
  const times = (dose.sets ?? 1) * twice;
  const timesTo = dose.setsTo === undefined ? '' : `-${dose.setsTo * twice}`;
  const sets = times > 1 || timesTo !== '' ? ` x${times}${timesTo}` : '';
  const isHeld = own.kind === 'hold' || dose.held;
  // What is held at its end is held, in a plan that says how long and names a side.
  const timed = (s: number) =>
    `${isHeld ? 'hold' : 'for'} ${s}s${to === '' ? '' : `${to}s`}${sets}`;
  if (breaths !== undefined) {
    const paces = dose.paces ? ` ${dose.paces.join('/')}` : '';
    return `${breaths}${to} breaths${paces}${sets}`;
  }
  if (seconds !== undefined) {
    const held = dose.reps ?? dose.sets ?? 1;
    if (dose.held && own.kind === 'reps' && held > 1) {
      return `${held}${dose.reps === undefined ? '' : to} reps${dose.reps === undefined ? '' : sets}, held ${seconds}s`;
    }
    // Ten times five seconds of what is counted: each of them is held.
    const many =
      own.kind === 'reps' &&
      seconds <= 15 &&
      (times > (move.range.sets?.[1] ?? times) || (seconds < 10 && times > 3));
    if (many && dose.reps === undefined) return `${times} reps, held ${seconds}s`;
    if (dose.reps === undefined) return timed(seconds);
    if (own.kind === 'hold') return sets ? undefined : `hold ${seconds}s x${dose.reps}`;
    // Reps that are each held so long; where no word says that they are held, it is asked.
    return `${dose.reps}${to} reps${sets}, held ${seconds}s`;
  }
  // Many rounds of a thing and nothing else are so many of it.
  const rounds = dose.sets !== undefined && dose.sets > MOST_SETS_ALONE && !dose.eachWay;
  const count = dose.reps ?? bare;
  if (count === undefined && rounds && own.kind === 'reps') return `${dose.sets} reps`;
  // Rounds of a breath are breaths.
  if (count === undefined && own.kind === 'breaths' && dose.sets !== undefined && !dose.eachWay)
    return `${dose.sets} breaths${dose.paces ? ` ${dose.paces.join('/')}` : ''}`;
  if (count === undefined) return sets ? `${ownAmount(own)}${sets}` : undefined;
  if (own.kind === 'breaths')
    return `${count}${to} breaths${dose.paces ? ` ${dose.paces.join('/')}` : ''}${sets}`;
  // A large number without a word is seconds of a hold and reps of what is counted.
  const leastS = own.kind === 'timed' ? 20 : 10;
  const asTime = dose.reps === undefined && !dose.each && !MOVES.test(words) && count >= leastS;
  if (own.kind === 'reps' || (move.range.reps && !asTime))
    return `${count}${to} reps${dose.inAll && move.sides !== 'both' ? ' in all' : ''}${sets}`;
  // Of a hold, fewer seconds than it can be held are no seconds.
  const isShort = isHeld && count * 1000 < (move.range.holdMs?.[0] ?? 0);
  if (!isShort && (bare !== undefined || count >= 10)) return timed(count);
  // Twice is two holds; eight times is said of what is counted.
  const again = own.kind === 'hold' && !sets && count <= (move.range.sets?.[1] ?? 1);
  return again ? `${ownAmount(own)} x${count}` : undefined;
}

/** What is said beside the amount: a rest, a tempo, how long each is held. */
function besides(dose: SaidDose, amount: string | undefined): readonly string[] {
  const { restS, tempo, heldS, heldBreaths, paces } = dose;
  const isBreaths = amount?.includes('breaths') ?? false;
  return [
    ...(tempo ? [`tempo ${tempo.join('-')}`] : []),
    ...(heldS === undefined ? [] : [`held ${heldS}s`]),
    ...(heldBreaths === undefined ? [] : [`held ${heldBreaths} breaths`]),
    ...(paces && !isBreaths ? [`with the breath ${paces.join('/')}`] : []),
    ...(restS === undefined ? [] : [`rest ${restS}s`]),
  ];
}

/** More sets than these are not what a number of rounds by itself means. */
const MOST_SETS_ALONE = 4;

function ownAmount(own: Dose): string {
  if (own.kind === 'hold') return `hold ${own.holdMs / 1000}s`;
  if (own.kind === 'timed') return `for ${own.timedMs / 1000}s`;
  return own.kind === 'reps' ? `${own.reps} reps` : `${own.breaths} breaths`;
}

/** A level whose own words are all in the line, where the move's name has them not. */
function levelMeant(move: Move, levels: readonly Level[], words: string): string | undefined {
  const typed = rootsOf(words);
  const named = new Set([move.name, ...move.otherNames].flatMap(rootsOf));
  const fits = levels.filter(({ name }) => {
    const own = rootsOf(name).filter((root) => !named.has(root) && root !== 'down');
    return own.length > 0 && own.every((root) => typed.includes(root));
  });
  return fits.length === 1 ? fits[0]?.name : undefined;
}
