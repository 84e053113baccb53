import { readOften } from './often';

const said = (text: string) => {
  const often = readOften(text);
  return often && `${often.least}-${often.most} ${often.per}`;
};

test.each([
  ['five times a day', '5-5 day'],
  ['5x a day', '5-5 day'],
  ['5 × per day, at the hour', '5-5 day'],
  ['Twice a day', '2-2 day'],
  ['3-5 a week, evenings', '3-5 week'],
  ['three to five times per week', '3-5 week'],
  ['5 or 3 times each week', '3-5 week'],
  ['once a week', '1-1 week'],
  ['daily', '1-1 day'],
  ['every morning', '1-1 day'],
  ['every Thursday', '1-1 week'],
  ['10 breaks a day', '10-10 day'],
  ['3 times weekly', '3-3 week'],
  ['3x/wk', '3-3 week'],
  ['1-2x week', '1-2 week'],
  ['5 x daily', '5-5 day'],
  ['once daily', '1-1 day'],
  ['4 days a week', '4-4 week'],
  ['a couple of times a week', '2-2 week'],
  ['Mon Wed Fri', '3-3 week'],
  ['Tuesdays', '1-1 week'],
  ['weekdays', '5-5 week'],
])('%s', (text, expected) => {
  expect(said(text)).toBe(expected);
});

test.each([
  '',
  'evenings',
  'every hour',
  'when there is time',
  '0 times a day',
  'on 3 May',
  'a day',
  'every other day',
  'hourly',
  'mornings and evenings',
  '10 000 times a day',
])('no count is made of “%s”', (text) => {
  expect(said(text)).toBeUndefined();
});
