import { cleanLine, cleanText, groupIdSchema, personIdSchema, runIdSchema } from '@/core/common';
import type { RunRow } from '../record/months';
import fc from 'fast-check';
import { peopleCsv, readPeopleCsv } from './people-csv';

const ADA = personIdSchema.parse('ada');
const row: RunRow = {
  id: runIdSchema.parse('run'),
  title: 'Chair circle, "gentle"',
  groupId: groupIdSchema.parse('court'),
  startedAt: '2026-03-05T10:30:00+01:00',
  endedAt: '2026-03-05T10:50:00+01:00',
  plannedMs: 1_200_000,
  realMs: 1_200_000,
  how: 'completed',
  people: [
    {
      person: ADA,
      came: true,
      outcome: 'eased',
      why: 'too-hard',
      effort: 6,
      painBefore: 1,
      painAfter: 2,
      painNext: 1,
      soreDays: 2,
      dizzy: true,
      falls: 1,
      note: '=HYPERLINK("x"), and\ntwo lines',
    },
    { person: personIdSchema.parse('bo'), came: false },
  ],
};
const names = {
  person: ({ person }: { person: string }) => (person === 'ada' ? 'Ada, A.' : '-Bo'),
  group: () => 'The court',
};
const read = (text: string) => readPeopleCsv(text, '2026-03-06');

test('what goes out comes in again, formulas disarmed on the way', () => {
  const text = peopleCsv([row], names);
  expect(text).toContain(`"'=HYPERLINK`);
  const back = read(text);
  expect(back).toMatchObject({
    ok: true,
    classes: [
      { date: '2026-03-05', time: '10:30', minutes: 20, routine: row.title, group: 'The court' },
    ],
  });
  if (!back.ok) return;
  const [ada, bo] = back.classes[0]?.people ?? [];
  const { person: _, ...words } = row.people?.[0] ?? { person: ADA };
  expect(ada).toEqual({ name: 'Ada, A.', id: 'ada', line: 2, words });
  expect(bo).toEqual({ name: '-Bo', id: 'bo', line: 3, words: { came: false } });
});

test.each([
  ['an empty one', '', { code: 'empty' }],
  [
    'wrong columns',
    'name,when\nAda,today\n',
    { code: 'missing-columns', columns: ['date', 'person'] },
  ],
  [
    'a day that is not',
    'date,person\n2026-02-30,Ada\n',
    { code: 'wrong-value', line: 2, column: 'date' },
  ],
  [
    'a day to come',
    'date,person\n2026-03-07,Ada\n',
    { code: 'wrong-value', line: 2, column: 'date' },
  ],
  [
    'no name',
    'date,person\n2026-03-01,\n2026-03-01,Bo\n',
    { code: 'wrong-value', line: 2, column: 'person' },
  ],
  [
    'a negative number',
    'date,person,effort\n2026-03-01,Ada,-3\n',
    { code: 'wrong-value', column: 'effort', value: '-3' },
  ],
  [
    'too much pain',
    'date,person,pain after\n2026-03-01,Ada,11\n',
    { code: 'wrong-value', column: 'pain after' },
  ],
  [
    'an unknown outcome',
    'date,person,outcome\n2026-03-01,Ada,great\n',
    { code: 'wrong-value', column: 'outcome' },
  ],
])('%s is refused at its place, whole', (_, text, fault) => {
  const back = read(text);
  expect(back.ok).toBe(false);
  if (!back.ok) expect(back.faults[0]).toMatchObject(fault);
});

test('only a day and a name are needed; marks of other programs are passed over', () => {
  const back = read('\uFEFFDate,Person,Shoe size\r\n2026-03-01,Ada,38\r\n');
  expect(back).toMatchObject({ ok: true, classes: [{ time: '12:00', people: [{ name: 'Ada' }] }] });
});

test('any name and note comes back whole, those that look like formulas and their marks too', () => {
  const odd = fc.oneof(
    fc.string({ unit: 'binary', maxLength: 30 }),
    fc.constantFrom('=Ada', "'=Ada", "''-Bo", '@home', '+1', '\t=x', '"', 'a,b', "'", '-'),
  );
  fc.assert(
    fc.property(odd, odd, (rawName, rawNote) => {
      const name = cleanLine(rawName, 80).replace(/\s+/gu, ' ');
      const note = cleanText(rawNote, 1000).trim();
      fc.pre(name !== '');
      const entry = { person: ADA, came: true, ...(note !== '' && { note }) };
      const text = peopleCsv([{ ...row, people: [entry] }], { ...names, person: () => name });
      const back = read(text);
      if (!back.ok) throw new Error(JSON.stringify(back.faults));
      expect(back.classes[0]?.people).toEqual([
        { name, id: 'ada', line: 2, words: { came: true, ...(note !== '' && { note }) } },
      ]);
    }),
  );
});
