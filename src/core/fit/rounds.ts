import {
  entriesInOrder,
  replaceEntry,
  type Block,
  type Change,
  type Routine,
  type Step,
} from '../routine';

/** Rounds go up to here: working values. */
const LEAST_ROUNDS = 2;
const MOST_ROUNDS = 4;
const MOST_ROUND_CHOICES = 64;

/** Other numbers of rounds for the blocks that have rounds and nothing pinned. */
export function roundChoices(routine: Routine): readonly Change[] {
  const blocks = entriesInOrder(routine)
    .map(({ entry }) => entry)
    .filter((entry) => entry.kind === 'block')
    .filter(({ rounds, lines }) => rounds && !lines.some(isPinned));
  let choices: readonly (readonly Step[])[] = [[]];
  for (const block of blocks) {
    const own = roundsOf(block).map((rounds) =>
      rounds === block.rounds ? [] : replaceEntry(routine, { ...block, rounds }).steps,
    );
    choices = choices
      .flatMap((steps) => own.map((more) => [...steps, ...more]))
      .slice(0, MOST_ROUND_CHOICES);
  }
  return choices.filter((steps) => steps.length > 0).map((steps) => ({ what: 'fit', steps }));
}

export const isPinned = (line: Block['lines'][number]) =>
  line.kind === 'item' && line.pinned === true;

export function roundsOf({ rounds = 1 }: Block): readonly number[] {
  const most = Math.max(MOST_ROUNDS, rounds);
  return Array.from({ length: most - LEAST_ROUNDS + 1 }, (_, i) => LEAST_ROUNDS + i);
}
