/** What stands in the way: there is always something. */
export type Problems<P> = readonly [P, ...P[]];

/** The one way an expected failure travels: a value, or the problems that stand in its way. */
export type Result<T, P> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly problems: Problems<P> };

export function succeed<T>(value: T): { readonly ok: true; readonly value: T } {
  return { ok: true, value };
}

export function fail<P>(...problems: Problems<P>): {
  readonly ok: false;
  readonly problems: Problems<P>;
} {
  return { ok: false, problems };
}

/** The same problems said otherwise. */
export function saidAs<P, Q>([first, ...more]: Problems<P>, say: (problem: P) => Q): Problems<Q> {
  return [say(first), ...more.map(say)];
}

/** A list as problems; undefined where it is empty. */
export function problemsIn<P>(list: readonly P[]): Problems<P> | undefined {
  const [first, ...more] = list;
  return first === undefined ? undefined : [first, ...more];
}

/** Marks a branch that the types rule out; reaching it is a bug, so it throws and names the value. */
export function unreachable(value: never): never {
  throw new Error(`unexpected value ${JSON.stringify(value)}`);
}
