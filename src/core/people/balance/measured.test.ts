import fc from 'fast-check';
import { STANCES } from '@/core/body';
import { readingSchema, type Reading } from '../person/measures';
import { measuredRung } from './measured';
import { placeOn, rungsOf, sameRung } from './rungs';

const reading = (measure: Reading['measure'], words: object = {}): Reading =>
  readingSchema.parse({ id: measure, person: 'ada', measure, on: '2026-03-01', ...words });
const said = (readings: readonly Reading[], since?: string) => {
  const found = measuredRung(readings, '2026-03-05', since);
  return found && `${found.rung.base} ${found.rung.hands} ${found.rung.timeMs / 1000}`;
};

describe('a measured stance offers its rung', () => {
  test('the narrowest that the weaker side held, as long as it did', () => {
    expect(said([reading('one-leg', { left: 9, right: 12 })])).toBe('one-leg one hand 5');
    expect(said([reading('one-leg', { left: 10, right: 12 })])).toBe('one-leg one hand 10');
    expect(said([reading('tandem', { left: 2.9, right: 9 })])).toBeUndefined();
    expect(said([reading('tandem', { left: 3, right: 9 })])).toBe('tandem fingertips 3');
    expect(said([reading('together', { value: 10 })])).toBe('together fingertips 10');
    expect(said([reading('together', { value: 9.9 })])).toBeUndefined();
  });

  test('a wider stance that was not held ends it', () => {
    const oneLeg = reading('one-leg', { left: 12, right: 12 });
    expect(said([reading('tandem', { left: 9.9, right: 20 }), oneLeg])).toBe('tandem fingertips 5');
    expect(said([reading('tandem', { left: 10, right: 20 }), oneLeg])).toBe('one-leg one hand 10');
  });

  test('hands, one side alone, a year ago and before a fall offer nothing', () => {
    const held = { left: 12, right: 12 };
    expect(said([reading('tandem', { ...held, with: 'hands' })])).toBeUndefined();
    expect(said([reading('tandem', { left: 12 })])).toBeUndefined();
    expect(said([reading('tandem', { ...held, on: '2025-03-05' })])).toBeUndefined();
    expect(said([reading('tandem', { ...held, on: '2025-03-06' })])).toBe('tandem fingertips 10');
    expect(said([reading('tandem', { ...held, on: '2026-03-06' })])).toBeUndefined();
    expect(said([reading('tandem', held)], '2026-03-01')).toBeUndefined();
    expect(said([reading('tandem', held)], '2026-02-28')).toBe('tandem fingertips 10');
  });

  test('whatever was measured, a rung of the ladder is offered or none', () => {
    const side = fc.option(fc.integer({ min: 0, max: 60 }), { nil: undefined });
    const one = fc.record({
      measure: fc.constantFrom(...STANCES.slice(1)),
      left: side,
      right: side,
    });
    fc.assert(
      fc.property(fc.array(one, { maxLength: 6 }), fc.boolean(), (all, older) => {
        const rung = measuredRung(
          all.map(({ measure, ...sides }) => reading(measure as Reading['measure'], sides)),
          '2026-03-05',
        )?.rung;
        if (!rung) return;
        const rungs = rungsOf('hands first', older);
        expect(rungs.some((of) => sameRung(of, rung)) || placeOn(rungs, rung) > 0).toBe(true);
      }),
    );
  });
});
