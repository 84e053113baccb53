import type { ItemId } from '@/core/common';
import {
  SECTIONS,
  flowsOn,
  type Change,
  type Entry,
  type Routine,
  type SectionName,
  type Step,
} from '@/core/routine';

/** What moves as one: an entry, the notes above it and the rests behind it. */
export interface Unit {
  readonly section: SectionName;
  readonly entries: readonly Entry[];
  /** Stays at its place among the units of its section. */
  readonly pinned: boolean;
}

/** The ids of a unit's entries and of the lines in its block. */
export function itemsOf({ entries }: Unit): readonly ItemId[] {
  return entries.flatMap((entry) =>
    entry.kind === 'block' ? [entry.id, ...entry.lines.map(({ id }) => id)] : [entry.id],
  );
}

function isPinned(entry: Entry): boolean {
  if (entry.kind === 'block') return entry.lines.some(isPinned);
  return entry.kind === 'item' && entry.pinned === true;
}

/** The units of a section in the order they stand. Rests before the first item stay where they are. */
export function unitsOf(routine: Routine, section: SectionName): readonly Unit[] {
  const units: { entries: Entry[]; pinned: boolean; done: boolean }[] = [];
  let notes: Entry[] = [];
  const { [section]: entries } = routine.sections;
  // Rounds and what is kept up hold a section together as it stands.
  if (routine.heads?.[section] && entries.length > 0) return [{ section, entries, pinned: true }];
  for (const entry of entries) {
    const last = units.at(-1);
    if (entry.kind === 'note') notes.push(entry);
    else if (last?.done && flowsOn(entry)) {
      last.entries.push(...notes, entry);
      last.pinned ||= isPinned(entry);
      notes = [];
    } else if (entry.kind === 'rest' || entry.kind === 'notice') {
      if (last) last.entries.push(...notes, entry);
      else units.push({ entries: [...notes, entry], pinned: true, done: false });
      notes = [];
    } else {
      // What would flow on, had it something before it, begins its section.
      const pinned = isPinned(entry) || flowsOn(entry);
      units.push({ entries: [...notes, entry], pinned, done: true });
      notes = [];
    }
  }
  const last = units.at(-1);
  if (last) last.entries.push(...notes);
  else if (notes.length > 0) units.push({ entries: notes, pinned: true, done: false });
  return units.map(({ entries, pinned }) => ({ section, entries, pinned }));
}

/** Which units may come next: a pinned one at its own place, and nowhere else. */
export function mayFollow(units: readonly Unit[], place: number, unit: number): boolean {
  return units[place]?.pinned ? unit === place : !units[unit]?.pinned;
}

/** How many units are in a set, a bit for each. */
export function onesIn(set: number): number {
  let count = 0;
  for (let rest = set; rest > 0; rest &= rest - 1) count += 1;
  return count;
}

/** For each section, which unit stands at each place. */
export type Orders = Readonly<Record<SectionName, readonly number[]>>;

/** The change that brings the units of a routine into another order. */
export function orderChange(
  units: Readonly<Record<SectionName, readonly Unit[]>>,
  orders: Orders,
): Change {
  const steps = SECTIONS.flatMap((section) => {
    const wanted = orders[section].flatMap((at) => units[section][at]?.entries ?? []);
    const now = units[section].flatMap(({ entries }) => entries);
    return sectionSteps(section, now, wanted);
  });
  return { what: 'order', steps };
}

function sectionSteps(
  section: SectionName,
  before: readonly Entry[],
  wanted: readonly Entry[],
): readonly Step[] {
  const now = [...before];
  const steps: Step[] = [];
  wanted.forEach((entry, at) => {
    if (now[at] === entry) return;
    const from = now.indexOf(entry);
    now.splice(from, 1);
    now.splice(at, 0, entry);
    steps.push(
      { kind: 'remove', place: { section, at: from }, entry },
      { kind: 'add', place: { section, at }, entry },
    );
  });
  return steps;
}
