import isEqual from 'fast-deep-equal';
import {
  blotted,
  type ClassFor,
  type ClassGroup,
  type HappenedEvent,
  type OwnWay,
  type Run,
} from '@/core/class';
import {
  cleanLine,
  cleanText,
  dayOfDate,
  groupIdSchema,
  personIdSchema,
  type GroupId,
  type GroupName,
  type MoveId,
  type PersonId,
  type RoutineId,
} from '@/core/common';
import {
  MOST_IN_GROUP,
  doseSet,
  plainLane,
  readingFault,
  type PersonLine,
  type Ladder,
  type LadderSchool,
  type Member,
  type OwnDose,
  type Reading,
  type ReadingFault,
  type Rung,
} from '@/core/people';
import { besideTaken } from './hall/beside';
import { noticeShown } from './hall/notices';
import { leadUnnamed } from './lead';
import {
  classForPut,
  classForTaken,
  groupTaken,
  groupsPut,
  peoplePut,
  personTaken,
  readingTaken,
  readingsPut,
  standingTaken,
} from './people';
import { seeToStandings } from './standings';
import { runsBrought } from './runs';
import { typedTaken } from './typed';
import type { AppThunk } from './slices';
import { membersOf } from './taking-part';

/** Somebody new; what was never asked stays unknown. */
export function addPerson(name: string, groupId: GroupId | undefined): AppThunk<PersonId> {
  return (dispatch, _, { newId }) => {
    const id = personIdSchema.parse(newId());
    const groups = groupId && dispatch(hasRoom(groupId)) ? [groupId] : [];
    dispatch(peoplePut([{ id, name: cleanLine(name, 80) || UNNAMED, groups }]));
    return id;
  };
}

/** One of a list of people: somebody new, or somebody who is here and comes to one more group. */
export interface Added {
  readonly line: Pick<PersonLine, 'name' | 'limits' | 'lane'>;
  /** Who is meant, where they are here already. */
  readonly known: PersonId | undefined;
}

/** Adds people as they were written down; what is said of somebody who is here is laid over what is known. */
export function addPeople(all: readonly Added[], groupId: GroupId | undefined): AppThunk {
  return (dispatch, getState, { clock }) => {
    const on = dayOfDate(clock.wallTime());
    for (const { line, known } of all) {
      const id = known ?? dispatch(addPerson(line.name, groupId));
      const member = getState().people[id];
      if (!member) continue;
      const isNew = groupId !== undefined && !member.groups.includes(groupId);
      const { limits, lane } = line;
      dispatch(
        personChanged(id, {
          ...(known && isNew && { groups: [...member.groups, groupId].slice(0, MOST_GROUPS) }),
          ...(limits && { limits: [...limits], asked: { ...member.asked, on } }),
          ...(lane && { lane: plainLane(lane) }),
        }),
      );
    }
  };
}

/** So many groups one person can be in. */
const MOST_GROUPS = 20;

/** What stands where nothing that can be seen was written. */
const UNNAMED = '–';

/** Whether one more person can come to a group; where not, it is said. */
function hasRoom(groupId: GroupId): AppThunk<boolean> {
  return (dispatch, getState) => {
    const { people, groups } = getState();
    if (membersOf(people, groupId).length < MOST_IN_GROUP) return true;
    const name = groups[groupId]?.name ?? '';
    dispatch(noticeShown({ kind: 'group-full', name, most: MOST_IN_GROUP }));
    return false;
  };
}

/** Writes something of somebody; what is set to undefined is no longer known. */
export function personChanged(
  id: PersonId,
  words: { readonly [K in keyof Member]?: Member[K] | undefined },
): AppThunk {
  return (dispatch, getState) => {
    const member = getState().people[id];
    if (!member) return;
    const groups = words.groups?.filter(
      (own) => member.groups.includes(own) || dispatch(hasRoom(own)),
    );
    const changed = { ...member, ...words, ...(groups && { groups }) };
    const next = Object.fromEntries(
      Object.entries(changed).filter(([, value]) => value !== undefined),
    );
    dispatch(peoplePut([next as Member]));
    if (words.ladders || words.events || words.doses) dispatch(seeToStandings([id]));
  };
}

/** Places somebody on the ladder of a family, or elsewhere on it, with the reason. */
export function placedOnLadder(
  id: PersonId,
  family: string,
  to: { readonly school: LadderSchool; readonly rung: Rung; readonly why: string },
): AppThunk {
  return (dispatch, getState, { clock }) => {
    const member = getState().people[id];
    if (!member) return;
    const { school, rung, why } = to;
    const before = member.ladders?.[family]?.placed ?? [];
    const on = dayOfDate(clock.wallTime());
    const known = member.ladders?.[family];
    const ladder: Ladder = {
      ...(known ? inOrder(known, school, on) : { school }),
      placed: [...before, { on, rung, why }].slice(-200),
    };
    dispatch(personChanged(id, { ladders: { ...member.ladders, [family]: ladder } }));
  };
}

