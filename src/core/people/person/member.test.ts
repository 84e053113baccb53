import { bornFault, duesOf, initialsOf, laneOfMember, memberSchema, partakerOf } from './member';
import {
  averageStands,
  breathsAMinute,
  readingFault,
  readingSchema,
  trendOf,
  type Reading,
} from './measures';
import { personEffects } from './clearance';

const member = (words: object = {}) =>
  memberSchema.parse({ id: 'ada', name: 'Ada Fenn', groups: [], ...words });

describe('somebody', () => {
  test('whose limits were never asked is to be asked; none is an answer', () => {
    const due = (words: object) => duesOf(member(words)).map((one) => one.due);
    expect(due({})).toEqual(['never-asked', 'never-agreed']);
    expect(due({ limits: [], agreedOn: '2026-01-01' })).toEqual([]);
    expect(
      duesOf(member({ limits: [], asked: { on: '2026-01-01', again: '2026-07-01' } })),
    ).toContainEqual({
      due: 'ask-again',
      from: '2026-07-01',
    });
    const cleared = { loads: ['kneel'], by: 'Dr. Reed', on: '2026-03-15' };
    expect(duesOf(member({ limits: [], clearances: [cleared] }))).toContainEqual({
      due: 'clearance-lapses',
      from: '2027-03-01',
    });
  });

  test('takes today’s way today only', () => {
    const ada = member({ lane: 'stand', today: { lane: 'chair', on: '2026-03-05' } });
    expect(partakerOf(ada, '2026-03-05').lane).toBe('chair');
    expect(partakerOf(ada, '2026-03-06').lane).toBe('stand');
    expect(laneOfMember(ada, ['chair', 'stand'], '2026-03-05')).toBe('chair');
    expect(laneOfMember(ada, ['floor'], '2026-03-05')).toBeUndefined();
    expect(laneOfMember(ada, ['chair-rise', 'wheelchair'], '2026-03-06')).toBe('chair-rise');
  });

  test('of an older group who was never asked is held to the first row, whatever is led', () => {
    const limits = (unknownIsStrict: boolean) =>
      personEffects(
        partakerOf(member(), '2026-03-05', { unknownIsStrict }),
        '2026-03-05',
        false,
      ).map(({ limit }) => limit);
    expect(limits(false)).toEqual([]);
    expect(limits(true)).toContain('not-asked');
  });

  test('a limit that is treated strictly rules out what it asks care for', () => {
    const painful = (strict?: true) =>
      personEffects(
        partakerOf(
          member({ limits: [{ limit: 'knee painful', ...(strict && { strict }) }] }),
          '2026-03-05',
        ),
        '2026-03-05',
        true,
      ).find(({ load }) => load === 'kneel')?.severity;
    expect([painful(), painful(true)]).toEqual(['care', 'out']);
  });

  test.each([
    ['Ada Fenn', 'AF'],
    ['K. R.', 'KR'],
    ['anne-marie de la tour', 'AMDL'],
    ['Øyvind', 'Ø'],
  ])('%s has the initials %s', (name, initials) => {
    expect(initialsOf(name)).toBe(initials);
  });

  test.each([
    [2030, 'future'],
    [2020, 'too-young'],
    [1900, 'too-old'],
    [1948, undefined],
  ])('born in %s: %s', (year, fault) => {
    expect(bornFault(year, 2026)).toBe(fault);
  });
});

describe('measures', () => {
  const reading = (words: object): Reading =>
    readingSchema.parse({
      id: 'r',
      person: 'ada',
      measure: 'chair-stand',
      on: '2026-03-01',
      ...words,
    });

  test.each([
    ['nothing', {}],
    ['future', { value: 9, on: '2026-04-01' }],
    ['too-much', { value: 61 }],
    ['too-little', { measure: 'tandem', left: -3 }],
    ['wrong-side', { left: 9 }],
    ['wrong-side', { measure: 'tandem', value: 9 }],
    [undefined, { measure: 'seated-reach', left: -12, right: 3 }],
    [undefined, { value: 0 }],
  ])('a fault is named: %s', (fault, words) => {
    expect(readingFault(reading(words), '2026-03-05')).toBe(fault);
  });

  test('the published counts, and none outside of their ages', () => {
    expect([averageStands(64, 'man'), averageStands(65, 'man')]).toEqual([14, 12]);
    expect([averageStands(92, 'woman'), averageStands(95, 'woman')]).toEqual([4, undefined]);
    expect(averageStands(70, undefined)).toBeUndefined();
  });

  test('no trend from fewer than three readings', () => {
    expect(trendOf([9, 12])).toBeUndefined();
    expect(trendOf([9, 10, 12])).toBe('up');
    expect(trendOf([12, 12, 12, 12])).toBe('level');
    expect(trendOf([10, 9, 7, 6])).toBe('down');
  });

  test('breaths from taps', () => {
    expect(breathsAMinute([0, 4000, 8000])).toBeUndefined();
    expect(breathsAMinute([0, 4000, 8000, 12_000])).toBe(15);
  });
});
