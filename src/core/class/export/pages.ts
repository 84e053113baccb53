import escape from 'escape-html';
import type { Side } from '@/core/body';
import { printClock } from '@/core/common';
import { GROUP_ALONE, type TakingPart } from '@/core/people';
import { itemsInOrder, type Routine } from '@/core/routine';
import type { Done, Score, Segment } from '@/core/timing';
import { roomNeeds } from '../group/needs';
import { aboutLines, cueRows, type CueRow, type CueSheetPhrases } from './cue-sheet';

/** A figure as SVG text in a size; nothing where none is drawn. */
export type Pictured = (
  done: Done,
  side: Side | undefined,
  width: number,
  height: number,
) => string | undefined;

/** An A4 page within its margins, in CSS pixels. */
const PAGE = { width: 718, height: 1040 };
const TOP = 62;
const SIGNS = 196;
/** What stands below a figure: its name, its dose and one watch point. */
const WORDS = 64;
/** More than these in one page, and nobody could see what they do. */
const MOST = 30;

const STYLE = `
@page { size: A4; margin: 10mm; }
* { box-sizing: border-box; }
body { margin: 0; color: #22312C; background: #fff; font: 11px/1.3 "Atkinson Hyperlegible Next", system-ui, sans-serif; }
.page { width: ${PAGE.width}px; margin: 0 auto; padding-top: 1px; }
.page + .page { break-before: page; }
h1 { font: 600 22px/1.2 Literata, Georgia, serif; margin: 4px 0 2px; }
.total { margin: 0 0 8px; }
.grid { display: grid; }
.cell { overflow: hidden; padding: 0 6px; text-align: center; break-inside: avoid; }
.cell b { font-size: 13px; display: block; }
.cell .watch { display: block; color: #56635C; }
.signs { border-top: 2px solid #A8452B; margin-top: 8px; padding-top: 4px; font-size: 9.5px; break-inside: avoid; }
.signs h2 { font-size: 12px; margin: 0 0 2px; color: #A8452B; }
.signs p { margin: 0 0 2px; }
table { border-collapse: collapse; width: 100%; font: inherit; }
th, td { text-align: left; vertical-align: top; padding: 3px 5px; border-bottom: 1px solid #D9D8CE; }
tr { break-inside: avoid; }
thead { display: table-header-group; }
.time { font-variant-numeric: tabular-nums; white-space: nowrap; }
ul { margin: 0 0 8px; padding-left: 18px; }
`;

/** A page to print: HTML without a style in it, and the style sheet that goes with it. */
export interface Paper {
  readonly title: string;
  readonly css: string;
  readonly body: string;
}

interface Sheet {
  readonly phrases: CueSheetPhrases;
  readonly pictured: Pictured;
  /** Who takes part, where anybody is known: things are counted for them. */
  readonly part?: TakingPart;
}

function head(routine: Routine, score: Score, { phrases, part = GROUP_ALONE }: Sheet): string {
  const lines = [
    phrases.total(printClock(score.totalMs)),
    phrases.needs(roomNeeds(routine, score, part)),
  ].map((line) => `<p class="total">${escape(line)}</p>`);
  return `<h1>${escape(routine.title)}</h1>${lines.join('')}`;
}

function signsOf({ signsTitle, signs }: CueSheetPhrases): string {
  const lines = signs.map((line) => `<p>${escape(line)}</p>`).join('');
  return `<div class="signs"><h2>${escape(signsTitle)}</h2>${lines}</div>`;
}

const sideOf = (side: Segment['side'] | undefined): Side | undefined =>
  side === 'left' || side === 'right' ? side : undefined;

/** In pieces of at most so many; one empty piece of nothing. */
function chunk<T>(all: readonly T[], most: number): readonly (readonly T[])[] {
  const count = Math.max(1, Math.ceil(all.length / most));
  return Array.from({ length: count }, (_, i) => all.slice(i * most, (i + 1) * most));
}

