import type { ItemId } from '@/core/common';
import { moveById, type Catalogue } from '@/core/moves';
import { catalogueFor, entriesInOrder, type Block, type Routine } from '@/core/routine';

/** The families of movements that a chain of practice leads to. */
const TEACHES: Readonly<Record<string, string>> = { 'rise-chain': 'rise' };

/** The families that a build-up teaches: what its chain leads to, else its own movement. */
export function taughtBy(block: Block, catalogue: Catalogue): readonly string[] {
  const families = block.lines.flatMap((line) => {
    if (line.kind !== 'item') return [];
    const { family, kind } = moveById(catalogue, line.moveId);
    const taught = Object.hasOwn(TEACHES, family) ? TEACHES[family] : undefined;
    return taught ? [taught] : kind === 'transfer' ? [] : [family];
  });
  return [...new Set(families)];
}

/** Build-ups that come after a movement they teach. */
export function lateBuildUps(routine: Routine): readonly ItemId[] {
  const catalogue = catalogueFor(routine);
  const met = new Set<string>();
  const late: ItemId[] = [];
  for (const { entry } of entriesInOrder(routine)) {
    if (
      entry.kind === 'block' &&
      entry.buildUp &&
      taughtBy(entry, catalogue).some((one) => met.has(one))
    ) {
      late.push(entry.id);
    }
    const lines = entry.kind === 'block' ? entry.lines : [entry];
    for (const line of lines)
      if (line.kind === 'item') met.add(moveById(catalogue, line.moveId).family);
  }
  return late;
}
