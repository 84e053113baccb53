import type { ItemId } from '@/core/common';
import { saysSomething, SECTIONS, type Block, type Entry, type Line } from './entries';
import type { Routine } from './schema';

/** What was chosen on the day: by block, the lines that are done. */
export type Choices = Readonly<Record<string, readonly ItemId[]>>;

/** The lines of a block that were chosen, with the rests and notes behind them. */
export function chosenLines({ lines }: Block, chosen: ReadonlySet<ItemId>): readonly Line[] {
  let kept = true;
  return lines.filter((line) => {
    if (line.kind === 'item') kept = chosen.has(line.id);
    return kept;
  });
}

/** The lines that are done where nobody chooses: the first ones. */
export function firstChoice({ lines, choose = lines.length }: Block): readonly ItemId[] {
  return lines
    .filter(({ kind }) => kind === 'item')
    .slice(0, choose)
    .map(({ id }) => id);
}

/** The blocks of a routine that leave something to choose, in order. */
export function choiceBlocks(routine: Pick<Routine, 'sections'>): readonly Block[] {
  return SECTIONS.flatMap((section) => routine.sections[section]).filter(
    (entry): entry is Block => entry.kind === 'block' && entry.choose !== undefined,
  );
}

/**
 * A routine as it is led once everything is chosen: of each choice the lines that were taken, the
 * first ones where nobody chose.
 */
export function withChoices(routine: Routine, choices: Choices = {}): Routine {
  if (choiceBlocks(routine).length === 0) return routine;
  const decided = (entry: Entry): readonly Entry[] => {
    if (entry.kind !== 'block' || entry.choose === undefined) return [entry];
    const { choose: _, ...block } = entry;
    const chosen = new Set(choices[entry.id] ?? firstChoice(entry));
    const lines = [...chosenLines(entry, chosen)];
    if (lines.length === 0) return [];
    return saysSomething(block) ? [{ ...block, lines }] : lines;
  };
  const { sections } = routine;
  return {
    ...routine,
    sections: {
      'warm-up': sections['warm-up'].flatMap(decided),
      main: sections.main.flatMap(decided),
      settle: sections.settle.flatMap(decided),
    },
  };
}
