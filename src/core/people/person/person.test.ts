import { clearancesOn, personEffects } from './clearance';
import { readPeopleFile } from './file';
import { personSchema } from './schema';

const ada = personSchema.parse({
  name: 'Ada',
  limits: [{ limit: 'knee replaced', side: 'left' }],
  clearances: [{ loads: ['kneel'], by: 'Dr. Reed', on: '2026-03-01' }],
});
const kneeling = (on: string, person = ada) =>
  personEffects(person, on, false).find(({ load }) => load === 'kneel')?.severity;

describe('clearances', () => {
  test('hold for twelve months', () => {
    expect(kneeling('2026-02-28')).toBe('out');
    expect(kneeling('2026-03-01')).toBe('care');
    expect(kneeling('2027-02-28')).toBe('care');
    expect(kneeling('2027-03-01')).toBe('out');
  });

  test.each(['fall', 'faint', 'fracture', 'operation', 'stop-sign'] as const)(
    'lapse at once on a %s, and not on one before them',
    (what) => {
      const since = { ...ada, events: [{ what, on: '2026-06-10' }] };
      expect(kneeling('2026-06-09', since)).toBe('care');
      expect(kneeling('2026-06-10', since)).toBe('out');
      const earlier = { ...ada, events: [{ what, on: '2026-02-10' }] };
      expect(clearancesOn(earlier, '2026-06-10')).toHaveLength(1);
    },
  );
});

describe('a person', () => {
  test('whose limits were never asked is unknown, not without any', () => {
    const unknown = personSchema.parse({ name: 'Bo' });
    const none = personSchema.parse({ name: 'Bo', limits: [] });
    expect(personEffects(unknown, '2026-11-25', true).map(({ limit }) => limit)).toContain(
      'not-asked',
    );
    expect(personEffects(unknown, '2026-11-25', false)).toEqual([]);
    expect(personEffects(none, '2026-11-25', true)).toEqual([]);
  });

  test('is named in what their limits do', () => {
    for (const effect of personEffects(ada, '2026-01-01', true)) expect(effect.person).toBe('Ada');
  });
});

describe('a people file', () => {
  const file = (people: unknown, more: object = {}) =>
    readPeopleFile(JSON.stringify({ format: 'hushed-willow-people', version: 1, people, ...more }));

  test('is read whole', () => {
    const read = file([{ name: 'Ada', lane: 'chair', limits: [] }]);
    expect(read).toMatchObject({ ok: true, value: { people: [{ name: 'Ada', limits: [] }] } });
  });

  test.each([
    ['not JSON', 'Ada, chair', { code: 'not-json', line: 1, column: 1 }],
    ['of another kind', '{"format":"shopping","version":1,"people":[]}', { code: 'wrong-format' }],
    [
      'with a wrong limit',
      '{"format":"hushed-willow-people","version":1,"people":[{"name":"A","limits":[{"limit":"tired"}]}]}',
      { code: 'invalid', path: 'people.0.limits.0.limit' },
    ],
  ])('%s is refused at its place', (_, text, problem) => {
    const read = readPeopleFile(text);
    expect(read.ok).toBe(false);
    if (!read.ok) expect(read.problems[0]).toMatchObject(problem);
  });
});
