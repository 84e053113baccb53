import type { RunEnd, SideTime, SkipWhy, Went } from '@/core/class';

const times = (n: number) => (n === 1 ? 'once' : n === 2 ? 'twice' : `${n} times`);

export const RECORD = {
  title: 'Record',
  empty: 'No class is recorded yet.',
  emptyHint: 'Lead a routine, and its run stands here afterwards.',
  earlier: (left: number) => (left === 1 ? '1 earlier class' : `${left} earlier classes`),
  fileName: 'record',
  of: (real: string, planned: string) => `${real} of ${planned}`,
  passedStops: (count: number) =>
    count === 1 ? 'Led past a stop of the checks.' : `Led past ${count} stops of the checks.`,
  rested: 'rested',
  sideHeading: 'Item and side',
  plannedHeading: 'Planned',
  realHeading: 'Led',
  openRoutine: 'Open the routine',
  onTheWay: 'On the way:',
  changed: {
    extend: (n: number) => `10 s more ${times(n)}`,
    again: (n: number) => `the other side again ${times(n)}`,
    ease: (n: number) => `eased ${times(n)}`,
    lanes: (n: number) => `ways of taking part changed ${times(n)}`,
    settle: () => 'settled early',
  },
  whyLeft: 'Why?',
  leftEarly: 'left early',
  happened: 'something happened',
  after: 'Something happened',
  afterHint: 'For what you hear of once the class is over. If somebody needs help now, call first.',
  afterWhom: 'Whom did it happen to?',
  afterNote: 'What it was, in a few words',
  afterKeep: 'Keep it with this class',
  afterNothing: 'Write a few words, or choose who it was.',
  afterKept: (names: string) =>
    names === ''
      ? 'Kept with this class.'
      : `Kept, and on their page: ask ${names} before the next class.`,
  went: 'How each move went',
  wentSaid: (n: number) => (n === 1 ? '1 move said' : `${n} moves said`),
  overall: 'How was it?',
  backWord: {
    easy: 'Kept. Nobody is named here, so no dose is proposed: make the routine itself longer or harder for next time.',
    well: 'Kept with this class.',
    hard: 'Kept. Nobody is named here, so no dose is proposed: make the routine itself easier for next time.',
  } satisfies Record<Went, string>,
  changeIt: (title: string) => `Open the routine: ${title}`,
  seconds: 'Seconds planned and led',
  headcount: 'How many came?',
  came: (n: number) => (n === 1 ? '1 came' : `${n} came`),
  note: 'A note on this class',
  noticed: 'What the room noticed',
  again: 'Lead it again',
};

export const HOW: Readonly<Record<RunEnd, string>> = {
  completed: 'led to the end',
  'finished-early': 'finished early',
  'broken-off': 'broken off',
};

export const WENT_WORDS: Readonly<Record<Went, string>> = {
  easy: 'Too easy',
  well: 'Well',
  hard: 'Too hard',
};

export const WHY_WORDS: Readonly<Record<SkipWhy, string>> = {
  'too-hard': 'too hard',
  'no-time': 'no time',
  'no-room': 'no room',
  'not-today': 'not today',
  other: 'another reason',
};

export const SIDE_NAMES: Readonly<Record<SideTime['side'], string>> = {
  left: 'left',
  right: 'right',
  both: 'both sides',
  alternating: 'by turns',
};

