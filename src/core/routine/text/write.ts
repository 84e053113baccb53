import { moveById, type Catalog } from '../../catalog';
import type { WrittenDose } from '../../dose';
import { limitWords } from '../../limit';
import type { PaceChanges } from '../../pace';
import { printDuration } from '../../time';
import {
  SECTIONS,
  type Entry,
  type Item,
  type Line,
  type Routine,
  type SidesClause,
} from '../schema';
import { catalogFor } from '../item';
import { SCHOOL_QUESTIONS } from '../school';
import { writeBlockHead } from './block-head';
import { quote } from './lines';

/** Writes a routine as text; all but ids can be read back. */
export function writeRoutineText(routine: Routine): string {
  const head = headLines(routine);
  const catalog = catalogFor(routine);
  const sections = SECTIONS.filter((name) => routine.sections[name].length > 0).map((name) => [
    `[${name}]`,
    ...routine.sections[name].flatMap((entry) => writeEntry(entry, catalog)),
  ]);
  return [head, ...sections].map((lines) => lines.join('\n')).join('\n\n') + '\n';
}

function headLines(routine: Routine): readonly string[] {
  return [
    ...[...writeHeaders(routine)].map(([key, value]) => `${key}: ${value}`),
    ...routine.notes.map(writeNote),
  ];
}

/** The headers that a routine has, with what stands behind each. */
export function writeHeaders(routine: Routine): ReadonlyMap<string, string> {
  const { breathInMs, breathOutMs } = routine.paceChanges;
  const pace = paceNumbers(routine.paceChanges);
  const headers: readonly (readonly [string, string | false | undefined])[] = [
    ['title', /["“”„#\\]/u.test(routine.title) ? quote(routine.title) : routine.title],
    ['group', routine.pace],
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
    ['limits', routine.limits && (routine.limits.map(limitWords).join(', ') || 'none')],
    ['room', routine.room?.map(roomWords).join(', ')],
    ['goals', routine.goals?.join(', ')],
  ];
  return new Map(headers.flatMap(([key, value]) => (value ? [[key, value] as const] : [])));
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

function writeEntry(entry: Entry, catalog: Catalog): readonly string[] {
  if (entry.kind !== 'block') return [writeLine(entry, catalog)];
  const head = writeBlockHead(entry, printDuration(entry.restMs ?? 0));
  return [
    withNote(head, entry.note),
    ...entry.lines.map((line) => `  ${writeLine(line, catalog)}`),
  ];
}

/** A line that is no block, as the text has it. */
export function writeLine(line: Line, catalog: Catalog): string {
  if (line.kind === 'note') return writeNote(line.note);
  const said =
    line.kind === 'rest' ? `rest ${printDuration(line.restMs)}` : writeItem(line, catalog);
  return withNote(said, line.note);
}

function withNote(said: string, note: string | undefined): string {
  return note ? `${said}    # ${note}` : said;
}

/** One item in the strict form, without its note. */
export function writeItem(item: Item, catalog: Catalog): string {
  const clauses = itemClauses(item);
  const { name } = moveById(catalog, item.moveId);
  return clauses.length > 0 ? `${name}: ${clauses.join(', ')}` : name;
}

const SIDES_TEXT: Readonly<Record<SidesClause, string>> = {
  each: 'each side',
  alternating: 'alternating',
  'left-only': 'left only',
  'right-only': 'right only',
};

/** The clauses of an item in the order that text keeps. */
export function itemClauses(item: Item): readonly string[] {
  const { dose, restMs, press, tempo, weak } = item;
  return [
    dose && writeDose(dose),
    restMs !== undefined && `rest ${printDuration(restMs)}`,
    press && `press ${printDuration(press.pressMs)} x${press.times}`,
    tempo && `tempo ${tempo.map((ms) => ms / 1000).join('-')}`.replace(/-0$/, ''),
    item.sides && SIDES_TEXT[item.sides],
    item.firstSide && `${item.firstSide} first`,
    weak && `weak ${weak.side} +${printDuration(weak.extraMs)}`,
    item.level && `level ${item.level}`,
    ...Object.entries(item.laneLevels ?? {}).map(([lane, name]) => `level ${name} in ${lane}`),
    item.support && `support ${item.support}`,
    item.challenge && `with ${item.challenge}`,
    ...(item.props ?? []).map((prop) => `prop ${prop}`),
    item.pinned && 'pin',
    item.meant && `meant ${quote(item.meant)}`,
    ...(item.accept ?? []).map(({ finding, why }) => `accept ${finding} ${quote(why)}`),
    item.cue && `cue ${quote(item.cue)}`,
    item.setUp && `set-up ${quote(item.setUp)}`,
  ].filter((clause) => typeof clause === 'string');
}

function writeDose(dose: WrittenDose): string {
  const sets = dose.sets > 1 ? ` x${dose.sets}` : '';
  switch (dose.kind) {
    case 'hold':
      return `hold ${printDuration(dose.holdMs)}${sets}`;
    case 'timed':
      return `for ${printDuration(dose.timedMs)}${sets}`;
    case 'reps':
      return `${dose.reps} ${dose.reps === 1 ? 'rep' : 'reps'}${sets}`;
    case 'breaths': {
      const breath = dose.breath ? ` ${dose.breath.inMs / 1000}/${dose.breath.outMs / 1000}` : '';
      return `${dose.breaths} ${dose.breaths === 1 ? 'breath' : 'breaths'}${breath}${sets}`;
    }
  }
}
