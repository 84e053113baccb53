import {
  daysAfter,
  groupIdSchema,
  levelIdSchema,
  personIdSchema,
  routineIdSchema,
  runIdSchema,
} from '@/core/common';
import { SHIPPED } from '@/core/moves';
import {
  GROUP_ALONE,
  NO_BARS,
  doseSet,
  memberSchema,
  type Member,
  type OwnDose,
} from '@/core/people';
import { itemsInOrder } from '@/core/routine';
import { plainPhrases, routineOf } from '@/core/testing';
import { compile } from '@/core/timing';
import { asPlanned, corrected, type Entry } from '../record/attendance';
import {
  monthOf,
  notLed,
  rowOfRun,
  rowsInOrder,
  wentAsPlanned,
  withRow,
  type RunRow,
} from '../record/months';
import { planOf, planSchema } from '../record/plan';
import { classesOf, doseSessions, ladderFacts, ladderOf, proposalsFor } from './facts';
import { weeksOf } from './weeks';

const ROUTINE = routineOf(`group: older
lanes: stand-held
[main]
Feet-together stance: hold 10s
Sit to stand: 8 reps, level hands on thighs
Seated hamstring reach: hold 30s
[settle]
Seated easy breath: 5 breaths`);
const SCORE = compile(ROUTINE, GROUP_ALONE, plainPhrases);
const PLAN = planOf('led', ROUTINE, SCORE);
const [DRILL, STANDS] = itemsInOrder(ROUTINE);
if (!DRILL || !STANDS) throw new Error('no items');
const ADA = personIdSchema.parse('ada');
const RUNG = { base: 'together', hands: 'fingertips', challenge: 'still', timeMs: 10_000 } as const;

const ada: Member = memberSchema.parse({
  id: 'ada',
  name: 'Ada',
  groups: ['court'],
  lane: 'stand-held',
  limits: [],
  ladders: {
    stance: { school: 'hands first', placed: [{ on: '2026-01-01', rung: RUNG, why: '' }] },
  },
});

function rowOn(on: string, entry: Partial<Entry> = {}): RunRow {
  return {
    id: runIdSchema.parse(`run-${on}`),
    title: ROUTINE.title,
    routineId: routineIdSchema.parse('routine'),
    led: 'led',
    groupId: groupIdSchema.parse('court'),
    startedAt: `${on}T10:00:00+01:00`,
    endedAt: `${on}T10:20:00+01:00`,
    plannedMs: SCORE.totalMs,
    realMs: SCORE.totalMs,
    how: 'completed',
    people: [{ ...asPlanned(ADA), effort: 4, stood: { older: true, way: 'stand-held' }, ...entry }],
  };
}
const held = (leftMs: number, rightMs: number, watched = true) => ({
  [DRILL.id]: {
    moveId: DRILL.moveId,
    rung: RUNG,
    leftMs,
    rightMs,
    ...(watched && { watched: true as const }),
  },
});
const came = (rows: readonly RunRow[]) => classesOf(ADA, rows, { led: PLAN });
const rungOn = (rows: readonly RunRow[], today: string) =>
  ladderOf('stance', ada, came(rows), today);

describe('what a led routine asked', () => {
  test('is kept by item and lane, and reads back', () => {
    expect(planSchema.safeParse(JSON.parse(JSON.stringify(PLAN))).success).toBe(true);
    expect(PLAN.items.map(({ name, kind }) => [name, kind])).toEqual([
      ['Feet-together stance', 'balance'],
      ['Sit to stand', expect.any(String)],
      ['Seated hamstring reach', 'stretch'],
      ['Seated easy breath', 'breath'],
    ]);
    expect(PLAN.items[0]?.lanes[0]?.rung).toMatchObject({ base: 'together', timeMs: 10_000 });
    expect(PLAN.work[0]?.kinds.stretch).toBe(60_000);
  });
});

