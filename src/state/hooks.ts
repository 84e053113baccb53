import { useDispatch, useSelector } from 'react-redux';
import type { NewId } from '@/core/common';
import type { AppDispatch, AppState, AppThunk } from './slices';

export const useAppDispatch = useDispatch.withTypes<AppDispatch>();
export const useAppSelector = useSelector.withTypes<AppState>();

const newIds =
  (): AppThunk<NewId> =>
  (_, __, { newId }) =>
    newId;

/** Ids for what is made here, from the platform as everywhere. */
export function useNewId(): NewId {
  return useAppDispatch()(newIds());
}
