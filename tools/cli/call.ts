import { parseArgs, type ParseArgsConfig } from 'node:util';
import {
  GROUP_NAMES,
  fail,
  parseLength,
  succeed,
  type GroupName,
  type Result,
} from '@/core/common';
import { LANE_NAMES, laneNamed, type LaneName } from '@/core/people';

export const FORMS = ['text', 'json', 'vtt', 'csv', 'md'] as const;
export type Form = (typeof FORMS)[number];

export const COMMANDS = [
  'time',
  'check',
  'fit',
  'order',
  'convert',
  'lines',
  'plan',
  'moves',
] as const;
export type CommandName = (typeof COMMANDS)[number];

export const USAGE = `usage: willow COMMAND FILE [--json]
  time FILE                     the routine, timed
  check FILE                    what to look at before it is led
  fit --slot LENGTH FILE        the routine, brought to a length: 15:00, 15m or 15 for minutes
  order FILE                    the routine, in the best order
  convert --to FORM FILE        the routine as ${FORMS.slice(0, -1).join(', ')} or ${FORMS.at(-1)}
  lines FILE                    each line of it as the line for adding reads it;
                                [--group GROUP] [--lanes LANE, LANE]
  plan FILE                     a whole plan, as it is read when it is pasted;
                                [--group GROUP] [--lanes LANE, LANE]
  moves [--search WORDS]        the catalogue
FILE is routine text or routine JSON; - reads standard input.
Every command but lines, plan and moves takes --people FILE and --at TIME: who takes part, and when.
Every command takes --moves FILE: own moves, beside the catalogue's.
`;

/** A call that says what it has to say. */
export interface Call {
  readonly command: CommandName;
  readonly file: string;
  readonly json: boolean;
  readonly moves: string | undefined;
  readonly people: string | undefined;
  readonly at: Date | undefined;
  readonly slotMs: number | undefined;
  readonly to: Form | undefined;
  readonly search: string;
  readonly group: GroupName | undefined;
  readonly lanes: readonly LaneName[] | undefined;
}

const EVERYWHERE = { json: { type: 'boolean' }, moves: { type: 'string' } } as const;
const PART = { people: { type: 'string' }, at: { type: 'string' } } as const;
const GROUP = { group: { type: 'string' }, lanes: { type: 'string' } } as const;
const OPTIONS = {
  time: { ...EVERYWHERE, ...PART },
  check: { ...EVERYWHERE, ...PART },
  fit: { ...EVERYWHERE, ...PART, slot: { type: 'string' } },
  order: { ...EVERYWHERE, ...PART },
  convert: { ...EVERYWHERE, ...PART, to: { type: 'string' } },
  lines: { ...EVERYWHERE, ...GROUP },
  plan: { ...EVERYWHERE, ...GROUP },
  moves: { ...EVERYWHERE, search: { type: 'string' } },
} as const satisfies Record<CommandName, ParseArgsConfig['options']>;

/** What is wrong with a call, and what could stand there. */
const wrong = (what: string, could: string): Result<never, string> => fail(`${what}; ${could}`);

const oneOf = (words: readonly string[]) => `it could be ${words.join(', ')}`;

/** Reads the words of a call; what is wrong is named with what could stand there. */
export function readCall(args: readonly string[]): Result<Call, string> {
  const [word, ...rest] = args;
  const command = COMMANDS.find((name) => name === word);
  if (!command) {
    const what = word === undefined ? 'A command is missing' : `“${word}” is not a command`;
    return wrong(what, oneOf(COMMANDS));
  }
  const options = OPTIONS[command];
  const { tokens } = parseArgs({
    args: rest,
    options,
    allowPositionals: true,
    strict: false,
    tokens: true,
  });
  const values = new Map<string, string>();
  const files: string[] = [];
  for (const token of tokens) {
    if (token.kind === 'positional') files.push(token.value);
    if (token.kind !== 'option') continue;
    const { name, rawName, value } = token;
    const option = Object.entries(options).find(([known]) => known === name)?.[1];
    if (!option) {
      const known = Object.keys(options).map((one) => `--${one}`);
      return wrong(`${command} has no ${rawName}`, oneOf(known));
    }
    if (option.type === 'boolean') values.set(name, '');
    else if (
      value === undefined ||
      value === '' ||
      (!token.inlineValue && value.startsWith('--'))
    ) {
      return wrong(`${rawName} says nothing`, COULD[name] ?? oneOf(['a word']));
    } else values.set(name, value);
  }
  return withValues(command, files, values);
}

const COULD: Readonly<Record<string, string>> = {
  moves: 'it could be the file of own moves',
  people: 'it could be a people file',
  at: 'it could be 2026-11-26T10:00:00+01:00',
  slot: 'it could be 15:00, 15m, or 15 for minutes, up to 4:00:00',
  to: oneOf(FORMS),
  search: 'it could be “seated twist”',
  group: oneOf(GROUP_NAMES),
  lanes: oneOf(LANE_NAMES),
};

function withValues(
  command: CommandName,
  files: readonly string[],
  values: ReadonlyMap<string, string>,
): Result<Call, string> {
  const [file, second] = files;
  if (file === undefined && command !== 'moves') {
    return wrong(
      'The file is missing',
      'it could be a file of routine text or JSON, or - for standard input',
    );
  }
  const spare = command === 'moves' ? file : second;
  if (spare !== undefined) {
    return wrong(
      `“${spare}” is one word too many`,
      command === 'moves' ? (COULD.search ?? '') : 'one file is read at a time',
    );
  }
  const at = values.has('at') ? new Date(values.get('at') ?? '') : undefined;
  if (at && Number.isNaN(at.getTime())) {
    return wrong(`--at ${values.get('at')} is not a time`, COULD.at ?? '');
  }
  const to = FORMS.find((form) => form === values.get('to'));
  if (command === 'convert' && !to) {
    const said = values.get('to');
    return wrong(
      said === undefined ? '--to is missing' : `--to ${said} is not a form`,
      oneOf(FORMS),
    );
  }
  const group = GROUP_NAMES.find((name) => name === values.get('group'));
  if (values.has('group') && !group) {
    return wrong(`--group ${values.get('group')} is not a group`, COULD.group ?? '');
  }
  const lanes = values.get('lanes')?.split(',').map(laneNamed);
  if (lanes?.some((lane) => lane === undefined)) {
    return wrong(`--lanes ${values.get('lanes')} is not ways of taking part`, COULD.lanes ?? '');
  }
  const slot = parseLength(values.get('slot') ?? '');
  if (command === 'fit' && !(slot.ok && slot.value >= 1000)) {
    const said = values.get('slot');
    const what = said === undefined ? '--slot is missing' : `--slot ${said} is not a length`;
    return wrong(what, COULD.slot ?? '');
  }
  return succeed({
    command,
    file: file ?? '-',
    json: values.has('json'),
    moves: values.get('moves'),
    people: values.get('people'),
    at,
    slotMs: slot.ok ? slot.value : undefined,
    to,
    search: values.get('search') ?? '',
    group,
    lanes: lanes?.filter((lane) => lane !== undefined),
  });
}
