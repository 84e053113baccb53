import { position, type PositionId } from '@/core/body';
import { itemIdSchema, type GroupName } from '@/core/common';
import { ownDose, usualLevel, type Dose, type Level, type Move } from '@/core/moves';
import { catalogueFor, readAddingLine, writeItem, type Setting } from '@/core/routine';
import { readSaidDose, type SaidDose } from './said-dose';
import {
  areGeneral,
  isManner,
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
}

export interface PlainSetting extends Setting {
  /** Where people are, if anything is known of it. */
  readonly at?: PositionId | undefined;
}

/** Nearer than this a name is taken as meant. */
const SURE = 0.66;
/** Without an amount, or with general words alone, the name has to be all there. */
const WHOLE = 0.95;
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
  [/\bno hands\b|\bhands free\b/u, 'support none'],
  // Who stands up so pushes off with nothing.
  [/(?<=\b(?:stands?|squats?)\b.*)\b(?:with )?arms (?:crossed|folded)\b/u, 'support none'],
  [new RegExp(`\\bfingertips?(?: only)?(?: support)?${ON_IT}\\b`, 'u'), 'support fingertips'],
  [new RegExp(`\\b(?:one|1) hand(?: only)?(?: support)?${ON_IT}\\b`, 'u'), 'support one hand'],
];

/** Who holds on to something stands by it; that it is a chair does not seat them. */
const HOLDS_ON =
  /\b(?:(?:hold(?:ing)?(?: on)?(?: to)?|behind|hands? on) (?:the |a |your )?(?:back of (?:the |a |your )?)?(?:chair(?: back)?|counter|rail|wall|worktop|table|sink)|with chair support|(?:near|by|next to|facing) (?:the |a |your )?chair|(?:at|along|near|by|next to|facing) (?:the |a |your )?(?:wall|counter|rail|worktop|sink|table|bench|kitchen counter|corridor))\b/u;
const GOES_WITHOUT_SAYING =
  /(?<!\bup )\boff the (?:floor|ground|mat)\b|\beyes open\b|\balternat(?:e|ing) (?:legs|arms|sides|feet|hands)\b|\bpause at (?:the )?(?:top|end|bottom)\b|\barms bent\b|\b(?:feet|foot|heels?|toes) (?:flat )?(?:on|to) (?:the )?(?:floor|ground)\b|(?<=\b(?:march|walk|step|jog)\w*\b.*)\b(?:with )?(?:arms? swing(?:s|ing)?|swing(?:ing)? (?:the |your )?arms?)\b/u;

/** Words that ask for a rest and for nothing else. */
const REST =
  /^(?:(?:short|water|drink|little|quick|a) )*(?:rest|pause|break|breather|drink|water)s?(?: (?:for|and|break|drink|now|a|have|some|sips?|of|water))*$/u;

/** What a move is done with stands behind it. */
const WITH = / (?:with|w|while|using) /u;

/** Reads a line in any order of words, with numbers and sides in every usual way. */
export function readPlainLine(typed: string, setting: PlainSetting): PlainReading {
  const { dose, words } = readSaidDose(typed);
  if (words === '' || REST.test(words))
    return { choices: [], sure: false, unknown: [], onlyManner: false };
  const whole = readWords(words, dose, setting);
  const [head = '', ...tail] = words.split(WITH);
  if (whole.sure || tail.length === 0) return whole;
  // The move is clear, and what it would be done with is not: it is taken without, and told.
  const plain = readWords(head, dose, setting);
  const said = tail.join(' ');
  const passed = wordsOf(said).map(({ word }) => word);
  // What hands hold on to is never passed over.
  const holds = /\b(?:support|hands?|fingertips?|counter|rail|wall|eyes)\b/u.test(said);
  if (!plain.sure || plain.unknown.length > 0 || holds || passed.length === 0) return whole;
  return { ...plain, unknown: passed };
}

function readWords(words: string, dose: SaidDose, setting: PlainSetting): PlainReading {
  const held = HOLDS_ON.test(words);
  const contacts = CONTACTS.filter(([said]) => said.test(words));
  const name = contacts
    .reduce((text, [said]) => text.replace(said, ' '), words)
    .replace(HOLDS_ON, ' ')
    .replace(GOES_WITHOUT_SAYING, ' ');
  const way = setting.at ? position(setting.at).way : USUAL_WAY[setting.group];
  const leaning = {
    each: dose.each === true,
    way: held ? 'standing' : way,
    known: held || setting.at !== undefined,
    held,
    kind: kindSaid(dose),
  } as const;
  const matches = movesMeant(catalogueFor(setting), name, leaning, MOST_CHOICES);
  const read = matches.flatMap((match) => {
    const clauses = contacts.map(([, clause]) => clause);
    const choice = choiceOf(match, dose, words, clauses, setting);
    return choice ? [{ ...match, ...choice }] : [];
  });
  const [first] = read;
  const hasDose = Object.keys(dose).length > 0;
  const bar = hasDose && !areGeneral(name) ? SURE : WHOLE;
  // One word without an amount may be a name that is still being typed.
  const isWhole = hasDose || rootsOf(name).length > 1;
  return {
    choices: read.map(({ move, text }) => ({ move, text })),
    sure:
      first !== undefined &&
      isWhole &&
      first.kept &&
      !first.saysOther &&
      first.levels.length > 0 &&
      first.score >= bar,
    unknown: first?.unknown ?? [],
    onlyManner: first?.unknown.every(isManner) ?? false,
  };
}

