import { itemIdSchema, type ItemId, type MoveId, type NewId, type LevelId } from '@/core/common';
import type { LaneName } from '@/core/people';
import { itemFaults, mendedItem } from '../item';
import { itemsInOrder, type Routine } from '../schema';
import {
  MOST_ACCEPTS,
  SECTIONS,
  saysSomething,
  type BlockWords,
  type Entry,
  type Item,
  type Line,
  type Block,
  type SectionHead,
  type SectionName,
} from '../entries';
import { inBounds } from './bounds';
import { entriesAround, entryAt, placeOf, type Change, type Place, type Step } from './change';

/**
 * Adds an entry; at the end of main where no place is named.
 * @returns undefined where the place is full or may not hold it, as with all edits that can make more
 */
export function addEntry(routine: Routine, entry: Entry, place?: Place): Change | undefined {
  const at = place ?? { section: 'main', at: routine.sections.main.length };
  return inBounds(routine, { what: 'add', steps: [{ kind: 'add', place: at, entry }] });
}

/** Takes an entry out; the last line of a block takes the block with it. */
export function removeEntry(routine: Routine, id: ItemId): Change {
  const place = placeOf(routine, id);
  if (place.inBlock && entriesAround(routine, place).length === 1) {
    return removeEntry(routine, place.inBlock);
  }
  const decided = withoutLine(routine, place);
  if (decided) return { what: 'remove', steps: decided };
  return { what: 'remove', steps: [{ kind: 'remove', place, entry: entryAt(routine, place) }] };
}

/** The steps that take a line out of a choice that has nothing to choose without it. */
function withoutLine(
  routine: Routine,
  { section, at, inBlock }: Place,
): readonly Step[] | undefined {
  if (!inBlock) return undefined;
  const place = placeOf(routine, inBlock);
  const from = entryAt(routine, place);
  if (from.kind !== 'block' || from.choose === undefined) return undefined;
  const lines = from.lines.filter((_, i) => i !== at);
  if (lines.filter(({ kind }) => kind === 'item').length > from.choose) return undefined;
  const { choose: _, ...block } = from;
  if (saysSomething(block)) return [{ kind: 'replace', place, from, to: { ...block, lines } }];
  const put = lines.map((entry, i): Step => ({
    kind: 'add',
    place: { section, at: place.at + i },
    entry,
  }));
  return [{ kind: 'remove', place, entry: from }, ...put];
}

/** Puts an entry somewhere else; `to` counts after the entry has been taken out. */
export function moveEntry(routine: Routine, id: ItemId, to: Place): Change | undefined {
  const place = placeOf(routine, id);
  const entry = entryAt(routine, place);
  const decided = to.inBlock === place.inBlock ? undefined : withoutLine(routine, place);
  if (decided) {
    // A choice that is none any more leaves its lines where it stood.
    const block = placeOf(routine, place.inBlock ?? id);
    const behind = to.section === block.section && to.at > block.at;
    const left = decided.filter(({ kind }) => kind === 'add').length;
    const at = to.at + (behind && left > 0 ? left - 1 : 0);
    const steps: readonly Step[] = [...decided, { kind: 'add', place: { ...to, at }, entry }];
    return to.inBlock ? undefined : inBounds(routine, { what: 'move', steps });
  }
  return inBounds(routine, {
    what: 'move',
    steps: [
      { kind: 'remove', place, entry },
      { kind: 'add', place: to, entry },
    ],
  });
}

/**
 * One row up or down: out of a block at its edge, from the edge of a section into the next one.
 * Undefined at the very end, and for the only line of a block.
 */
export function nudgeEntry(routine: Routine, id: ItemId, by: -1 | 1): Change | undefined {
  const place = placeOf(routine, id);
  const { section, at, inBlock } = place;
  const to = at + by;
  const around = entriesAround(routine, place);
  if (to >= 0 && to < around.length) return moveEntry(routine, id, { ...place, at: to });
  if (inBlock) {
    if (around.length === 1) return undefined;
    const block = placeOf(routine, inBlock);
    return moveEntry(routine, id, { section, at: block.at + (by < 0 ? 0 : 1) });
  }
  const next = SECTIONS[SECTIONS.indexOf(section) + by];
  if (!next) return undefined;
  const end = by < 0 ? routine.sections[next].length : 0;
  return moveEntry(routine, id, { section: next, at: end });
}

