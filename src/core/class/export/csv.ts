import { unparse } from 'papaparse';

/**
 * How a cell begins that a spreadsheet would run. The package's own rule sees one line only, so that
 * a formula with a line break in it went through.
 */
const FORMULA = /^[=+\-@\t\r]/u;

/** Rows as a table that a spreadsheet opens; a text that would start a formula is disarmed. */
export function csvOf(rows: readonly (readonly (string | number)[])[]): string {
  const plain = rows.map((row) => [...row]);
  return unparse(plain, { escapeFormulae: FORMULA, newline: '\r\n' }) + '\r\n';
}
