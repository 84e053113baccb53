import type { ItemId } from '@/core/common';
import { SECTIONS, type Drop, type SectionName } from '@/core/routine';

/** A row as it lies on the page. */
export interface LaidRow {
  /** An entry's id, or a section's name. */
  readonly key: string;
  readonly top: number;
  readonly bottom: number;
}

export interface Landing {
  readonly drop: Drop;
  /** Where on the page the row would come to lie. */
  readonly y: number;
}

const isSection = (key: string): key is SectionName =>
  (SECTIONS as readonly string[]).includes(key);

/** Where a row that is carried to a height comes to lie: before or behind the nearest other. */
export function landingAt(y: number, rows: readonly LaidRow[]): Landing | undefined {
  const [first] = rows;
  if (!first) return undefined;
  const over = rows.find(({ bottom }) => y < bottom) ?? rows.at(-1) ?? first;
  if (isSection(over.key)) {
    // Over a head's upper half it comes last in what stands above, over its lower half first below.
    const above = rows[rows.indexOf(over) - 1];
    const isAbove = above && y < (over.top + over.bottom) / 2;
    if (!isAbove) return { drop: { startOf: over.key }, y: over.bottom };
    if (isSection(above.key)) return { drop: { startOf: above.key }, y: above.bottom };
    return { drop: { after: above.key as ItemId }, y: above.bottom };
  }
  const key = over.key as ItemId;
  return y < (over.top + over.bottom) / 2
    ? { drop: { before: key }, y: over.top }
    : { drop: { after: key }, y: over.bottom };
}

/** The height that the arrow keys carry a row to: the next gap between two others. */
export function nextGap(y: number, by: 1 | -1, rows: readonly LaidRow[]): number | undefined {
  // Above a head is where the row before it ends: one place, and one press.
  const gaps = [
    ...new Set(
      rows.flatMap(({ key, top, bottom }) =>
        isSection(key) ? [bottom - 1] : [top + 1, bottom - 1],
      ),
    ),
  ].sort((a, b) => a - b);
  return by > 0 ? gaps.find((gap) => gap > y + 2) : gaps.findLast((gap) => gap < y - 2);
}
