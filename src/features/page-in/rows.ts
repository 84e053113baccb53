import { itemIdSchema } from '@/core/common';
import type { Placed, Setting } from '@/core/routine';
import { readPlainPage, readSaidLine, type PageLine } from '@/core/writing';

/** What an instructor made of a line of a plan: other words for it, a note, or nothing. */
export type Decided = { readonly as: string } | 'note' | 'out';

export interface PageRow {
  readonly line: number;
  readonly typed: string;
  readonly section: PageLine['section'];
  /** What it becomes, as strict text; empty where that is still open, or it is left out. */
  readonly text: string;
  readonly state: 'sure' | 'open' | 'note' | 'out';
  /** Words that the reading passed over. */
  readonly passed: readonly string[];
  readonly others: PageLine['reading']['others'];
  readonly entry: Placed['entry'] | undefined;
}

export interface PageRows {
  readonly title: string | undefined;
  readonly rows: readonly PageRow[];
  readonly open: number;
}

const TRIAL = itemIdSchema.parse('trial');
const MOST_NOTE = 300;

/** A plan line by line, with what was decided of each; a line by its number. */
export function readRows(
  text: string,
  setting: Setting,
  decided: Readonly<Record<number, Decided>>,
): PageRows {
  const { title, lines } = readPlainPage(text, setting);
  const rows = lines.map((line) => rowOf(line, setting, decided[line.line]));
  return { title, rows, open: rows.filter(({ state }) => state === 'open').length };
}

function rowOf(
  { line, typed, section, reading }: PageLine,
  setting: Setting,
  decided: Decided | undefined,
): PageRow {
  const row = { line, typed, section, passed: [], others: reading.others, text: '' };
  if (decided === 'out') return { ...row, state: 'out', entry: undefined };
  if (decided === 'note') {
    const note = typed.slice(0, MOST_NOTE);
    return { ...row, state: 'note', entry: { kind: 'note', id: TRIAL, note } };
  }
  const read = decided ? readSaidLine(decided.as, setting).reading : reading;
  if (!read?.line) return { ...row, state: 'open', others: read?.others ?? [], entry: undefined };
  const { text, passed, others } = read;
  return { ...row, state: 'sure', text, passed, others, entry: read.line };
}

/** What is taken in of it. */
export function placedFrom({ rows }: PageRows): readonly Placed[] {
  return rows.flatMap(({ entry, section }) => (entry ? [{ entry, section }] : []));
}
