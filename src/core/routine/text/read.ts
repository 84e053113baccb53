import {
  itemIdSchema,
  type ItemId,
  type NewId,
  type RoutineId,
  parseDuration,
} from '@/core/common';
import { propNamed, type Move } from '@/core/moves';
import { laneMeant, lanesSaid } from '@/core/people';
import type { Setting } from '../item';
import { withMovesInUse } from '../own-moves';
import { MOST_ENTRIES, MOST_NOTES, routineSchema, type Routine } from '../schema';
import {
  MOST_LINES,
  MOST_OPTIONS,
  SECTIONS,
  saysSomething,
  type BlockWords,
  type Entry,
  type Item,
  type Line,
  type SectionHead,
  type SectionName,
  type Throughout,
} from '../entries';
import { MOST_WORK, entryWork } from '../size';
import { readBlockHead, readRepeats } from './block-head';
import { readHeader, type HeaderReading, type HeaderWords } from './headers';
import { readItemLine, readOption } from './item-line';
import { splitAtCommas, splitLines, unquote, type TextLine } from './text-lines';
import { noticeFrom, noticeIn } from './notice-line';
import { localProblem, type LocalProblem, type TextProblem } from './problem';

/** Longer texts are not read: nobody typed them. */
export const MOST_CHARACTERS = 200_000;

export interface TextReading {
  /** All that could be read. */
  readonly routine: Routine;
  /** The line that each entry came from, counted from 1. */
  readonly lines: ReadonlyMap<ItemId, number>;
  readonly problems: readonly TextProblem[];
}

export interface TextReadingOptions {
  readonly id: RoutineId;
  readonly newId: NewId;
  /** The title of a text that names none. */
  readonly untitled: string;
  /** Own moves that the text may name, beside the shipped ones. */
  readonly moves?: readonly Move[];
}

interface Reading {
  readonly options: TextReadingOptions;
  header: HeaderWords;
  readonly keys: Set<string>;
  readonly notes: string[];
  readonly sections: Record<SectionName, Entry[]>;
  readonly heads: Partial<Record<SectionName, SectionHead>>;
  readonly lines: Map<ItemId, number>;
  readonly problems: TextProblem[];
  section: SectionName | undefined;
  open: OpenBlock | undefined;
  /** What all entries so far come to. */
  work: number;
}

/** A block whose lines are still coming. */
interface OpenBlock {
  readonly head: TextLine;
  words: BlockWords;
  readonly id: ItemId;
  readonly note: string | undefined;
  readonly lines: Line[];
  /** Set by its first line: until the indentation ends, or until `(end)`. */
  until: 'indentation' | 'end' | undefined;
}

/**
 * Reads routine text. It never throws: whatever cannot be kept is a problem with its line and
 * column, and the rest is still read.
 * @example readRoutineText('Seated twist: hold 20s', { id, newId, untitled: 'Untitled' })
 */
export function readRoutineText(text: string, options: TextReadingOptions): TextReading {
  const reading: Reading = {
    options,
    header: {},
    keys: new Set(),
    notes: [],
    sections: { 'warm-up': [], main: [], settle: [] },
    heads: {},
    lines: new Map(),
    problems: [],
    section: undefined,
    open: undefined,
    work: 0,
  };
  if (text.length > MOST_CHARACTERS) {
    reading.problems.push({ code: 'too-big', line: 1, column: 1, read: '', could: [] });
  } else {
    const lines = splitLines(text);
    lines.forEach((line, at) => readLine(reading, line, lines.slice(at + 1)));
    closeBlock(reading);
  }
  const { title = options.untitled, group = 'desk', pace = {}, ...header } = reading.header;
  const routine: Routine = {
    id: options.id,
    title,
    pace,
    group,
    ...header,
    notes: reading.notes,
    ...(Object.keys(reading.heads).length > 0 && { heads: reading.heads }),
    sections: reading.sections,
  };
  const whole = withMovesInUse(routine, options.moves ?? []);
  if (!routineSchema.safeParse(whole).success) {
    reading.problems.push({ code: 'not-whole', line: 1, column: 1, read: '', could: [] });
  }
  return { routine: whole, lines: reading.lines, problems: reading.problems };
}

