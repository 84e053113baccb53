import { captionsVtt, cueSheet, scoreCsv, scriptOf } from '@/core/class';
import { succeed, type Result } from '@/core/common';
import { catalogueWith, type Move } from '@/core/moves';
import { GROUP_ALONE, type TakingPart } from '@/core/people';
import { writeRoutineFile, writeRoutineText } from '@/core/routine';
import { compile } from '@/core/timing';
import { searchMoves } from '@/core/writing';
import { placedProblem } from '@/words/problems';
import { SCORE_HEADINGS, cueSheetPhrases, scorePhrases, scriptPhrases } from '@/words/score';
import { readCall, USAGE, type Call, type CommandName, type Form } from './call';
import { findingRows, findingsTable } from './check';
import { fitResult, fitText } from './fit';
import { readBounded, readInput, readOwnMoves, readTakingPart, type Input } from './input';
import { lineRows, linesTable, planSheet, planTable } from './lines';
import { orderResult } from './order';
import { moveRow, movesTable, scoreTable } from './print';

/** The exit: 0 done, 1 wrong call, 2 problems in what was read. */
export type Exit = 0 | 1 | 2;

/** Where what is asked for goes, and what is wrong with it. */
export interface Outlets {
  readonly out: (text: string) => void;
  readonly err: (text: string) => void;
}

function complain({ err }: Outlets, problems: readonly string[]): void {
  err(problems.map((problem) => `${problem}\n`).join(''));
}

const asJson = (value: unknown) => JSON.stringify(value, null, 2) + '\n';

/** Prints a result with the problems of the reading beside it, or as text. */
function show(
  { out }: Outlets,
  call: Call,
  { problems }: Input,
  result: object,
  text: string,
): void {
  const said = problems.map((problem) => ({ ...problem, text: placedProblem(problem) }));
  out(call.json ? asJson({ ...result, problems: said }) : text);
}

function time(outlets: Outlets, call: Call, input: Input): void {
  const { routine, part, lines } = input;
  const score = compile(routine, part, scorePhrases);
  const segments = score.segments.map(({ kind, startMs, endMs, cues, ...rest }) => ({
    kind,
    startMs,
    endMs,
    line: (rest.itemId && lines.get(rest.itemId)) ?? null,
    ...rest,
    cues: cues.map(({ atMs, text, whole }) => ({ atMs, text: whole ?? text })),
  }));
  const { totalMs, leftMs, rightMs, trips } = score;
  show(
    outlets,
    call,
    input,
    { totalMs, leftMs, rightMs, trips, segments },
    scoreTable(routine, score),
  );
}

function check(outlets: Outlets, call: Call, input: Input): void {
  const findings = findingRows(input);
  show(outlets, call, input, { findings }, findingsTable(findings));
}

/** The text goes to standard output, what the length brings beside it. */
function fit(outlets: Outlets, call: Call, input: Input): void {
  const result = fitResult(input, call.slotMs ?? 0);
  show(outlets, call, input, result, fitText(result));
  if (!call.json)
    complain(
      outlets,
      result.brings.map(({ what }) => `This length brings: ${what}`),
    );
}

/** The text goes to standard output, what was saved beside it. */
function order(outlets: Outlets, call: Call, input: Input): void {
  const result = orderResult(input);
  show(outlets, call, input, result, result.text);
  if (!call.json) complain(outlets, [result.why]);
}

const CONVERTERS: Readonly<Record<Form, (input: Input) => string>> = {
  text: ({ routine }) => writeRoutineText(routine),
  json: ({ routine }) => writeRoutineFile(routine),
  vtt: ({ routine, part }) => {
    const score = compile(routine, part, scorePhrases);
    return captionsVtt(score, scriptOf(routine, score, scriptPhrases));
  },
  csv: ({ routine, part }) => scoreCsv(compile(routine, part, scorePhrases), SCORE_HEADINGS),
  md: ({ routine, part }) =>
    cueSheet(routine, compile(routine, part, scorePhrases), cueSheetPhrases),
};

const RUN: Readonly<
  Record<
    Exclude<CommandName, 'lines' | 'plan' | 'moves'>,
    (outlets: Outlets, call: Call, input: Input) => void
  >
> = {
  time,
  check,
  fit,
  order,
  convert: ({ out }, { to = 'text' }, input) => out(CONVERTERS[to](input)),
};

function moves({ out }: Outlets, { json, search }: Call, own: readonly Move[]): void {
  const found = searchMoves(catalogueWith(own), search);
  out(json ? asJson(found.map(moveRow)) : movesTable(found));
}

/** Lines are read for themselves, or as a plan; what is not sure is no failure of the call. */
function lines(
  outlets: Outlets,
  { command, file, json, group = 'older', lanes }: Call,
  moves: readonly Move[],
): Exit {
  const text = readBounded(file);
  const isPlan = command === 'plan';
  if (!text.ok) {
    complain(outlets, text.problems);
    if (json) outlets.out(asJson(isPlan ? { shape: 'list', totalMs: 0, rows: [] } : []));
    return 2;
  }
  const setting = { group, moves, ...(lanes && { lanes }) };
  if (isPlan) {
    const sheet = planSheet(text.value, setting, scorePhrases);
    outlets.out(json ? asJson(sheet) : planTable(sheet));
  } else {
    const rows = lineRows(text.value, setting);
    outlets.out(json ? asJson(rows) : linesTable(rows));
  }
  return 0;
}

/** Nothing could be read at all. */
function refused(outlets: Outlets, { command, json }: Call, problems: readonly string[]): Exit {
  complain(outlets, problems);
  const nothing = command === 'check' ? { findings: [] } : { totalMs: 0, segments: [] };
  if (json) outlets.out(asJson({ ...nothing, problems }));
  return 2;
}

function partOf({ people, at }: Call): Result<TakingPart, string> {
  return people === undefined ? succeed(GROUP_ALONE) : readTakingPart(people, at ?? new Date());
}

/** Does what a call asks for; nothing is thrown for what was typed or what a file holds. */
export function willow(args: readonly string[], outlets: Outlets): Exit {
  const read = readCall(args);
  if (!read.ok) {
    complain(outlets, [...read.problems, '', USAGE.trimEnd()]);
    return 1;
  }
  const call = read.value;
  const own = call.moves === undefined ? succeed([]) : readOwnMoves(call.moves);
  if (!own.ok) return refused(outlets, call, own.problems);
  if (call.command === 'moves') {
    moves(outlets, call, own.value);
    return 0;
  }
  if (call.command === 'lines' || call.command === 'plan') return lines(outlets, call, own.value);
  const part = partOf(call);
  if (!part.ok) return refused(outlets, call, part.problems);
  const input = readInput(call.file, own.value, part.value);
  if (!input.ok) return refused(outlets, call, input.problems);
  RUN[call.command](outlets, call, input.value);
  const { problems } = input.value;
  complain(outlets, problems.map(placedProblem));
  return problems.length > 0 ? 2 : 0;
}
