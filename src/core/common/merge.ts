import isEqual from 'fast-deep-equal';
import { isRecord } from './migrations';

/** What came of two versions of one thing, and where both had changed the same. */
export interface Merged {
  readonly value: unknown;
  /** Places, as `people.ada.note`, at which the second stands. */
  readonly clashes: readonly string[];
}

/** Parts of a list are told apart by one of these. */
const NAMES = ['id', 'person', 'itemId', 'key'] as const;

/**
 * Two versions that were made of one at the same time, laid together: what only one of them changed is
 * as that one has it; where both changed the same, the second stands and is named. Records are laid together
 * by their keys, lists by the ids of their parts; every other value is one.
 * @param base what both were made of
 */
export function mergeThree(base: unknown, first: unknown, second: unknown): Merged {
  const clashes: string[] = [];
  const value = merge(base, first, second, '', clashes);
  return { value, clashes };
}

function merge(
  base: unknown,
  first: unknown,
  second: unknown,
  at: string,
  clashes: string[],
): unknown {
  if (isEqual(first, second) || isEqual(first, base)) return second;
  if (isEqual(second, base)) return first;
  if (isRecord(first) && isRecord(second)) {
    return mergeRecords(isRecord(base) ? base : {}, first, second, at, clashes);
  }
  const lists = [first, second, base ?? []].map(byName);
  const [own, other, before] = lists;
  if (own && other && before) {
    const order = [...new Set([...Object.keys(other), ...Object.keys(own)])];
    const all = mergeRecords(before, own, other, at, clashes);
    return order.flatMap((name) => (all[name] === undefined ? [] : [all[name]]));
  }
  clashes.push(at);
  return second;
}

function mergeRecords(
  base: Readonly<Record<string, unknown>>,
  first: Readonly<Record<string, unknown>>,
  second: Readonly<Record<string, unknown>>,
  at: string,
  clashes: string[],
): Record<string, unknown> {
  const keys = new Set([...Object.keys(second), ...Object.keys(first)]);
  const all: Record<string, unknown> = {};
  for (const key of keys) {
    const place = at === '' ? key : `${at}.${key}`;
    const value = merge(base[key], first[key], second[key], place, clashes);
    if (value !== undefined) all[key] = value;
  }
  return all;
}

/** A list of named parts by their names, in order; undefined for any other value. */
function byName(list: unknown): Readonly<Record<string, unknown>> | undefined {
  if (!Array.isArray(list)) return undefined;
  const name = NAMES.find((one) =>
    list.every((part) => isRecord(part) && typeof part[one] === 'string'),
  );
  if (!name) return undefined;
  // Ids that are numbers would be put in another order.
  const named = new Map(
    list.map((part: Record<string, unknown>) => [`.${String(part[name])}`, part]),
  );
  return named.size === list.length ? Object.fromEntries(named) : undefined;
}
