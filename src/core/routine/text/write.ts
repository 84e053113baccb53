import type { PaceChanges } from '@/core/body';
import { printDuration, type LevelId } from '@/core/common';
import {
  moveById,
  type Catalogue,
  type Breath,
  type Held,
  type WrittenDose,
  levelById,
  type Move,
  type DoseWords,
} from '@/core/moves';
import { laneEntries, laneSaid, limitWords } from '@/core/people';
import { catalogueFor } from '../item';
import { type Routine } from '../schema';
import {
  SECTIONS,
  type Entry,
  type Item,
  type ItemOption,
  type Line,
  type SectionHead,
  type SectionName,
  type SidesClause,
  type Throughout,
} from '../entries';
import { SCHOOL_QUESTIONS } from '../school';
import { writeBlockHead } from './block-head';
import { quote } from './text-lines';

/** Writes a routine as text; all but ids can be read back. */
export function writeRoutineText(routine: Routine): string {
  const header = headerLines(routine);
  const catalogue = catalogueFor(routine);
  const { heads = {} } = routine;
  const filled = (name: SectionName) => routine.sections[name].length > 0 || heads[name];
  const sections = SECTIONS.filter(filled).map((name) => [
    `[${[name, writeSectionHead(heads[name] ?? {})].filter(Boolean).join(', ')}]`,
    ...writeThroughout(heads[name]?.throughout),
    ...routine.sections[name].flatMap((entry) => writeEntry(entry, catalogue)),
  ]);
  return [header, ...sections].map((lines) => lines.join('\n')).join('\n\n') + '\n';
}

function headerLines(routine: Routine): readonly string[] {
  return [
    ...[...writeHeaders(routine)].map(([key, value]) => `${key}: ${value}`),
    ...routine.notes.map(writeNote),
  ];
}

