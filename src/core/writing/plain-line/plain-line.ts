import { position } from '@/core/body';
import { itemIdSchema, type GroupName } from '@/core/common';
import { ownDose, type Move } from '@/core/moves';
import { catalogueFor, readAddingLine, writeItem, type Setting } from '@/core/routine';
import { readSaidDose, type SaidDose } from './said-dose';
import { movesMeant, rootsOf, unknownTo, type Leaning, type Match } from './which-move';

export interface PlainChoice {
  readonly move: Move;
  /** The strict line. */
  readonly text: string;
}

/** What a line means that is written as people write it. */
export interface PlainReading {
  /** The likeliest first; none where no move comes near. */
  readonly choices: readonly PlainChoice[];
  /** Whether the first is near enough to be taken without asking. */
  readonly sure: boolean;
  /** Words of the line that say nothing of the first. */
  readonly unknown: readonly string[];
}

export interface PlainSetting extends Setting {
  /** Where people are, if anything is known of it. */
  readonly at?: Parameters<typeof position>[0] | undefined;
}

/** Nearer than this a name is taken as meant. */
const SURE = 0.6;
/** Without an amount somebody may still be typing: the name has to be all there. */
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

/** Reads a line in any order of words, with numbers and sides in every usual way. */
export function readPlainLine(typed: string, setting: PlainSetting): PlainReading {
  const { dose, words } = readSaidDose(typed);
  const rest =
    /^(?:(?:short|water|drink|little|quick) )*(?:rest|pause|break|breather|drink)(?: (?:for|break|now))*$/u;
  if (words === '' || rest.test(words)) return { choices: [], sure: false, unknown: [] };
  const kind =
    dose.reps !== undefined
      ? 'reps'
      : dose.breaths !== undefined
        ? 'breaths'
        : dose.seconds !== undefined
          ? dose.held
            ? 'hold'
            : undefined
          : undefined;
  const way = setting.at ? position(setting.at).way : USUAL_WAY[setting.group];
  const matches = movesMeant(catalogueFor(setting), words, {
    way,
    known: setting.at !== undefined,
    kind,
  }).slice(0, MOST_CHOICES);
  const choices = matches.flatMap((match) => choiceOf(match, dose, words, setting));
  const [first] = choices;
  const bar = Object.keys(dose).length > 0 ? SURE : WHOLE;
  const sure = first !== undefined && (matches[0]?.score ?? 0) >= bar;
  return { choices, sure, unknown: first ? unknownTo(first.move, words) : [] };
}

/** The rest that a line asks for, in seconds; undefined where it asks for none. */
export function readPlainRest(typed: string): number | undefined {
  const { dose, words } = readSaidDose(typed);
  const asks = /^(?:(?:short|water|drink|little|quick|a) )*(?:rest|pause|break|breather)s?$/u;
  if (
    !asks.test(
      words
        .replace(/\b(?:for|and|water|drink)\b/gu, '')
        .replace(/\s+/gu, ' ')
        .trim(),
    )
  )
    return undefined;
  return dose.seconds ?? dose.bare;
}

function choiceOf(
  { move }: Match,
  dose: SaidDose,
  words: string,
  setting: PlainSetting,
): readonly PlainChoice[] {
  const amount = amountOf(dose, move, setting);
  const sides =
    move.sides !== 'each' ? undefined : dose.only ? `${dose.only} only` : dose.each && 'each side';
  const level = levelMeant(move, words);
  const wished = [amount, sides, level && `level ${level}`, ...contactsOf(words, move)].filter(
    Boolean,
  );
  // What the move does not take is left out, the least important first.
  for (let count = wished.length; count >= 0; count--) {
    const text =
      wished.length > 0 && count > 0
        ? `${move.name}: ${wished.slice(0, count).join(', ')}`
        : move.name;
    const reading = readAddingLine(text, TRIAL, setting);
    if ('item' in reading && reading.item && reading.problems.length === 0) {
      return [{ move, text: writeItem(reading.item, catalogueFor(setting)) }];
    }
  }
  return [];
}

/** An amount in the words of the move's own kind of dose. */
function amountOf(dose: SaidDose, move: Move, { group }: Setting): string | undefined {
  const own = ownDose(move, group).kind;
  const sets = dose.sets !== undefined && dose.sets > 1 ? ` x${dose.sets}` : '';
  const timed = (s: number) =>
    own === 'hold' || (dose.held && move.range.holdMs) ? `hold ${s}s${sets}` : `for ${s}s${sets}`;
  if (dose.breaths !== undefined) return `${dose.breaths} breaths${sets}`;
  if (dose.seconds !== undefined) {
    // Reps that are each held so long.
    if (dose.reps !== undefined && own === 'hold') return `hold ${dose.seconds}s x${dose.reps}`;
    if (dose.reps !== undefined) return `${dose.reps} reps${sets}`;
    return timed(dose.seconds);
  }
  const count = dose.reps ?? dose.bare;
  if (count === undefined) return undefined;
  const isBare = dose.reps === undefined;
  if (own === 'breaths') return `${count} breaths${sets}`;
  if (own === 'reps' || (move.range.reps && !(isBare && count >= 10)))
    return `${count} reps${sets}`;
  if (isBare || count >= 10) return timed(count);
  return own === 'hold' ? `hold ${holdOf(move, group)}s x${count}` : undefined;
}

function holdOf(move: Move, group: GroupName): number {
  const dose = ownDose(move, group);
  return dose.kind === 'hold' ? dose.holdMs / 1000 : 0;
}

/** A level whose own words are all in the line, where the move's name has them not. */
function levelMeant(move: Move, words: string): string | undefined {
  const typed = rootsOf(words);
  const named = new Set([move.name, ...move.otherNames].flatMap((name) => rootsOf(name)));
  const fits = move.levels.filter(({ name }) => {
    const own = rootsOf(name).filter((root) => !named.has(root));
    return own.length > 0 && own.every((root) => typed.includes(root));
  });
  return fits.length === 1 ? fits[0]?.name : undefined;
}

function contactsOf(words: string, move: Move): readonly string[] {
  if (move.kind !== 'balance') return [];
  return [
    ...(/\beyes (?:closed|shut)\b/u.test(words) ? ['with eyes closed'] : []),
    ...(/\bno hands\b|\bhands free\b/u.test(words) ? ['support none'] : []),
    ...(/\bfingertips?\b/u.test(words) ? ['support fingertips'] : []),
    ...(/\bone hand\b/u.test(words) ? ['support one hand'] : []),
  ];
}
