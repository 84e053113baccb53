import { partakerOf, duesOf, memberSchema, type Member } from './member';
import { personEffects } from './clearance';
import { holdsOn, inForce } from './in-force';

const member = (more: object): Member =>
  memberSchema.parse({
    id: 'p1',
    name: 'Ada',
    groups: [],
    limits: [],
    agreedOn: '2026-01-01',
    ...more,
  });
const limitsOn = (one: Member, day: string) => [
  ...new Set(personEffects(partakerOf(one, day), day, false).map(({ limit }) => limit)),
];

describe('what happened holds', () => {
  test.each([
    ['fall', '2026-03-01', '2026-02-28', false],
    ['fall', '2026-03-01', '2026-03-01', true],
    ['fall', '2026-03-01', '2027-02-28', true],
    ['fall', '2026-03-01', '2027-03-01', false],
    ['faint', '2026-03-01', '2030-03-01', true],
    ['operation', '2026-03-01', '2030-03-01', true],
  ] as const)('a %s of %s on %s: %s', (what, on, day, holds) => {
    expect(holdsOn({ what, on }, day)).toBe(holds);
  });

  test('a fall makes unsteady for a year, whatever was asked and settled', () => {
    const fell = member({ events: [{ what: 'fall', on: '2026-03-01', dealtOn: '2026-03-05' }] });
    expect(limitsOn(fell, '2026-06-01')).toEqual(['unsteady']);
    expect(limitsOn(fell, '2027-03-01')).toEqual([]);
  });

  test('a faint holds as faintness on rising until it was settled', () => {
    const faint = { what: 'faint', on: '2026-03-01' };
    expect(limitsOn(member({ events: [faint] }), '2026-06-01')).toEqual(['faint on rising']);
    const settled = member({ events: [{ ...faint, dealtOn: '2026-04-01' }] });
    expect(limitsOn(settled, '2026-03-31')).toEqual(['faint on rising']);
    expect(limitsOn(settled, '2026-04-01')).toEqual([]);
  });

  test.each(['fracture', 'operation', 'stop-sign'] as const)(
    'after a %s nobody knows until the questions were asked again',
    (what) => {
      const happened = { events: [{ what, on: '2026-03-01' }] };
      expect(limitsOn(member(happened), '2026-06-01')).toEqual(['not-asked']);
      const before = member({ ...happened, asked: { on: '2026-03-01' } });
      expect(limitsOn(before, '2026-06-01')).toEqual(['not-asked']);
      expect(limitsOn(member({ ...happened, asked: { on: '2026-03-02' } }), '2026-06-01')).toEqual(
        [],
      );
    },
  );

  test('who has the limit already has it once', () => {
    const fell = member({
      limits: [{ limit: 'unsteady' }],
      events: [{ what: 'fall', on: '2026-03-01' }],
    });
    const once = personEffects(
      partakerOf(member({ limits: [{ limit: 'unsteady' }] }), '2026-04-01'),
      '2026-04-01',
      false,
    );
    expect(personEffects(partakerOf(fell, '2026-04-01'), '2026-04-01', false)).toEqual(once);
  });

  test('each is to be asked about, until it was', () => {
    for (const what of ['fall', 'faint', 'fracture', 'operation', 'stop-sign'] as const) {
      const due = duesOf(member({ events: [{ what, on: '2026-03-01' }] })).map((one) => one.due);
      expect([what, due]).toEqual([what, ['happened']]);
      const dealt = duesOf(member({ events: [{ what, on: '2026-03-01', dealtOn: '2026-03-02' }] }));
      expect(dealt).toEqual([]);
    }
  });

  test('what a doctor said besides holds the stricter row, until it is made a limit or taken out', () => {
    expect(limitsOn(member({ told: 'no lifting over 2 kg' }), '2026-06-01')).toEqual(['not-asked']);
    expect(limitsOn(member({ told: ' ' }), '2026-06-01')).toEqual([]);
  });

  test('nothing holds of somebody to whom nothing happened', () => {
    expect(inForce({}, '2026-03-01').size).toBe(0);
  });
});