/** The headers that a routine has, with what stands behind each. */
export function writeHeaders(routine: Routine): ReadonlyMap<string, string> {
  const { breathInMs, breathOutMs } = routine.pace;
  const pace = paceNumbers(routine.pace);
  const headers: readonly (readonly [string, string | false | undefined])[] = [
    ['title', /["“”„#\\]/u.test(routine.title) ? quote(routine.title) : routine.title],
    ['group', routine.group],
    ['slot', routine.slotMs !== undefined && printDuration(routine.slotMs)],
    ['lanes', routine.lanes?.join(', ')],
    ['start', routine.start],
    ['end', routine.end],
    [
      'breath',
      breathInMs && breathOutMs ? `${breathInMs / 1000}/${breathOutMs / 1000}` : undefined,
    ],
    ['pace', pace.join(', ')],
    ['school', routine.schools && schoolWords(routine.schools).join(', ')],
    ['limits', limitsHeader(routine)],
    ['room', routine.room?.map(roomWords).join(', ')],
    ['goals', routine.goals?.join(', ')],
    ['often', routine.often],
  ];
  return new Map(headers.flatMap(([key, value]) => (value ? [[key, value] as const] : [])));
}

function limitsHeader({ limits, limitsUnread = [] }: Routine): string | undefined {
  const said = [...(limits ?? []).map(limitWords), ...limitsUnread];
  return said.join(', ') || (limits && 'none');
}

function schoolWords(schools: NonNullable<Routine['schools']>): readonly string[] {
  return SCHOOL_QUESTIONS.flatMap((question) =>
    schools[question] === undefined ? [] : [`${question} ${schools[question]}`],
  );
}

function roomWords({ thing, count }: NonNullable<Routine['room']>[number]): string {
  return count === undefined ? thing : `${thing} x${count}`;
}

function paceNumbers(changes: PaceChanges): readonly string[] {
  const time = (name: string, ms: number | undefined) =>
    ms === undefined ? [] : [`${name} ${printDuration(ms)}`];
  const { talkWpm, transferHundredths, risingMs, standingMs } = changes;
  return [
    ...(talkWpm === undefined ? [] : [`speech ${talkWpm}`]),
    ...time('set-up', changes.setUpMs),
    ...time('settling', changes.settlingMs),
    ...time('count-in', changes.countInMs),
    ...time('switch', changes.switchMs),
    ...time('between', changes.betweenMs),
    ...time('prop', changes.propMs),
    ...(transferHundredths === undefined ? [] : [`transfer ${transferHundredths / 100}`]),
    ...(risingMs === undefined ? [] : [risingText(risingMs, standingMs)]),
  ];
}

function risingText(risingMs: number, standingMs: number | undefined): string {
  const rising = `rising ${printDuration(risingMs)}`;
  if (standingMs === undefined || (risingMs === 0 && standingMs === 0)) return rising;
  return `${rising} + ${printDuration(standingMs)}`;
}

const writeNote = (note: string) => (note === '' ? '#' : `# ${note}`);

function writeEntry(entry: Entry, catalogue: Catalogue): readonly string[] {
  if (entry.kind !== 'block') return writeLines(entry, catalogue);
  const head = writeBlockHead(entry, printDuration(entry.restMs ?? 0));
  const inside = [
    ...writeThroughout(entry.throughout),
    ...entry.lines.flatMap((line) => writeLines(line, catalogue)),
  ];
  return [withNote(head, entry.note), ...inside.map((line) => `  ${line}`)];
}

/** What stands behind a section's name in its head: `2 rounds, rest 1:00`. */
export function writeSectionHead({ rounds, restMs }: SectionHead): string {
  const words = [
    rounds && `${rounds} rounds`,
    restMs !== undefined && `rest ${printDuration(restMs)}`,
  ];
  return words.filter(Boolean).join(', ');
}

function writeThroughout({ words, props = [] }: Throughout = {}): readonly string[] {
  return [
    ...(words === undefined ? [] : [`throughout ${quote(words)}`]),
    ...props.map((prop) => `throughout prop ${prop}`),
  ];
}

/** A line with its options below it. */
function writeLines(line: Line, catalogue: Catalogue): readonly string[] {
  const options = line.kind === 'item' ? (line.options ?? []) : [];
  return [
    writeLine(line, catalogue),
    ...options.map(
      (one) => `  or${one.lane ? ` ${laneSaid(one.lane)}` : ''}: ${writeOption(one, catalogue)}`,
    ),
  ];
}

/** `Seated heel raise, 8 reps, level both`: what an option says. */
export function writeOption({ moveId, dose, level }: ItemOption, catalogue: Catalogue): string {
  const move = moveById(catalogue, moveId);
  const name = level && (levelById(move, level)?.name ?? level);
  return [move.name, dose && writeDose(dose), name && `level ${name}`].filter(said).join(', ');
}

/** A line that is no block, as the text has it. */
export function writeLine(line: Line, catalogue: Catalogue): string {
  if (line.kind === 'note') return writeNote(line.note);
  return withNote(writeSaid(line, catalogue), line.note);
}

function writeSaid(line: Exclude<Line, { kind: 'note' }>, catalogue: Catalogue): string {
  switch (line.kind) {
    case 'rest':
      return `rest ${printDuration(line.restMs)}`;
    case 'notice':
      return `notice ${printDuration(line.noticeMs)} ${quote(line.words)}`;
    case 'item':
      return writeItem(line, catalogue, false);
  }
}

function withNote(said: string, note: string | undefined): string {
  return note ? `${said}    # ${note}` : said;
}

/** One item in the strict form, without its note; its options too, where they have no lines of their own. */
export function writeItem(item: Item, catalogue: Catalogue, inLine = true): string {
  const move = moveById(catalogue, item.moveId);
  const options = (item.options ?? []).map(
    (one) => `or ${one.lane ? `${laneSaid(one.lane)} ` : ''}${quote(writeOption(one, catalogue))}`,
  );
  const clauses = [...itemClauses(item, move), ...(inLine ? options : [])];
  return clauses.length > 0 ? `${move.name}: ${clauses.join(', ')}` : move.name;
}

const SIDES_TEXT: Readonly<Record<SidesClause, string>> = {
  each: 'each side',
  alternating: 'alternating',
  'left-only': 'left only',
  'right-only': 'right only',
};

const said = (clause: string | false | undefined): clause is string => Boolean(clause);

/** The clauses of a dose in the order that text keeps. */
export function doseClauses(words: DoseWords & Pick<Item, 'pressWhere'>): readonly string[] {
  const where = words.pressWhere ? ` ${quote(words.pressWhere)}` : '';
  const { dose, restMs, press, tempo, held, breath } = words;
  const led = breath && `with the breath${breath === 'pace' ? '' : ` ${writeBreath(breath)}`}`;
  const counted = dose?.kind === 'reps' && led ? `${writeDose(dose)} ${led}` : undefined;
  return [
    counted ?? (dose && writeDose(dose)),
    counted ? undefined : led,
    held && `held ${writeHeld(held)}`,
    restMs !== undefined && `rest ${printDuration(restMs)}`,
    press && `press ${printDuration(press.pressMs)} x${press.times}${where}`,
    tempo && `tempo ${tempo.map((ms) => ms / 1000).join('-')}`.replace(/-0$/, ''),
  ].filter(said);
}

function writeHeld(held: Held): string {
  if ('ms' in held) return printDuration(held.ms);
  return `${held.breaths} ${held.breaths === 1 ? 'breath' : 'breaths'}`;
}

function writeBreath({ inMs, fullMs, outMs, emptyMs }: Breath): string {
  const parts = fullMs || emptyMs ? [inMs, fullMs ?? 0, outMs, emptyMs] : [inMs, outMs];
  return parts.flatMap((ms) => (ms === undefined ? [] : [ms / 1000])).join('/');
}

/** The clauses of an item in the order that text keeps; levels by the names that its move has. */
export function itemClauses(item: Item, move: Move): readonly string[] {
  const { weak } = item;
  const named = (id: LevelId) => levelById(move, id)?.name ?? id;
  return [
    ...doseClauses(item),
    item.sides && SIDES_TEXT[item.sides],
    item.firstSide && `${item.firstSide} first`,
    weak && `weak ${weak.side} +${printDuration(weak.extraMs)}`,
    item.level && `level ${named(item.level)}`,
    ...laneEntries(item.laneLevels ?? {}).map(
      ([lane, id]) => `level ${named(id)} in ${laneSaid(lane)}`,
    ),
    item.support && `support ${item.support}`,
    item.challenge && `with ${item.challenge}`,
    item.at && `at ${item.at}`,
    item.props?.length === 0 && 'prop none',
    ...(item.props ?? []).map((prop) => `prop ${prop}`),
    ...(item.alsoProps ?? []).map((prop) => `also ${prop}`),
    item.asks && `asks ${item.asks.join(', ')}`,
    item.straightOn && 'straight on',
    item.pinned && 'pin',
    item.meant && `meant ${quote(item.meant)}`,
    ...(item.accept ?? []).map(({ finding, why }) => `accept ${finding} ${quote(why)}`),
    item.cue && `cue ${quote(item.cue)}`,
    item.setUp && `set-up ${quote(item.setUp)}`,
    item.out && `out ${quote(item.out)}`,
  ].filter(said);
}

function writeDose(dose: WrittenDose): string {
  const { most, mostSets } = dose;
  const upTo = mostSets ? `-${mostSets}` : '';
  const sets = dose.sets > 1 || mostSets ? ` x${dose.sets}${upTo}` : '';
  const time = (ms: number) => `${printDuration(ms)}${most ? `-${printDuration(most)}` : ''}`;
  const count = (n: number, one: string) =>
    `${n}${most ? `-${most}` : ''} ${n === 1 && !most ? one : `${one}s`}`;
  switch (dose.kind) {
    case 'hold':
      return `hold ${time(dose.holdMs)}${sets}`;
    case 'timed':
      return `for ${time(dose.timedMs)}${sets}`;
    case 'reps':
      return `${count(dose.reps, 'rep')}${dose.inAll ? ' in all' : ''}${sets}`;
    case 'breaths': {
      const breath = dose.breath ? ` ${writeBreath(dose.breath)}` : '';
      return `${count(dose.breaths, 'breath')}${breath}${sets}`;
    }
  }
}
