import { moveById } from '../catalog';
import { catalogFor, itemInForce, itemsInOrder, type ItemInForce, type Routine } from '../routine';
import type { Score, Segment } from '../score';
import { printClock } from '../time';

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
      const seconds = (segment.endMs - segment.startMs) / 1000;
      return [row([printClock(segment.startMs), cell(phrases.rest), '', `${seconds} s`, '', ''])];
    }
    return segment.kind === 'work' && segment.set === 1 && beginsSet(score, segment)
      ? [row(workCells(routine, segment, phrases))]
      : [];
  });
  const head = [row(phrases.columns), row(phrases.columns.map(() => '---'))];
  const total = phrases.total(printClock(score.totalMs));
  return [`# ${cell(routine.title)}`, '', cell(total), '', ...head, ...rows, ''].join('\n');
}

function beginsSet({ segments }: Score, segment: Segment): boolean {
  const first = segments.find(
    ({ kind, play, side, set }) =>
      (kind === 'work' || kind === 'press') &&
      play === segment.play &&
      side === segment.side &&
      set === segment.set,
  );
  return first === segment;
}

function workCells(
  routine: Routine,
  segment: Segment,
  phrases: CueSheetPhrases,
): readonly string[] {
  const item = itemsInOrder(routine).find(({ id }) => id === segment.itemId);
  const dose = item ? phrases.dose(itemInForce(item, routine)) : '';
  const catalog = catalogFor(routine);
  const options = Object.entries(segment.lanes).map(([name, { moveId, level }]) =>
    phrases.lane(name, moveId && moveById(catalog, moveId).name, level),
  );
  return [
    printClock(segment.startMs),
    cell(segment.moveName ?? ''),
    cell(phrases.side(segment.side)),
    cell(dose),
    cell(segment.cues[0]?.text ?? ''),
    cell(options.join('; ')),
  ];
}
