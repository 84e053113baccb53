import isEqual from 'fast-deep-equal';
import type { ClassGroup } from '@/core/class';
import { duesOf, type Member } from '@/core/people';
import { NO_GROUP, type Meeting, type MeetingsState } from './hall/meetings';

interface Met {
  readonly people: Readonly<Record<string, Member>>;
  readonly groups: Readonly<Record<string, ClassGroup>>;
  readonly meetings: MeetingsState;
  readonly peopleOpen: boolean;
}

/** What the first screen shows of a group and of whom has to be asked something in it. */
function meetingOf(id: string, group: ClassGroup | undefined, members: readonly Member[]): Meeting {
  const { name = '', weekday, time, routineId } = group ?? {};
  const own = members
    .filter(({ doses = {} }) => Object.keys(doses).length > 0)
    .map((one) => one.name)
    .slice(0, 500);
  return {
    id,
    name,
    ...(weekday !== undefined && { weekday }),
    ...(time !== undefined && { time }),
    ...(routineId && { routineId }),
    people: members.length,
    ...(own.length > 0 && { own }),
    asks: members
      .flatMap((member) =>
        duesOf(member).map(({ due, from }) => ({
          person: member.id,
          name: member.name,
          due,
          from,
        })),
      )
      .slice(0, 500),
  };
}

/** Everything that the first screen shows of groups, made anew. */
export function meetingsOf({ people, groups }: Pick<Met, 'people' | 'groups'>): MeetingsState {
  const members = Object.values(people);
  const alone = members.filter((one) => !one.groups.some((id) => groups[id] !== undefined));
  const found = Object.values(groups).map((group) =>
    meetingOf(
      group.id,
      group,
      members.filter((one) => one.groups.includes(group.id)),
    ),
  );
  if (alone.length > 0) found.push(meetingOf(NO_GROUP, undefined, alone));
  return Object.fromEntries(found.map((one) => [one.id, one]));
}

/** Keeps the first screen in step with people and groups. */
export function met(before: Met | undefined, after: Met): MeetingsState {
  const { people, groups, meetings, peopleOpen } = after;
  const opened = peopleOpen && !before?.peopleOpen;
  const same = people === before?.people && groups === before.groups;
  if (!peopleOpen || (same && !opened)) return meetings;
  const made = Object.values(meetingsOf(after)).map((one) => {
    const known = meetings[one.id];
    return known && isEqual(known, one) ? known : one;
  });
  const asBefore =
    made.length === Object.keys(meetings).length && made.every((one) => meetings[one.id] === one);
  return asBefore ? meetings : Object.fromEntries(made.map((one) => [one.id, one]));
}
