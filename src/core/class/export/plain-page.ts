import escape from 'escape-html';
import type { Paper } from './pages';

/** A count in a row of bars, and what stands over it. */
interface Bar {
  readonly words: string;
  readonly value: number;
  readonly mark?: string;
}

/** A part of a page that is printed: lines, a table with its head row first, or bars beside each other. */
export type PagePart =
  | { readonly heading?: string; readonly lines: readonly string[] }
  | {
      readonly heading: string;
      /** What the bars count. */
      readonly of: string;
      readonly bars: readonly Bar[];
    }
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
@media screen and (max-width: 600px) { .page { font-size: 15px; padding: 1px 8px; } }
svg.bars { display: block; max-width: 480px; }
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
    .map((part) => (part.heading ? `<h2>${escape(part.heading)}</h2>` : '') + inside(part))
    .join('');
  const end = foot.map((line) => `<p>${escape(line)}</p>`).join('');
  const page = `<div class="page${wide ? ' wide' : ''}"><h1>${escape(title)}</h1>${body}<div class="foot">${end}</div></div>`;
  return { title, css: STYLE, body: page };
}

function inside(part: PagePart): string {
  if ('lines' in part) return lines(part.lines);
  return 'bars' in part ? drawn(part.of, part.bars) : table(part.table);
}

const SLOT = 30;
const HIGH = 64;

/** Bars with their counts over them and their words below; what is marked has a ring and is named. */
function drawn(of: string, bars: readonly Bar[]): string {
  const most = Math.max(1, ...bars.map(({ value }) => value));
  const one = ({ words, value, mark }: Bar, i: number) => {
    const high = (value / most) * HIGH;
    const x = i * SLOT;
    const at = 26 + HIGH - high;
    const ring = `<circle cx="${x + 15}" cy="${at - 20}" r="4" fill="none" stroke="#8C3B2A" stroke-width="2"/>`;
    return `<rect x="${x + 6}" y="${at}" width="18" height="${high}" fill="#4A6B57"/><text x="${x + 15}" y="${at - 4}" text-anchor="middle" font-size="12">${value}</text>${mark ? ring : ''}<text x="${x + 15}" y="${HIGH + 40}" text-anchor="middle" font-size="10">${escape(i % 2 === 0 ? words : '')}</text>`;
  };
  const said = bars
    .map(({ words, value, mark }) => `${words}: ${value}${mark ? `, ${mark}` : ''}`)
    .join('; ');
  const wide = bars.length * SLOT;
  const marks = [...new Set(bars.flatMap(({ mark }) => (mark ? [mark] : [])))];
  const key = marks.length > 0 ? ` ○ ${marks.join(', ')}` : '';
  return `<p>${escape(`${of}.${key}`)}</p><svg class="bars" role="img" aria-label="${escape(`${of}. ${said}`)}" viewBox="0 0 ${wide} ${HIGH + 50}" width="100%">${bars.map(one).join('')}<path d="M0 ${26 + HIGH}h${wide}" stroke="#56635C"/></svg>`;
}

const lines = (all: readonly string[]) => all.map((line) => `<p>${escape(line)}</p>`).join('');

function table([head = [], ...rows]: readonly (readonly string[])[]): string {
  const cells = (tag: string, row: readonly string[]) =>
    row.map((text) => `<${tag}>${escape(text)}</${tag}>`).join('');
  const body = rows.map((row) => `<tr>${cells('td', row)}</tr>`).join('');
  return `<table><thead><tr>${cells('th', head)}</tr></thead><tbody>${body}</tbody></table>`;
}