function report(reading: Reading, line: TextLine, { at, ...problem }: LocalProblem): void {
  reading.problems.push({ ...problem, line: line.line, column: line.column + at });
}

function readLine(reading: Reading, line: TextLine, later: readonly TextLine[]): void {
  if (line.text === '' && line.note === undefined) return;
  keepOpen(reading, line, later);
  if (line.text === '') return keepNote(reading, line, line.note ?? '');
  if (line.text.startsWith('[')) {
    closeBlock(reading);
    return readSection(reading, line);
  }
  if (line.text.startsWith('(')) return readBracket(reading, line);
  const throughout = /^throughout\b *(.*)$/i.exec(line.text)?.[1];
  if (throughout !== undefined) return readThroughout(reading, line, throughout);
  const option = /^or(?: +([a-z-]+))? *: *(.*)$/i.exec(line.text);
  if (option) return keepOption(reading, line, option[1], option[2] ?? '');
  const header = readHeader(line.text, line.raw);
  if (header && reading.section === undefined) return keepHeader(reading, line, header);
  if (header) return report(reading, line, localProblem('header-late', 0, header.key));
  readEntry(reading, line);
}

/** Sees whether a line still belongs to the open block, and closes the block where it does not. */
function keepOpen(reading: Reading, line: TextLine, later: readonly TextLine[]): void {
  const { open } = reading;
  if (!open) return;
  const indented = line.column > open.head.column;
  if (isEnd(line)) return;
  if (open.until === undefined && line.text !== '') {
    if (indented) open.until = 'indentation';
    else if (endsLater(later)) open.until = 'end';
    else return closeBlock(reading);
  }
  if (open.until !== 'end' && !indented) closeBlock(reading);
}

const isEnd = (line: TextLine) => /^\( *end *\)$/i.test(line.text);

