import { useState } from 'react';
import { useHandedOn } from '@/features/frame';
import { typedAt, useAppDispatch, useAppSelector } from '@/state';

/**
 * What is typed into a field that only a press keeps: it is there again after a reload, and gone once it
 * is empty.
 * @param place where the field is, unique in the application
 */
export function useKeptTyping(
  place: string,
  first = '',
): readonly [typed: string, type: (text: string) => void] {
  const dispatch = useAppDispatch();
  const kept = useAppSelector((state) => state.typed[place]?.text);
  const [typed, setTyped] = useState(kept ?? first);
  const isNews = typed !== (kept ?? first);
  const handOn = (text: string) => dispatch(typedAt(place, text === first ? '' : text));
  useHandedOn(isNews ? typed : undefined, () => handOn(typed));
  return [
    typed,
    (text) => {
      setTyped(text);
      // What was taken is not kept as typed for another second.
      if (text === first || text === '') handOn('');
    },
  ];
}
