/**
 * A function that works each text out once. Bounded, since people's own texts come without end.
 * @param make what only depends on the text
 */
export function rememberText<T>(make: (text: string) => T, most = 10_000): (text: string) => T {
  const known = new Map<string, T>();
  return (text) => {
    const found = known.get(text);
    if (found !== undefined || known.has(text)) return found as T;
    if (known.size >= most) known.clear();
    const made = make(text);
    known.set(text, made);
    return made;
  };
}

/**
 * A function that works each thing out once, for as long as the thing is there.
 * @param make what only depends on the thing, which never changes
 */
export function remember<A extends object, T>(make: (one: A) => T): (one: A) => T {
  const known = new WeakMap<A, { readonly made: T }>();
  return (one) => {
    const found = known.get(one);
    if (found) return found.made;
    const made = make(one);
    known.set(one, { made });
    return made;
  };
}

/** The same for what depends on a thing and a text: the last text of each thing is held on to. */
export function rememberLast<A extends object, T>(
  make: (one: A, text: string) => T,
): (one: A, text: string) => T {
  const known = new WeakMap<A, { readonly text: string; readonly made: T }>();
  return (one, text) => {
    const found = known.get(one);
    if (found?.text === text) return found.made;
    const made = make(one, text);
    known.set(one, { text, made });
    return made;
  };
}

/** The same for what depends on two things. */
export function rememberPair<A extends object, B extends object, T>(
  make: (one: A, other: B) => T,
): (one: A, other: B) => T {
  const known = remember((one: A) => remember((other: B) => make(one, other)));
  return (one, other) => known(one)(other);
}