/** How many columns give the largest figures, and how large these are. */
export function gridFor(count: number): {
  readonly columns: number;
  readonly width: number;
  readonly height: number;
  readonly cell: number;
} {
  const room = PAGE.height - TOP - SIGNS;
  const sizes = [2, 3, 4, 5, 6].map((columns) => {
    const cell = Math.floor(room / Math.ceil(Math.max(1, count) / columns));
    const height = Math.min(cell - WORDS, (PAGE.width / columns - 12) * 0.75, 190);
    return { columns, height: Math.floor(height), width: Math.floor(height / 0.75), cell };
  });
  const best = sizes.reduce((most, one) => (one.height > most.height ? one : most));
  return { ...best, cell: Math.min(best.cell, best.height + WORDS) };
}

/**
 * A routine to hang up: a figure for each of its items with its name, its dose and one watch point, and
 * the stop signs, on one page; beyond thirty items on more.
 */
export function picturePage(routine: Routine, score: Score, sheet: Sheet): Paper {
  const { phrases, pictured } = sheet;
  const rows = cueRows(routine, score, phrases);
  const items = itemsInOrder(routine).flatMap(({ id }) => {
    const first = score.segments.find(({ itemId, kind }) => itemId === id && kind === 'work');
    const row = first && rows.find(({ startMs }) => startMs >= first.startMs);
    return row?.done ? [{ row, done: row.done }] : [];
  });
  const pages = chunk(items, MOST);
  const grids = pages.map((own) => gridFor(own.length));
  const body = pages.map((own, at) => {
    const cells = own.map(({ row, done }, i) => {
      const { width, height } = grids[at] ?? gridFor(1);
      const picture = pictured(done, sideOf(row.worked), width, height) ?? '';
      const [watch] = done.cues.watch;
      const note = watch ? phrases.sided(watch, row.worked ?? null) : '';
      return `<div class="cell">${picture}<b>${at * MOST + i + 1}. ${escape(row.move)}</b>${escape(row.dose)}<span class="watch">${escape(note)}</span></div>`;
    });
    return `<div class="page">${head(routine, score, sheet)}<div class="grid g${at}">${cells.join('')}</div>${signsOf(phrases)}</div>`;
  });
  const sizes = grids.map(
    ({ columns, cell }, at) =>
      `.g${at} { grid-template-columns: repeat(${columns}, 1fr); grid-auto-rows: ${cell}px; }`,
  );
  return { title: routine.title, css: [STYLE, ...sizes].join('\n'), body: body.join('') };
}

/** A routine to lead from, as HTML: each line with its figure, its cue, and what the others do. */
export function cuePage(routine: Routine, score: Score, sheet: Sheet): Paper {
  const { phrases, pictured } = sheet;
  const row = ({ startMs, move, side, dose, cue, options, done, worked }: CueRow) => {
    const picture = (done && pictured(done, sideOf(worked), 72, 54)) ?? '';
    const cells = [move, side, dose, cue, options.join(' ')].map(
      (text) => `<td>${escape(text)}</td>`,
    );
    return `<tr><td class="time">${printClock(startMs)}</td><td>${picture}</td>${cells.join('')}</tr>`;
  };
  const [time, ...others] = phrases.columns;
  const heads = [time, '', ...others].map((text) => `<th>${escape(text)}</th>`).join('');
  const about = aboutLines(routine, phrases).map((line) => `<li>${escape(line)}</li>`);
  const kept = about.length > 0 ? `<ul>${about.join('')}</ul>` : '';
  const rows = cueRows(routine, score, phrases).map(row).join('');
  const table = `<table><thead><tr>${heads}</tr></thead><tbody>${rows}</tbody></table>`;
  return {
    title: routine.title,
    css: STYLE,
    body: `<div class="page">${head(routine, score, sheet)}${kept}${table}${signsOf(phrases)}</div>`,
  };
}
