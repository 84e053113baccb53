import { unitCount } from '@/core/moves';
import { itemInForce, type Setting } from './item';
import { SECTIONS, type Entry, type Line, type SectionHead, type SectionName } from './entries';

/**
 * The most that one routine may come to, counted in reps, breaths and sets as they are done: many
 * times what anybody leads, and little enough to be timed at once.
 */
export const MOST_WORK = 200_000;

function lineWork(line: Line, setting: Setting): number {
  if (line.kind !== 'item') return 1;
  const { dose } = itemInForce(line, setting);
  return dose.sets * ((unitCount(dose) ?? 0) + 2) * 2;
}

/** How much an entry comes to once it is unrolled. */
export function entryWork(entry: Entry, setting: Setting): number {
  if (entry.kind !== 'block') return lineWork(entry, setting);
  const once = entry.lines.reduce(
    (sum, line, i) => sum + lineWork(line, setting) * (entry.buildUp ? entry.lines.length - i : 1),
    0,
  );
  return once * (entry.rounds ?? 1) * (entry.perSide ? 2 : 1);
}

/** Whether the sections hold no more than one class can. */
export function isLeadable({
  sections,
  heads,
  ...setting
}: Setting & {
  readonly sections: Readonly<Record<SectionName, readonly Entry[]>>;
  readonly heads?: Partial<Record<SectionName, SectionHead>> | undefined;
}): boolean {
  let work = 0;
  for (const section of SECTIONS) {
    const rounds = heads?.[section]?.rounds ?? 1;
    for (const entry of sections[section]) work += entryWork(entry, setting) * rounds;
  }
  return work <= MOST_WORK;
}
