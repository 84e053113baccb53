import { printClock } from '@/core/common';
import { moveById, levelById } from '@/core/moves';
import {
  catalogueFor,
  itemInForce,
  itemsInOrder,
  type ItemInForce,
  type Routine,
} from '@/core/routine';
import { type Score, type Segment, isWork, msOf, setKey } from '@/core/timing';

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
  /** What a lane does; a move of null is rest. */
  readonly lane: (name: string, moveName: string | null, level: string | null) => string;
  readonly rest: string;
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

/** A routine to print: a row each time something is said to begin. */
export function cueSheet(routine: Routine, score: Score, phrases: CueSheetPhrases): string {
  const row = (cells: readonly string[]) => `| ${cells.join(' | ')} |`;
  const rows = score.segments.flatMap((segment) => {
    if (segment.kind === 'rest' && !segment.itemId) {
      const seconds = msOf(segment) / 1000;
      return [row([printClock(segment.startMs), cell(phrases.rest), '', `${seconds} s`, '', ''])];
    }
    return segment.kind === 'work' && segment.set === 1 && beginsSet(score, segment)
      ? [row(workCells(routine, segment, phrases))]
      : [];
  });
  const head = [row(phrases.columns), row(phrases.columns.map(() => '---'))];
  const total = phrases.total(printClock(score.totalMs));
  const signs = [
    `## ${cell(phrases.signsTitle)}`,
    '',
    ...phrases.signs.map((line) => `- ${cell(line)}`),
  ];
  const top = [`# ${cell(routine.title)}`, '', cell(total), ''];
  return [...top, ...head, ...rows, '', ...signs, ''].join('\n');
}

function beginsSet({ segments }: Score, segment: Segment): boolean {
  return segments.find((one) => isWork(one) && setKey(one) === setKey(segment)) === segment;
}

function workCells(
  routine: Routine,
  segment: Segment,
  phrases: CueSheetPhrases,
): readonly string[] {
  const item = itemsInOrder(routine).find(({ id }) => id === segment.itemId);
  const dose = item ? phrases.dose(itemInForce(item, routine)) : '';
  const catalogue = catalogueFor(routine);
  const options = Object.entries(segment.lanes).map(([name, { moveId, level }]) => {
    const move = moveId && moveById(catalogue, moveId);
    if (!move) return phrases.lane(name, null, null);
    return phrases.lane(name, move.name, (level && levelById(move, level)?.name) ?? null);
  });
  return [
    printClock(segment.startMs),
    cell(segment.moveName ?? ''),
    cell(phrases.side(segment.side)),
    cell(dose),
    cell(segment.cues[0]?.text ?? ''),
    cell(options.join('; ')),
  ];
}
