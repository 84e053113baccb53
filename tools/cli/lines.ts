import { readSaidLine, type PlainSetting } from '@/core/writing';
import { problemSentence } from '@/words/problems';
import { table } from './print';

export interface LineRow {
  readonly typed: string;
  /** The strict line; null where it is not sure. */
  readonly text: string | null;
  readonly sure: boolean;
  /** What may be meant, the likeliest first; what was taken leads. */
  readonly choices: readonly { readonly text: string }[];
  readonly problem: string | null;
}

/** Each line of a text that says something, as the line for adding reads it. */
export function lineRows(text: string, setting: PlainSetting): readonly LineRow[] {
  return text
    .split(/\r\n|\r|\n/u)
    .filter((typed) => typed.trim() !== '')
    .flatMap((typed) => {
      const { reading } = readSaidLine(typed, setting);
      // A heading alone says nothing of a move.
      if (!reading) return [];
      const { line, text: strict, others, problem } = reading;
      const sure = line !== undefined;
      const taken = sure ? [{ text: strict }] : [];
      return {
        typed,
        text: sure ? strict : null,
        sure,
        choices: [...taken, ...others.map((one) => ({ text: one.text.replace(/: $/u, '') }))],
        problem: sure ? null : problem ? problemSentence(problem) : 'Several moves may be meant',
      };
    });
}

export function linesTable(rows: readonly LineRow[]): string {
  const read = rows.map(({ typed, text, choices }) => [
    typed,
    text ?? `? ${choices.map((choice) => choice.text).join(' · ')}`,
  ]);
  return table([['typed', 'read as'], ...read]);
}