describe('what was not led', () => {
  const stopped = (on: string): RunRow => ({
    ...rowOn(on),
    how: 'finished-early',
    left: [DRILL.id],
  });

  test('is no try at a drill, no session of a dose, and nothing is proposed for it', () => {
    const facts = ladderFacts('stance', ada, came([stopped('2026-01-08')]));
    expect(facts.at(-1)).not.toHaveProperty('tried');
    const row: RunRow = { ...rowOn('2026-01-08'), left: [STANDS.id] };
    expect(doseSessions(STANDS.moveId, ada, came([row]), new Set())).toEqual([]);
    const setting = {
      catalogue: SHIPPED,
      bars: NO_BARS,
      today: '2026-01-09',
      rungUpOn: new Set<string>(),
    };
    const hard = { painBefore: 1, painAfter: 6 };
    const all = proposalsFor(ada, PLAN, came([rowOn('2026-01-08', hard)]), setting);
    const some = proposalsFor(
      ada,
      PLAN,
      came([{ ...rowOn('2026-01-08', hard), left: [STANDS.id] }]),
      setting,
    );
    expect(all.map(({ move }) => move.id)).toContain(STANDS.moveId);
    expect(some.map(({ move }) => move.id)).not.toContain(STANDS.moveId);
    expect(some).toHaveLength(all.length - 1);
  });

  test('is found in what was led, and a class that was changed went not as planned', () => {
    const side = { moveName: 'x', side: 'both' as const, plannedMs: 5000 };
    const sides = [
      { ...side, itemId: 'a', realMs: 5000 },
      { ...side, itemId: 'b', realMs: 0 },
      { ...side, itemId: 'c', side: 'left' as const, realMs: 0 },
      { ...side, itemId: 'c', side: 'right' as const, realMs: 1 },
    ];
    expect(notLed({ sides })).toEqual(['b']);
    const whole = {
      how: 'completed' as const,
      sides: sides.filter(({ itemId }) => itemId !== 'b'),
    };
    expect(wentAsPlanned(whole)).toBe(true);
    expect(wentAsPlanned({ ...whole, sides })).toBe(false);
    expect(wentAsPlanned({ ...whole, how: 'finished-early' })).toBe(false);
    expect(wentAsPlanned({ ...whole, edits: [{ kind: 'ease', segment: 2 }] })).toBe(false);
  });
});

describe('the ladder, from the record', () => {
  const passed = rowOn('2026-01-08', { items: held(10_000, 10_000) });
  const again = rowOn('2026-01-15', { items: held(10_000, 10_000) });

  test('goes up after two watched days, and not where nobody watched', () => {
    expect(rungOn([passed, again], '2026-01-16')?.rung.hands).toBe('hover');
    const unwatched = rowOn('2026-01-15', { items: held(10_000, 10_000, false) });
    expect(rungOn([passed, unwatched], '2026-01-16')?.turns.at(-1)?.why).toBe('not-watched');
    expect(rungOn([passed, rowOn('2026-01-15')], '2026-01-16')?.turns.at(-1)?.why).toBe(
      'not-watched',
    );
  });

  test.each([
    ['fall', { falls: 1, items: held(10_000, 10_000) }, 'two hands'],
    [
      'near-fall',
      { items: { [DRILL.id]: { ...held(10_000, 10_000)[DRILL.id]!, nearFalls: 1 } } },
      'fingertips',
    ],
    ['pain', { painBefore: 1, painAfter: 3, items: held(10_000, 10_000) }, 'two hands'],
  ] as const)('%s is no step up', (why, entry, hands) => {
    const now = rungOn([passed, rowOn('2026-01-15', entry)], '2026-01-16');
    expect(now?.turns.map((turn) => turn.why)).toContain(why);
    expect(now?.rung.hands).toBe(hands);
  });

  test('a fall that stands with the person too is one fall', () => {
    const fallen = memberSchema.parse({ ...ada, events: [{ what: 'fall', on: '2026-01-15' }] });
    const rows = [passed, rowOn('2026-01-15', { falls: 1 })];
    const facts = ladderFacts('stance', fallen, came(rows));
    expect(facts.filter(({ kind }) => kind === 'fall')).toHaveLength(1);
  });

  test('whoever was away has no class there', () => {
    const rows = [passed, { ...again, people: [{ person: ADA, came: false }] }];
    expect(came(rows)).toHaveLength(1);
    expect(ladderFacts('stance', ada, came(rows)).map(({ kind }) => kind)).toEqual([
      'placed',
      'class',
    ]);
  });
});

