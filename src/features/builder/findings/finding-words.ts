import type { PlacedFinding, Severity } from '@/core/judgement';
import { SEVERITY_NAMES } from '@/words/findings';

/** As the checks rank them; from the words, since the checks themselves are the worker's alone. */
export const GRAVEST_FIRST = Object.keys(SEVERITY_NAMES) as Severity[];

/** "1 stop, 2 cautions, 3 notes"; undefined where nothing was found. */
export function countWords(findings: readonly PlacedFinding[]): string | undefined {
  const words = GRAVEST_FIRST.flatMap((severity) => {
    const count = findings.filter((one) => one.severity === severity).length;
    return count === 0 ? [] : [`${count} ${severity}${count === 1 ? '' : 's'}`];
  });
  return words.length > 0 ? words.join(', ') : undefined;
}