/** A copy right below, under new ids. */
export function duplicateEntry(routine: Routine, id: ItemId, newId: NewId): Change | undefined {
  const place = placeOf(routine, id);
  const entry = withFreshIds(entryAt(routine, place), newId);
  return inBounds(routine, {
    what: 'duplicate',
    steps: [{ kind: 'add', place: { ...place, at: place.at + 1 }, entry }],
  });
}

/** The same entry under ids of its own. */
export function withFreshIds(entry: Entry, newId: NewId): Entry {
  const id = itemIdSchema.parse(newId());
  if (entry.kind !== 'block') return { ...entry, id };
  const lines = entry.lines.map((line) => ({ ...line, id: itemIdSchema.parse(newId()) }));
  return { ...entry, id, lines };
}

/** Puts lines that stand side by side into a block; undefined where they do not, or are in one. */
export function wrapInBlock(
  routine: Routine,
  ids: readonly ItemId[],
  words: BlockWords,
  newId: NewId,
): Change | undefined {
  const places = ids.map((id) => placeOf(routine, id)).sort((a, b) => a.at - b.at);
  const [first] = places;
  const beside = places.every(
    (place, i) => !place.inBlock && place.section === first?.section && place.at === first.at + i,
  );
  if (!first || !beside) return undefined;
  const lines: Line[] = [];
  for (const place of places) {
    const entry = entryAt(routine, place);
    if (entry.kind === 'block') return undefined;
    lines.push(entry);
  }
  const block: Block = { kind: 'block', id: itemIdSchema.parse(newId()), ...words, lines };
  const taken = lines.map((entry): Step => ({ kind: 'remove', place: first, entry }));
  return inBounds(routine, {
    what: 'wrap',
    steps: [...taken, { kind: 'add', place: first, entry: block }],
  });
}

/** Takes a block apart; its lines stay where they stood. */
export function unwrapBlock(routine: Routine, id: ItemId): Change | undefined {
  const place = placeOf(routine, id);
  const block = entryAt(routine, place);
  if (block.kind !== 'block') throw new Error(`not a block: ${id}`);
  const put = block.lines.map((entry, i): Step => ({
    kind: 'add',
    place: { ...place, at: place.at + i },
    entry,
  }));
  return inBounds(routine, {
    what: 'unwrap',
    steps: [{ kind: 'remove', place, entry: block }, ...put],
  });
}

/** What a line says of its own move and of no other. */
const OF_ITS_MOVE = [
  'level',
  'laneLevels',
  'at',
  'asks',
  'cue',
  'setUp',
  'pressWhere',
  'out',
] as const satisfies readonly (keyof Item)[];

/** Another move of the same family in an item's place, with its dose; level and words are its own. */
export function swapMove(routine: Routine, id: ItemId, moveId: MoveId): Change | undefined {
  const entry = entryAt(routine, placeOf(routine, id));
  if (entry.kind !== 'item') throw new Error(`not an item: ${id}`);
  const kept = { ...entry, moveId };
  for (const word of OF_ITS_MOVE) delete kept[word];
  return replaceEntry(routine, mendedItem(kept, routine));
}

/** Gives both sides the same again: one-sided items get the other side, extra time goes. */
export function evenOutSides(routine: Routine): Change {
  const steps = itemsInOrder(routine).flatMap((from): Step[] => {
    const oneSided = from.sides === 'left-only' || from.sides === 'right-only';
    if (from.meant || !(oneSided || from.weak)) return [];
    const { sides, weak: _weak, ...kept } = from;
    const own: Item = oneSided || !sides ? kept : { ...kept, sides };
    // What is said of one side may not go by turns, which is some moves' own way.
    const to: Item = itemFaults(own, routine).length > 0 ? { ...kept, sides: 'each' } : own;
    return [{ kind: 'replace', place: placeOf(routine, from.id), from, to }];
  });
  return { what: 'even-out', steps };
}