/** Another order from the day after on: what was led up to then was judged by the one before. */
function inOrder(ladder: Ladder, school: LadderSchool, on: string): Ladder {
  if (school === ladder.school) return ladder;
  const earlier = (ladder.earlier ?? []).filter(({ until }) => until !== on);
  // Chosen twice on one day: that day is judged by the order that it began with.
  const began = ladder.earlier?.find(({ until }) => until === on)?.school ?? ladder.school;
  const all = [...earlier, { until: on, school: began }];
  return { ...ladder, school, earlier: all.slice(-100) };
}

/** From here on the rungs go up in another order; where somebody stands stays. */
export function schoolOfLadder(id: PersonId, family: string, school: LadderSchool): AppThunk {
  return (dispatch, getState, { clock }) => {
    const member = getState().people[id];
    const ladder = member?.ladders?.[family];
    if (!member || !ladder) return;
    const on = dayOfDate(clock.wallTime());
    const ladders = { ...member.ladders, [family]: inOrder(ladder, school, on) };
    dispatch(personChanged(id, { ladders }));
  };
}

/** What somebody does of a move from now on. */
export function doseTaken(id: PersonId, moveId: MoveId, dose: Omit<OwnDose, 'on'>): AppThunk {
  return (dispatch, getState, { clock }) => {
    const member = getState().people[id];
    if (!member) return;
    const on = dayOfDate(clock.wallTime());
    const set = doseSet(member.doses?.[moveId], { ...dose, on });
    dispatch(personChanged(id, { doses: { ...member.doses, [moveId]: set } }));
  };
}

/**
 * Takes somebody out wholly: themselves, what was measured, and their entries in every class. All
 * runs have to be read.
 */
export function takePersonOut(id: PersonId, blot = false): AppThunk {
  return (dispatch, getState) => {
    const { readings, classFor } = getState();
    const name = getState().people[id]?.name;
    if (blot && name !== undefined) dispatch(nameBlotted(name));
    const own = Object.values(getState().runs).filter(
      ({ people, events }) =>
        people?.some(({ person }) => person === id) ||
        events?.some((event) => event.people?.includes(id)),
    );
    dispatch(
      runsBrought(
        own.map(({ people, events, ...run }) => {
          const others = people?.filter(({ person }) => person !== id) ?? [];
          return {
            ...run,
            ...(others.length > 0 && { people: others }),
            ...(events && { events: events.map((event) => withoutPerson(event, id)) }),
          };
        }),
      ),
    );
    for (const one of Object.values(readings)) {
      if (one.person === id) dispatch(readingTaken(one.id));
    }
    for (const one of Object.values(classFor)) {
      const { [id]: own, ...others } = one.own;
      const { [id]: given, ...otherGiven } = one.given?.people ?? {};
      if (!own && !given) continue;
      const rest = one.given && { given: { ...one.given, people: otherGiven } };
      dispatch(classForPut([{ ...one, own: others, ...rest }]));
    }
    for (const one of Object.keys(getState().typed)) {
      if (one.includes(id)) dispatch(typedTaken(one));
    }
    for (const one of Object.values(getState().beside)) {
      if (one.of.includes(id) || one.text.includes(id)) dispatch(besideTaken(one.id));
    }
    if (name !== undefined) dispatch(leadUnnamed(name));
    dispatch(standingTaken(id));
    dispatch(personTaken(id));
  };
}

function withoutPerson({ people, ...event }: HappenedEvent, id: PersonId): HappenedEvent {
  const others = people?.filter((one) => one !== id) ?? [];
  return others.length > 0 ? { ...event, people: others } : event;
}

/** Notes in which somebody may be named: of classes, of what happened in them, of others and of groups. */
export function notesNaming(name: string): AppThunk<number> {
  return (_, getState) => {
    const { runs, groups, people } = getState();
    const texts = [
      ...Object.values(runs).flatMap((run) => [
        run.note,
        ...(run.events ?? []).map(({ note }) => note),
        ...(run.people ?? []).map(({ note }) => note),
      ]),
      ...Object.values(groups).map(({ notes }) => notes),
      ...Object.values(people)
        .filter((one) => one.name !== name)
        .flatMap(({ notes, told }) => [notes, told]),
    ];
    return texts.filter((text) => text !== undefined && blotted(text, name) !== text).length;
  };
}