/** The rest that a line asks for, in seconds; undefined where it asks for none. */
export function readPlainRest(typed: string): number | undefined {
  const { dose, words } = readSaidDose(typed);
  return REST.test(words) ? (dose.seconds ?? dose.bare) : undefined;
}

/** The kind of dose that is plainly said; a bare time may be held or not. */
function kindSaid({ reps, breaths, seconds, held }: SaidDose): Leaning['kind'] {
  if (reps !== undefined) return 'reps';
  if (breaths !== undefined) return 'breaths';
  return seconds !== undefined && held ? 'hold' : undefined;
}

/** The strict line of a move, and whether all that was said of amount, side and contact is in it. */
function choiceOf(
  { move, levels }: Match,
  dose: SaidDose,
  words: string,
  contacts: readonly string[],
  setting: PlainSetting,
): { readonly text: string; readonly kept: boolean } | undefined {
  const amount = amountOf(dose, move, words, setting);
  const side =
    move.sides === 'each' && (dose.only ? `${dose.only} only` : dose.each && 'each side');
  const said = [amount, side, ...contacts].filter(
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
    (amount === undefined && saysAmount(dose)) || (dose.only && !side) || uncounted || moves;
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
      return { text: writeItem(reading.item, catalogueFor(setting)), kept };
    }
  }
  return undefined;
}

const saysAmount = ({ seconds, reps, breaths, bare, sets }: SaidDose) =>
  [seconds, reps, breaths, bare, sets].some((said) => said !== undefined);

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
  // One way and then the other is twice what is said of one.
  const times = (dose.sets ?? 1) * (dose.eachWay && move.sides === 'both' ? 2 : 1);
  const sets = times > 1 ? ` x${times}` : '';
  const isHeld = own.kind === 'hold' || (dose.held && move.range.holdMs !== undefined);
  const timed = (s: number) => `${isHeld ? 'hold' : 'for'} ${s}s${sets}`;
  if (breaths !== undefined) return `${breaths} breaths${sets}`;
  if (seconds !== undefined) {
    const held = dose.reps ?? dose.sets ?? 1;
    if (dose.held && own.kind === 'reps' && held > 1) {
      return `${held} reps${dose.reps === undefined ? '' : sets}, held ${seconds}s`;
    }
    // Ten times five seconds of what is counted: each of them is held.
    const many = own.kind === 'reps' && seconds <= 15 && times > (move.range.sets?.[1] ?? times);
    if (many && dose.reps === undefined) return `${times} reps, held ${seconds}s`;
    if (dose.reps === undefined) return timed(seconds);
    if (own.kind === 'hold') return sets ? undefined : `hold ${seconds}s x${dose.reps}`;
    // Reps that are each held so long.
    return `${dose.reps} reps${sets}, held ${seconds}s`;
  }
  const count = dose.reps ?? bare;
  // Rounds of a breath are breaths.
  if (count === undefined && own.kind === 'breaths' && dose.sets) return `${dose.sets} breaths`;
  if (count === undefined) return sets ? `${ownAmount(own)}${sets}` : undefined;
  if (own.kind === 'breaths') return `${count} breaths${sets}`;
  // A large number without a word is seconds of a hold and reps of what is counted.
  const asTime = dose.reps === undefined && !dose.each && !MOVES.test(words) && count >= 10;
  if (own.kind === 'reps' || (move.range.reps && !asTime)) return `${count} reps${sets}`;
  // Of a hold, fewer seconds than it can be held are no seconds.
  const isShort = isHeld && count * 1000 < (move.range.holdMs?.[0] ?? 0);
  if (!isShort && (bare !== undefined || count >= 10)) return timed(count);
  // Twice is two holds; eight times is said of what is counted.
  const again = own.kind === 'hold' && !sets && count <= (move.range.sets?.[1] ?? 1);
  return again ? `${ownAmount(own)} x${count}` : undefined;
}

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
