/** The one way an expected failure travels: a value, or the problems that stand in its way. */
export type Result<T, P> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly problems: readonly P[] };

export function succeed<T>(value: T): { readonly ok: true; readonly value: T } {
  return { ok: true, value };
}

export function fail<P>(...problems: readonly P[]): {
  readonly ok: false;
  readonly problems: readonly P[];
} {
  return { ok: false, problems };
}

/** Marks a branch that the types rule out; reaching it is a bug, so it throws and names the value. */
export function unreachable(value: never): never {
  throw new Error(`unexpected value ${JSON.stringify(value)}`);
}
