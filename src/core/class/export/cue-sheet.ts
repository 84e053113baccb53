import { printClock, withCapital, withStop } from '@/core/common';
import {
  SECTIONS,
  catalogueFor,
  itemInForce,
  itemsInOrder,
  writeOption,
  type BlockWords,
  type ItemInForce,
  type Routine,
  type SectionHead,
  type SectionName,
  type Throughout,
} from '@/core/routine';
import { doneBy, isWork, msOf, setKey, type Done, type Score, type Segment } from '@/core/timing';
import type { Need } from '../group/needs';

/** The sentences that a cue sheet needs; `words` fills them. */
export interface CueSheetPhrases {
  readonly columns: readonly [
    time: string,
    move: string,
    side: string,
    dose: string,
    cue: string,
    options: string,
  ];
  readonly dose: (inForce: ItemInForce) => string;
  readonly side: (side: Segment['side']) => string;
  /** A text with the side's words in it. */
  readonly sided: (text: string, side: Segment['side']) => string;
  /** What a lane does; a move of null is rest. */
  readonly lane: (name: string, moveName: string | null, level: string | null) => string;
  /** Under the cue: watch points and the breath. */
  readonly watch: (watch: readonly string[], breath: string | undefined) => string;
  /** Behind what a lane does: how it is made easier, and how it goes further. */
  readonly change: (easier: string, further: string) => string;
  readonly rest: string;
  readonly notice: string;
  /** What anybody may do instead. */
  readonly or: (what: string) => string;
  /** What is kept up, and where: in a section or a block. */
  readonly throughout: (where: string, kept: Throughout) => string;
  /** What a section or a block does with its lines. */
  readonly section: (name: SectionName) => string;
  readonly block: (words: BlockWords) => string;
  readonly rounds: (section: string, head: SectionHead) => string;
  readonly often: (often: string) => string;
  /** What has to be carried in or looked for. */
  readonly needs: (needs: readonly Need[]) => string;
  readonly total: (time: string) => string;
  /** What stands under every sheet: a heading, and lines of the stop signs. */
  readonly signsTitle: string;
  readonly signs: readonly string[];
}

/** A cell of a Markdown table; marks that Markdown would read are made plain. */
function cell(text: string): string {
  return text
    .replace(/[\\`*_{}[\]<>#|]/g, '\\$&')
    .replace(/\s+/g, ' ')
    .trim();
}

/** A line of a cue sheet: a side of an item, a rest, or time to notice something. */
export interface CueRow {
  readonly startMs: number;
  readonly move: string;
  readonly side: string;
  readonly dose: string;
  readonly cue: string;
  /** What each way of taking part does, and what anybody may do instead. */
  readonly options: readonly string[];
  /** What is done by the leading lane; undefined in rests. */
  readonly done?: Done | undefined;
  readonly worked?: Segment['side'];
}

/** A row each time something is said to begin. */
export function cueRows(
  routine: Routine,
  score: Score,
  phrases: CueSheetPhrases,
): readonly CueRow[] {
  return score.segments.flatMap((segment): readonly CueRow[] => {
    const { startMs } = segment;
    const quiet = { startMs, side: '', dose: `${msOf(segment) / 1000} s`, options: [] };
    if (segment.kind === 'rest' && !segment.itemId) {
      return [{ ...quiet, move: phrases.rest, cue: '' }];
    }
    if (segment.noticeId) {
      const cue = segment.cues.map(({ text }) => text).join(' ');
      return [{ ...quiet, move: phrases.notice, cue }];
    }
    return segment.kind === 'work' && segment.set === 1 && beginsSet(score, segment)
      ? [workRow(routine, segment, phrases)]
      : [];
  });
}

/** A routine to print, as Markdown. */
export function cueSheet(routine: Routine, score: Score, phrases: CueSheetPhrases): string {
  const row = (cells: readonly string[]) => `| ${cells.join(' | ')} |`;
  const rows = cueRows(routine, score, phrases).map(({ startMs, move, side, dose, cue, options }) =>
    row([printClock(startMs), ...[move, side, dose, cue, options.join(' ')].map(cell)]),
  );
  const head = [row(phrases.columns), row(phrases.columns.map(() => '---'))];
  const total = phrases.total(printClock(score.totalMs));
  const signs = [
    `## ${cell(phrases.signsTitle)}`,
    '',
    ...phrases.signs.map((line) => `- ${cell(line)}`),
  ];
  const about = aboutLines(routine, phrases).map((line) => `- ${cell(line)}`);
  const top = [`# ${cell(routine.title)}`, '', cell(total), ''];
  if (about.length > 0) top.push(...about, '');
  return [...top, ...head, ...rows, '', ...signs, ''].join('\n');
}

/** What holds for more than a row: how often, rounds of sections, and what is kept up. */
export function aboutLines(routine: Routine, phrases: CueSheetPhrases): readonly string[] {
  const { often } = routine;
  const sections = SECTIONS.flatMap((name) => {
    const head = routine.heads?.[name];
    const title = phrases.section(name);
    return [
      ...(head?.rounds ? [phrases.rounds(title, head)] : []),
      ...(head?.throughout ? [phrases.throughout(title, head.throughout)] : []),
      ...routine.sections[name].flatMap((entry) =>
        entry.kind === 'block' && entry.throughout
          ? [phrases.throughout(phrases.block(entry), entry.throughout)]
          : [],
      ),
    ];
  });
  return [...(often ? [phrases.often(often)] : []), ...sections];
}

function beginsSet({ segments }: Score, segment: Segment): boolean {
  return segments.find((one) => isWork(one) && setKey(one) === setKey(segment)) === segment;
}

function workRow(routine: Routine, segment: Segment, phrases: CueSheetPhrases): CueRow {
  const item = itemsInOrder(routine).find(({ id }) => id === segment.itemId);
  const dose = item ? phrases.dose(itemInForce(item, routine)) : '';
  const catalogue = catalogueFor(routine);
  const lanes = Object.entries(segment.lanes).map(
    ([name, work]) => [name, doneBy(catalogue, work)] as const,
  );
  // What stands in a cell for good is not said of one side.
  const plain = (text: string) => phrases.sided(text, segment.side);
  const options = lanes.map(([name, done], i) => {
    const does = phrases.lane(name, done?.move.name ?? null, done?.level.name ?? null);
    const isSaid = lanes.slice(0, i).some(([, one]) => one?.cues === done?.cues);
    if (!done || isSaid) return does;
    const { easier, further } = done.cues;
    return `${does}. ${plain(phrases.change(easier, further))}`;
  });
  for (const option of item?.options ?? []) {
    if (option.lane === undefined) options.push(phrases.or(writeOption(option, catalogue)));
  }
  const leading = lanes[0]?.[1];
  // Words of a line's own are of its own move.
  const own = item && leading?.move.id === item.moveId ? item : undefined;
  const said = (words: string | undefined) => words && withStop(withCapital(plain(words)));
  const go = segment.cues.find(({ kind }) => kind === 'go') ?? segment.cues[0];
  const watch = leading && plain(phrases.watch(leading.cues.watch, leading.cues.breath));
  return {
    startMs: segment.startMs,
    move: leading?.move.name ?? segment.moveName ?? '',
    side: phrases.side(segment.side),
    dose,
    cue: [said(own?.setUp), go?.whole ?? go?.text, said(own?.pressWhere), watch, said(own?.out)]
      .filter(Boolean)
      .join(' '),
    options,
    done: leading && { ...leading, at: own?.at },
    worked: segment.side,
  };
}
