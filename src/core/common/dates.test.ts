import { atWallClock, lastWith } from './dates';

/** Central Europe: an hour ahead of UTC, two from the last Sunday of March at one o'clock UTC. */
const spring = (moment: Date) => (moment.getTime() < Date.UTC(2026, 2, 29, 1) ? -60 : -120);
/** And back again on the last Sunday of October. */
const autumn = (moment: Date) => (moment.getTime() < Date.UTC(2026, 9, 25, 1) ? -120 : -60);

describe('the clock on the wall', () => {
  test.each([
    ['2026-03-28', '10:30', '2026-03-28T10:30:00+01:00'],
    ['2026-03-29', '01:30', '2026-03-29T01:30:00+01:00'],
    // This half hour is left out that night; it stays as it was written.
    ['2026-03-29', '02:30', '2026-03-29T02:30:00+01:00'],
    ['2026-03-29', '03:30', '2026-03-29T03:30:00+02:00'],
    ['2026-06-01', '23:59', '2026-06-01T23:59:00+02:00'],
  ])('%s at %s is %s', (day, time, moment) => {
    expect(atWallClock(day, time, spring)).toBe(moment);
  });

  test('an hour that is there twice is one of the two', () => {
    expect(atWallClock('2026-10-25', '02:30', autumn)).toMatch(/^2026-10-25T02:30:00\+0[12]:00$/u);
  });

  test('west of UTC, and by half hours', () => {
    expect(atWallClock('2026-01-01', '00:15', () => 210)).toBe('2026-01-01T00:15:00-03:30');
    expect(atWallClock('2026-01-01', '00:15', () => -345)).toBe('2026-01-01T00:15:00+05:45');
  });
});

test('what was entered at night is of the day before', () => {
  expect(lastWith('10:00', { day: '2026-03-01', clock: '09:59' })).toBe('2026-02-28');
  expect(lastWith('10:00', { day: '2026-03-01', clock: '10:00' })).toBe('2026-03-01');
});
