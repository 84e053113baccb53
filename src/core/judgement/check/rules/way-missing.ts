import { laneOf, nearestWay, plainLane, usualWay, type LaneName } from '@/core/people';
import { changeHeader } from '@/core/routine';
import type { Found, Rule } from '../finding';
import type { Seen } from '../seen';

interface Without {
  readonly name: string;
  readonly way: LaneName;
  readonly takes: LaneName | undefined;
}

/** Who takes part in a way that the routine lacks, and what they do instead. */
function withoutWay({ part, lanes, routine }: Seen): readonly Without[] {
  // Where nobody is named, somebody of the group has what it is said to have.
  const way = usualWay({ limits: routine.limits });
  const ofGroup: readonly Without[] =
    part.people.length === 0 && way !== undefined && nearestWay(way, lanes) === undefined
      ? [{ name: '', way, takes: undefined }]
      : [];
  const named = part.people.flatMap((person) => {
    const own = usualWay(person);
    if (own === undefined || lanes.some((one) => plainLane(one) === plainLane(own))) return [];
    return [{ name: person.name, way: own, takes: laneOf(person, lanes) }];
  });
  return [...ofGroup, ...named];
}

/** Somebody whose way of taking part the routine does not have: they do what asks less, or rest. */
export const wayMissing: Rule<never, 'people' | 'lanes' | 'why'> = {
  severity: 'stop',
  source: 'practice',
  anyOrder: true,
  values: {},
  find: (seen) => {
    const all = withoutWay(seen);
    return [...new Set(all.map(({ way }) => way))].flatMap(
      (way): Found<never, 'people' | 'lanes' | 'why'>[] => {
        const own = all.filter((one) => one.way === way);
        const rests = own.some(({ takes }) => takes === undefined);
        return [
          {
            severity: rests ? 'stop' : 'caution',
            about: {
              people: own.map(({ name }) => name).filter(Boolean),
              lanes: [way],
              why: [rests ? 'rests' : 'less'],
            },
          },
        ];
      },
    );
  },
  mends: ({ routine, lanes }, { about }) => {
    const [way] = about.lanes ?? [];
    return [way && changeHeader(routine, { lanes: [...lanes, way] })];
  },
};
