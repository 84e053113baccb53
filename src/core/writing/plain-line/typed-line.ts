import { itemIdSchema, type MoveId } from '@/core/common';
import { foldName, type Move } from '@/core/moves';
import {
  catalogueFor,
  isStrictLine,
  notedLine,
  readAddingLine,
  writeItem,
  writeLine,
  type Line,
  type LocalProblem,
} from '@/core/routine';
import { searchMoves } from '../find-moves/search';
import { isKept } from './kept';
import {
  WORD_FOR_WORD,
  readOwnWords,
  readPlainLine,
  readPlainRest,
  type PlainSetting,
} from './plain-line';
import { readSaidDose } from './said-dose';

/** A move that a line may mean, and the strict line that would be. */
export interface Meant {
  readonly name: string;
  readonly text: string;
  /** The move itself, where it is known which. */
  readonly move?: MoveId;
  /** How the move is another one than what was asked for. */
  readonly differs?: string | undefined;
}

/** What the line for adding makes of what is typed. */
export interface TypedLine {
  /** What would be added; only where it is sure, and nothing that was said is lost. */
  readonly line: Line | undefined;
  /** It as strict text; empty where nothing is sure. */
  readonly text: string;
  /** Other moves that may be meant, the likeliest first. */
  readonly others: readonly Meant[];
  /** Words that say nothing of the move, and were passed over. */
  readonly passed: readonly string[];
  readonly problem: LocalProblem | undefined;
}

const TRIAL = itemIdSchema.parse('trial');
const MOST_OTHERS = 3;
/** What is longer is no line, and nothing of it is guessed. */
const MOST_LETTERS = 600;
/** Of what nothing can be said. */
export const NOTHING: TypedLine = {
  line: undefined,
  text: '',
  others: [],
  passed: [],
  problem: undefined,
};

/** A line with one note more behind it, as a line and as text. */
function withNote(read: TypedLine, note: string): TypedLine {
  const noted = (text: string): string => {
    if (text === '' || text.endsWith(': ')) return text;
    const [said = '', own] = text.split(NOTE_SIGN);
    return `${said}${NOTE_SIGN}${notes(own, note)}`;
  };
  return {
    ...read,
    line: read.line && { ...read.line, note: notes(read.line.note, note) },
    text: noted(read.text),
    others: read.others.map((other) => ({ ...other, text: noted(other.text) })),
  };
}
const NOTE_SIGN = '    # ';
const MOST_NOTE = 300;

/** Two notes as one, as much of them as a line holds. */
export const notes = (own: string | undefined, note: string | undefined): string =>
  [own, note].filter(Boolean).join(', ').slice(0, MOST_NOTE);

/**
 * Reads one line as it is typed for adding: strictly where it is strict, else as people write it, in
 * any order of words. What stands behind `#` is its note. Never throws; a line that means nothing has a
 * problem.
 */
export function readTypedLine(typed: string, setting: PlainSetting): TypedLine {
  if (typed.length > MOST_LETTERS) return NOTHING;
  const noted = notedLine(typed);
  return noted ? withNote(readSaid(noted.said, setting), noted.note) : readSaid(typed, setting);
}

