import { useDispatch, useSelector } from 'react-redux';
import type { NewId } from '@/core/common';
import type { AppDispatch, AppState, AppThunk } from './slices';

export const useAppDispatch = useDispatch.withTypes<AppDispatch>();
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
