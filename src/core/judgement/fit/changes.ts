import { amountOf } from '@/core/moves';
import type { ItemId } from '@/core/common';
import {
  SECTIONS,
  entriesInOrder,
  itemInForce,
  itemsInOrder,
  type Routine,
  type SectionName,
} from '@/core/routine';

export const FIT_PARTS = ['hold', 'timed', 'reps', 'breaths', 'sets', 'rounds', 'rest'] as const;
export type FitPart = (typeof FIT_PARTS)[number];

/** One thing that fit changes: milliseconds for times, counts for the rest. */
export interface FitChange {
  /** The entry, or the section whose own rounds they are. */
  readonly itemId: ItemId | SectionName;
  readonly what: FitPart;
  readonly from: number;
  readonly to: number;
}

/** What a fit changed, entry by entry, for people to read. */
export function changesBetween(before: Routine, after: Routine): readonly FitChange[] {
  const changes: FitChange[] = [];
  const entries = new Map(entriesInOrder(before).map(({ entry }) => [entry.id, entry] as const));
  for (const { entry } of entriesInOrder(after)) {
    const known = entries.get(entry.id);
    if (entry.kind === 'rest') {
      const from = known?.kind === 'rest' ? known.restMs : 0;
      if (from !== entry.restMs) {
        changes.push({ itemId: entry.id, what: 'rest', from, to: entry.restMs });
      }
    }
    if (entry.kind === 'block' && known?.kind === 'block' && entry.rounds !== known.rounds) {
      const [from, to] = [known.rounds ?? 1, entry.rounds ?? 1];
      changes.push({ itemId: entry.id, what: 'rounds', from, to });
    }
  }
  for (const section of SECTIONS) {
    const [from = 1, to = 1] = [before, after].map((one) => one.heads?.[section]?.rounds ?? 1);
    if (from !== to) changes.push({ itemId: section, what: 'rounds', from, to });
  }
  const old = new Map(itemsInOrder(before).map((item) => [item.id, item] as const));
  for (const item of itemsInOrder(after)) {
    const known = old.get(item.id);
    if (!known || known === item) continue;
    const from = itemInForce(known, before).dose;
    const to = itemInForce(item, after).dose;
    if (amountOf(from) !== amountOf(to)) {
      changes.push({ itemId: item.id, what: to.kind, from: amountOf(from), to: amountOf(to) });
    }
    if (from.sets !== to.sets) {
      changes.push({ itemId: item.id, what: 'sets', from: from.sets, to: to.sets });
    }
  }
  return inOrderOf(after, changes);
}

function inOrderOf(routine: Routine, changes: readonly FitChange[]): readonly FitChange[] {
  const rank = new Map<FitChange['itemId'], number>();
  for (const { section, entry } of entriesInOrder(routine)) {
    if (!rank.has(section)) rank.set(section, rank.size);
    rank.set(entry.id, rank.size);
    if (entry.kind === 'block') entry.lines.forEach(({ id }) => rank.set(id, rank.size));
  }
  return [...changes].sort((a, b) => (rank.get(a.itemId) ?? 0) - (rank.get(b.itemId) ?? 0));
}