describe('doses, from the record', () => {
  const rows = [rowOn('2026-01-08'), rowOn('2026-01-15')];
  const setting = {
    catalogue: SHIPPED,
    bars: NO_BARS,
    today: '2026-01-15',
    rungUpOn: new Set<string>(),
  };
  const proposed = (all: readonly RunRow[], member = ada) =>
    proposalsFor(member, PLAN, came(all), setting).map(({ move, proposal }) => [
      move.name,
      proposal.way,
      proposal.why,
    ]);

  test('strength and stretch are proposed, balance and breath are not', () => {
    expect(proposed(rows)).toEqual([
      ['Sit to stand', 'up', 'two-sessions'],
      ['Seated hamstring reach', 'up', 'two-sessions'],
    ]);
  });

  test('a rep short is not the whole dose', () => {
    const items = { [STANDS.id]: { moveId: STANDS.moveId, reps: 7 } };
    const short = proposed([rows[0]!, rowOn('2026-01-15', { items })]);
    expect(short[0]).toEqual(['Sit to stand', 'stay', 'not-whole']);
  });

  test('one thing at a time: another dose that rose the same day holds the rest', () => {
    const reach = PLAN.items[2]!.moveId;
    const raised = memberSchema.parse({
      ...ada,
      doses: { [reach]: { on: '2026-01-15', amount: 35_000 } },
    });
    expect(proposed(rows, raised)[0]).toEqual(['Sit to stand', 'stay', 'another-rose']);
  });

  test('sat out is no session', () => {
    const out = rowOn('2026-01-15', { outcome: 'skipped' });
    expect(doseSessions(STANDS.moveId, ada, came([rows[0]!, out]), new Set())).toHaveLength(1);
  });
});

describe('entries', () => {
  const noted = '2026-01-08T10:20:00+01:00';
  const entry = { ...asPlanned(ADA), effort: 4 };

  test('what is written the same day is still the making of it', () => {
    const next = corrected(entry, { effort: 5 }, { noted, now: '2026-01-08T18:00:00+01:00' });
    expect(next).toEqual({ ...entry, effort: 5 });
  });

  test('a later correction keeps the earlier entry', () => {
    const now = '2026-01-12T09:00:00+01:00';
    const next = corrected(entry, { effort: 6, dizzy: true }, { noted, now });
    expect(next).toMatchObject({ effort: 6, dizzy: true, earlier: [{ effort: 4, until: now }] });
    expect(corrected(next, { effort: 6 }, { noted, now })).toBe(next);
    const third = corrected(next, { dizzy: undefined }, { noted, now });
    expect(third.earlier).toHaveLength(2);
    expect(third).not.toHaveProperty('dizzy');
    const answered = corrected(entry, { answers: { [STANDS.moveId]: 'left' } }, { noted, now });
    expect(answered).not.toHaveProperty('earlier');
  });
});

describe('months and weeks', () => {
  test('a run stands once in its month', () => {
    const row = rowOn('2026-01-08');
    const run = { ...row, sides: [] };
    const month = withRow(withRow(undefined, rowOfRun(run)), rowOfRun({ ...run, realMs: 5 }));
    expect(month).toMatchObject({ id: '2026-01', rows: [{ realMs: 5 }] });
    expect(monthOf(run)).toBe('2026-01');
    const earlier = rowOn('2025-12-30');
    expect(rowsInOrder([month, withRow(undefined, earlier)]).map(({ id }) => id)).toEqual([
      earlier.id,
      row.id,
    ]);
  });

  test('weeks without a class stand among the others, and work is counted by kind', () => {
    const rows = [rowOn('2026-01-05'), rowOn('2026-01-19')];
    const weeks = weeksOf(ada, came(rows), { today: '2026-01-21', weeks: 3 });
    expect(weeks.map(({ from, classes }) => [from, classes])).toEqual([
      ['2026-01-05', 1],
      ['2026-01-12', 0],
      ['2026-01-19', 1],
    ]);
    expect(weeks[0]?.kinds.stretch).toBe(60_000);
    expect(weeks[0]?.days.balance).toBe(1);
  });
});

