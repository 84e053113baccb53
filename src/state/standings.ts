import isEqual from 'fast-deep-equal';
import { classesOf, ladderOf, rowsInOrder, type Came, type Plan, type RunRow } from '@/core/class';
import { dayOfDate, remember, rememberPair, type GroupId, type PersonId } from '@/core/common';
import type { LadderNow, Member } from '@/core/people';
import { standingsPut, type Standing } from './people';
import type { AppState, AppThunk } from './slices';

const inOrder = remember((months: AppState['months']) => rowsInOrder(Object.values(months)));

/** Every run, the earliest first, as lists and trends need them. */
export const selectRows = ({ months }: Pick<AppState, 'months'>): readonly RunRow[] =>
  inOrder(months);

/** Whether drills of a group are held against the stricter table. */
export function isOlder(state: Pick<AppState, 'groups'>, member: Member): boolean {
  return member.groups.some((id) => state.groups[id]?.pace === 'older');
}

const known = rememberPair(
  (_: Member, __: readonly Came[]) => new Map<string, LadderNow | undefined>(),
);

/** Where somebody stands on the ladder of a family; worked out once for each state of their record. */
export function ladderNow(
  {
    member,
    came,
    today,
  }: {
    readonly member: Member;
    readonly came: readonly Came[];
    readonly today: string;
  },
  family: string,
): LadderNow | undefined {
  const stories = known(member, came);
  const key = `${family} ${today}`;
  if (!stories.has(key)) stories.set(key, ladderOf(family, member, came, today));
  return stories.get(key);
}

/** Works out anew where these stand on their ladders, and what a group did last. */
export function seeToStandings(
  people: readonly PersonId[],
  groups: readonly GroupId[] = [],
): AppThunk {
  return (dispatch, getState, { clock }) => {
    const state = getState();
    // Without the record there is nothing to say; it is seen to when that is opened.
    if (!state.record) return;
    const rows = selectRows(state);
    const today = dayOfDate(clock.wallTime());
    const found: Standing[] = [];
    for (const id of people) {
      const member = state.people[id];
      if (!member?.ladders) continue;
      const came = classesOf(id, rows, state.plans);
      const rungs = Object.keys(member.ladders).flatMap((family) => {
        const now = ladderNow({ member, came, today }, family);
        return now ? [[family, now.rung] as const] : [];
      });
      found.push({ id, rungs: Object.fromEntries(rungs) });
    }
    for (const id of groups.filter((one) => state.groups[one])) {
      found.push({ id, sessions: sessionsOf(id, rows, state.plans) });
    }
    const fresh = found.filter((one) => !isEqual(one, state.standings[one.id]));
    if (fresh.length > 0) dispatch(standingsPut(fresh));
  };
}

/** So many classes of a group are looked back on. */
const LOOKED_BACK = 12;

function sessionsOf(
  id: GroupId,
  rows: readonly RunRow[],
  plans: Readonly<Record<string, Plan>>,
): NonNullable<Standing['sessions']> {
  return rows
    .filter(({ groupId }) => groupId === id)
    .slice(-LOOKED_BACK)
    .map(({ endedAt, led }) => ({
      endedAt,
      moves: [...new Set(plans[led ?? '']?.items.map(({ moveId }) => moveId) ?? [])],
    }));
}
