import { unparse } from 'papaparse';

/** How a cell begins that a spreadsheet would run, and one that was disarmed or looks so. */
const FORMULA = /^'*[=+\-@\t\r]/u;

/** Rows as a table that a spreadsheet opens; a text that would start a formula is disarmed. */
export function csvOf(rows: readonly (readonly (string | number)[])[]): string {
  const plain = rows.map((row) =>
    row.map((cell) => (typeof cell === 'string' && FORMULA.test(cell) ? `'${cell}` : cell)),
  );
  return unparse(plain, { newline: '\r\n' }) + '\r\n';
}

/** The text of a cell as it was before it was disarmed. */
export function armed(cell: string): string {
  return cell.startsWith("'") && FORMULA.test(cell) ? cell.slice(1) : cell;
}
