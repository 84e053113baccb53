import { catalogWith, searchMoves, type Move } from '@/core/catalog';
import { captionsVtt, cueSheet, scoreCsv } from '@/core/export';
import { writeRoutineFile, writeRoutineText } from '@/core/routine';
import { compile } from '@/core/score';
import { succeed, type Result } from '@/core/result';
import { parseDuration } from '@/core/time';
import { SCORE_HEADINGS, cueSheetPhrases, placedProblem, scorePhrases } from '@/words';
import { findingRows, findingsTable, readGroup } from './check';
import { fitResult, fitText } from './fit';
import { readInput, readOwnMoves, type Input } from './input';
import { orderResult } from './order';
import { moveRow, movesTable, scoreTable } from './print';

const USAGE = `usage: willow COMMAND FILE [--json]
  time FILE                     the routine, timed
  check [--people FILE] [--at TIME] FILE
                                what to look at before it is led
  fit --slot TIME FILE          the routine, brought to a length
  order FILE                    the routine, in the best order
  convert --to FORM FILE        the routine as text, json, vtt, csv or md
  moves [--search WORDS]        the catalogue
FILE is routine text or routine JSON; - reads standard input.
Every command takes --moves FILE: own moves, beside the catalogue's.
`;

/** The exit: 0 done, 1 wrong call, 2 problems in what was read. */
type Exit = 0 | 1 | 2;

interface Call {
  readonly command: string;
  readonly file: string | undefined;
  readonly json: boolean;
  readonly options: ReadonlyMap<string, string>;
}

const OPTIONS: Readonly<Record<string, readonly string[]>> = {
  time: [],
  check: ['--people', '--at'],
  fit: ['--slot'],
  order: [],
  convert: ['--to'],
  moves: ['--search'],
};

function readCall(args: readonly string[]): Call | undefined {
  const [command, ...rest] = args;
  const known = command === undefined ? undefined : OPTIONS[command];
  if (command === undefined || !known) return undefined;
  const options = new Map<string, string>();
  const files: string[] = [];
  let json = false;
  for (let i = 0; i < rest.length; i++) {
    const word = rest[i] ?? '';
    if (word === '--json') json = true;
    else if (known.includes(word) || word === '--moves') {
      const value = rest[++i];
      if (value === undefined) return undefined;
      options.set(word, value);
    } else if (word.startsWith('--')) return undefined;
    else files.push(word);
  }
  if (files.length > 1 || (command !== 'moves' && files.length === 0)) return undefined;
  return { command, file: files[0], json, options };
}

function out(text: string): void {
  process.stdout.write(text);
}

const asJson = (value: unknown) => JSON.stringify(value, null, 2) + '\n';

function time({ routine, lines, problems }: Input, json: boolean): void {
  const score = compile(routine, scorePhrases);
  if (!json) return out(scoreTable(routine, score));
  const segments = score.segments.map(({ kind, startMs, endMs, ...rest }) => ({
    kind,
    startMs,
    endMs,
    line: (rest.itemId && lines.get(rest.itemId)) ?? null,
    ...rest,
  }));
  const { totalMs, leftMs, rightMs, trips } = score;
  out(asJson({ totalMs, leftMs, rightMs, trips, segments, problems: problems.map(withSentence) }));
}

/** False where the people file can't be read. */
function check(input: Input, { options, json }: Call, at: Date): boolean {
  const file = options.get('--people');
  const group = file === undefined ? succeed(undefined) : readGroup(file, at);
  if (!group.ok) {
    process.stderr.write(group.problems.map((problem) => `${problem}\n`).join(''));
    if (json) out(asJson({ findings: [], problems: group.problems }));
    return false;
  }
  const findings = findingRows(input, group.value);
  const problems = input.problems.map(withSentence);
  out(json ? asJson({ findings, problems }) : findingsTable(findings));
  return true;
}

/** The text goes to standard output, what was saved beside it. */
function order(input: Input, json: boolean): void {
  const result = orderResult(input);
  if (json) return out(asJson({ ...result, problems: input.problems.map(withSentence) }));
  out(result.text);
  process.stderr.write(`${result.why}\n`);
}

function fit(input: Input, slotMs: number, json: boolean): void {
  const result = fitResult(input, slotMs);
  const problems = input.problems.map(withSentence);
  out(json ? asJson({ ...result, problems }) : fitText(result));
}

function withSentence(problem: Input['problems'][number]) {
  return { ...problem, text: placedProblem(problem) };
}

const CONVERTERS: Readonly<Record<string, (input: Input) => string>> = {
  text: ({ routine }) => writeRoutineText(routine),
  json: ({ routine }) => writeRoutineFile(routine),
  vtt: ({ routine }) => captionsVtt(compile(routine, scorePhrases)),
  csv: ({ routine }) => scoreCsv(compile(routine, scorePhrases), SCORE_HEADINGS),
  md: ({ routine }) => cueSheet(routine, compile(routine, scorePhrases), cueSheetPhrases),
};

function ownMoves({ options }: Call): Result<readonly Move[], string> {
  const file = options.get('--moves');
  return file === undefined ? succeed([]) : readOwnMoves(file);
}

/** Nothing could be read at all. */
function refused({ json }: Call, problems: readonly string[]): Exit {
  process.stderr.write(problems.map((problem) => `${problem}\n`).join(''));
  if (json) out(asJson({ totalMs: 0, segments: [], problems }));
  return 2;
}

function run(args: readonly string[]): Exit {
  const call = readCall(args);
  if (!call) {
    process.stderr.write(USAGE);
    return 1;
  }
  const own = ownMoves(call);
  if (!own.ok) return refused(call, own.problems);
  if (call.command === 'moves') {
    const found = searchMoves(catalogWith(own.value), call.options.get('--search') ?? '');
    out(call.json ? asJson(found.map(moveRow)) : movesTable(found));
    return 0;
  }
  const to = call.options.get('--to') ?? '';
  const convert = Object.hasOwn(CONVERTERS, to) ? CONVERTERS[to] : undefined;
  if (call.command === 'convert' && !convert) {
    process.stderr.write(USAGE);
    return 1;
  }
  const slot = parseDuration(call.options.get('--slot') ?? '');
  const at = new Date(call.options.get('--at') ?? Date.now());
  if ((call.command === 'fit' && !slot.ok) || Number.isNaN(at.getTime())) {
    process.stderr.write(USAGE);
    return 1;
  }
  const input = readInput(call.file ?? '-', own.value);
  if (!input.ok) return refused(call, input.problems);
  if (call.command === 'time') time(input.value, call.json);
  else if (convert) out(convert(input.value));
  else if (call.command === 'check') {
    if (!check(input.value, call, at)) return 2;
  } else if (call.command === 'order') order(input.value, call.json);
  else if (slot.ok) fit(input.value, slot.value, call.json);
  const { problems } = input.value;
  process.stderr.write(problems.map((problem) => `${placedProblem(problem)}\n`).join(''));
  return problems.length > 0 ? 2 : 0;
}

process.exitCode = run(process.argv.slice(2));
