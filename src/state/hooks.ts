import { useMemo } from 'react';
import type { Store } from '@reduxjs/toolkit';
import { useDispatch, useSelector, useStore } from 'react-redux';
import { ownParts } from '@/core/class';
import { dayOfDate, type GroupId, type NewId, type RoutineId } from '@/core/common';
import type { TakingPart } from '@/core/people';
import type { Routine } from '@/core/routine';
import type { Score } from '@/core/timing';
import { scoreOf } from './scores';
import type { AppDispatch, AppState, AppThunk } from './slices';
import { membersOf, partOf } from './taking-part';

export const useAppDispatch = useDispatch.withTypes<AppDispatch>();
export const useAppStore = useStore.withTypes<Store<AppState>>();
export const useAppSelector = useSelector.withTypes<AppState>();

const newIds =
  (): AppThunk<NewId> =>
  (_, __, { newId }) =>
    newId;

const nows =
  (): AppThunk<() => Date> =>
  (_, __, { clock }) =>
  () =>
    clock.wallTime();

const ticks =
  (): AppThunk<() => number> =>
  (_, __, { clock }) =>
  () =>
    clock.now();

/** Milliseconds that only go forward, from the platform as everywhere. */
export function useClock(): () => number {
  return useAppDispatch()(ticks());
}

/** The time of day, from the platform as everywhere. */
export function useNow(): () => Date {
  return useAppDispatch()(nows());
}

/** Ids for what is made here, from the platform as everywhere. */
export function useNewId(): NewId {
  return useAppDispatch()(newIds());
}

/** The day by the platform's clock. */
export function useToday(): string {
  return dayOfDate(useNow()());
}

/** Who takes part today in a routine's class. */
export function usePart(id: RoutineId): TakingPart {
  const day = useToday();
  return useAppSelector((state) => partOf(state, id, day));
}

/**
 * Who of the group that a routine is opened for does other than its lines say.
 * @param led the group of a class that is led, which stays whatever the routine is opened for meanwhile
 */
export function useOwnParts(routine: Routine, led?: GroupId): ReturnType<typeof ownParts> {
  const groupId = useAppSelector((state) => led ?? state.classFor[routine.id]?.groupId);
  const people = useAppSelector((state) => (groupId ? state.people : undefined));
  return useMemo(
    () => ownParts(routine, groupId && people ? membersOf(people, groupId) : []),
    [routine, groupId, people],
  );
}

/** The score of a routine, as the class that it is opened for is timed. */
export function useScore(routine: Routine): Score {
  return scoreOf(routine, usePart(routine.id));
}
