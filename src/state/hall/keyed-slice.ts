import { createAction, type UnknownAction } from '@reduxjs/toolkit';

/** A slice of saved things by their ids: put some, take one out. A kind's `slice` wants no more. */
export function keyedSlice<T>(name: string, idOf: (one: T) => string) {
  const put = createAction<readonly T[]>(`${name}/put`);
  const taken = createAction<string>(`${name}/taken`);
  type Things = Readonly<Record<string, T>>;
  const reducer = (things: Things = {}, action: UnknownAction): Things => {
    if (put.match(action)) {
      return { ...things, ...Object.fromEntries(action.payload.map((one) => [idOf(one), one])) };
    }
    if (!taken.match(action) || !(action.payload in things)) return things;
    return Object.fromEntries(Object.entries(things).filter(([id]) => id !== action.payload));
  };
  return { put, taken, reducer };
}