describe('three years of a record, with every setting changed at its end', () => {
  const START = '2023-01-05';
  const WEEKS = 156;
  const day = (week: number) => daysAfter(START, week * 7);
  const END = day(WEEKS);
  const usual = { level: levelIdSchema.parse('hands-on-thighs'), sets: 2 };
  // Some weeks are missed, some go badly, and every tenth the dose of another move goes up.
  const rows = Array.from({ length: WEEKS }, (_, i) => i)
    .filter((i) => i % 17 !== 5)
    .map((i) => {
      const ms = i % 6 === 3 ? 4000 : 30_000;
      return rowOn(day(i), { items: held(ms, ms), ...(i % 23 === 7 && { dizzy: true }) });
    });
  const doses = Array.from({ length: WEEKS }, (_, i) => i)
    .filter((i) => i % 10 === 2)
    .reduce<OwnDose | undefined>(
      (dose, i) => doseSet(dose, { ...usual, on: day(i), amount: 6 + i }),
      undefined,
    );
  const placed = [{ on: START, rung: RUNG, why: '' }];
  const EVERYTHING: Partial<Member> = {
    lane: undefined,
    seat: 'bed',
    aids: ['walker', 'oxygen'],
    limits: [{ limit: 'no standing' }, { limit: 'dizziness' }],
    doses: { [STANDS.moveId]: doseSet(doses, { on: END, amount: 500, sets: 5 }) },
    today: { on: END, lane: 'wheelchair' },
  };
  const before: Member = {
    ...ada,
    doses: { [STANDS.moveId]: doses! },
    ladders: { stance: { school: 'hands first', placed } },
  };
  const story = (member: Member, today = END) => ladderOf('stance', member, came(rows), today);

  test('there is something to tell: rises, steps back, and rises that a dose held back', () => {
    const whys = new Set(story(before)?.turns.map(({ why }) => why));
    expect([...whys]).toEqual(expect.arrayContaining(['passed', 'short', 'dizzy', 'dose-rose']));
  });

  test.each<[string, Partial<Member>]>([
    [
      'the dose is set again as it is',
      { doses: { [STANDS.moveId]: doseSet(doses, { ...usual, on: END, amount: doses!.amount }) } },
    ],
    [
      'it is set to more',
      { doses: { [STANDS.moveId]: doseSet(doses, { ...usual, on: END, amount: 500 }) } },
    ],
    [
      'it gets harder in another order from now on',
      {
        ladders: {
          stance: {
            school: 'base first',
            earlier: [{ until: END, school: 'hands first' }],
            placed,
          },
        },
      },
    ],
    ['they take part in another way', { lane: 'stand' }],
    ['they sit in a wheelchair', { lane: undefined, seat: 'wheelchair' }],
    ['a limit comes', { lane: undefined, limits: [{ limit: 'no standing' }] }],
    ['they walk with a walker', { lane: undefined, aids: ['walker'] }],
    ['they go to another group', { groups: [] }],
    ['all of it at once', { ...EVERYTHING, groups: [] }],
  ])('%s: what was decided stays decided', (_, change) => {
    expect(story({ ...before, ...change })).toEqual(story(before));
    const asked = (member: Member) => doseSessions(STANDS.moveId, member, came(rows), new Set());
    expect(asked({ ...before, ...change })).toEqual(asked(before));
  });

  test('a turn is judged by the table that held for them on its day', () => {
    const one = [{ ...rows[0]!, people: [{ ...rows[0]!.people![0]!, stood: { older: false } }] }];
    const older = ({ people }: { people: typeof one }) =>
      ladderFacts('stance', before, came(people)).flatMap((fact) =>
        fact.kind === 'class' ? [fact.older] : [],
      );
    expect(older({ people: one })).toEqual([false]);
    expect(older({ people: [rows[0] as (typeof one)[0]] })).toEqual([true]);
  });

  test('a class after the change is judged by the new order, and stands where it stood', () => {
    const ladders = {
      stance: {
        school: 'base first' as const,
        earlier: [{ until: END, school: 'hands first' as const }],
        placed,
      },
    };
    const now = story(before);
    const rung = now?.rung ?? RUNG;
    const next = [1, 2].map((week) => ({
      ...rowOn(daysAfter(END, week * 7), {
        items: {
          [DRILL.id]: { ...held(30_000, 30_000)[DRILL.id]!, rung },
        },
      }),
    }));
    const after = (school: Member['ladders']) =>
      ladderOf(
        'stance',
        { ...before, ladders: school },
        came([...rows, ...next]),
        daysAfter(END, 14),
      );
    const [old, fresh] = [after(before.ladders), after(ladders)];
    const told = now?.turns.length ?? 0;
    expect(fresh?.turns.slice(0, told)).toEqual(now?.turns);
    expect(old?.turns.slice(0, told)).toEqual(now?.turns);
  });
});
