import { printClock, printDuration } from '@/core/common';
import { fitSafely, type FitChange, type RuleFinding } from '@/core/judgement';
import { SECTIONS, applyChange, writeRoutineText, type SectionName } from '@/core/routine';
import { findingWhat } from '@/words/findings';
import { scorePhrases } from '@/words/score';
import { lineOf } from './check';
import type { Input } from './input';
import { newIdsFor } from './new-ids';
import { table } from './print';

const TIMES: readonly FitChange['what'][] = ['hold', 'timed', 'rest'];

const isSection = (id: FitChange['itemId']): id is SectionName =>
  (SECTIONS as readonly string[]).includes(id);

function shown(what: FitChange['what'], value: number): string {
  return TIMES.includes(what) ? printDuration(value) : String(value);
}

/** A fit as `fit --json` prints it. */
export function fitResult({ routine, part, lines }: Input, slotMs: number) {
  const newId = newIdsFor(routine);
  const fitting = fitSafely(routine, { slotMs, newId, part, phrases: scorePhrases });
  const after = fitting.fitted ? applyChange(routine, fitting.change) : routine;
  const changes = fitting.fitted ? fitting.changes : [];
  const inTheWay = fitting.fitted ? [] : fitting.inTheWay;
  const findings = (all: readonly RuleFinding[]) =>
    all.map((finding) => ({
      id: finding.id,
      line: lineOf(lines, finding.itemId),
      what: findingWhat(finding),
    }));
  return {
    fitted: fitting.fitted,
    totalMs: fitting.totalMs,
    text: writeRoutineText(after),
    changes: changes.map(({ itemId, what, from, to }) => ({
      line: isSection(itemId) ? null : lineOf(lines, itemId),
      itemId,
      what,
      from: shown(what, from),
      to: shown(what, to),
    })),
    limits: fitting.limits,
    brings: findings(fitting.fitted ? fitting.brings : []),
    against: findings(fitting.fitted ? [] : fitting.against),
    nearest: fitting.fitted ? undefined : fitting.nearest,
    inTheWay: inTheWay.map(({ itemId, why }) => ({ line: lineOf(lines, itemId), itemId, why })),
  };
}

/** The fitted text, or what is in the way. */
export function fitText(result: ReturnType<typeof fitResult>): string {
  if (result.fitted) return result.text;
  const { minMs, maxMs } = result.limits;
  const reach = [
    `It can be from ${printClock(minMs)} to ${printClock(maxMs)}.`,
    ...result.against.map(({ what }) => `No way there keeps clear of: ${what}`),
    '',
  ].join('\n');
  if (result.inTheWay.length === 0) return reach;
  const rows = result.inTheWay.map(({ line, itemId, why }) => [String(line ?? '-'), itemId, why]);
  return reach + table([['line', 'item', 'in the way'], ...rows]);
}
