import { countingIds, routineIdSchema } from '@/core/common';
import type { Move } from '@/core/moves';
import { readRoutineText, type Routine, type TextReading } from '@/core/routine';
import type { ScorePhrases } from '@/core/timing';

/** Reads a text as the command line does. */
export function reading(text: string, moves: readonly Move[] = []): TextReading {
  const id = routineIdSchema.parse('routine');
  return readRoutineText(text, { id, newId: countingIds('i'), untitled: 'Untitled', moves });
}

/** A routine from text that has no problems. */
export function routineOf(text: string, moves: readonly Move[] = []): Routine {
  const { routine, problems } = reading(text, moves);
  if (problems.length > 0) throw new Error(JSON.stringify(problems));
  return routine;
}

/** Phrases that name what they are for, so that tests don't hang on wording. */
export const plainPhrases: ScorePhrases = {
  way: (steps) => steps.map(({ edge, direction }) => `${edge} ${direction}`).join(', then '),
  side: (side) => side,
  fetch: (props) => `fetch ${props.join(' ')}`,
  switchTo: (side) => `switch to ${side}`,
  switchSoon: (side) => `soon ${side}`,
  rest: 'rest',
  risingPause: 'rising pause',
  press: 'press',
  breathe: (way) => `breathe ${way}`,
  ease: 'ease',
  andRest: 'and rest',
  restHere: 'rest here',
};
