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
/** The stem, and the leaf that ties a figure to it. */
const STEM = { one: 56, two: 36 };
/** What stands beside a figure is not narrower: its name, its dose and one watch point. */
const WORDS = { one: 130, two: 76 };
/** Above and below a figure. */
const GAP = 8;
const LARGEST = 190;
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
.strands { display: flex; }
.strand { position: relative; flex: 1; display: grid; grid-template-columns: 1fr ${STEM.one}px 1fr; }
.narrow .strand { grid-template-columns: 1fr ${STEM.two}px 1fr; }
.stem { grid-column: 2; grid-row: 1 / -1; }
.cell { overflow: hidden; display: flex; align-items: center; gap: 8px; break-inside: avoid; }
.cell svg { flex: none; }
.left { grid-column: 1; flex-direction: row-reverse; text-align: right; }
.right { grid-column: 3; }
.cell b { font-size: 13px; display: block; }
.cell .watch { display: block; color: #56635C; }
.narrow .cell { font-size: 10px; gap: 4px; }
.narrow .cell b { font-size: 11px; }
.signs { border-top: 2px solid #A8452B; margin-top: 8px; padding-top: 4px; font-size: 9.5px; line-height: 1.18; break-inside: avoid; }
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

/** How many strands beside each other give the largest figures, and how large these are. */
export function strandsFor(count: number): {
  readonly strands: 1 | 2;
  /** From one item to the next; each is two of them high, by turns left and right of the stem. */
  readonly step: number;
  readonly width: number;
  readonly height: number;
} {
  const room = PAGE.height - TOP - SIGNS;
  const sizes = ([1, 2] as const).map((strands) => {
    const step = Math.floor(room / (Math.ceil(Math.max(1, count) / strands) + 1));
    const [stem, words] = strands === 1 ? [STEM.one, WORDS.one] : [STEM.two, WORDS.two];
    const side = (PAGE.width / strands - stem) / 2;
    const height = Math.min(2 * step - GAP, (side - words) * 0.75, LARGEST);
    return { strands, height: Math.floor(height), width: Math.floor(height / 0.75), step };
  });
  const best = sizes.reduce((most, one) => (one.height > most.height ? one : most));
  return { ...best, step: Math.min(best.step, Math.ceil((best.height + 3 * GAP) / 2) + 12) };
}

const LEAF = { left: '#4F6F45', right: '#2F6479', both: '#7A5A43' };

/** The stem, with a leaf to each item: its two halves where it is done on each side. */
function stemSvg(each: readonly boolean[], step: number, stem: number): string {
  const height = (each.length + 1) * step;
  const x = stem / 2;
  const half = (y: number, tip: number, up: 1 | -1, colour: string) =>
    `<path d="M${x} ${y}Q${(x + tip) / 2} ${y - 9 * up} ${tip} ${y}Z" fill="${colour}"/>`;
  const leaves = each.map((isEach, i) => {
    const y = (i + 1) * step;
    const tip = i % 2 === 0 ? 2 : stem - 2;
    const [upper, lower] = isEach ? [LEAF.left, LEAF.right] : [LEAF.both, LEAF.both];
    return half(y, tip, 1, upper) + half(y, tip, -1, lower);
  });
  return `<svg class="stem" width="${stem}" height="${height}" viewBox="0 0 ${stem} ${height}"><path d="M${x} 0V${height}" stroke="#22312C" stroke-width="3" stroke-linecap="round"/>${leaves.join('')}</svg>`;
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
  const sizes = pages.map((own) => strandsFor(own.length));
  const body = pages.map((own, at) => {
    const { width, height, step, strands } = sizes[at] ?? strandsFor(1);
    const numbered = own.map((one, i) => ({ ...one, number: at * MOST + i + 1 }));
    const stem = strands === 1 ? STEM.one : STEM.two;
    const strand = (some: readonly (typeof numbered)[number][]) => {
      const cells = some.map(({ row, done, number }, i) => {
        const picture = pictured(done, sideOf(row.worked), width, height) ?? '';
        const [watch] = done.cues.watch;
        const note = watch ? phrases.sided(watch, row.worked ?? null) : '';
        const words = `<b>${number}. ${escape(row.move)}</b>${escape(row.dose)}<span class="watch">${escape(note)}</span>`;
        const side = i % 2 === 0 ? 'left' : 'right';
        return `<div class="cell ${side} r${i + 1}">${picture}<div>${words}</div></div>`;
      });
      return `<div class="strand g${at}">${stemSvg(
        some.map(({ done }) => done.move.sides === 'each'),
        step,
        stem,
      )}${cells.join('')}</div>`;
    };
    const parts = chunk(numbered, Math.ceil(Math.max(1, own.length) / strands));
    const all = own.length > 0 ? parts.map(strand).join('') : '';
    const narrow = strands === 2 ? ' narrow' : '';
    return `<div class="page">${head(routine, score, sheet)}<div class="strands${narrow}">${all}</div>${signsOf(phrases)}</div>`;
  });
  const most = Math.max(0, ...pages.map(({ length }) => length));
  const places = Array.from(
    { length: most },
    (_, i) => `.r${i + 1} { grid-row: ${i + 1} / span 2; }`,
  );
  const steps = sizes.map(
    ({ step, strands }, at) =>
      `.g${at} { grid-template-rows: repeat(${Math.ceil((pages[at]?.length ?? 0) / strands) + 1}, ${step}px); }`,
  );
  return {
    title: routine.title,
    css: [STYLE, ...places, ...steps].join('\n'),
    body: body.join(''),
  };
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
