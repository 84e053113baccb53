import {
  barsOf,
  dayOf,
  effectsNotAsked,
  effectsOf,
  effectsOfGroup,
  effectsOfWay,
  laneOf,
  personEffects,
  type Bars,
  type Effect,
  type LimitOfBody,
  type LaneName,
  type TakingPart,
} from '@/core/people';
import { remember, rememberPair } from '@/core/common';
import { lanesOf } from './lanes-of';
import type { Routine } from './schema';

type Asked = Pick<Routine, 'limits' | 'limitsUnread' | 'group'>;

/** Whether the group's limits were asked, and all of what was said was understood. */
export function limitsAsked({ limits, limitsUnread }: Omit<Asked, 'group'>): boolean {
  return limits !== undefined && limitsUnread === undefined;
}

/** Groups that are checked by the first row of the table while nobody has asked. */
const isAskedAlways = (group: Routine['group']) => group === 'older' || group === 'chair';

const effectsOfLimits = remember((limits: readonly LimitOfBody[]) => effectsOf(limits));

/** One after the other, and the same ones for the same: what is looked up by them is found again. */
const both = rememberPair((some: readonly Effect[], more: readonly Effect[]): readonly Effect[] =>
  some.length === 0 ? more : more.length === 0 ? some : [...some, ...more],
);

/** What the group's limits rule out or ask care for; an older or a chair group that was not asked has more. */
export function groupEffects(routine: Asked): readonly Effect[] {
  const { limits, group } = routine;
  // What was said and not understood was not asked, whatever the group.
  const notAsked =
    routine.limitsUnread !== undefined || (isAskedAlways(group) && !limitsAsked(routine));
  const floor = effectsOfGroup(group);
  const own = limits ? both(floor, effectsOfLimits(limits)) : floor;
  return notAsked ? both(own, effectsNotAsked()) : own;
}

/** What limits rule out and ask care for, lane by lane: the group's, and those of who takes it. */
export function laneEffects(
  routine: Routine,
  part: TakingPart,
): ReadonlyMap<LaneName, readonly Effect[]> {
  const lanes = lanesOf(routine);
  const saidOfGroup = routine.limits ?? routine.limitsUnread;
  const ofGroup =
    saidOfGroup || part.people.length === 0 ? groupEffects(routine) : effectsOfGroup(routine.group);
  const asked = isAskedAlways(routine.group);
  return new Map(
    lanes.map((lane) => {
      const own = part.people.filter((person) => laneOf(person, lanes) === lane);
      const ofPeople = own.flatMap((one) => personEffects(one, dayOf(part), asked));
      const ofWay = effectsOfWay(lane);
      return [
        lane,
        ofPeople.length > 0 ? [...ofGroup, ...ofWay, ...ofPeople] : both(ofGroup, ofWay),
      ];
    }),
  );
}

/** What the people of each lane may not be asked to bear. */
export type LaneBars = ReadonlyMap<LaneName, Bars>;

/** What bars each lane of a routine with these people. */
export function laneBars(routine: Routine, part: TakingPart): LaneBars {
  return new Map([...laneEffects(routine, part)].map(([lane, own]) => [lane, barsOf(own)]));
}