function endsLater(later: readonly TextLine[]): boolean {
  return isEnd(later.find(({ text }) => /^[[(]/.test(text)) ?? { ...EMPTY });
}

const EMPTY: TextLine = { line: 0, text: '', raw: '', column: 1, note: undefined };

function readBracket(reading: Reading, line: TextLine): void {
  if (isEnd(line)) {
    if (!reading.open) report(reading, line, localProblem('end-without-block', 0, line.raw));
    return closeBlock(reading);
  }
  if (reading.open) report(reading, line, localProblem('block-in-block', 0, line.raw));
  closeBlock(reading);
  reading.section ??= 'main';
  const { words, problems } = readBlockHead(line.text, line.raw);
  problems.forEach((problem) => report(reading, line, problem));
  const note = noteOf(reading, line).note;
  const id = freshId(reading);
  reading.open = { head: line, words, id, note, lines: [], until: undefined };
}

/** Keeps a block that has lines and says something; of one that says nothing the lines are kept. */
function closeBlock(reading: Reading): void {
  const { open } = reading;
  if (!open) return;
  reading.open = undefined;
  const { head, words, id, note, lines } = open;
  if (lines.length === 0) return report(reading, head, localProblem('block-empty', 0, head.raw));
  if (words.choose && lines.filter(({ kind }) => kind === 'item').length <= words.choose) {
    report(reading, head, localProblem('choose-needs-more', 0, head.raw));
    delete words.choose;
  }
  if (!saysSomething(words)) {
    lines.forEach((line) => keep(reading, head, line));
    return;
  }
  keep(reading, head, { kind: 'block', id, ...words, ...(note && { note }), lines });
}

function keepHeader(
  reading: Reading,
  line: TextLine,
  { key, words, problems }: HeaderReading,
): void {
  if (line.note) keepNote(reading, line, line.note);
  if (Object.keys(words).length > 0 && reading.keys.has(key)) {
    return report(reading, line, localProblem('header-twice', 0, key));
  }
  problems.forEach((problem) => report(reading, line, problem));
  if (Object.keys(words).length > 0) reading.keys.add(key);
  reading.header = {
    ...reading.header,
    ...words,
    ...(words.pace && { pace: { ...reading.header.pace, ...words.pace } }),
  };
}

function readSection(reading: Reading, line: TextLine): void {
  const inside = /^\[\s*(.*?)\s*\]$/.exec(line.text)?.[1] ?? '';
  const [first, ...repeats] = splitAtCommas(inside, inside);
  const name = first?.text.toLowerCase().replace(/\s+/g, '-');
  const section = SECTIONS.find((known) => known === (name === 'warmup' ? 'warm-up' : name));
  if (!section) {
    const could = SECTIONS.map((known) => `[${known}]`);
    return report(reading, line, localProblem('unknown-section', 0, line.raw, could));
  }
  reading.section = section;
  for (const piece of repeats) {
    const read = readRepeats(piece.text);
    const at = line.text.indexOf(inside) + piece.at;
    const known = reading.heads[section] ?? {};
    if (!read) {
      const could = ['2 rounds', 'rest 1:00'];
      report(reading, line, localProblem('unknown-block-word', at, piece.raw, could));
    } else if ('code' in read) report(reading, line, { ...read, at: at + read.at });
    else if (Object.keys(read).some((key) => key in known)) {
      report(reading, line, localProblem('clause-twice', at, piece.raw));
    } else if (Object.keys(read).length > 0) reading.heads[section] = { ...known, ...read };
  }
  const head = reading.heads[section];
  if (head?.restMs !== undefined && !head.rounds) {
    report(reading, line, localProblem('rest-needs-rounds', 0, line.raw, ['2 rounds']));
    const { restMs: _, ...kept } = head;
    if (Object.keys(kept).length > 0) reading.heads[section] = kept;
    else delete reading.heads[section];
  }
  if (line.note) keepNote(reading, line, line.note);
}

/** What is kept up in all lines below: of the open block, or of the section. */
function readThroughout(reading: Reading, line: TextLine, text: string): void {
  const { open } = reading;
  const section = (reading.section ??= 'main');
  const around: readonly Entry[] = open?.lines ?? reading.sections[section];
  const typed = line.raw.slice(line.raw.length - text.length);
  const at = line.text.length - text.length;
  if (around.some(({ kind }) => kind !== 'note')) {
    return report(reading, line, localProblem('throughout-late', 0, line.raw));
  }
  const known = (open ? open.words.throughout : reading.heads[section]?.throughout) ?? {};
  const next = throughoutWith(known, text, typed);
  if (typeof next === 'string') {
    const could = next === 'throughout-what' ? ['"…"', 'prop pillow'] : [];
    return report(reading, line, localProblem(next, at, typed, could));
  }
  if (open) open.words = { ...open.words, throughout: next };
  else reading.heads[section] = { ...reading.heads[section], throughout: next };
  if (line.note) keepNote(reading, line, line.note);
}

function throughoutWith(
  known: Throughout,
  text: string,
  typed: string,
): Throughout | 'clause-twice' | 'throughout-what' | 'text-too-long' {
  const words = unquote(typed);
  if (words) {
    if (known.words !== undefined) return 'clause-twice';
    return words.length > MOST_NOTE ? 'text-too-long' : { ...known, words };
  }
  const name = /^prop +(.+)$/i.exec(text)?.[1];
  const prop = name && propNamed(name);
  if (!prop) return 'throughout-what';
  if (known.props?.includes(prop)) return 'clause-twice';
  return { ...known, props: [...(known.props ?? []), prop] };
}

/** An option stands under the line that it is for. */
function keepOption(reading: Reading, line: TextLine, lane: string | undefined, text: string) {
  const around: Entry[] = reading.open?.lines ?? reading.sections[reading.section ?? 'main'];
  const at = around.findLastIndex(({ kind }) => kind !== 'note');
  const item = around[at];
  if (item?.kind !== 'item') {
    return report(reading, line, localProblem('option-without-item', 0, line.raw));
  }
  const { lanes } = reading.header;
  const whose = lane === undefined ? undefined : laneMeant(lane, lanes);
  if (lane && !whose) {
    return report(reading, line, localProblem('unknown-lane', 3, lane, lanesSaid(lanes)));
  }
  const from = line.text.length - text.length;
  const read = readOption(line.raw.slice(from), whose, settingOf(reading));
  read.problems.forEach((one) => report(reading, line, { ...one, at: one.at + from }));
  if (!read.option) return;
  const options = [...(item.options ?? []), read.option];
  if (options.length > MOST_OPTIONS) {
    return report(reading, line, localProblem('too-many-options', 0, line.raw));
  }
  if (whose && item.options?.some((one) => one.lane === whose)) {
    return report(reading, line, localProblem('clause-twice', 0, line.raw));
  }
  const withOption: Item = { ...item, options };
  around[at] = withOption;
  if (line.note) keepNote(reading, line, line.note);
}

function readEntry(reading: Reading, line: TextLine): void {
  reading.section ??= 'main';
  const rest = /^rest\s+(.+)$/i.exec(line.text);
  if (rest?.[1]) return readRest(reading, line, rest[1]);
  const notice = noticeIn(line.text);
  if (notice) return readNotice(reading, line, notice.time, notice.words);
  const id = freshId(reading);
  const { item, problems } = readItemLine(line.text, line.raw, id, settingOf(reading));
  problems.forEach((problem) => report(reading, line, problem));
  if (item) keep(reading, line, { ...item, ...noteOf(reading, line) });
}

function settingOf({ header, options }: Reading): Setting {
  return { group: header.group ?? 'desk', moves: options.moves, lanes: header.lanes };
}

function readRest(reading: Reading, line: TextLine, text: string): void {
  const result = parseDuration(text);
  const at = line.text.length - text.length;
  if (!result.ok) {
    const code = result.problems[0];
    return report(reading, line, localProblem(code, at, text, ['rest 30s']));
  }
  if (result.value < 1000) {
    return report(reading, line, localProblem('too-few', at, text, ['rest 5s']));
  }
  const id = freshId(reading);
  keep(reading, line, { kind: 'rest', id, restMs: result.value, ...noteOf(reading, line) });
}

function readNotice(reading: Reading, line: TextLine, time: string, quoted: string): void {
  const read = noticeFrom(time, line.raw.slice(line.raw.length - quoted.length), line);
  if ('code' in read) return report(reading, line, read);
  const id = freshId(reading);
  keep(reading, line, { kind: 'notice', id, ...read, ...noteOf(reading, line) });
}

function freshId({ options }: Reading): ItemId {
  return itemIdSchema.parse(options.newId());
}

const MOST_NOTE = 300;

function noteOf(reading: Reading, line: TextLine): { note?: string } {
  const kept = line.note && shortNote(reading, line, line.note);
  return kept ? { note: kept } : {};
}

function shortNote(reading: Reading, line: TextLine, note: string): string {
  if (note.length <= MOST_NOTE) return note;
  report(reading, line, localProblem('text-too-long', line.raw.length, `${note.slice(0, 20)}…`));
  return note.slice(0, MOST_NOTE).trim();
}

/** Notes before the first section or item are the routine's own; later ones stay where they stand. */
function keepNote(reading: Reading, line: TextLine, note: string): void {
  const text = shortNote(reading, line, note);
  if (reading.section === undefined) {
    if (reading.notes.length < MOST_NOTES) reading.notes.push(text);
    else report(reading, line, localProblem('too-many-notes', 0, line.raw));
  } else keep(reading, line, { kind: 'note', id: freshId(reading), note: text });
}

function keep(reading: Reading, line: TextLine, entry: Entry): void {
  const { open } = reading;
  const entries: Entry[] = open ? open.lines : reading.sections[reading.section ?? 'main'];
  if (!open) {
    const rounds = reading.heads[reading.section ?? 'main']?.rounds ?? 1;
    const work = reading.work + entryWork(entry, settingOf(reading)) * rounds;
    if (work > MOST_WORK) return report(reading, line, localProblem('too-much-work', 0, line.raw));
    reading.work = work;
  }
  if (entries.length >= (open ? MOST_LINES : MOST_ENTRIES)) {
    return report(reading, line, localProblem('too-many-entries', 0, line.raw));
  }
  entries.push(entry);
  reading.lines.set(entry.id, line.line);
}
