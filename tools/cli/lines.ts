import { printClock } from '@/core/common';
import { GROUP_ALONE } from '@/core/people';
import { compile } from '@/core/timing';
import {
  readPlainPage,
  readSaidLine,
  routineOfSheet,
  sheetOf,
  type PlainSetting,
} from '@/core/writing';
import { problemSentence } from '@/words/problems';
import { table } from './print';

/** A whole line that may be meant, and how its move is another one than what was asked for. */
export interface Asked {
  readonly text: string;
  readonly differs?: string | undefined;
}

export interface LineRow {
  readonly typed: string;
  /** The strict line; null where it is not sure. */
  readonly text: string | null;
  readonly sure: boolean;
  /** Words that were passed over, which is told. */
  readonly passed: readonly string[];
  /** What is asked where it is not sure: whole lines, the likeliest first. */
  readonly asked: readonly Asked[];
  /** What may be meant, the likeliest first; what was taken leads. */
  readonly choices: readonly { readonly text: string }[];
  readonly problem: string | null;
}

const askedOf = (others: readonly Asked[]): readonly Asked[] =>
  others.map(({ text, differs }) => ({
    text: text.replace(/: $/u, ''),
    ...(differs && { differs }),
  }));

/** Each line of a text that says something, as the line for adding reads it. */
export function lineRows(text: string, setting: PlainSetting): readonly LineRow[] {
  return text
    .split(/\r\n|\r|\n/u)
    .filter((typed) => typed.trim() !== '')
    .flatMap((typed) => {
      const { reading } = readSaidLine(typed, setting);
      // A heading alone says nothing of a move.
      if (!reading) return [];
      const { line, text: strict, others, passed, problem } = reading;
      const sure = line !== undefined;
      const taken = sure ? [{ text: strict }] : [];
      return {
        typed,
        text: sure ? strict : null,
        sure,
        passed,
        asked: sure ? [] : askedOf(others),
        choices: [...taken, ...askedOf(others).map((one) => ({ text: one.text }))],
        problem: sure ? null : problem ? problemSentence(problem) : 'Several moves may be meant',
      };
    });
}

const KINDS = {
  rest: 'structure',
  notice: 'note',
  note: 'note',
  item: 'move',
  block: 'structure',
} as const;

/** A whole plan as it is read where it is pasted, before anybody mended it. */
export function planSheet(
  text: string,
  setting: PlainSetting,
  phrases: Parameters<typeof compile>[2],
) {
  const sheet = sheetOf(readPlainPage(text, setting), setting, {});
  const routine = routineOfSheet(sheet, {
    group: setting.group,
    ...(setting.moves && { moves: [...setting.moves] }),
  });
  return {
    shape: sheet.shape,
    title: sheet.title ?? null,
    ...(sheet.saidMs !== undefined && { saidMs: sheet.saidMs }),
    totalMs: routine ? compile(routine, GROUP_ALONE, phrases).totalMs : 0,
    ...(sheet.columns && { columns: sheet.columns }),
    ...(sheet.unread > 0 && { unread: sheet.unread }),
    rows: sheet.rows.map(
      ({ typed, section, kind, text: strict, state, passed, others, entry }) => ({
        typed,
        section,
        kind: entry ? KINDS[entry.kind] : kind,
        text: state === 'sure' ? strict : null,
        sure: state === 'sure',
        passed,
        asked: state === 'sure' ? [] : askedOf(others),
        ...(entry && 'note' in entry && entry.note !== undefined && { note: entry.note }),
      }),
    ),
  };
}

export function planTable({ shape, rows, totalMs }: ReturnType<typeof planSheet>): string {
  const read = rows.map(({ section, typed, text, asked }) => [
    section,
    typed,
    text ?? `? ${asked.map((one) => one.text).join(' · ')}`,
  ]);
  return `${shape}, ${printClock(totalMs)}\n${table([['section', 'typed', 'read as'], ...read])}`;
}

export function linesTable(rows: readonly LineRow[]): string {
  const read = rows.map(({ typed, text, choices }) => [
    typed,
    text ?? `? ${choices.map((choice) => choice.text).join(' · ')}`,
  ]);
  return table([['typed', 'read as'], ...read]);
}
