import isEqual from 'fast-deep-equal';
import {
  MOST_IN_CLASS,
  asPlanned,
  corrected,
  justCame,
  peopleCsv,
  planOf,
  wasAway,
  wentAsPlanned,
  type Entry,
  type EntryWords,
  type Run,
  type TableClass,
  type TablePerson,
} from '@/core/class';
import {
  atWallClock,
  cleanLine,
  isoWithOffset,
  runIdSchema,
  type GroupId,
  type PersonId,
  type RunId,
} from '@/core/common';
import { GROUP_ALONE, wayOfMember, type TakingPart } from '@/core/people';
import type { Routine } from '@/core/routine';
import { fileName, saveFile } from '@/platform/files';
import { markLed } from './hall/marks';
import { scoreOf } from './scores';
import { addGroup, addPerson, personChanged } from './people-actions';
import { isOlder, seeToStandings, selectRows } from './standings';
import { ledKept, plansKept, runsBrought } from './runs';
import type { AppState, AppThunk } from './slices';
import { membersOf, partOfGroup } from './taking-part';

/** Keeps a routine as it was led, and what it asked of whom: once, however often it is led so. */
export function keepLed(routine: Routine, part: TakingPart): AppThunk<string> {
  return (dispatch, getState, { idOfText }) => {
    // The same routine asks other levels of other people: then it is another plan.
    const plan = planOf('', routine, scoreOf(routine, part));
    const id = idOfText(JSON.stringify([routine, plan]));
    const { led, plans } = getState();
    if (!led[id]) dispatch(ledKept([{ id, routine }]));
    if (!plans[id]) dispatch(plansKept([{ ...plan, id }]));
    return id;
  };
}

/**
 * Everybody of the run's group who has no entry yet came; and where the class went as it was planned, so
 * it did for them.
 */
export function recordAllAsPlanned(id: RunId): AppThunk {
  return (dispatch, getState) => {
    const run = getState().runs[id];
    if (!run?.groupId) return;
    const known = new Set(run.people?.map(({ person }) => person));
    const others = membersOf(getState().people, run.groupId).filter(({ id }) => !known.has(id));
    const first = wentAsPlanned(run) ? asPlanned : justCame;
    const all = [...(run.people ?? []), ...others.map((one) => first(one.id))];
    const some = all.slice(0, MOST_IN_CLASS);
    dispatch(
      entriesPut(
        run,
        some,
        some.map((one) => one.person),
      ),
    );
  };
}

/** Writes something of one person's entry; what is corrected later keeps what stood there. */
export function entryChanged(
  id: RunId,
  person: PersonId,
  words: { readonly [K in keyof EntryWords]?: EntryWords[K] | undefined },
): AppThunk {
  return (dispatch, getState, { clock }) => {
    const run = getState().runs[id];
    if (!run) return;
    const now = isoWithOffset(clock.wallTime());
    const known = run.people?.find((one) => one.person === person);
    // What was not noted yet is made, and corrects nothing.
    const came = wentAsPlanned(run) ? asPlanned(person) : justCame(person);
    const first = words.came === false ? wasAway(person) : came;
    const noted = known ? (run.notedAt ?? run.endedAt) : now;
    const entry = corrected(known ?? first, words, { noted, now });
    const others = run.people?.filter((one) => one.person !== person) ?? [];
    dispatch(entriesPut(run, [...others, entry], [person]));
    if ('falls' in words || 'dizzy' in words)
      dispatch(heardOf(person, run, { was: known, is: entry }));
  };
}

/**
 * What a class hears of somebody, a fall since the last one or a spell of dizziness in it, is theirs from
 * that day on: it ends clearances, and holds in checks, in who does what and on Today. Taken back, it is
 * none; what was dealt with stays, and so does what leading the class noted of them.
 */
function heardOf(
  person: PersonId,
  { startedAt, events: led = [] }: Pick<Run, 'startedAt' | 'events'>,
  { was, is }: { readonly was: Heard | undefined; readonly is: Heard },
): AppThunk {
  return (dispatch, getState) => {
    const on = startedAt.slice(0, 10);
    const before = getState().people[person]?.events ?? [];
    const noted = led.some(({ people = [] }) => people.includes(person));
    const tells = (heard: Heard | undefined) => ({
      fall: Boolean(heard?.falls),
      'stop-sign': heard?.dizzy === true,
    });
    const [told, tellsNow] = [tells(was), tells(is)];
    // Only what this entry told is taken back by it.
    const goes = ({ what, on: then, dealtOn }: (typeof before)[number]) =>
      (what === 'fall' || (what === 'stop-sign' && !noted)) &&
      then === on &&
      !dealtOn &&
      told[what] &&
      !tellsNow[what];
    const others = before.filter((one) => !goes(one));
    const now = (['fall', 'stop-sign'] as const)
      .filter((what) => tellsNow[what] && !others.some((one) => one.on === on && one.what === what))
      .map((what) => ({ what, on }));
    const events = [...others, ...now].slice(-100);
    if (!isEqual(events, before)) dispatch(personChanged(person, { events }));
  };
}
type Heard = Pick<EntryWords, 'falls' | 'dizzy'>;

