import type { Routine } from '@/core/routine';
import { hasVoice, useAppDispatch, useAppSelector } from '@/state';

/** Captions that are left to the application stand for the slower paces, and wherever no voice says all. */
export function useCaptions({ group }: Routine): boolean {
  const dispatch = useAppDispatch();
  const { captions, talk } = useAppSelector((state) => state.device);
  if (captions !== 'auto') return captions === 'on';
  return group === 'older' || talk !== 'full' || !dispatch(hasVoice());
}
