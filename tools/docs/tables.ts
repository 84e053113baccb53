export function table(heads: readonly string[], rows: readonly (readonly string[])[]): string {
  const line = (cells: readonly string[]) => `| ${cells.join(' | ')} |`;
  return [line(heads), line(heads.map(() => '---')), ...rows.map(line)].join('\n');
}