/** Blots a name out of all notes. All runs have to be read. */
function nameBlotted(name: string): AppThunk {
  return (dispatch, getState) => {
    const { runs, groups, people } = getState();
    const noted = <T extends { readonly note?: string | undefined }>(one: T): T =>
      one.note === undefined ? one : { ...one, note: blotted(one.note, name) };
    const changed = <T>(all: readonly T[], blot: (one: T) => T) =>
      all.map((one) => [one, blot(one)] as const).filter(([was, is]) => !isEqual(was, is));
    const blotRun = (run: Run): Run => ({
      ...noted(run),
      ...(run.events && { events: run.events.map(noted) }),
      ...(run.people && { people: run.people.map(noted) }),
    });
    const blotNotes = <T extends { readonly notes?: string | undefined }>(one: T): T =>
      one.notes === undefined ? one : { ...one, notes: blotted(one.notes, name) };
    dispatch(runsBrought(changed(Object.values(runs), blotRun).map(([, run]) => run)));
    dispatch(groupsPut(changed(Object.values(groups), blotNotes).map(([, group]) => group)));
    const blotMember = (one: Member): Member => ({
      ...blotNotes(one),
      ...(one.told !== undefined && { told: blotted(one.told, name) }),
    });
    dispatch(peoplePut(changed(Object.values(people), blotMember).map(([, one]) => one)));
  };
}

/** What was asked about and settled is no longer to be asked. */
export function eventDealtWith(id: PersonId): AppThunk {
  return (dispatch, getState, { clock }) => {
    const dealtOn = dayOfDate(clock.wallTime());
    const events = getState().people[id]?.events ?? [];
    dispatch(
      personChanged(id, {
        events: events.map((one) => (one.dealtOn ? one : { ...one, dealtOn })),
      }),
    );
  };
}

export function addGroup(name: string, pace: GroupName): AppThunk<GroupId> {
  return (dispatch, _, { newId }) => {
    const id = groupIdSchema.parse(newId());
    dispatch(groupsPut([{ id, name: cleanLine(name, 80) || UNNAMED, pace }]));
    return id;
  };
}

export function groupChanged(
  id: GroupId,
  words: { readonly [K in keyof ClassGroup]?: ClassGroup[K] | undefined },
): AppThunk {
  return (dispatch, getState) => {
    const group = getState().groups[id];
    if (!group) return;
    const next = Object.fromEntries(
      Object.entries({ ...group, ...words }).filter(([, value]) => value !== undefined),
    );
    dispatch(groupsPut([next as ClassGroup]));
  };
}

/** Takes a group out; its people stay, in no group or in their others. */
export function takeGroupOut(id: GroupId): AppThunk {
  return (dispatch, getState) => {
    const { people, classFor } = getState();
    const members = Object.values(people).filter(({ groups }) => groups.includes(id));
    dispatch(
      peoplePut(members.map((one) => ({ ...one, groups: one.groups.filter((own) => own !== id) }))),
    );
    for (const one of Object.values(classFor)) {
      if (one.groupId === id) dispatch(classForTaken(one.id));
    }
    dispatch(standingTaken(id));
    dispatch(groupTaken(id));
  };
}

/** Opens a routine for a group, or for nobody in particular. */
export function openedFor(id: RoutineId, groupId: GroupId | undefined): AppThunk {
  return (dispatch, getState) => {
    const known = getState().classFor[id];
    if (!groupId) dispatch(classForTaken(id));
    else if (known?.groupId !== groupId) dispatch(classForPut([{ id, groupId, own: {} }]));
  };
}

/** What one person does in place of what the routine says, in this class; the routine stays. */
export function ownWayChanged(
  id: RoutineId,
  person: PersonId,
  change: (way: OwnWay) => OwnWay,
): AppThunk {
  return (dispatch, getState) => {
    const known = getState().classFor[id];
    if (!known) return;
    const own: ClassFor['own'] = { ...known.own, [person]: change(known.own[person] ?? {}) };
    dispatch(classForPut([{ ...known, own }]));
  };
}

/** Keeps what was measured; where something is wrong with it nothing is kept, and what that is comes back. */
export function readingKept(words: Omit<Reading, 'id'>): AppThunk<ReadingFault | undefined> {
  return (dispatch, _, { newId, clock }) => {
    const note = cleanText(words.note ?? '', 300);
    const reading = { ...words, ...(note !== '' && { note }), id: newId() };
    const fault = readingFault(reading, dayOfDate(clock.wallTime()));
    if (!fault) dispatch(readingsPut([reading]));
    return fault;
  };
}

/** An id as it stands in an address, where there is such a group. */
export const groupIdOf = (text: string | undefined): GroupId | undefined =>
  groupIdSchema.safeParse(text).data;
