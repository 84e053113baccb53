import isEqual from 'fast-deep-equal';
import type { ClassFor } from '@/core/class';
import type { Change } from '@/core/routine';
import { dayOfDate, type PersonId, type RoutineId } from '@/core/common';
import { limitWords, type Member, type OwnLimit } from '@/core/people';
import { typedAt } from './actions';
import { classForPut } from './people';
import { personChanged } from './people-actions';
import { changeUndone, routineChanged } from './routines';
import type { AppThunk } from './slices';
import { membersOf } from './taking-part';

/** What an edit for a day that is different is called in the history. */
export const TONIGHT = 'tonight';

/** What is different for somebody on a day, with some words of it changed; undefined where nothing is. */
export function todayOf(
  { today: known }: Pick<Member, 'today'>,
  on: string,
  words: { readonly [K in 'lane' | 'limits']?: NonNullable<Member['today']>[K] | undefined },
): Member['today'] {
  const { lane, limits } = { ...(known?.on === on ? known : {}), ...words };
  if (!lane && !limits?.length) return undefined;
  return { on, ...(lane && { lane }), ...(limits?.length && { limits }) };
}

/** All that is different tonight. */
export interface TonightTaken {
  readonly change: Change;
  readonly people: readonly PersonId[];
  readonly limits: readonly OwnLimit[];
  /** So many are there besides those who are known. */
  readonly more: number;
}

/** Where the words for today's limits are typed. */
export const placeOfTonight = (id: RoutineId) => `tonight of ${id}`;

type Given = NonNullable<ClassFor['given']>['people'];

/** Keeps what is different tonight: in the routine, for those who have something, and for the room. */
export function tonightTaken(
  id: RoutineId,
  { change, people, limits, more }: TonightTaken,
): AppThunk {
  return (dispatch, getState, { clock }) => {
    const on = dayOfDate(clock.wallTime());
    if (change.steps.length > 0) dispatch(routineChanged({ id, change }));
    const before = getState().classFor[id]?.given;
    const given: Given = before?.on === on ? { ...before.people } : {};
    for (const person of people) {
      const member = getState().people[person];
      if (!member) continue;
      const known = (member.today?.on === on && member.today.limits) || [];
      const has = new Set(known.map(limitWords));
      // What hurts today is spared, not done with care.
      const fresh = limits
        .filter((one) => !has.has(limitWords(one)))
        .map((one) => ({ ...one, strict: true as const }));
      given[person] = [...(given[person] ?? []), ...fresh.map(limitWords)];
      dispatch(
        personChanged(person, { today: todayOf(member, on, { limits: [...known, ...fresh] }) }),
      );
    }
    // It was of this day: next week nobody has it.
    dispatch(typedAt(placeOfTonight(id), ''));
    const classFor = getState().classFor[id];
    if (!classFor) return;
    const { more: _, given: __, ...rest } = classFor;
    const next: ClassFor = {
      ...rest,
      ...(more > 0 && { more: { on, count: more } }),
      ...(Object.keys(given).length > 0 && { given: { on, people: given } }),
    };
    if (!isEqual(next, classFor)) dispatch(classForPut([next]));
  };
}

/** Takes the last edit back; with the last one for tonight goes all else that was different tonight. */
export function editUndone(id: RoutineId): AppThunk {
  return (dispatch, getState, { clock }) => {
    const last = getState().routines[id]?.past.at(-1);
    dispatch(changeUndone(id));
    const { past = [] } = getState().routines[id] ?? {};
    if (last?.what !== TONIGHT || past.some(({ what }) => what === TONIGHT)) return;
    dispatch(tonightForgotten(id, dayOfDate(clock.wallTime())));
  };
}

/** What this class's sheet said of people is said no more, and nobody more is there. */
export function tonightForgotten(id: RoutineId, on: string): AppThunk {
  return (dispatch, getState) => {
    const classFor = getState().classFor[id];
    if (!classFor) return;
    const { more, given, ...rest } = classFor;
    for (const member of membersOf(getState().people, classFor.groupId)) {
      const words = (given?.on === on && given.people[member.id]) || [];
      if (words.length === 0 || member.today?.on !== on) continue;
      const limits = member.today.limits?.filter((one) => !words.includes(limitWords(one)));
      dispatch(personChanged(member.id, { today: todayOf(member, on, { limits }) }));
    }
    if (more || given) dispatch(classForPut([rest]));
  };
}
