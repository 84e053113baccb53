import { checkRoutine, mendOf, type Group } from '@/core/check';
import type { ItemId } from '@/core/ids';
import { readPeopleFile } from '@/core/person';
import { fail, succeed, type Result } from '@/core/result';
import {
  LANE_TITLES,
  SEVERITY_NAMES,
  findingWhat,
  findingWhy,
  mendWords,
  scorePhrases,
} from '@/words';
import { placed, readBounded, type Input } from './input';
import { newIdsFor } from './new-ids';
import { table } from './print';

/** The people and sessions of a file, at the moment of the call. */
export function readGroup(file: string, at: Date): Result<Group, string> {
  const text = readBounded(file);
  if (!text.ok) return text;
  const people = readPeopleFile(text.value);
  if (!people.ok) return fail(...people.problems.map((one) => placed(one, 'a people file', file)));
  const { people: who, sessions = [] } = people.value;
  return succeed({ people: who, sessions, at: at.toISOString() });
}

/** Findings with their place in the text and their mend, as `check --json` prints them. */
export function findingRows({ routine, lines }: Input, group: Group | undefined) {
  const wish = { phrases: scorePhrases, group };
  return checkRoutine(routine, wish).map((finding) => {
    const mend = mendOf(routine, finding, { ...wish, newId: newIdsFor(routine) });
    const { id, severity, itemId, lane, side, numbers, about, source, accepted } = finding;
    return {
      id,
      severity,
      line: lineOf(lines, itemId),
      itemId,
      lane,
      side,
      numbers,
      about,
      source,
      what: findingWhat(finding),
      why: findingWhy(finding),
      ...(accepted !== undefined && { accepted }),
      ...(mend && { mend: { does: mendWords(finding), ...mend } }),
    };
  });
}

export function lineOf(lines: Input['lines'], itemId: ItemId | null): number | null {
  return (itemId && lines.get(itemId)) ?? null;
}

type Row = ReturnType<typeof findingRows>[number];

/** The same as a short table, a line for each finding. */
export function findingsTable(rows: readonly Row[]): string {
  if (rows.length === 0) return 'Nothing found.\n';
  return table([
    ['line', 'severity', 'check', 'lane', 'what', 'mend'],
    ...rows.map(({ line, severity, id, lane, what, mend }) => [
      line === null ? '-' : String(line),
      SEVERITY_NAMES[severity],
      id,
      lane === null ? '' : LANE_TITLES[lane],
      what,
      mend?.does ?? '',
    ]),
  ]);
}