/** An entry is made as if it had never been. */
export function entryTaken(id: RunId, person: PersonId): AppThunk {
  return (dispatch, getState) => {
    const run = getState().runs[id];
    const others = run?.people?.filter((one) => one.person !== person);
    if (!run || !others) return;
    dispatch(entriesPut(run, others, [person]));
    const was = run.people?.find((one) => one.person === person);
    dispatch(heardOf(person, run, { was, is: {} }));
  };
}

/** @param whose of whom something is another now */
function entriesPut(run: Run, entries: readonly Entry[], whose: readonly PersonId[]): AppThunk {
  return (dispatch, getState, { clock }) => {
    const { people: __, notedAt = isoWithOffset(clock.wallTime()), ...rest } = run;
    const state = getState();
    const on = run.startedAt.slice(0, 10);
    // An entry of before stays as it is: how they were then is not known any more.
    const there = new Set(run.people?.map((one) => one.person));
    const people = entries.map((one) =>
      there.has(one.person) ? one : withStanding(one, state, on),
    );
    const noted = { ...rest, notedAt, people };
    dispatch(runsBrought([entries.length > 0 ? noted : rest]));
    // Years of a record are gone through after the press that changed them, and not in it.
    setTimeout(() => dispatch(seeToStandings(whose, run.groupId ? [run.groupId] : [])), 0);
  };
}

/** An entry with how that person was on the day, which is kept from when it was first written. */
function withStanding(entry: Entry, state: AppState, on: string): Entry {
  const member = state.people[entry.person];
  if (!member || !entry.came || entry.stood) return entry;
  const way = wayOfMember(member, on);
  return { ...entry, stood: { older: isOlder(state, member), ...(way && { way }) } };
}

/** A class that was led without the application. */
export interface ByHand {
  readonly title: string;
  readonly groupId: GroupId | undefined;
  /** With the offset of that place. */
  readonly startedAt: string;
  readonly minutes: number;
  readonly routine: Routine | undefined;
}

/** Enters a class by hand; returns its id. */
export function enterByHand(words: ByHand): AppThunk<RunId> {
  return (dispatch, getState, { newId }) => {
    const { groupId, startedAt, minutes, routine } = words;
    const title = cleanLine(words.title, 120) || titleOf('', '');
    const part = partOfGroup(getState(), groupId, startedAt.slice(0, 10));
    const id = runIdSchema.parse(newId());
    const realMs = minutes * 60_000;
    const led = routine && dispatch(keepLed(routine, part));
    const run: Run = {
      id,
      title,
      startedAt,
      endedAt: isoWithOffset(new Date(Date.parse(startedAt) + realMs)),
      plannedMs: routine ? scoreOf(routine, part).totalMs : realMs,
      realMs,
      how: 'completed',
      sides: [],
      byHand: true,
      ...(routine && { routineId: routine.id }),
      ...(led && { led }),
      ...(groupId && { groupId }),
    };
    dispatch(runsBrought([run]));
    if (routine) dispatch(markLed({ id: routine.id, at: startedAt }));
    if (groupId) dispatch(seeToStandings([], [groupId]));
    return id;
  };
}

/** Moves the routines out of runs that an earlier version kept with them. */
export function slimRuns(): AppThunk {
  return (dispatch, getState) => {
    const heavy = Object.values(getState().runs).filter(({ routine }) => routine !== undefined);
    for (const run of heavy) {
      const { routine, ...rest } = run;
      if (!routine) continue;
      const led = dispatch(keepLed(routine, GROUP_ALONE));
      dispatch(runsBrought([{ ...rest, led }]));
    }
  };
}

/** Everybody's entries as a table, by the names that are known today. */
export function savePeople(name: string): AppThunk {
  return (_, getState) => {
    const { people, groups } = getState();
    const text = peopleCsv(selectRows(getState()), {
      person: ({ person }) => people[person]?.name ?? '',
      group: ({ groupId }) => (groupId && groups[groupId]?.name) ?? '',
    });
    saveFile(fileName(name, 'csv'), text, 'text/csv');
  };
}

/** What bringing a table in would add. */
export interface TablePlan {
  readonly classes: readonly TableClass[];
  /** Classes that are in the record already, by their day, hour and routine. */
  readonly known: number;
  readonly newPeople: readonly string[];
  readonly newGroups: readonly string[];
  /** Lines whose name is that of several people here, with nothing to tell them apart: left out. */
  readonly unclear: readonly { readonly line: number; readonly name: string }[];
}

