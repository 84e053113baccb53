import { countingIds, routineIdSchema } from '@/core/common';
import type { Move } from '@/core/moves';
import { readRoutineText, type Routine, type TextReading } from '@/core/routine';
import type { ScriptPhrases } from '@/core/class';
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
export const plainPhrases: ScorePhrases & ScriptPhrases = {
  way: (steps, of) =>
    [of, steps.map(({ edge, direction }) => `${edge} ${direction}`).join(', then ')]
      .filter(Boolean)
      .join(': '),
  side: (side) => side,
  fetch: (props) => `fetch ${props.join(' ')}`,
  switchTo: (side) => `switch to ${side}`,
  switchSoon: (side) => `soon ${side}`,
  rest: 'rest',
  risingPause: 'rising pause',
  press: 'press',
  noticeAgain: (words) => `again ${words}`,
  pressInto: (where) => `press ${where}`,
  forSides: (cue) => cue,
  ease: 'ease',
  andRest: 'and rest',
  andStop: 'and stop',
  restHere: 'rest here',
  next: (name, dose) => ['next', name, dose].filter(Boolean).join(' '),
  now: (name, dose) => ['now', name, dose].filter(Boolean).join(' '),
  dose: ({ dose, sides }, each) => (each && sides.way !== 'both' ? `${dose.kind} each` : dose.kind),
  beside: ({ easier }) => `easier ${easier}`,
  orElse: (names) => `or ${names.join(' or ')}`,
  halfway: 'halfway',
  openEyes: 'open your eyes',
  twoMore: () => 'two more',
  lastOne: () => 'last one',
};
