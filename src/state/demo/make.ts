import { planOf, sideTimes, type Entry, type ItemResult, type Run } from '@/core/class';
import { countingIds, personIdSchema, routineIdSchema, runIdSchema } from '@/core/common';
import { GROUP_ALONE, type Reading } from '@/core/people';
import { itemInForce, itemsInOrder, readRoutineText, type Routine } from '@/core/routine';
import { compile } from '@/core/timing';
import { scorePhrases } from '@/words/score';
import { MEETING, ROW } from '../hall/kinds';
import { GROUP, LED, PERSON, PLAN, READING, ROUTINE, RUN } from '../kinds';
import { meetingsOf } from '../meetings';
import { rowOf } from '../shelved';
import { keyOf, writeStored, type AnyKind } from '../storage/kind';
import { DEMO_DAY, DEMO_GROUPS, DEMO_PEOPLE, DEMO_READINGS, DEMO_WEEKS, ago } from './people';
import { DEMO_ROUTINES } from './routines';

/** Read by the time of day of the first visit, so any will do here. */
const SOME_TIME = '2026-01-01T00:00:00Z';

/** One class that ended early. */
const SHORT = { group: 'demo-harbour-office', weeksAgo: 2, share: 0.7 };
const WEEKS = 6;

export function demoRoutine(name: string, text: string): Routine {
  const { routine, problems } = readRoutineText(text, {
    id: routineIdSchema.parse(`demo-${name}`),
    newId: countingIds('i'),
    untitled: name,
  });
  if (problems.length > 0) throw new Error(`demo routine ${name}: ${JSON.stringify(problems)}`);
  return routine;
}

/** The demo data as a first visit puts it into storage: what `made.json` holds. */
export function makeDemo() {
  const routines = Object.entries(DEMO_ROUTINES).map(([name, text]) => demoRoutine(name, text));
  const meetings = meetingsOf({ people: byId(DEMO_PEOPLE), groups: byId(DEMO_GROUPS) });
  const stored = [
    ...routines.flatMap((routine) => [
      entryOf(ROUTINE, routine.id, routine),
      entryOf(ROW, routine.id, rowOf(routine)),
    ]),
    ...DEMO_GROUPS.map((one) => entryOf(GROUP, one.id, one)),
    ...DEMO_PEOPLE.map((one) => entryOf(PERSON, one.id, one)),
    ...Object.values(meetings).map((one) => entryOf(MEETING, one.id, one)),
    ...demoReadings().map((one) => entryOf(READING, one.id, one)),
  ];
  const led = DEMO_GROUPS.map((group) => {
    const routine = routines.find(({ id }) => id === group.routineId);
    if (!routine) throw new Error(`no routine for ${group.name}`);
    const score = compile(routine, GROUP_ALONE, scorePhrases);
    return { group, routine, score, id: `led-${routine.id}` };
  });
  const kept = led.flatMap(({ id, routine, score }) => [
    entryOf(LED, id, { id, routine }),
    entryOf(PLAN, id, planOf(id, routine, score)),
  ]);
  const runs = led.flatMap(({ group, routine, score, id }) =>
    Array.from({ length: WEEKS }, (_, week) => {
      const weeksAgo = WEEKS - 1 - week;
      const share = group.id === SHORT.group && weeksAgo === SHORT.weeksAgo ? SHORT.share : 1;
      const sides = sideTimes(routine, score, {});
      const done = Math.round(sides.length * share);
      const run: Run = {
        id: runIdSchema.parse(`demo-run-${group.id.slice(5)}-${week + 1}`),
        routineId: routine.id,
        title: routine.title,
        led: id,
        groupId: group.id,
        startedAt: SOME_TIME,
        endedAt: SOME_TIME,
        plannedMs: score.totalMs,
        realMs: Math.round(score.totalMs * share),
        how: share < 1 ? 'finished-early' : 'completed',
        sides: [],
        people: entriesOf(group.id, week, routine),
      };
      const [key, text] = entryOf(RUN, run.id, run);
      const { weekday = 0, time = '10:00' } = group;
      return { weekday, time, weeksAgo, done, sides: id, key, stored: text };
    }),
  );
  const sides = Object.fromEntries(
    led.map(({ id, routine, score }) => [id, sideTimes(routine, score, {})]),
  );
  return { day: DEMO_DAY, stored: Object.fromEntries([...stored, ...kept]), sides, runs };
}

function byId<T extends { readonly id: string }>(all: readonly T[]): Readonly<Record<string, T>> {
  return Object.fromEntries(all.map((one) => [one.id, one]));
}

function entryOf(kind: AnyKind<never>, id: string, value: unknown): [string, object] {
  return [keyOf(kind, id), JSON.parse(writeStored(kind, value, 1)) as object];
}

/** How a week went for each of a group. */
function entriesOf(group: string, week: number, routine: Routine): Entry[] {
  const drill = itemsInOrder(routine).find((one) => {
    const { move } = itemInForce(one, routine);
    return move.kind === 'balance' && move.family === 'stance';
  });
  const members = DEMO_PEOPLE.filter(({ groups }) => groups.some((id) => id === group));
  return members.flatMap(({ id }): Entry[] => {
    const went = DEMO_WEEKS[id.slice('demo-'.length)]?.[week];
    if (!went) return [];
    const { drill: result, ...words } = went;
    if (words.came === false) return [{ person: id, came: false }];
    const items: Record<string, ItemResult> =
      drill && result ? { [drill.id]: { moveId: drill.moveId, ...result } } : {};
    return [
      {
        person: id,
        came: true,
        outcome: 'done',
        ...words,
        ...(Object.keys(items).length > 0 && { items }),
      },
    ];
  });
}

function demoReadings(): readonly Reading[] {
  return DEMO_READINGS.flatMap(({ person, measure, values }) =>
    values.map(([daysAgo, value], i): Reading => ({
      id: `demo-${person}-${measure}-${i + 1}`,
      person: personIdSchema.parse(`demo-${person}`),
      measure,
      on: ago(daysAgo),
      value,
    })),
  );
}