function readSaid(typed: string, setting: PlainSetting): TypedLine {
  const catalogue = catalogueFor(setting);
  const sure = (line: Line, more: Partial<TypedLine> = {}): TypedLine => ({
    line,
    text: line.kind === 'item' ? writeItem(line, catalogue) : writeLine(line, catalogue),
    others: [],
    passed: [],
    problem: undefined,
    ...more,
  });
  const own = readOwnWords(typed, setting);
  const [mine] = own?.choices ?? [];
  if (own?.sure && mine) return sure(mine.item, { text: mine.text });
  if (own && mine) {
    const others = own.choices.map(({ move, text }) => ({ name: move.name, text, move: move.id }));
    return { line: undefined, text: '', others, passed: [], problem: undefined };
  }
  const strict = readAddingLine(typed, TRIAL, setting);
  const [problem] = strict.problems;
  if ('line' in strict) return sure(strict.line);
  const { item } = strict;
  const seconds = item ? undefined : readPlainRest(typed);
  if (seconds !== undefined && seconds > 0) {
    return sure({ kind: 'rest', id: TRIAL, restMs: seconds * 1000 });
  }
  const plain = readPlainLine(typed, setting);
  const others = (taken?: string): readonly Meant[] =>
    plain.choices
      .map(({ move, text, differs }) => ({
        name: move.name,
        text,
        move: move.id,
        ...(differs && { differs }),
      }))
      .filter(({ text }) => text !== taken);
  const [best] = plain.choices;
  const move = item && catalogue.byId.get(item.moveId);
  // A part of a name may be what people call another move.
  const isOther = plain.sure && best?.move !== move && !(move && begins(typed, move));
  // What is known as another movement is no short form of a name, unless it is one.
  const isNear =
    best?.differs !== undefined && plain.cover >= WORD_FOR_WORD && !isCalled(typed, move);
  // "Standing" says where it is done, and asks for nothing, where nobody wrote clauses.
  const isPlace = item?.asks !== undefined && !/:|\basks\b/u.test(typed);
  // Who writes no clauses means none that is wrong.
  const isLoose = !/[:,]/u.test(typed);
  // What is read clause by clause may leave an amount out that was said in passing.
  const keeps =
    item && move && (isStrictLine(typed, setting) || isKept(readSaidDose(typed).dose, item, move));
  // A loose line is read by its whole grammar where that leaves nothing out.
  const isPlain =
    plain.sure &&
    best?.move === move &&
    plain.unknown.length === 0 &&
    item?.sides === undefined &&
    !isStrictLine(typed, setting) &&
    !typed.includes(':');
  if (item && !problem && !isOther && !isNear && !isPlace && keeps && !isPlain) {
    const { name } = move ?? { name: '' };
    const unlike = others().filter((one) => one.name !== name);
    return sure(item, { others: typed.includes(':') ? [] : unlike.slice(0, MOST_OTHERS) });
  }
  // Where the move is clear and a word is not, that word is told and not passed over.
  if (
    plain.sure &&
    best &&
    (plain.unknown.length === 0 || plain.onlyManner || !item || isOther || isPlace || isLoose)
  ) {
    const unlike = others(best.text).slice(0, MOST_OTHERS);
    return sure(best.item, { text: best.text, others: unlike, passed: plain.unknown });
  }
  // Without an amount a name may still be being typed: what begins so comes first.
  const begun = /\d/u.test(typed) ? [] : named(typed, setting);
  const near = [...begun, ...others()].filter(
    ({ name }, i, all) => all.findIndex((one) => one.name === name) === i,
  );
  return {
    line: undefined,
    text: '',
    others: (near.length > 0 ? near : named(typed, setting)).slice(0, MOST_OTHERS + 1),
    passed: [],
    problem,
  };
}

/** Whether a line begins with a name that the catalogue has for a move, or is the beginning of one. */
function begins(typed: string, { name, otherNames }: Move): boolean {
  const line = foldName(typed);
  const words = foldName(wordsBefore(typed));
  return [name, ...otherNames]
    .map(foldName)
    .some((own) => line.startsWith(own) || own.startsWith(words));
}

const isCalled = (typed: string, move: Move | undefined) =>
  move !== undefined &&
  [move.name, ...move.otherNames].some((own) => foldName(typed).startsWith(foldName(own)));

const wordsBefore = (typed: string) => typed.split(/[:,\d]/u)[0]?.trim() ?? '';

/** Moves that have every word typed before the dose. */
function named(typed: string, setting: PlainSetting): readonly Meant[] {
  const words = wordsBefore(typed);
  const found = words.length < 2 ? [] : searchMoves(catalogueFor(setting), words);
  return found.slice(0, MOST_OTHERS + 1).map(({ name }) => ({ name, text: `${name}: ` }));
}
