import type { Load, Region } from '@/core/body';
import type { Fault } from '@/core/moves';
import type { DraftProblem, MoveFaultCode } from '@/core/writing';
import { LOAD_NAMES, REGION_NAMES } from './bodies';
import { problemSentence } from './problems';

type Said = Pick<Fault<string>, 'about' | 'most'>;
type Say = (said: Said) => string;

const quoted = (about: string | undefined, otherwise: string) => (about ? `“${about}”` : otherwise);

const SENTENCES: Readonly<Record<MoveFaultCode, Say>> = {
  'name-unwritable': ({ about }) =>
    `${quoted(about, 'The name')} can't stand on a line of text: begin with a letter or a figure, and leave out : # " [ ] ( )`,
  'name-taken': ({ about }) => `${quoted(about, 'Another move')} has this name already`,
  'name-misread': ({ about }) =>
    `A line that begins with ${quoted(about, 'this name')} is read as something else: choose another name`,
  'no-region': () => 'Say which regions it works',
  'side-meaning-missing': () => 'Say what a side means: the limb, or the way',
  'side-meaning-unused': () => 'Both sides work at once, so a side means nothing here',
  'sided-words': () => 'Both sides work at once: take the marks of a side out',
  'unknown-brace': () => 'Only the two marks of a side, {side} and {other}, can stand in braces',
  'cue-words': ({ most }) => `Too long to be said in time: at most ${most ?? 'a few'} words`,
  'range-missing': () => 'Say the least and the most that this kind of dose may be',
  'range-turned': () => 'The least is more than the most',
  'dose-outside': () => 'The dose is outside its least and most',
  'sets-outside': () => 'The sets are outside their least and most',
  'breath-half': () => 'Give the time in and the time out, or neither',
  'usual-level': () => 'Mark one level as the usual one',
  'level-twice': ({ about }) => `Two levels are called ${quoted(about, 'the same')}`,
  'level-id-twice': () => 'Two levels have the same id',
  'level-unwritable': ({ about }) =>
    `${quoted(about, 'The name of a level')} can't stand on a line of text: leave out , : # " [ ] ( ) and “in” before the last word`,
  'level-stance': ({ about }) =>
    `${quoted(about, 'A level')} says how the feet stand, but does not start standing`,
  'load-missing': ({ about }) =>
    about && Object.hasOwn(LOAD_NAMES, about)
      ? `It asks for ${LOAD_NAMES[about as Load]}: add that, so that limits are checked against it`
      : 'Something that it asks for is not said',
  'easier-asks-more': ({ about }) =>
    `${quoted(about, 'A level')} asks more of the body than the harder one after it: levels stand from easier to harder`,
  'stretch-strength': () => 'Say how strong the stretch is',
  'stretch-nowhere': ({ about }) =>
    about && Object.hasOwn(REGION_NAMES, about)
      ? `No level stretches the ${REGION_NAMES[about as Region]}`
      : 'Say which regions it stretches to the end',
  'family-apart': ({ about }) =>
    `No other move of the family ${quoted(about, 'that it names')} works one of these regions`,
  'one-level': () => 'There is one level only, so nobody has an easier or a harder one',
  'said-twice': ({ about }) => `${quoted(about, 'Another move')} is said in the very same words`,
  'style-order': ({ about }) => `Say what to do, without ${quoted(about, 'orders or praise')}`,
  'style-looks': ({ about }) =>
    `Leave out what bodies look like or weigh: ${quoted(about, 'such a word')}`,
  'style-latin': ({ about }) => `Take the everyday word for ${quoted(about, 'the Latin one')}`,
  'style-breath': ({ about }) =>
    `Leave ${quoted(about, 'in and out')} to the routine's school, which says when to breathe`,
  'style-capital': () => 'Begin with a capital letter',
  'style-stop': () => 'End with a full stop',
  'style-limb': () => 'Name the limb or the way, not only the side',
};

export const MOVE_FAULT_CODES = Object.keys(SENTENCES) as MoveFaultCode[];

/** What is wrong with a move, or could be better, and what to do about it. */
export function moveFaultSentence({ code, ...said }: Said & { readonly code: MoveFaultCode }) {
  return SENTENCES[code](said);
}

/** The sentence for a fault that a file names by its code; undefined where it is none. */
export function moveFaultOf(code: string, said: Said): string | undefined {
  return Object.hasOwn(SENTENCES, code) ? SENTENCES[code as MoveFaultCode](said) : undefined;
}

/** What a field of a move that is being written needs, or would be better with. */
export function draftProblemSentence(problem: DraftProblem): string {
  switch (problem.kind) {
    case 'missing':
      return 'This is still to be filled in';
    case 'unread':
      return problemSentence(problem);
    case 'fault':
      return moveFaultSentence(problem.fault);
    case 'invalid':
      return 'This is too long, or not as it has to be';
  }
}
