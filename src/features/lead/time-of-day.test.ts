import { msUntil } from './time-of-day';

const TEN = new Date(2026, 2, 5, 10, 0, 0);
const minutes = (text: string) => {
  const ms = msUntil(text, TEN);
  return ms === undefined ? undefined : ms / 60_000;
};

test.each([
  ['10:30', 30],
  ['10.05', 5],
  ['1030', 30],
  ['11', 60],
  ['2pm', 240],
  ['12 am', 14 * 60],
  ['12pm', 120],
  ['9:00', 23 * 60],
  ['10:00', 24 * 60],
])('%s is so many minutes from ten: %i', (text, until) => {
  expect(minutes(text)).toBe(until);
});

test.each(['', 'soon', '25:00', '10:75', '13pm', '10:30:00'])('%s is no time of day', (text) => {
  expect(minutes(text)).toBeUndefined();
});
