import { createSelector } from '@reduxjs/toolkit';
import type { ClassFor, ClassGroup } from '@/core/class';
import { remember, routineIdSchema, type GroupId, type RoutineId } from '@/core/common';
import { GROUP_ALONE, partakerOf, type Member, type TakingPart } from '@/core/people';
import type { AppState } from './slices';

/** Families of drills that somebody stands on a ladder of; the first is the one that checks go by. */
export const STANCES_FAMILY = 'stance';

/** The people of a group, by their names. */
export function membersOf(
  people: Readonly<Record<string, Member>>,
  groupId: GroupId,
): readonly Member[] {
  return Object.values(people)
    .filter(({ groups }) => groups.includes(groupId))
    .sort((a, b) => a.name.localeCompare(b.name));
}

/** Of older people and of chair users nobody is taken to have no limits because nobody asked. */
export const isStrict = (group: Pick<ClassGroup, 'pace'> | undefined): boolean =>
  group?.pace === 'older' || group?.pace === 'chair';

const guestName = (n: number) => `Guest ${n}`;

const partOfClass = remember((classFor: ClassFor) =>
  createSelector(
    ({ people }: AppState) => people,
    ({ standings }: AppState) => standings,
    ({ groups }: AppState) => groups,
    (_: AppState, day: string) => day,
    (people, standings, groups, day): TakingPart => {
      const { groupId, own, more } = classFor;
      const members = membersOf(people, groupId);
      if (members.length === 0) return GROUP_ALONE;
      const strict = isStrict(groups[groupId]);
      const guests = more?.on === day ? more.count : 0;
      return {
        people: [
          ...members.map((member) => {
            const placed = member.ladders?.[STANCES_FAMILY]?.placed.at(-1)?.rung;
            const rung = standings[member.id]?.rungs?.[STANCES_FAMILY] ?? placed;
            const partaker = partakerOf(member, day, {
              ...(rung && { rung }),
              unknownIsStrict: strict,
            });
            const lane = own[member.id]?.lane;
            return lane ? { ...partaker, lane } : partaker;
          }),
          // Nobody has asked them anything.
          ...Array.from({ length: guests }, (_, i) => ({
            name: guestName(i + 1),
            ...(strict && { unknownIsStrict: true as const }),
          })),
        ],
        sessions: [...(standings[groupId]?.sessions ?? [])],
        at: `${day}T12:00:00Z`,
      };
    },
  ),
);

/**
 * Who takes part in a routine's class: the one answer for page, checks, fit, order, lead and record,
 * so that all of them time the same class.
 * @param day the day of the class, as `2026-11-26`
 */
export function partOf(state: AppState, id: RoutineId, day: string): TakingPart {
  const classFor = state.classFor[id];
  return classFor ? partOfClass(classFor)(state, day) : GROUP_ALONE;
}

/** The same for a group, whatever its routines are opened for. */
export function partOfGroup(
  state: AppState,
  groupId: GroupId | undefined,
  day: string,
): TakingPart {
  if (!groupId) return GROUP_ALONE;
  return partOfClass({ id: NO_ROUTINE, groupId, own: {} })(state, day);
}

const NO_ROUTINE = routineIdSchema.parse('none');
