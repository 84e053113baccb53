import type { PlacedFinding, Severity } from '@/core/judgement';
import { SEVERITY_NAMES } from '@/words/findings';
import { severityCounts } from '@/words/groups';

/** As the checks rank them; from the words, since the checks themselves are the worker's alone. */
export const GRAVEST_FIRST = Object.keys(SEVERITY_NAMES) as Severity[];

/** How many of each severity there are. */
export function countsOf(findings: readonly PlacedFinding[]): Readonly<Record<Severity, number>> {
  const count = (severity: Severity) => findings.filter((one) => one.severity === severity).length;
  return { stop: count('stop'), caution: count('caution'), note: count('note') };
}

/** "1 stop, 2 cautions, 3 notes"; undefined where nothing was found. */
export function countWords(findings: readonly PlacedFinding[]): string | undefined {
  return severityCounts(countsOf(findings)) || undefined;
}
