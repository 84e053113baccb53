import isEqual from 'fast-deep-equal';
import type { ItemId } from '@/core/common';
import { type Routine } from '../schema';
import { SECTIONS, type Entry, type Line, type SectionName } from '../entries';

/** Where an entry stands: in a section, or among the lines of a block there. */
export interface Place {
  readonly section: SectionName;
  readonly at: number;
  readonly inBlock?: ItemId;
}

type Header = Omit<Routine, 'id' | 'sections'>;

/** One step that can be taken back; `from` is what applying it expects to find. */
export type Step =
  | { readonly kind: 'header'; readonly from: Partial<Header>; readonly to: Partial<Header> }
  | { readonly kind: 'add'; readonly place: Place; readonly entry: Entry }
  | { readonly kind: 'remove'; readonly place: Place; readonly entry: Entry }
  | { readonly kind: 'replace'; readonly place: Place; readonly from: Entry; readonly to: Entry };

/** An edit as plain data: what preview, apply, undo and the difference drawing all use. */
export interface Change {
  readonly what: string;
  readonly steps: readonly Step[];
}

/** The change that takes `change` back. */
export function reversed(change: Change): Change {
  return { what: change.what, steps: [...change.steps].reverse().map(reversedStep) };
}

function reversedStep(step: Step): Step {
  switch (step.kind) {
    case 'header':
      return { kind: 'header', from: step.to, to: step.from };
    case 'add':
      return { ...step, kind: 'remove' };
    case 'remove':
      return { ...step, kind: 'add' };
    case 'replace':
      return { ...step, from: step.to, to: step.from };
  }
}

/** What people write in their own words, as it stands in headers and entries. */
const OWN_WORDS: readonly string[] = [
  'title',
  'often',
  'cue',
  'setUp',
  'out',
  'pressWhere',
  'note',
  'meant',
  'words',
  'throughout',
];

/** The keys in which two values differ. */
function different(a: object, b: object): readonly string[] {
  const [was, is] = [a, b] as Readonly<Record<string, unknown>>[];
  const keys = new Set([...Object.keys(a), ...Object.keys(b)]);
  return [...keys].filter((key) => !isEqual(was?.[key], is?.[key]));
}

/** Which own words a step changes, where it changes nothing else. */
function wordsOf(step: Step | undefined): string | undefined {
  if (step?.kind !== 'header' && step?.kind !== 'replace') return undefined;
  const [key, ...more] = different(step.from, step.to);
  if (!key || more.length > 0 || !OWN_WORDS.includes(key)) return undefined;
  const at = step.kind === 'header' ? '' : `${step.from.id} ${JSON.stringify(step.place)}`;
  return `${at} ${key}`;
}

/**
 * One change of two, where both write the same words: what is typed is handed on again and again, and is
 * one step all the same. Undefined where they are two steps.
 */
export function continued(last: Change | undefined, next: Change): Change | undefined {
  const [from, to] = [last?.steps[0], next.steps[0]];
  if (last?.steps.length !== 1 || next.steps.length !== 1 || !from || !to) return undefined;
  const words = wordsOf(from);
  if (words === undefined || words !== wordsOf(to)) return undefined;
  const step = { ...to, from: (from as typeof to & { from: unknown }).from } as Step;
  return { what: next.what, steps: [step] };
}

/**
 * The routine with a change made. A change that does not fit the routine is a bug of the caller,
 * so it throws.
 */
export function applyChange(routine: Routine, change: Change): Routine {
  return change.steps.reduce(applyStep, routine);
}

function applyStep(routine: Routine, step: Step): Routine {
  if (step.kind === 'header') return withoutUndefined({ ...routine, ...step.to });
  const { section, inBlock } = step.place;
  const entries = routine.sections[section];
  const next = inBlock
    ? entries.map((entry) =>
        entry.kind === 'block' && entry.id === inBlock
          ? { ...entry, lines: spliced(entry.lines, step) as Line[] }
          : entry,
      )
    : spliced(entries, step);
  return { ...routine, sections: { ...routine.sections, [section]: next } };
}

function spliced(from: readonly Entry[], step: Exclude<Step, { kind: 'header' }>): Entry[] {
  const { section, at } = step.place;
  const entries = [...from];
  if (step.kind === 'add') {
    if (at > entries.length) throw new Error(`no place ${section} ${at}`);
    entries.splice(at, 0, step.entry);
    return entries;
  }
  const expected = step.kind === 'remove' ? step.entry : step.from;
  if (entries[at]?.id !== expected.id) throw new Error(`not at ${section} ${at}: ${expected.id}`);
  entries.splice(at, 1, ...(step.kind === 'replace' ? [step.to] : []));
  return entries;
}

/** A header set to undefined means "left out"; stored routines hold no such keys. */
function withoutUndefined(routine: Routine): Routine {
  return Object.fromEntries(
    Object.entries(routine).filter(([, value]) => value !== undefined),
  ) as Routine;
}

/**
 * The change that makes one state of a routine into another, whatever was done between them: the
 * headers that differ, and the entries of sections that do.
 */
export function changeBetween(before: Routine, after: Routine): Change {
  const [{ id: _b, sections: old, ...was }, { id: _a, sections: now, ...is }] = [before, after];
  const keys = [...new Set([...Object.keys(was), ...Object.keys(is)])] as (keyof Header)[];
  const unlike = keys.filter((key) => !isEqual(was[key], is[key]));
  const pick = (header: Header): Partial<Header> =>
    Object.fromEntries(unlike.map((key) => [key, header[key]]));
  const header: Step[] =
    unlike.length > 0 ? [{ kind: 'header', from: pick(was), to: pick(is) }] : [];
  const entries = SECTIONS.filter((section) => !isEqual(old[section], now[section])).flatMap(
    (section): Step[] => [
      ...old[section].map((entry): Step => ({ kind: 'remove', place: { section, at: 0 }, entry })),
      ...now[section].map((entry, at): Step => ({ kind: 'add', place: { section, at }, entry })),
    ],
  );
  return { what: 'replace', steps: [...header, ...entries] };
}

export function placeOf(routine: Routine, id: ItemId): Place {
  for (const section of SECTIONS) {
    const entries = routine.sections[section];
    const at = entries.findIndex((entry) => entry.id === id);
    if (at >= 0) return { section, at };
    for (const entry of entries) {
      if (entry.kind !== 'block') continue;
      const inside = entry.lines.findIndex((line) => line.id === id);
      if (inside >= 0) return { section, at: inside, inBlock: entry.id };
    }
  }
  throw new Error(`no entry ${id}`);
}

/** The entries among which a place stands. */
export function entriesAround(
  routine: Routine,
  { section, inBlock }: Pick<Place, 'section' | 'inBlock'>,
): readonly Entry[] {
  if (!inBlock) return routine.sections[section];
  const block = routine.sections[section].find(({ id }) => id === inBlock);
  return block?.kind === 'block' ? block.lines : [];
}

export function entryAt(routine: Routine, place: Place): Entry {
  const entry = entriesAround(routine, place)[place.at];
  if (!entry) throw new Error(`no entry at ${place.section} ${place.at}`);
  return entry;
}

/** Whether an entry with this id is there. */
export function hasEntry(routine: Routine, id: ItemId): boolean {
  return SECTIONS.some((section) =>
    routine.sections[section].some(
      (entry) =>
        entry.id === id || (entry.kind === 'block' && entry.lines.some((line) => line.id === id)),
    ),
  );
}
