import { isDraft, original, type Draft } from '@reduxjs/toolkit';

/**
 * The state itself, for a reducer that returns what comes next and changes nothing. The draft that a
 * reducer is given is another object at every look: what was worked out once for a routine or a
 * class would be worked out again, and many times slower.
 */
export function plain<S extends object>(state: S): S {
  return isDraft(state) ? (original(state as Draft<S>) ?? state) : state;
}
