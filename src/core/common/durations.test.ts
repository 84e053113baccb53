import fc from 'fast-check';
import { LONGEST_MS, parseDuration, printClock, printDuration } from './durations';

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
