import { useDeferredValue, useMemo } from 'react';
import { classesOf, type Came } from '@/core/class';
import { personIdSchema } from '@/core/common';
import type { Member } from '@/core/people';
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
  // Years of record are told anew a moment after the press that changed them, and not in it.
  const rows = useDeferredValue(useAppSelector(selectRows));
  const plans = useAppSelector((state) => state.plans);
  const older = useAppSelector((state) => (member ? isOlder(state, member) : false));
  const came = useMemo(() => (id ? classesOf(id, rows, plans) : []), [id, rows, plans]);
  return useMemo(() => member && { member, came, older, today }, [member, came, older, today]);
}
