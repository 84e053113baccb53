import type { PersonLineFault } from '@/core/people';

export const PEOPLE = {
  title: 'People',
  groups: 'Groups',
  noGroups: 'No group yet. A group is people who meet for a class.',
  noPeople: 'Nobody is here yet. Add the first one below; initials are enough.',
  alone: 'In no group',
  count: (n: number) => (n === 1 ? '1 person' : `${n} people`),
  newGroup: 'Name of a new group',
  addGroup: 'Add the group',
  newPeople: 'Names or initials, with commas between',
  newHint:
    'Or a line for each: Ann B: bad knees, new hip left; way: chair. Write “none” where you asked and there are no limits.',
  understood: 'Understood as',
  noLimits: 'asked, no limits',
  isHere: 'here already: this person is meant',
  another: 'Somebody else',
  anotherOf: (name: string) => `${name} is somebody else of the same name`,
  pick: 'Find somebody who is here already',
  pickOne: (name: string) => `Add ${name} to this group`,
  moreFound: (n: number) => `${n} more; type a part of the name.`,
  lineFault: (typed: string, fault: PersonLineFault): string => {
    const line = `“${typed.slice(0, 60)}”`;
    switch (fault.code) {
      case 'no-name':
        return `${line} has no name before the colon.`;
      case 'long-name':
        return `${line}: a name has 80 letters at most.`;
      case 'twice':
        return `${line} has the same name as a line above. Tell the two apart, by an initial perhaps.`;
      case 'unread-limit':
        return `${line}: “${fault.words}” is not a limit we know. Say it another way, or choose it on their page.`;
      case 'unread-way':
        return `${line}: “${fault.words}” is not a way of taking part. Write chair, stand, stand-held, floor or wheelchair.`;
    }
  },
  addPeople: (n: number) => (n > 1 ? `Add ${n} people` : 'Add'),
  into: 'Into which group',
  noneOfThem: 'No group yet',
  backup: 'Backup',
  privacy: 'What is kept, and where',
  unknown: 'limits unknown',
};

export const GROUP = {
  name: 'Name of the group',
  about: 'Day, hour and pace',
  pace: 'Pace',
  weekday: 'Day of the week',
  noDay: 'No fixed day',
  time: 'Begins at',
  room: 'Room and what is in it',
  notes: 'Notes on the group',
  next: 'What they do next',
  nextNone: 'Nothing chosen',
  open: 'Who does what',
  build: 'Open the routine',
  lead: 'Lead it',
  people: 'People',
  nobody: 'Nobody is in this group yet.',
  add: 'Add people',
  takeOut: 'Take the group out',
  takeOutHint: 'Its people and its record stay.',
  seen: 'The last six weeks',
};