const idsOf = <Id>(all: Readonly<Record<string, { readonly id: Id }>>) =>
  Object.values(all).map(({ id }) => id);

const sameName = (a: string, b: string) => a.trim().toLowerCase() === b.trim().toLowerCase();

export function planTable(classes: readonly TableClass[]): AppThunk<TablePlan> {
  return (_, getState) => {
    const state = getState();
    const rows = new Set(
      selectRows(state).map(({ startedAt, title }) => `${startedAt.slice(0, 16)} ${title}`),
    );
    const isNew = ({ date, time, routine, group }: TableClass) =>
      !rows.has(`${date}T${time} ${titleOf(routine, group)}`);
    const unclear: TablePlan['unclear'][number][] = [];
    const fresh = classes.filter(isNew).map((one) => ({
      ...one,
      people: one.people.filter((person) => {
        const isClear = personIn(state, person, one.group) !== 'several';
        if (!isClear) unclear.push({ line: person.line, name: person.name });
        return isClear;
      }),
    }));
    const missing = (names: readonly string[], known: readonly string[]) => [
      ...new Map(
        names
          .filter((name) => name !== '' && !known.some((one) => sameName(one, name)))
          .map((name) => [name.toLowerCase(), name]),
      ).values(),
    ];
    return {
      classes: fresh,
      known: classes.length - fresh.length,
      unclear,
      newPeople: missing(
        fresh.flatMap(({ people, group }) =>
          people.filter((one) => personIn(state, one, group) === undefined).map(({ name }) => name),
        ),
        [],
      ),
      newGroups: missing(
        fresh.map(({ group }) => group),
        Object.values(state.groups).map(({ name }) => name),
      ),
    };
  };
}

const titleOf = (routine: string, group: string) => routine || group || 'Class';

type WithPeople = Pick<AppState, 'people' | 'groups'>;

/**
 * Who a line of a table is of: by id where it is somebody's here, else by name, and of several of that
 * name the one who is in the class's group.
 */
function personIn(
  { people, groups }: WithPeople,
  { id, name }: Pick<TablePerson, 'id' | 'name'>,
  group: string,
): PersonId | 'several' | undefined {
  const byId = Object.values(people).find((one) => one.id === id);
  if (byId) return byId.id;
  const named = Object.values(people).filter((one) => sameName(one.name, name));
  if (named.length < 2) return named[0]?.id;
  const own = named.filter((one) =>
    one.groups.some((groupId) => sameName(groups[groupId]?.name ?? '', group)),
  );
  return own.length === 1 ? own[0]?.id : 'several';
}

/** Brings a table in as it was planned: people and groups that are new come with it. */
export function bringTable({ classes, newPeople, newGroups }: TablePlan): AppThunk<number> {
  return (dispatch, getState, { newId }) => {
    for (const name of newGroups) dispatch(addGroup(name, 'older'));
    const groupNamed = (name: string) =>
      Object.values(getState().groups).find((one) => name !== '' && sameName(one.name, name))?.id;
    for (const name of newPeople) {
      const one = classes.find(({ people }) => people.some((own) => sameName(own.name, name)));
      dispatch(addPerson(name, groupNamed(one?.group ?? '')));
    }
    const runs = classes.map(({ date, time, minutes, routine, group, people }): Run => {
      const startedAt = atWallClock(date, time);
      const realMs = minutes * 60_000;
      const groupId = groupNamed(group);
      const all = people.flatMap((one): Entry[] => {
        const person = personIn(getState(), one, group);
        return person && person !== 'several' ? [{ ...one.words, person }] : [];
      });
      // Somebody who stands twice in one class is one, as the last line has it.
      const entries = [...new Map(all.map((one) => [one.person, one])).values()];
      return {
        id: runIdSchema.parse(newId()),
        title: titleOf(routine, group),
        startedAt,
        endedAt: isoWithOffset(new Date(Date.parse(startedAt) + realMs)),
        plannedMs: realMs,
        realMs,
        how: 'completed',
        sides: [],
        byHand: true,
        ...(groupId && { groupId }),
        people: entries.slice(0, MOST_IN_CLASS),
      };
    });
    dispatch(runsBrought(runs));
    for (const run of runs) {
      for (const entry of run.people ?? []) {
        dispatch(heardOf(entry.person, run, { was: undefined, is: entry }));
      }
    }
    const { people, groups } = getState();
    dispatch(seeToStandings(idsOf(people), idsOf(groups)));
    return runs.length;
  };
}

/** Says afterwards whom a class was led for. */
export function runForGroup(id: RunId, groupId: GroupId): AppThunk {
  return (dispatch, getState) => {
    const run = getState().runs[id];
    if (!run) return;
    dispatch(runsBrought([{ ...run, groupId }]));
    dispatch(seeToStandings([], [groupId]));
  };
}
