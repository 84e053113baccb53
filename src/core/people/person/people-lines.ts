import { cleanLine } from '@/core/common';
import { laneNamed, type LaneName } from '../lane/lanes';
import type { LimitOfBody } from '../limit/effects';
import { readLimits } from '../limit/words';

/** Somebody as a line of a list says it: a name, and what is said of them behind a colon. */
export interface PersonLine {
  readonly line: number;
  readonly typed: string;
  readonly name: string;
  /** Undefined where nothing was said of limits: then they were not asked. */
  readonly limits: readonly LimitOfBody[] | undefined;
  readonly lane: LaneName | undefined;
  /** What is wrong with it; such a line stays where it is. */
  readonly fault: PersonLineFault | undefined;
}

export type PersonLineFault =
  | { readonly code: 'no-name' | 'long-name' | 'twice' }
  /** Words on limits, or a way of taking part, that are not known here. */
  | { readonly code: 'unread-limit' | 'unread-way'; readonly words: string };

const LONGEST_NAME = 80;

/**
 * People as they are written down, one a line, or names alone with commas between:
 * `Ann B: bad knees, new hip left; way: chair`.
 * @param text what was typed or pasted
 */
export function readPeopleLines(text: string): readonly PersonLine[] {
  const lines = text.split('\n').map((typed, i) => ({ typed, line: i + 1 }));
  const met = new Set<string>();
  return lines
    .filter(({ typed }) => typed.trim() !== '')
    .flatMap(({ typed, line }) =>
      typed.includes(':')
        ? [{ typed, line }]
        : typed
            .split(/[,;]/u)
            .filter((one) => one.trim() !== '')
            .map((one) => ({ typed: one, line })),
    )
    .map(({ typed, line }): PersonLine => {
      const [head = '', ...rest] = typed.split(':');
      const name = cleanLine(head).replace(/\s+/gu, ' ');
      const said = readSaid(rest.join(':'));
      const key = name.toLocaleLowerCase();
      const isAgain = met.has(key);
      met.add(key);
      const fault: PersonLineFault | undefined =
        name === ''
          ? { code: 'no-name' }
          : name.length > LONGEST_NAME
            ? { code: 'long-name' }
            : isAgain
              ? { code: 'twice' }
              : said.fault;
      return { line, typed: typed.trim(), name, limits: said.limits, lane: said.lane, fault };
    });
}

/** What stands behind the name: limits in plain words, and the way of taking part behind `way:`. */
function readSaid(text: string): Pick<PersonLine, 'limits' | 'lane' | 'fault'> {
  let lane: LaneName | undefined;
  let fault: PersonLineFault | undefined;
  const limits: string[] = [];
  for (const part of text.split(';').map((one) => one.trim())) {
    const way = /^way\s*:?\s*(.+)$/iu.exec(part)?.[1];
    if (way !== undefined) {
      lane = laneNamed(way.trim().toLowerCase());
      if (!lane) fault ??= { code: 'unread-way', words: way.trim() };
    } else if (part !== '') limits.push(part);
  }
  if (limits.length === 0) return { limits: undefined, lane, fault };
  if (/^(?:none|no limits|nothing)$/iu.test(limits.join(', '))) return { limits: [], lane, fault };
  const read = readLimits(limits.join(', '));
  const [unread] = read.unread;
  if (unread) fault ??= { code: 'unread-limit', words: unread.words };
  return { limits: read.limits, lane, fault };
}
