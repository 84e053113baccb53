/** "1 stop, 2 cautions", the gravest first; empty where nothing was found. */
export function severityCounts(
  counts: Readonly<Record<'stop' | 'caution' | 'note', number>>,
): string {
  return (['stop', 'caution', 'note'] as const)
    .filter((severity) => counts[severity] > 0)
    .map((severity) => `${counts[severity]} ${severity}${counts[severity] === 1 ? '' : 's'}`)
    .join(', ');
}
