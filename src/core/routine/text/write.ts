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
import { limitWords } from '@/core/people';
import { catalogueFor } from '../item';
import { type Routine } from '../schema';
import { SECTIONS, type Entry, type Item, type Line, type SidesClause } from '../entries';
import { SCHOOL_QUESTIONS } from '../school';
import { writeBlockHead } from './block-head';
import { quote } from './text-lines';

/** Writes a routine as text; all but ids can be read back. */
export function writeRoutineText(routine: Routine): string {
  const header = headerLines(routine);
  const catalogue = catalogueFor(routine);
  const sections = SECTIONS.filter((name) => routine.sections[name].length > 0).map((name) => [
    `[${name}]`,
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
  if (entry.kind !== 'block') return [writeLine(entry, catalogue)];
  const head = writeBlockHead(entry, printDuration(entry.restMs ?? 0));
  return [
    withNote(head, entry.note),
    ...entry.lines.map((line) => `  ${writeLine(line, catalogue)}`),
  ];
}

/** A line that is no block, as the text has it. */
export function writeLine(line: Line, catalogue: Catalogue): string {
  if (line.kind === 'note') return writeNote(line.note);
  const said =
    line.kind === 'rest' ? `rest ${printDuration(line.restMs)}` : writeItem(line, catalogue);
  return withNote(said, line.note);
}

function withNote(said: string, note: string | undefined): string {
  return note ? `${said}    # ${note}` : said;
}

/** One item in the strict form, without its note. */
export function writeItem(item: Item, catalogue: Catalogue): string {
  const move = moveById(catalogue, item.moveId);
  const clauses = itemClauses(item, move);
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
export function doseClauses(words: DoseWords): readonly string[] {
  const { dose, restMs, press, tempo, held, breath } = words;
  const led = breath && `with the breath${breath === 'pace' ? '' : ` ${writeBreath(breath)}`}`;
  const counted = dose?.kind === 'reps' && led ? `${writeDose(dose)} ${led}` : undefined;
  return [
    counted ?? (dose && writeDose(dose)),
    counted ? undefined : led,
    held && `held ${writeHeld(held)}`,
    restMs !== undefined && `rest ${printDuration(restMs)}`,
    press && `press ${printDuration(press.pressMs)} x${press.times}`,
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
    ...Object.entries(item.laneLevels ?? {}).map(([lane, id]) => `level ${named(id)} in ${lane}`),
    item.support && `support ${item.support}`,
    item.challenge && `with ${item.challenge}`,
    ...(item.props ?? []).map((prop) => `prop ${prop}`),
    item.pinned && 'pin',
    item.meant && `meant ${quote(item.meant)}`,
    ...(item.accept ?? []).map(({ finding, why }) => `accept ${finding} ${quote(why)}`),
    item.cue && `cue ${quote(item.cue)}`,
    item.setUp && `set-up ${quote(item.setUp)}`,
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
