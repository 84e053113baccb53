import fc from 'fast-check';
import { LONGEST_MS, parseDuration, parseLength, printClock, printDuration } from './durations';

describe('durations', () => {
  test.each([
    ['45s', 45_000],
    ['1:30', 90_000],
    ['2m', 120_000],
    ['2m30s', 150_000],
    ['2m 30s', 150_000],
    ['1:02:00', 3_720_000],
    ['0:05', 5_000],
    ['90s', 90_000],
    ['90:00', 5_400_000],
  ])('%s is read', (text, ms) => {
    expect(parseDuration(text)).toEqual({ ok: true, value: ms });
  });

  test.each([
    ['30', 'bare-number'],
    ['', 'not-a-duration'],
    ['1:75', 'not-a-duration'],
    ['1:2', 'not-a-duration'],
    ['30x', 'not-a-duration'],
    ['5h', 'too-long'],
    ['-5s', 'not-a-duration'],
  ])('%s is a problem: %s', (text, code) => {
    expect(parseDuration(text)).toEqual({ ok: false, problems: [code] });
  });

  test.each([
    ['20', 20],
    ['5 minutes', 5],
    ['five minutes', 5],
    ['half an hour', 30],
    ['a half hour', 30],
    ['an hour', 60],
    ['an hour and a half', 90],
    ['1 hour 15 minutes', 75],
    ['1 hour and 15 mins', 75],
    ['three quarters of an hour', 45],
    ['a quarter of an hour', 15],
    ['1.5 hours', 90],
    ['1 1/2 hours', 90],
    ['2½ minutes', 2.5],
    ['twenty-five minutes', 25],
    ['forty five min', 45],
    ['90 seconds', 1.5],
    ['about 20 mins', 20],
    ['20 minutes long', 20],
    ['an hour 15', 75],
    ['1h30', 90],
    ['1 hr 30', 90],
    ['1,5 hours', 90],
    ['max 20 min', 20],
    ['20 min max', 20],
    ['15’', 15],
    ['fifteen', 15],
    ['a minute and a half', 1.5],
    ['40ish', undefined],
    ['0 minutes', undefined],
    ['half past ten', undefined],
    ['15:00', 15],
    ['soon', undefined],
    ['20 mince', undefined],
    ['twenty-twenty minutes', undefined],
    ['5 minutes of tea', undefined],
    ['minutes', undefined],
    ['9 hours', undefined],
  ])('the length of a class may be %s', (text, minutes) => {
    const read = parseLength(text);
    expect(read.ok ? read.value / 60_000 : undefined).toBe(minutes);
  });

  test('every whole second is written and read back', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: LONGEST_MS / 1000 }), (s) => {
        expect(parseDuration(printDuration(s * 1000))).toEqual({ ok: true, value: s * 1000 });
      }),
    );
  });

  test('a clock shows minutes and seconds, hours only where there are some', () => {
    expect([printClock(45_999), printClock(1_182_000), printClock(3_720_000)]).toEqual([
      '0:45',
      '19:42',
      '1:02:00',
    ]);
  });
});
