import { laneOf, plainLane, usualWay, type LaneName } from '@/core/people';
import { changeHeader } from '@/core/routine';
import type { Found, Rule } from '../finding';
import type { Seen } from '../seen';

interface Without {
  readonly name: string;
  readonly way: LaneName;
  readonly takes: LaneName | undefined;
}

/** Who takes part in a way that the routine lacks, and what they do instead. */
function withoutWay({ part, lanes }: Seen): readonly Without[] {
  return part.people.flatMap((person) => {
    const way = usualWay(person);
    if (way === undefined || lanes.some((one) => plainLane(one) === plainLane(way))) return [];
    return [{ name: person.name, way, takes: laneOf(person, lanes) }];
  });
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
              people: own.map(({ name }) => name),
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
