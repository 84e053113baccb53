import type { RoutineId } from '@/core/common';
import { Choices } from '@/design';
import { groupIdOf, openedFor, useAppDispatch, useAppSelector } from '@/state';
import { BUILD } from './strings';

/** Which of the groups here a routine is opened for; nothing where there are none. */
export function GroupPicks({ id }: { readonly id: RoutineId }) {
  const dispatch = useAppDispatch();
  const groups = useAppSelector((state) => state.groups);
  const groupId = useAppSelector((state) => state.classFor[id]?.groupId);
  if (Object.keys(groups).length === 0) return null;
  return (
    <Choices
      label={BUILD.openedFor}
      choices={[
        ...Object.values(groups).map(({ id: one, name }) => ({ value: one as string, text: name })),
        { value: '', text: BUILD.openedForNobody },
      ]}
      value={groupId ?? ''}
      onChoose={(value) => dispatch(openedFor(id, groupIdOf(value)))}
    />
  );
}
