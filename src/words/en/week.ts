import type { Often } from '@/core/common';
import type { Due } from '@/core/people';

/** "3 of 5 today", "2 of 3 to 5 this week": how often it was done, of how often it is meant. */
export function countedWords({ least, most, per }: Often, done: number): string {
  const meant = least === most ? String(most) : `${least} to ${most}`;
  return `${done} of ${meant} ${per === 'day' ? 'today' : 'this week'}`;
}

/** What has to be asked of somebody. */
export const DUE_WORDS: Readonly<Record<Due, string>> = {
  happened: 'something happened in a class: ask before they take part again',
  'never-asked': 'limits were never asked: unknown is not none',
  'ask-again': 'to be asked again',
  'clearance-lapses': 'a clearance ends soon or has ended',
  'never-agreed': 'has not agreed yet that notes are kept',
};

/** Monday first. */
export const WEEKDAYS = [
  'Monday',
  'Tuesday',
  'Wednesday',
  'Thursday',
  'Friday',
  'Saturday',
  'Sunday',
] as const;
