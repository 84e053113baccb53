import fc from 'fast-check';
import { daysAfter, routineIdSchema } from '@/core/common';
import { ledMark, markSchema, timesLed, unmarked } from './marks';

const id = routineIdSchema.parse('a');
const at = (day: string, time = '10:00') => `${day}T${time}:00+01:00`;
const led = (...moments: readonly string[]) => moments.reduce(ledMark, unmarked(id));

test('a day and a week from Monday are counted, and nothing beyond them', () => {
  const mark = led(
    at('2026-02-28'),
    at('2026-03-02'),
    at('2026-03-04', '09:00'),
    at('2026-03-04', '11:00'),
    at('2026-03-04', '11:00'),
  );
  expect(timesLed(mark, 'day', '2026-03-04')).toBe(2);
  expect(timesLed(mark, 'week', '2026-03-04')).toBe(3);
  expect(timesLed(mark, 'week', '2026-03-08')).toBe(3);
  expect(timesLed(mark, 'week', '2026-03-09')).toBe(0);
  expect(timesLed(undefined, 'day', '2026-03-04')).toBe(0);
});

test('a class entered by hand for an earlier day is not the last one', () => {
  expect(led(at('2026-03-04'), at('2026-03-02'))).toMatchObject({
    ledAt: at('2026-03-04'),
    lately: [at('2026-03-02'), at('2026-03-04')],
  });
});

test('whatever is led, a mark can be kept and holds a week at most', () => {
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: 0, max: 40 }), { minLength: 1, maxLength: 120 }),
      (days) => {
        const moments = days.map((n, i) =>
          at(daysAfter('2026-02-20', n), `${String(i % 24).padStart(2, '0')}:30`),
        );
        const mark = led(...moments);
        expect(markSchema.parse(mark)).toEqual(mark);
        const last = Math.max(...days);
        const today = daysAfter('2026-02-20', last);
        const there = new Set(moments.filter((one) => one.startsWith(today))).size;
        expect(timesLed(mark, 'day', today)).toBe(there);
      },
    ),
  );
});
