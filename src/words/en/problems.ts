import type { ReadingProblemCode, TextProblem } from '@/core/routine';

type Say = (read: string) => string;

const WHAT: Readonly<Record<ReadingProblemCode, Say>> = {
  'unknown-move': (read) => (read ? `No move is called “${read}”` : 'There is no move name here'),
  'unknown-clause': (read) => `“${read}” is not understood here`,
  'unknown-section': (read) => `“${read}” is not a section`,
  'clause-twice': (read) => `“${read}” says again what the line has said already`,
  'header-twice': (read) => `“${read}” stands twice; the first one is kept`,
  'header-late': (read) => `“${read}” has to stand before the first section`,
  'unknown-lane': (read) => `“${read}” is not a way of taking part`,
  'unknown-school': (read) => `“${read}” is not a school`,
  'unknown-limit': (read) => `“${read}” is no limit that is known here`,
  'unknown-room-thing': (read) => `“${read}” is not a thing that a room can have`,
  'unknown-goal': (read) => `“${read}” is not a region`,
  'unknown-block-word': (read) => `“${read}” is not something that a block can say`,
  'block-not-closed': () => 'The bracket of this block is not closed',
  'block-empty': () => 'This block has no lines; its lines are to stand indented below it',
  'block-in-block': () => 'Blocks do not stand inside blocks; this one is read on its own',
  'end-without-block': () => 'No block is open that could end here',
  'first-needs-each': () => 'A first side goes with a block that runs each side',
  'choose-needs-more': () => 'There have to be more lines than are chosen',
  'rest-needs-rounds': () => 'A rest at the head of a section stands between rounds',
  'throughout-late': () => 'What is kept up throughout has to stand before the lines it holds for',
  'throughout-what': (read) => `“${read}” is neither words nor a prop to be kept up`,
  'option-without-item': () => 'An option has to stand under the line that it is for',
  'too-many-options': () => 'A line offers six options at most; this one is left out',
  'not-a-notice': () => 'Time to notice something needs a time and words',
  'unknown-load': (read) => `“${read}” is nothing that is known to be asked of a body`,
  'bare-number': (read) => `“${read}” needs a unit`,
  'not-a-duration': (read) => (read ? `“${read}” is not a time` : 'A time is missing here'),
  'too-long': (read) => `“${read}” is too long`,
  'too-many': (read) => `“${read}” is too many`,
  'too-few': (read) => `“${read}” is too little`,
  'span-backwards': (read) => `“${read}” has to end higher than it starts`,
  'bad-quote': () => 'Words are to stand between two quotation marks',
  'text-too-long': (read) => `“${read}” is too long to keep`,
  'unknown-group': (read) => `“${read}” is not a group`,
  'unknown-position': (read) => `“${read}” is not a base position`,
  'unknown-pace-number': (read) => `“${read}” is not a number of the pace`,
  'bad-breath': (read) => `“${read}” is not a breath`,
  'empty-header': () => 'Nothing stands behind this word',
  'too-many-entries': () => 'The section is full; this line is left out',
  'too-many-notes': () => 'The routine has as many notes as it can hold; this one is left out',
  'too-many-accepts': () => 'A line keeps twenty findings at most; this one is left out',
  'too-much-work': () => 'This is more than one class can hold; it is left out',
  'not-whole': () =>
    'The routine that this text tells could not be kept as it is. Read it again, or leave the last lines out',
  'too-big': () => 'The text is too long to read',
  'unknown-level': (read) => `The move has no such level: “${read}”`,
  'sides-not-this-move': (read) => `This move works both sides at once, so “${read}” does not fit`,
  'weak-needs-each': () => 'Extra time for a side goes with work on that side alone',
  'press-needs-hold': () => 'Press-and-ease goes with a hold',
  'press-needs-side': () => 'Press-and-ease goes with one side at a time, not with turns',
  'press-too-long': () => 'The presses leave less than 5 s for a stretch between them',
  'tempo-needs-reps': () => 'A tempo goes with reps',
  'held-needs-reps': () => 'What is held in each rep goes with reps',
  'breath-needs-reps': () => 'What is led with the breath is counted in reps',
  'breath-or-tempo': () => 'One rep a breath leaves no tempo and no hold of its own',
  'press-where-needs-press': () => 'Where to press goes with press-and-ease',
  'not-at-this-place': () => 'This level is not done at that place',
  'unknown-option': () => 'An option names a move or level that is not there',
  'in-all-needs-turns': () => 'A count in all goes with sides by turns',
};

export const PROBLEM_CODES = Object.keys(WHAT) as ReadingProblemCode[];

/** "No move is called “Seated twits”; did you mean …": what is wrong and what could stand there. */
export function problemSentence({
  code,
  read,
  could,
}: Pick<TextProblem, 'code' | 'read' | 'could'>): string {
  const what = WHAT[code](read);
  if (could.length === 0) return what;
  const [first, ...others] = could.slice(0, 12);
  const options = [first, ...others].join(', ');
  return `${what}; it could be: ${options}`;
}

/** A problem with its place, as the command line prints it. */
export function placedProblem(problem: TextProblem): string {
  return `${problem.line}:${problem.column}: ${problemSentence(problem)}`;
}
