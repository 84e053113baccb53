import { useDispatch, useSelector } from 'react-redux';
import type { HallDispatch, HallState } from './reducer';

export const useHallDispatch = useDispatch.withTypes<HallDispatch>();
export const useHallSelector = useSelector.withTypes<HallState>();
