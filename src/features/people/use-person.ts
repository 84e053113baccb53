import { useMemo } from 'react';
import { classesOf, ladderOf, type Came } from '@/core/class';
import { personIdSchema } from '@/core/common';
import type { LadderNow, Member } from '@/core/people';
import { isOlder, selectRows, useAppSelector, useToday } from '@/state';

/** Somebody with all the classes that they came to. */
export interface Person {
  readonly member: Member;
  readonly came: readonly Came[];
  readonly older: boolean;
  readonly today: string;
}

export function usePerson(address: string): Person | undefined {
  const id = personIdSchema.safeParse(address).data;
  const today = useToday();
  const member = useAppSelector((state) => (id ? state.people[id] : undefined));
  const rows = useAppSelector(selectRows);
  const plans = useAppSelector((state) => state.plans);
  const older = useAppSelector((state) => (member ? isOlder(state, member) : false));
  const came = useMemo(() => (id ? classesOf(id, rows, plans) : []), [id, rows, plans]);
  return member && { member, came, older, today };
}

/** Where somebody stands on the ladder of a family. */
export function ladderNow(
  { member, came, older, today }: Person,
  family: string,
): LadderNow | undefined {
  return ladderOf(family, member, came, { older, today });
}