export const ATTENDANCE = {
  title: 'Who came',
  whose: 'Whom was it for?',
  all: 'All came, all as planned',
  allHint: 'Then open whoever was different.',
  allCame: 'All came',
  changedHint:
    'This class was changed on the way or stopped before its end, so nobody is put down as having done it as planned. Only what was led is asked about.',
  away: 'away',
  noEntry: 'nothing noted yet',
  justCame: 'came',
  came: 'Came',
  yes: 'Yes',
  no: 'No',
  outcome: 'How it went',
  why: 'Why',
  lane: 'Way of taking part',
  effort: 'Effort, 0 to 10',
  painBefore: 'Pain before, 0 to 10',
  painAfter: 'Pain after, 0 to 10',
  painNext: 'Pain the next morning, 0 to 10',
  soreDays: 'Days of soreness afterwards',
  dizzy: 'Dizzy on rising',
  unwell: 'Not well on the day, or a joint flaring up',
  falls: 'Falls since last time',
  note: 'A note on this person',
  more: 'More',
  drill: (name: string) => `${name}, watched`,
  watched: 'I or a helper watched this person',
  asked: 'Asked',
  leftS: 'Left, seconds',
  rightS: 'Right, seconds',
  whole: 'The whole time, both sides',
  hands: 'Hands used',
  steps: 'A foot moved, times',
  grabs: 'A hand grabbed, times',
  nearFalls: 'Near-falls',
  nearFall: 'A near-fall: the drill is over for today.',
  reps: (name: string, key: 'reps' | 'leftReps' | 'rightReps') =>
    `${name}, reps reached${key === 'reps' ? '' : key === 'leftReps' ? ' on the left' : ' on the right'}`,
  items: 'Move by move',
  earlier: 'Noted before',
  until: (when: string) => `until ${when}`,
  follows: 'What follows',
  followsNone: 'Nothing changes from this class.',
  take: 'Take it',
  leave: 'Keep as before',
  taken: 'taken',
  left: 'left as it is',
  byHand: 'entered by hand',
  clear: 'Clear this entry',
};

export const BY_HAND = {
  title: 'Enter a class by hand',
  what: 'Which routine',
  other: 'Another one',
  name: 'What it was called',
  group: 'For whom',
  nobody: 'Nobody in particular',
  on: 'On',
  at: 'Began at',
  minutes: 'Minutes',
  minutesFault: 'Write how many minutes, from 1 to 300.',
  future: 'That is still to come. Choose today or an earlier day.',
  noDay: 'Choose the day on which it was led.',
  longAgo: 'That day is too long ago. Look at the year once more.',
  noHour: 'Choose the hour at which it began.',
  noName: 'Write what it was called.',
  enter: 'Enter it',
};

export const TABLES = {
  title: 'Tables out and in',
  people: 'Who came, as a table',
  runs: 'Sides and seconds, as a table',
  byHand: 'Enter by hand',
  bring: 'Bring a table in',
  fileName: 'who-came',
  tooBig: (name: string) => `“${name}” is too large for a table. Nothing was changed.`,
  plan: (classes: number, entries: number) =>
    `${classes === 1 ? '1 class' : `${classes} classes`} with ${entries === 1 ? '1 entry' : `${entries} entries`}.`,
  known: (n: number) => `${n} of them are in the record already and are left out.`,
  unclear: (lines: readonly { readonly line: number; readonly name: string }[]) =>
    `Left out, because several people have this name: ${lines
      .slice(0, 5)
      .map(({ line, name }) => `${name} (line ${line})`)
      .join(
        ', ',
      )}${lines.length > 5 ? ` and ${lines.length - 5} more` : ''}. Put their id into a column “person id”, or their group into “group”.`,
  newPeople: (names: string) => `New people: ${names}.`,
  newGroups: (names: string) => `New groups: ${names}.`,
  add: 'Add them',
  leave: 'Don’t add them',
  added: (n: number) => (n === 1 ? '1 class is added.' : `${n} classes are added.`),
  missing: (columns: string) =>
    `These columns are missing: ${columns}. The first line has to name them. Nothing was changed.`,
  empty: 'There is nothing in this table. Nothing was changed.',
  tooMany: (most: number) => `More than ${most} lines. Bring it in by parts. Nothing was changed.`,
  wrong: (line: number, column: string, value: string) =>
    `Line ${line}, ${column}: “${value}” can’t be read.`,
  unchanged: 'Nothing was changed.',
};
