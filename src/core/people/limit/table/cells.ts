import type { Load } from '@/core/body';
import type { Support } from '@/core/moves';
import type { LimitName } from '../names';

/** Who a row speaks of: a limit, whoever was not asked, a group as such, or a way of taking part as such. */
export type RowName =
  | LimitName
  | 'not asked'
  | 'older group'
  | 'chair group'
  | 'with a walker'
  | 'in a wheelchair'
  | 'in a bed';

/**
 * What a limit says of a load: `-` fine · `c` with care · `x` out. A digit or letter behind it says that
 * this holds only while the hands hold less than that: `2` two hands, `1` one, `f` fingertips, `h` hovering,
 * and `s` that it holds in standing alone. `x1c` is out below one hand, and asks care with more.
 */
type Below = '' | '2' | '1' | 'f' | 'h';
type Part = `${'c' | 'x'}${Below}${'' | 's'}`;
type Cell = '-' | Part | `x${Exclude<Below, ''>}c${Below}`;

type Cells<
  Line extends string,
  Before extends readonly Cell[] = [],
> = Line extends `${infer First} ${infer Rest}`
  ? First extends ''
    ? Cells<Rest, Before>
    : First extends Cell
      ? Cells<Rest, [...Before, First]>
      : never
  : Line extends Cell
    ? [...Before, Line]
    : never;

/** A line that decides every load of its part, and no more. */
type Row<Line extends string, Loads extends readonly Load[]> = [Cells<Line>] extends [never]
  ? 'a cell that there is not'
  : Cells<Line>['length'] extends Loads['length']
    ? Line
    : `a cell for each of ${Loads['length']} loads`;

/** A part of the table: some loads, and what everybody's row says of each of them. */
export interface TablePart<Loads extends readonly Load[] = readonly Load[]> {
  readonly loads: Loads;
  readonly rows: Readonly<Record<RowName, string>>;
}

/** Makes a part of the table. It does not compile while a row, or a cell of a row, is missing. */
export function table<
  const Loads extends readonly Load[],
  const Rows extends Readonly<Record<RowName, string>>,
>(
  loads: Loads,
  rows: Rows & { readonly [R in keyof Rows]: R extends RowName ? Row<Rows[R], Loads> : never },
): TablePart<Loads> {
  return { loads, rows };
}

/** A load as a limit speaks of it: everywhere, only below some contact, or only while standing. */
export interface LimitLoad {
  readonly load: Load;
  /** Only while the hands hold less than this. */
  readonly below?: Support;
  /** Only in a standing position. */
  readonly standing?: true;
}

/** What a row says: what is out, and what asks for care. */
export interface Decided {
  readonly out: readonly LimitLoad[];
  readonly care: readonly LimitLoad[];
}

const BELOW: Readonly<Record<string, Support>> = {
  '2': 'two hands',
  '1': 'one hand',
  f: 'fingertips',
  h: 'hover',
};

/** Reads the row of a name out of all parts. */
export function rowOf(parts: readonly TablePart[], name: RowName): Decided {
  const out: LimitLoad[] = [];
  const care: LimitLoad[] = [];
  for (const { loads, rows } of parts) {
    rows[name].split(/ +/u).forEach((cell, i) => {
      const load = loads[i];
      if (!load) throw new Error(`${name}: more cells than loads`);
      for (const [, what, hands = '', stands] of cell.matchAll(/([xc])([21fh]?)(s?)/gu)) {
        const below = BELOW[hands];
        const one = { load, ...(below && { below }), ...(stands && { standing: true as const }) };
        (what === 'x' ? out : care).push(one);
      }
    });
  }
  return { out, care };
}
