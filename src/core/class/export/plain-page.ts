import escape from 'escape-html';
import type { Paper } from './pages';

/** A part of a page that is printed: lines, or a table with its head row first. */
export type PagePart =
  | { readonly heading: string; readonly lines: readonly string[] }
  | { readonly heading: string; readonly table: readonly (readonly string[])[] };

const STYLE = `
@page { size: A4; margin: 12mm; }
@page wide { size: A4 landscape; margin: 10mm; }
* { box-sizing: border-box; }
body { margin: 0; color: #22312C; background: #fff; font: 12px/1.4 "Atkinson Hyperlegible Next", system-ui, sans-serif; }
.page { max-width: 718px; margin: 0 auto; padding-top: 1px; }
.wide { page: wide; max-width: 1040px; font-size: 10px; }
h1 { font: 600 22px/1.2 Literata, Georgia, serif; margin: 4px 0; }
h2 { font-size: 14px; margin: 12px 0 4px; }
p { margin: 0 0 3px; }
table { border-collapse: collapse; width: 100%; font: inherit; }
th, td { text-align: left; vertical-align: top; padding: 3px 6px; border-bottom: 1px solid #D9D8CE; font-variant-numeric: tabular-nums; }
tr { break-inside: avoid; }
thead { display: table-header-group; }
.foot { border-top: 1px solid #56635C; margin-top: 14px; padding-top: 6px; color: #56635C; }
`;

/**
 * Words and tables as a page to print, without a style or a script in it.
 * @param foot what the page is not, below everything
 */
export function plainPage(
  title: string,
  parts: readonly PagePart[],
  foot: readonly string[],
  wide = false,
): Paper {
  const body = parts
    .map(
      (part) =>
        `<h2>${escape(part.heading)}</h2>${'lines' in part ? lines(part.lines) : table(part.table)}`,
    )
    .join('');
  const end = foot.map((line) => `<p>${escape(line)}</p>`).join('');
  const page = `<div class="page${wide ? ' wide' : ''}"><h1>${escape(title)}</h1>${body}<div class="foot">${end}</div></div>`;
  return { title, css: STYLE, body: page };
}

const lines = (all: readonly string[]) => all.map((line) => `<p>${escape(line)}</p>`).join('');

function table([head = [], ...rows]: readonly (readonly string[])[]): string {
  const cells = (tag: string, row: readonly string[]) =>
    row.map((text) => `<${tag}>${escape(text)}</${tag}>`).join('');
  const body = rows.map((row) => `<tr>${cells('td', row)}</tr>`).join('');
  return `<table><thead><tr>${cells('th', head)}</tr></thead><tbody>${body}</tbody></table>`;
}
