import type { SchoolQuestion } from '@/core/routine';

/** What each school question is about. */
export const SCHOOL_TITLES: Readonly<Record<SchoolQuestion, string>> = {
  hold: 'How long stretches are held',
  count: 'What work is counted in',
  sides: 'How sides are done',
  curl: 'Whether the back is curled under load',
  bend: 'How people bend forward',
  breath: 'When they breathe out',
  strength: 'How hard strength work is',
  balance: 'How balance begins',
  often: 'How often it is done',
  chair: 'Where people sit on the chair',
  grip: 'What is on the feet',
};

/** Each school, and what it means. */
export const SCHOOL_MEANS: Readonly<Record<SchoolQuestion, Readonly<Record<string, string>>>> = {
  hold: {
    short: 'some ten seconds, and often',
    intervals: 'several holds with rests between',
    steady: 'half a minute, once',
    long: 'a minute or more',
    breaths: 'by breaths, not by the clock',
  },
  count: { reps: 'so many times', seconds: 'so long', breaths: 'with the breath' },
  sides: {
    'one then other': 'one side whole, then the other',
    'each rep': 'by turns, rep for rep',
    sequence: 'all moves on one side, then all on the other',
  },
  curl: { 'small range': 'a little, without load', never: 'not at all' },
  bend: { 'long spine': 'from the hips, with a long back', relaxed: 'the back may round' },
  breath: {
    'out on rounding': 'out as the back rounds',
    'in on rounding': 'in as the back rounds',
    free: 'as it comes',
  },
  strength: { mild: 'far from tiring', strong: 'until it is work' },
  balance: { 'hands first': 'with the hands on something first', free: 'free from the start' },
  often: { daily: 'every day', 'rest days': 'with days of rest', hourly: 'a little every hour' },
  chair: { front: 'at the front, away from the back', back: 'with the back against it' },
  grip: { 'bare feet': 'bare feet', 'flat shoes': 'flat shoes with a firm heel' },
};
