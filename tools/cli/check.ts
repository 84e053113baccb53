import { NOTHING_FOUND } from '@/words/safety';
import { type ItemId } from '@/core/common';
import { checkRoutine, mendOf } from '@/core/judgement';
import { broughtBy, deedOf } from '@/core/routine';
import { SEVERITY_NAMES, findingWhat, findingWhy, mendWords } from '@/words/findings';
import { laneTitle } from '@/words/names';
import { scorePhrases } from '@/words/score';
import type { Input } from './input';
import { newIdsFor } from './new-ids';
import { table } from './print';

/** Findings with their place in the text and their mend, as `check --json` prints them. */
export function findingRows({ routine, part, lines }: Input) {
  const wish = { part, phrases: scorePhrases };
  return checkRoutine(routine, wish).map((finding) => {
    const mend = mendOf(routine, finding, { ...wish, newId: newIdsFor(routine) });
    const { id, severity, itemId, lane, side, numbers, about, source, accepted } = finding;
    const places = finding.places.map((place) => ({
      line: lineOf(lines, place.itemId),
      ...place,
    }));
    return {
      id,
      severity,
      line: lineOf(lines, itemId),
      itemId,
      lane,
      places,
      side,
      numbers,
      about,
      source,
      what: findingWhat(finding),
      why: findingWhy(finding),
      ...(accepted !== undefined && { accepted }),
      ...(mend && {
        mend: {
          does: mendWords(finding, broughtBy(routine, mend), { deed: deedOf(routine, mend) }),
          ...mend,
        },
      }),
    };
  });
}

export function lineOf(lines: Input['lines'], itemId: ItemId | null): number | null {
  return (itemId && lines.get(itemId)) ?? null;
}

type Row = ReturnType<typeof findingRows>[number];

/** The same as a short table, a line for each finding. */
export function findingsTable(rows: readonly Row[]): string {
  if (rows.length === 0) return `${NOTHING_FOUND}\n`;
  return table([
    ['line', 'severity', 'check', 'lane', 'what', 'mend'],
    ...rows.map(({ places, severity, id, lane, what, mend }) => [
      places.map(({ line }) => line ?? '-').join(', '),
      SEVERITY_NAMES[severity],
      id,
      lane === null ? '' : laneTitle(lane),
      what,
      mend?.does ?? '',
    ]),
  ]);
}