/** Changes what an item says; a key set to undefined goes back to the move's own. */
export function changeItem(
  routine: Routine,
  id: ItemId,
  changed: { readonly [K in keyof Omit<Item, 'kind' | 'id'>]?: Item[K] | undefined },
): Change | undefined {
  const entry = entryAt(routine, placeOf(routine, id));
  if (entry.kind !== 'item') throw new Error(`not an item: ${id}`);
  const to = Object.fromEntries(
    Object.entries({ ...entry, ...changed }).filter(([, value]) => value !== undefined),
  ) as Item;
  // What goes with a word that is changed goes along: a place of another level, where to press.
  return replaceEntry(routine, mendedItem(to, routine));
}

/**
 * Findings of one kind that the instructor has looked at and keeps, at every row that has them, as one
 * edit. A reason that a row gives already for the same is replaced.
 */
export function acceptFindings(
  routine: Routine,
  ids: readonly ItemId[],
  finding: string,
  why: string,
): Change | undefined {
  const changes = [...new Set(ids)].flatMap((id) => {
    const entry = entryAt(routine, placeOf(routine, id));
    if (entry.kind !== 'item') return [];
    const others = (entry.accept ?? []).filter((one) => one.finding !== finding);
    if (others.length >= MOST_ACCEPTS) return [];
    return changeItem(routine, id, { accept: [...others, { finding, why }] }) ?? [];
  });
  const steps = changes.flatMap((change) => change.steps);
  return steps.length > 0 ? { what: 'change', steps } : undefined;
}

/** Another level for all lanes, or for one; undefined goes back to the usual one. */
export function changeLevel(
  routine: Routine,
  id: ItemId,
  level: LevelId | undefined,
  lane?: LaneName,
): Change | undefined {
  if (!lane) return changeItem(routine, id, { level });
  const entry = entryAt(routine, placeOf(routine, id));
  const kept = entry.kind === 'item' ? { ...entry.laneLevels } : {};
  if (level === undefined) delete kept[lane];
  else kept[lane] = level;
  return changeItem(routine, id, { laneLevels: Object.keys(kept).length > 0 ? kept : undefined });
}

/** Puts another entry in the place of the one with its id. */
export function replaceEntry(routine: Routine, to: Entry): Change | undefined {
  const place = placeOf(routine, to.id);
  const from = entryAt(routine, place);
  return inBounds(routine, { what: 'change', steps: [{ kind: 'replace', place, from, to }] });
}

type Header = Omit<Routine, 'id' | 'sections'>;

/**
 * What stands at the head of a section, without what says nothing.
 * @returns undefined where the class would be too much
 */
export function changeSectionHead(
  routine: Routine,
  section: SectionName,
  { rounds, restMs, throughout }: SectionHead,
): Change | undefined {
  const head: SectionHead = {
    ...(rounds !== undefined && { rounds }),
    ...(rounds !== undefined && restMs !== undefined && { restMs }),
    ...(throughout && { throughout }),
  };
  const { [section]: _, ...others } = routine.heads ?? {};
  const heads = Object.keys(head).length > 0 ? { ...others, [section]: head } : others;
  const to = Object.keys(heads).length > 0 ? heads : undefined;
  return inBounds(routine, changeHeader(routine, { heads: to }));
}

/** Changes title, pace, slot and the other headers; undefined leaves one out. */
export function changeHeader(
  routine: Routine,
  to: { readonly [K in keyof Header]?: Header[K] | undefined },
): Change {
  const from = Object.fromEntries(
    Object.keys(to).map((key) => [key, routine[key as keyof Header]]),
  );
  const header: Step = {
    kind: 'header',
    from: from as Partial<Header>,
    to: to as Partial<Header>,
  };
  return { what: 'header', steps: [header, ...mendedFor(routine, to)] };
}

/** Lines that say what does not go with another group or other lanes, without that. */
function mendedFor(routine: Routine, to: Parameters<typeof changeHeader>[1]): readonly Step[] {
  const group = to.group ?? routine.group;
  const lanes = 'lanes' in to ? to.lanes : routine.lanes;
  if (group === routine.group && lanes === routine.lanes) return [];
  return itemsInOrder(routine).flatMap((from): Step[] => {
    const mended = mendedItem(from, { ...routine, group, lanes });
    if (mended === from) return [];
    return [{ kind: 'replace', place: placeOf(routine, from.id), from, to: mended }];
  });
}
