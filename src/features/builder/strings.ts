import { withCapital } from '@/core/common';
import { NOTHING_FOUND } from '@/words/safety';
import type { PositionId } from '@/core/body';
import type { DoseKind } from '@/core/moves';
import type { LengthPart } from '@/core/judgement';
import type { SidesClause } from '@/core/routine';
import { POSITION_WAYS, timeWords } from '@/words/names';

export const BUILD = {
  title: 'Title',
  lead: 'Lead',
  undo: 'Undo',
  redo: 'Redo',
  changed: ', would change',
  about: 'Group and time',
  usual: 'the usual',
  limits: 'Limits in the group, such as bad knees, new hip left; or none',
  limitUnread: (words: string) =>
    `“${words}” is not a limit we know, so it counts as not asked. Which is it?`,
  leaveOut: (words: string) => `Leave “${words}” out`,
  room: 'In the room, such as 12 chairs, wall; empty for anything',
  school: 'Schools, such as curl never, breath free',
  group: 'Group',
  slot: 'Time slot, such as 15:00',
  slotWrong: 'Write minutes and seconds, such as 15:00, or 15m.',
  of: (slot: string) => `of ${slot}`,
  noSlot: 'no time slot set',
  over: (time: string) => `${time} over`,
  under: (time: string) => `${time} to spare`,
  trips: (count: number) => (count === 1 ? '1 trip to the floor' : `${count} trips to the floor`),
  sides: (left: string, right: string) => `Left ${left}, right ${right}`,
  strand: 'The routine in order',
  band: (time: string) =>
    `The whole routine to scale, ${time}. The list below has the same in words.`,
  empty: 'Nothing here yet. Type a move below, such as “seated twist 20s each”.',
  rest: (time: string) => `Rest ${time}`,
  note: 'Note',
  block: 'Block',
  lanes: 'Ways of taking part',
  leads: (name: string) => `${name} (leads)`,
  restHere: 'rest here and breathe',
  way: (to: PositionId, time: string, pauseMs: number) =>
    `${POSITION_WAYS[to]} · ${time}${pauseMs > 0 ? `, with a pause of ${timeWords(pauseMs)}` : ''}`,
  addLabel: 'Type a move and its dose',
  add: 'Add',
  adds: (time: string) => `adds ${time}`,
  after: (name: string) => `It goes in after ${name}.`,
  fits: 'Moves that fit what you typed',
  find: 'Find a move',
  full: 'There is no room for more. Take something out first.',
  noMove: 'No move has all of these words.',
  levels: (count: number) => `${count} levels`,
  takeMove: (name: string) => `Add ${name}`,
};

export const FINDINGS = {
  title: 'Findings',
  count: (words: string) => `Findings: ${words}`,
  looking: 'looking…',
  done: '',
  failed: 'not looked at',
  failedWhole: 'The checks did not finish. Change something, or open the routine again.',
  none: NOTHING_FOUND,
  noneShort: 'nothing found',
  care: 'The checks diagnose nothing and clear nobody. A person’s clinician, your local rules and your own licence have the last word.',
  accepted: (why: string) => `Kept: ${why}`,
  places: (count: number) => `at ${count} rows`,
  keep: 'Keep it, with a reason',
  keepWhy: 'Why it stays',
  keepIt: 'Keep it',
  keepNot: 'Leave it open',
  goTo: (name: string) => `Go to ${name}`,
  more: (count: number) => `and ${count} more`,
};

export const PROPOSAL = {
  fit: 'Fit',
  fitTo: (slot: string) => `Fit to ${slot}`,
  order: 'Order',
  working: 'Working it out…',
  keep: 'Keep',
  leave: 'Leave',
  failed: 'That did not work out. Nothing was changed.',
  length: 'Length, such as 15:00',
  time: (from: string, to: string) => (from === to ? `${to} in all` : `${from} → ${to}`),
  findings: (from: string, to: string) =>
    from === to ? `Findings as before: ${to}` : `Findings: ${from} → ${to}`,
  nothing: 'nothing',
  same: (slot: string) => `It is ${slot} long as it stands.`,
  tooShort: (least: string) => `It can’t be shorter than ${least}, with every dose at its least.`,
  tooLong: (most: string) => `It can’t be longer than ${most}, with every dose at its most.`,
  takeOut: 'Take something out, or fit to that.',
  putIn: 'Put something in, or fit to that.',
  madeOf: 'What that is made of',
  parts: {
    work: 'Work',
    'set-ups': 'Set-ups and count-ins',
    between: 'Ways, switches and pauses',
    rests: 'Rests',
  } satisfies Record<LengthPart, string>,
  brings: 'This length brings, for you to decide on:',
  against: 'No way to this length keeps clear of these:',
  inTheWay: 'In the way',
  why: {
    pinned: 'is pinned',
    'no-range': 'has only this length',
    'at-least': 'is as short as it may be',
    'at-most': 'is as long as it may be',
    checked: 'would break a check if it changed more',
  },
  kinds: { added: 'new', removed: 'out', changed: '', moved: 'moved' },
  becomes: (before: string, after: string) => `${before} → ${after}`,
  header: (key: string) => withCapital(key),
};

export const EDITOR = {
  rest: 'Rest',
  close: 'Close',
  kind: 'Kind of dose',
  sets: 'Sets',
  restBetween: 'Rest between sets',
  press: 'Press and ease',
  pressNone: 'none',
  pressTimes: (count: number, time: string) => `${time} ×${count}`,
  sidesLabel: 'Sides',
  first: 'First side',
  level: 'Level',
  line: 'The whole line',
  apply: 'Apply line',
  up: 'Move up',
  down: 'Move down',
  duplicate: 'Duplicate',
  remove: 'Remove',
  makeBlock: 'Make a block',
  takeApart: 'Take apart',
  rounds: 'Rounds',
  once: 'once',
  eachSide: 'Each side',
  buildUp: 'Build up',
  restInBlock: 'Rest between',
  blockNeedsOne: 'A block has rounds, each side, or a build-up.',
  restLength: 'Length',
  less: (what: string) => `Less: ${what}`,
  moreOf: (what: string) => `More: ${what}`,
};

export const KIND_WORDS: Readonly<Record<DoseKind, string>> = {
  hold: 'Hold',
  reps: 'Reps',
  breaths: 'Breaths',
  timed: 'Steady',
};

export const SIDES_WORDS: Readonly<Record<SidesClause, string>> = {
  each: 'Each side',
  alternating: 'Alternating',
  'left-only': 'Left only',
  'right-only': 'Right only',
};
