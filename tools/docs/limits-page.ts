import { LOADS, type Load } from '@/core/body';
import { printDuration } from '@/core/common';
import { LOAD_FACTS, SHIPPED, type Fact } from '@/core/moves';
import { LIMITS, LIMIT_TABLE, WHY, decidedFor, type RowName } from '@/core/people';
import { LIMIT_NAMES, LOAD_NAMES } from '@/words/names';
import { table } from './tables';

type Said = ReturnType<typeof decidedFor>['out'][number];

const MORE = [
  'not asked',
  'older group',
  'chair group',
  'with a walker',
  'in a wheelchair',
  'in a bed',
] as const satisfies readonly RowName[];
const ROWS: readonly RowName[] = [...MORE, ...LIMITS];

const isLimit = (name: RowName): name is (typeof LIMITS)[number] =>
  (LIMITS as readonly string[]).includes(name);
const rowWords = (name: RowName) =>
  isLimit(name) ? LIMIT_NAMES[name] : name === 'not asked' ? LIMIT_NAMES['not-asked'] : name;

const whenWords = ({ below, standing }: Said) =>
  `${below ? ` below ${below}` : ''}${standing ? ' while standing' : ''}`;
const why = (row: RowName, load: Load) => {
  const said = WHY[`${row} × ${load}`];
  return said ? ` *(${said})*` : '';
};

const joined = (words: readonly string[]) => words.join(', ') || '–';

function risingWords(name: RowName): string {
  const rising = isLimit(name) ? LIMIT_TABLE[name].rising : undefined;
  if (!rising) return '';
  const { risingMs, standingMs } = rising;
  return `; pause on rising ${printDuration(risingMs)} + ${printDuration(standingMs)}`;
}

/** One row: what it rules out, what it asks care for, and what is fine. */
function byLimit(name: RowName): readonly string[] {
  const { out, care } = decidedFor(name);
  const words = (all: readonly Said[]) =>
    joined(all.map((one) => `${LOAD_NAMES[one.load]}${whenWords(one)}${why(name, one.load)}`));
  const spoken = new Set([...out, ...care].map(({ load }) => load));
  const fine = LOADS.filter((load) => !spoken.has(load));
  const told = fine.filter((load) => why(name, load));
  return [
    rowWords(name),
    words(out),
    words(care) + risingWords(name),
    [`${fine.length}`, ...told.map((load) => `${LOAD_NAMES[load]}${why(name, load)}`)].join('; '),
  ];
}

const FROM: Readonly<Record<string, string>> = {
  'by place': 'where it is done',
  'by time': 'how long or how often it is done',
};

function fromWords(load: Load): string {
  const facts: readonly Fact[] | string = LOAD_FACTS[load];
  return typeof facts === 'string' ? (FROM[facts] ?? facts) : facts.join(', ');
}

/** One column: what makes the load, on how many levels it is, and for whom it is a matter. */
function byLoad(load: Load): readonly string[] {
  const levels = SHIPPED.moves.flatMap((move) => move.levels);
  const bearing = levels.filter(({ loads }) => loads.some((one) => one.load === load)).length;
  const who = (which: 'out' | 'care') =>
    joined(
      ROWS.flatMap((name) =>
        decidedFor(name)
          [which].filter((one) => one.load === load)
          .map((one) => `${rowWords(name)}${whenWords(one)}`),
      ),
    );
  return [LOAD_NAMES[load], fromWords(load), `${bearing}`, who('out'), who('care')];
}

/** The page of docs/ that reads the table of limits by row and by column. */
export function limitsPage(): string {
  return `# Limits × loads

This page is written by \`npm run docs\` from the table that the checks use (\`src/core/people/limit/table\`); a test sees that it is current. Every one of its ${ROWS.length} × ${LOADS.length} cells is decided: a load or a limit without a whole row or column does not compile.

What is *out* is a stop; what needs *care* is a caution; the rest was looked at and is fine. A limb’s limit has a side and bites on that side only. Two cautions of one person on one row are read as out. Limits that were not asked are unknown, not none. Source: practice, reviewed as a physiotherapist and a master instructor would. It diagnoses nothing and clears nobody: a clinician, local rules and licensed practice have the last word.

## By limit: what may somebody with this do, and what not?
The first rows are of no limit: whoever was not asked, a group as such, and a way of taking part as such.

${table(['limit', 'out', 'needs care', 'fine'], ROWS.map(byLimit))}

## By load: for whom is this a matter?
A load is made of facts: what each level answered on the form (\`src/core/moves/facts\`), its places, and how long it is done. The number is of the levels that answered so.

${table(['load', 'made of', 'levels', 'out for', 'care for'], LOADS.map(byLoad))}
`;
}
