import type { ItemId } from '@/core/common';
import type { Catalogue } from '@/core/moves';
import { catalogueFor } from './item';
import { entriesInOrder, type Routine } from './schema';
import { SECTIONS, type Entry } from './entries';
import { writeHeaders, writeLine, writeSectionHead } from './text/write';

/** What became of one entry between two states of a routine. */
export interface Difference {
  readonly id: ItemId;
  readonly kind: 'added' | 'removed' | 'changed' | 'moved';
  readonly before: Entry | undefined;
  readonly after: Entry | undefined;
}

export interface HeaderDifference {
  readonly key: string;
  /** As the header of the text writes it; empty where it says nothing. */
  readonly before: string;
  readonly after: string;
}

interface Placed {
  readonly entry: Entry;
  readonly around: string;
}

/**
 * What an edit did, entry by entry, in the order of the later routine; what is gone comes where it
 * stood. An entry that moved and changed counts as changed.
 */
export function differencesOf(before: Routine, after: Routine): readonly Difference[] {
  const [old, now] = [placed(before), placed(after)];
  const still = unmoved(old, now);
  const [oldMoves, nowMoves] = [catalogueFor(before), catalogueFor(after)];
  const differences: Difference[] = [];
  for (const [id, one] of now) {
    const was = old.get(id);
    const about = { id, before: was?.entry, after: one.entry };
    if (!was) differences.push({ ...about, kind: 'added' });
    else if (wordsOf(was.entry, oldMoves) !== wordsOf(one.entry, nowMoves)) {
      differences.push({ ...about, kind: 'changed' });
    } else if (!still.has(id)) differences.push({ ...about, kind: 'moved' });
  }
  const gone = [...old].filter(([id]) => !now.has(id));
  return [
    ...gone.map(([id, { entry }]): Difference => {
      return { id, kind: 'removed', before: entry, after: undefined };
    }),
    ...differences,
  ];
}

/** The headers that an edit changed, those of the sections under their names. */
export function headerDifferencesOf(before: Routine, after: Routine): readonly HeaderDifference[] {
  const [old, now] = [headersOf(before), headersOf(after)];
  return [...new Set([...old.keys(), ...now.keys()])]
    .map((key) => ({ key, before: old.get(key) ?? '', after: now.get(key) ?? '' }))
    .filter((one) => one.before !== one.after);
}

function headersOf(routine: Routine): ReadonlyMap<string, string> {
  const { heads = {} } = routine;
  const ofSections = SECTIONS.flatMap((name) =>
    heads[name] ? [[name, writeSectionHead(heads[name])] as const] : [],
  );
  return new Map([...writeHeaders(routine), ...ofSections]);
}

/** All entries and the lines of blocks, each with where it belongs. */
function placed(routine: Routine): ReadonlyMap<ItemId, Placed> {
  const all = new Map<ItemId, Placed>();
  for (const { section, entry } of entriesInOrder(routine)) {
    all.set(entry.id, { entry, around: section });
    if (entry.kind !== 'block') continue;
    for (const line of entry.lines) all.set(line.id, { entry: line, around: entry.id });
  }
  return all;
}

function wordsOf(entry: Entry, catalogue: Catalogue): string {
  if (entry.kind !== 'block') return writeLine(entry, catalogue);
  const { id: _, kind: __, lines: ___, ...words } = entry;
  return JSON.stringify(Object.entries(words).sort(([a], [b]) => a.localeCompare(b)));
}

/** The entries that stayed: the longest run of them that kept its order. */
function unmoved(
  old: ReadonlyMap<ItemId, Placed>,
  now: ReadonlyMap<ItemId, Placed>,
): ReadonlySet<ItemId> {
  const rank = new Map([...old.keys()].map((id, at) => [id, at] as const));
  const both = [...now.keys()].filter((id) => now.get(id)?.around === old.get(id)?.around);
  const length: number[] = [];
  const from: number[] = [];
  both.forEach((id, i) => {
    length[i] = 1;
    from[i] = -1;
    for (let j = 0; j < i; j++) {
      const earlier = both[j];
      const inOrder = earlier && (rank.get(earlier) ?? 0) < (rank.get(id) ?? 0);
      if (inOrder && (length[j] ?? 0) + 1 > (length[i] ?? 0)) {
        length[i] = (length[j] ?? 0) + 1;
        from[i] = j;
      }
    }
  });
  const still = new Set<ItemId>();
  let at = length.indexOf(Math.max(...length));
  for (; at >= 0; at = from[at] ?? -1) {
    const id = both[at];
    if (id) still.add(id);
  }
  return still;
}
