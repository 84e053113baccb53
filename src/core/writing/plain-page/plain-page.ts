import { onSide, type PositionId } from '@/core/body';
import { itemIdSchema } from '@/core/common';
import { itemInForce, type Line, type SectionName } from '@/core/routine';
import type { PlainSetting } from '../plain-line/plain-line';
import { readSaidDose } from '../plain-line/said-dose';
import { readSaidLine } from '../plain-line/said-line';
import { sectionHeaded } from '../plain-line/section-said';
import { NOTHING, type TypedLine } from '../plain-line/typed-line';
import { saidMsOf, shapeOf, type Column, type RawRow, type Shape } from './shape';

/** A line of a plan, and what it becomes. */
export interface PageLine {
  /** Counted from 1. */
  readonly line: number;
  /** As it stands there, without its bullet and its place in time. */
  readonly typed: string;
  readonly kind: 'move' | 'structure';
  readonly section: SectionName;
  readonly reading: TypedLine;
  /** What was said of it besides: a column of notes, a bullet under it. */
  readonly note: string | undefined;
}

export interface PlainPage {
  /** Its first line, where that is neither a move nor a heading. */
  readonly title: string | undefined;
  readonly lines: readonly PageLine[];
  readonly shape: Shape;
  /** What a table's columns were taken for. */
  readonly columns: readonly Column[] | undefined;
  /** Whether they were guessed. */
  readonly guessed: true | undefined;
  /** How long the plan itself says that it takes. */
  readonly saidMs: number | undefined;
  /** Lines beyond what one routine holds, which were not read. */
  readonly unread: number;
}

/** A routine holds no more lines. */
const MOST_LINES = 400;
const MOST_LETTERS = 600;

/**
 * Reads a plan as it stands on paper: a list, a table, a clock or sentences; headings, bullets, numbers.
 * Each row is read where the rows before it have left people. What orders rows is none, and is left open.
 *
 * @param setting of the routine that it goes into
 * @param as what the plan is said to be, in place of what it is taken for
 */
export function readPlainPage(text: string, setting: PlainSetting, as?: Shape): PlainPage {
  const all = withoutMarkup(text)
    .split(/\r\n|\r|\n/u)
    .map((typed, i) => ({ typed: typed.slice(0, MOST_LETTERS), line: i + 1 }))
    .filter(({ typed }) => /[\p{L}\p{N}]/u.test(typed));
  const raw = all.slice(0, MOST_LINES);
  const { shape, rows, columns, guessed } = shapeOf(raw, as);
  let title: string | undefined;
  let section: SectionName = 'main';
  let at: PositionId | undefined = setting.at;
  const lines: PageLine[] = [];
  for (const row of rows) {
    const { line, structure, note } = row;
    if (structure) {
      lines.push({
        line,
        typed: row.typed.trim(),
        kind: 'structure',
        section,
        reading: OPEN,
        note,
      });
      continue;
    }
    // A time in front says when a line is due, if more than one has it; else it may be how long.
    const plain = readSaidLine(row.said, { ...setting, at }, shape === 'clock');
    const { said, section: own } = plain;
    // A row that was cut, or whose time runs backwards, is not taken for all that it said.
    const isCut = row.typed.length >= MOST_LETTERS || row.backwards;
    const isFirst = lines.length === 0 && title === undefined;
    const greeting = isFirst || plain.reading?.line ? undefined : greeted(said);
    const reading = isCut ? OPEN : (greeting ?? timed(plain, row, { ...setting, at }));
    // What is a line of its own is no heading: two minutes to relax are led.
    const headed = reading
      ? !(plain.reading?.line && /\d/u.test(said)) && sectionHeaded(said)
      : own;
    if (headed) section = headed;
    if (headed || !reading) continue;
    section = own ?? section;
    if (lines.length === 0 && title === undefined && !reading.line && isTitle(said)) {
      title = said.replace(/^#+\s*/u, '').replace(/^title:\s*/iu, '');
      continue;
    }
    if (reading.line) at = placeAfter(reading.line, setting) ?? at;
    const typed = shape === 'table' ? cellsOf(row.typed) : said;
    lines.push({ line, typed, kind: 'move', section, reading, note });
  }
  return {
    title,
    lines,
    shape,
    columns,
    guessed,
    saidMs: title === undefined ? undefined : saidMsOf(title),
    unread: all.length - raw.length,
  };
}

/** A table's row as it stands there, its cells told apart. */
const cellsOf = (typed: string) =>
  typed
    .split(/\t|\||;| {2,}/u)
    .map((cell) => cell.trim())
    .filter(Boolean)
    .join(' · ');

/** What orders rows becomes no line by itself. */
const OPEN = NOTHING;

/** A page that was pasted with its markup, as its words: a row of a table is a line, its cells are parted. */
function withoutMarkup(text: string): string {
  if (!/<(?:table|tr|td|li|p|br|div|ul|ol|html)\b/iu.test(text)) return text;
  return text
    .replace(/<(?:script|style)\b[\s\S]*?<\/(?:script|style)>/giu, '')
    .replace(/\s*\n\s*/gu, ' ')
    .replace(/<\/t[dh]>\s*(?=<t[dh])/giu, '\t')
    .replace(/<\/(?:tr|li|p|div|h\d|table|ul|ol)>|<br\s*\/?>/giu, '\n')
    .replace(/<[^>]*>/gu, '')
    .replace(/&nbsp;/giu, ' ')
    .replace(/&amp;/giu, '&')
    .replace(/&lt;/giu, '<')
    .replace(/&gt;/giu, '>');
}

/** A row that says nothing of an amount takes the time that the clock gives it; a rest does too. */
function timed(
  plain: ReturnType<typeof readSaidLine>,
  { clockS }: RawRow,
  setting: PlainSetting,
): TypedLine | undefined {
  const { said, reading } = plain;
  if (!reading || clockS === undefined || /\d/u.test(said)) return reading;
  const withTime = readSaidLine(`${said} ${clockS} s`, setting).reading;
  return withTime ?? reading;
}

/** Words without an amount of anything but minutes. */
function isTitle(said: string): boolean {
  const { reps, breaths, sets, seconds = 0, held } = readSaidDose(said).dose;
  const isCounted = [reps, breaths, sets, held].some((one) => one !== undefined);
  return said.length <= 80 && !isCounted && seconds % 60 === 0;
}

/** What is said to people, and is no line of a class. */
const GREETING =
  /^(?:hi|hello|hey|welcome|good (?:morning|afternoon|evening)|see you|bye|goodbye|well done|thanks?|thank you|have an? (?:good|great|nice|lovely)|enjoy|take care|great (?:job|work)|that(?:'|’)s (?:it|all)|the end|namaste)\b[^\d]*$/iu;

/** A greeting is kept as it is. */
const greeted = (said: string): TypedLine | undefined =>
  GREETING.test(said)
    ? { ...NOTHING, line: { kind: 'note', id: GREETED, note: said }, text: `# ${said}` }
    : undefined;
const GREETED = itemIdSchema.parse('trial');

/** Where a line leaves people, as it is usually done. */
export function placeAfter(line: Line, setting: PlainSetting): PositionId | undefined {
  if (line.kind !== 'item') return undefined;
  return onSide(itemInForce(line, setting).level.to, 'left');
}
