import {
  entriesInOrder,
  type Item,
  type RestLine,
  type Routine,
  type SectionName,
} from '../routine';

/** One time that an item is done. */
export interface Play {
  readonly kind: 'play';
  readonly item: Item;
  readonly section: SectionName;
  readonly round: number;
  /** The first play of its line has the set-up. */
  readonly firstOfLine: boolean;
}

/** Time between plays: a rest that was asked for, or the pace's own. */
export interface Gap {
  readonly kind: 'gap';
  readonly rest: RestLine | null;
}

/**
 * Lays out what is done in order, with exactly one kind of gap between two plays: the rests that
 * are written there, or else the pace's pause.
 */
export function unroll(routine: Routine): readonly (Play | Gap)[] {
  const timeline: (Play | Gap)[] = [];
  for (const { section, entry } of entriesInOrder(routine)) {
    if (entry.kind === 'rest') timeline.push({ kind: 'gap', rest: entry });
    if (entry.kind !== 'item') continue;
    if (timeline.at(-1)?.kind === 'play') timeline.push({ kind: 'gap', rest: null });
    timeline.push({ kind: 'play', item: entry, section, round: 1, firstOfLine: true });
  }
  return timeline;
}