export const PERSON = {
  tab: 'A person',
  name: 'Name or initials',
  taking: 'Taking part',
  groups: 'Groups',
  lane: 'Usual way of taking part',
  today: 'Today, and only today',
  asUsual: 'As usual',
  seat: 'Sits on',
  aids: 'Uses',
  born: 'Year of birth',
  bornWhy: 'For the published counts of the chair stand only. May stay empty.',
  sex: 'Counts for',
  woman: 'Women',
  man: 'Men',
  notSaid: 'Not said',
  bornFault: {
    future: 'That year is still to come. Write the year of birth.',
    'too-young': 'That would be under 14. Write the year of birth, such as 1948.',
    'too-old': 'That would be over 115. Write the year of birth, such as 1948.',
    'not-a-year': 'Write a year of four digits, such as 1948.',
  },
  limits: 'Limits',
  limitsToday: (what: string) => `Today besides: ${what}. It is spared in every class of this day.`,
  notToday: 'No longer',
  neverAsked: 'Never asked. Unknown is not none: the stricter row holds until somebody asks.',
  none: 'Asked, and there are none',
  askNone: 'Asked: there are none',
  askAgain: 'Ask again on',
  askedOn: (on: string) => `Asked on ${on}.`,
  forget: 'As if never asked',
  out: 'Out',
  care: 'With care',
  strict: 'Treat as out what needs care',
  whose: 'Left out by the table here; local rules and their clinician come first.',
  limitsSaid: 'Limits in your own words, such as bad knees, new hip left; or none',
  readLimits: 'Add what it says',
  limitsRead: (said: string) => (said === '' ? 'Understood: none.' : `Understood: ${said}.`),
  questions: 'Questions to find limits',
  told: 'Anything else a doctor told them not to do',
  toldHolds:
    'Until you make a limit of it or take it out, they are checked as if nobody had asked.',
  challenged: 'with a task',
  noneOfThese: 'None of these',
  leftToAsk: (n: number) =>
    n === 1 ? 'One question is still to be asked.' : `${n} questions are still to be asked.`,
  askedToday: 'All were asked today',
  askedTodayHint: 'Keeps what is chosen, and reminds you in six months.',
  clearances: 'Clearances',
  noClearance: 'None. What a limit rules out stays out.',
  clearanceHint:
    'A clinician’s leave for some of it turns out into care. It ends after a year, and at once on a fall, a faint, a fracture, an operation or a stop sign.',
  clearedBy: 'Who says so',
  clearedOn: 'On',
  clearedUntil: 'Ends on, if sooner than a year',
  clearedFor: 'For what',
  side: 'Side',
  both: 'Both',
  left: 'Left',
  right: 'Right',
  addClearance: 'Add the clearance',
  ends: (on: string) => `ends on ${on}`,
  ended: (on: string) => `ended on ${on}`,
  remove: (what: string) => (what ? `Remove: ${what}` : 'Remove'),
  events: 'Since then',
  addEvent: (what: string) => `${what} today`,
  eventWords: {
    fall: 'A fall',
    faint: 'A faint',
    fracture: 'A fracture',
    operation: 'An operation',
    'stop-sign': 'A stop sign',
  },
  ladder: 'Balance ladder',
  notPlaced: 'Not on the ladder yet.',
  measuredRung: (from: string, rung: string) =>
    `Measured: ${from}. That offers: ${rung}. Choose an easier one where you have any doubt.`,
  place: 'Place them on it',
  school: 'In which order it gets harder',
  now: 'Now',
  nextStep: 'Next',
  passed: (n: number) =>
    n === 0 ? 'Not passed yet.' : 'Passed on one day. One more day makes the step.',
  waits: {
    clinician: 'Waits until their clinician was asked. Set the rung by hand when that is done.',
    test: 'Waits until the stances are tested again. Set the rung by hand after it.',
  },
  setByHand: 'Set by hand',
  why: 'Why, in a few words',
  whyNeeded: 'Write why, so that it can be understood later.',
  base: 'Feet',
  hands: 'Hands',
  challenge: 'Beside it',
  time: 'Seconds',
  keep: 'Set this rung',
  story: 'How it came',
  coming: 'The coming weeks, if all goes well',
  comingHint: 'The quickest that the rules allow, in each order. A way, not a promise.',
  noneComing: 'the same rung',
  doses: 'Doses and levels',
  noDoses: 'Nothing is recorded yet that a dose could follow from.',
  own: 'own',
  level: 'Another level',
  family: 'Which drills',
  take: 'Take it',
  leave: 'Keep as before',
  measures: 'Measures',
  noMeasures: 'Nothing was measured yet.',
  measure: 'Measure',
  reading: 'readings',
  trend: { up: 'going up', down: 'going down', level: 'about the same' },
  noTrend: 'No trend from fewer than three readings.',
  weeks: 'Weeks',
  notes: 'Notes',
  notesHint: 'Only what a class needs. Stays in this browser and in files that you save.',
  consent: 'Agreed that this is kept',
  agreedOn: (on: string) => `They agreed on ${on} that these notes are kept here.`,
  agree: 'They agree today',
  notAgreed:
    'Ask: “I keep notes on how class goes for you, on this device and in files that I save, for as long as you come to me. Tell me, and I take them out. Is that all right?”',
  report: 'A page for their clinician',
  takeOut: 'Take this person out',
  takeOutHint:
    'Takes them out of every list, every measure and every past class. It can’t be brought back except from a backup.',
  blot: (n: number) =>
    n === 1
      ? 'Their name is also in 1 note. Blot it out there too'
      : `Their name is also in ${n} notes. Blot it out there too`,
  dealtWith: 'Asked and settled',
  takeOutSure: (name: string) => `Take ${name} out for good`,
  notNow: 'Not now',
};

export const CLASS = {
  title: (routine: string) => `Who does what: ${routine}`,
  forGroup: 'Opened for',
  nobody: 'Nobody in particular',
  noPeople: 'This group has no people yet.',
  chooseGroup: 'Choose a group, and its people stand here with what each of them does.',
  missing: (name: string, lane: string, takes: string | undefined) =>
    `${name}: the routine has no way “${lane}”. ${
      takes
        ? `“${takes}” asks less, and is theirs for now.`
        : 'Every way here asks more, so they rest.'
    } Add it to the routine, or choose another for today.`,
  view: 'Shown',
  byMove: 'By move',
  byPerson: 'By person',
  prepare: 'To prepare',
  rest: 'rests and breathes',
  instead: (what: string) => `in place of ${what}`,
  lane: 'Way of taking part',
  own: 'For this person, in this class only',
  asRoutine: 'As the routine says',
  restsHere: 'Rest here',
  rung: 'rung',
  beyond: (n: number) => `${n} steps beyond their rung`,
  print: 'Print',
  open: 'Open the routine',
  lead: 'Lead it',
  items: 'Item',
  unknown: 'limits unknown',
  out: 'out for',
  care: 'care:',
  ownPart: (dose: string, than: 'fewer' | 'more') =>
    `${dose}, ${than === 'fewer' ? 'fewer' : 'more'} than the class`,
  changed: 'changed for this person',
};
