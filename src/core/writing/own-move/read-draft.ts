import { parseDuration, GROUP_NAMES, type GroupName } from '@/core/common';
import {
  moveSchema,
  type Bearing,
  type Catalogue,
  type DoseRange,
  type Move,
  MOST_COUNT,
  MOST_SETS,
  type Dose,
} from '@/core/moves';
import { readDose, type ReadingProblemCode } from '@/core/routine';
import { LEVEL_WORDS, type LevelDraft, type MoveDraft } from './draft';
import { moveFaults, type MoveFault } from './own';

type Path = readonly (string | number)[];

/** What keeps a draft from being a move, or could be better in it, with its place. */
export type DraftProblem = { readonly path: Path } & (
  | { readonly kind: 'missing' }
  | {
      readonly kind: 'unread';
      readonly code: ReadingProblemCode;
      readonly read: string;
      readonly could: readonly string[];
    }
  | { readonly kind: 'fault'; readonly fault: MoveFault }
  | { readonly kind: 'invalid'; readonly detail: string }
);

export interface DraftReading {
  /** Only where nothing has to be mended first. */
  readonly move: Move | undefined;
  readonly problems: readonly DraftProblem[];
}

/** Whether a problem has to be mended before the move can be used. */
export function mustMend(problem: DraftProblem): boolean {
  return problem.kind !== 'fault' || problem.fault.weight === 'must';
}

/** Reads a draft as a move beside the others of a catalogue. */
export function readDraft(draft: MoveDraft, catalogue: Catalogue): DraftReading {
  const problems: DraftProblem[] = [];
  const text = (value: string, path: Path): string => {
    const plain = oneLine(value);
    if (plain === '') problems.push({ path, kind: 'missing' });
    return plain || STAND_IN;
  };
  const dose = (value: string, path: Path): Dose | undefined => {
    const read = readDose(value);
    if (read.ok) return read.value;
    read.problems.forEach(({ code, read: was, could }) =>
      problems.push(
        oneLine(value) === ''
          ? { path, kind: 'missing' }
          : { path, kind: 'unread', code, read: was, could },
      ),
    );
    return undefined;
  };
  const own = GROUP_NAMES.flatMap((group): [GroupName, Dose][] => {
    const value = draft.doseFor[group];
    const read = oneLine(value) === '' ? undefined : dose(value, ['doseFor', group]);
    return read ? [[group, read]] : [];
  });
  const usual = dose(draft.dose, ['dose']);
  const range = readRange(draft.range, problems);
  const { cues } = draft;
  const written = {
    id: draft.id,
    name: text(draft.name, ['name']),
    otherNames: linesOf(draft.otherNames),
    kind: draft.kind,
    family: text(draft.family, ['family']),
    regions: draft.regions,
    spine: draft.spine,
    sides: draft.sides,
    ...(draft.sideMeans && draft.sides !== 'both' && { sideMeans: draft.sideMeans }),
    dose: usual ?? STAND_IN_DOSE,
    ...(own.length > 0 && { doseFor: Object.fromEntries(own) }),
    range,
    cues: {
      setUp: text(cues.setUp, ['cues', 'setUp']),
      go: text(cues.go, ['cues', 'go']),
      short: text(cues.short, ['cues', 'short']),
      watch: linesOf(cues.watch),
      easier: text(cues.easier, ['cues', 'easier']),
      further: text(cues.further, ['cues', 'further']),
      wayOut: text(cues.wayOut, ['cues', 'wayOut']),
      breath: text(cues.breath, ['cues', 'breath']),
      ...(oneLine(cues.press) && { press: oneLine(cues.press) }),
    },
    levels: draft.levels.map((level, i) => {
      const path = ['levels', i, 'name'];
      const name = text(level.name, path);
      const missing = oneLine(level.name) === '';
      return levelOf(level, missing ? `${name} ${i}` : name, draft.sides);
    }),
    endRange: draft.endRange,
    warms: draft.warms,
    ...flags(draft),
    ...(draft.breathOn && { breathOn: draft.breathOn }),
    ...(draft.stretchStrength && { stretchStrength: draft.stretchStrength }),
  };
  return checked(written, catalogue, problems);
}

/** Stands where something is missing, so that the rest can be looked at all the same. */
const STAND_IN = 'X';
const STAND_IN_DOSE: Dose = { kind: 'hold', holdMs: 20_000, sets: 1, restMs: 0 };

/** Puts what could not be read together with what is wrong with the rest. */
function checked(
  written: object,
  catalogue: Catalogue,
  unread: readonly DraftProblem[],
): DraftReading {
  const read = moveSchema.safeParse(written);
  // Faults of the parts, which bring their numbers, are told by the faults themselves.
  const shape = read.success
    ? []
    : read.error.issues.filter((issue) => issue.code !== 'custom' || !issue.params);
  const found: readonly DraftProblem[] =
    shape.length > 0
      ? shape.map(({ path, message }) => ({
          path: path.map((step) => (typeof step === 'number' ? step : String(step))),
          kind: 'invalid',
          detail: message,
        }))
      : moveFaults(written as Move, catalogue).map(asProblem);
  const problems = [...unread, ...found.filter((problem) => !isOfStandIn(problem, unread))];
  return { move: read.success && !problems.some(mustMend) ? read.data : undefined, problems };
}

/** Whether a problem lies in what only stands in for something missing or unread. */
function isOfStandIn({ path }: DraftProblem, unread: readonly DraftProblem[]): boolean {
  const key = path.join('.');
  const places = unread.map((problem) => problem.path.join('.'));
  const ofDose = places.some((place) => /^(dose|range)/.test(place)) && /^(dose|range)/.test(key);
  return ofDose || places.some((place) => place === key || place.startsWith(`${key}.`));
}

const asProblem = (fault: MoveFault): DraftProblem => ({ path: fault.path, kind: 'fault', fault });

const oneLine = (text: string) => text.replaceAll(/[\s\p{Cc}]+/gu, ' ').trim();

function linesOf(text: string): readonly string[] {
  return text.split('\n').map(oneLine).filter(Boolean);
}

function levelOf(
  {
    usual,
    usualFor,
    notFor,
    stance,
    longSwitch,
    curl,
    seatBehind,
    spares,
    words,
    also,
    tempo,
    setUpMs,
    switchMs,
    ...level
  }: LevelDraft,
  name: string,
  sides: MoveDraft['sides'],
) {
  // Where both sides work at once there is no side to bear on, and none to change.
  const sided = sides !== 'both';
  const said = LEVEL_WORDS.map(
    (key) => [key, key === 'watch' ? linesOf(words.watch) : oneLine(words[key])] as const,
  ).filter(([, text]) => text.length > 0);
  const borne = <T extends { readonly on: Bearing }>(all: readonly T[]) =>
    sided ? all : all.map((one) => ({ ...one, on: 'body' as const }));
  return {
    ...level,
    name,
    loads: borne(level.loads),
    stretched: borne(level.stretched),
    loaded: borne(level.loaded),
    ...(usual && { usual: true as const }),
    ...(usualFor && { usualFor }),
    ...(notFor && { notFor }),
    ...(said.length > 0 && { words: Object.fromEntries(said) }),
    ...(curl && { curl }),
    ...(seatBehind && { seatBehind }),
    ...(spares && { spares }),
    ...(stance && { stance }),
    ...(also && { also }),
    ...(tempo && { tempo }),
    ...(setUpMs && { setUpMs }),
    ...(sided && switchMs && { switchMs }),
    ...(sided && longSwitch && { longSwitch }),
  };
}

function flags({ tiringLegs, isometric, curl, propped }: MoveDraft) {
  const set = { tiringLegs, isometric, curl, propped };
  return Object.fromEntries(Object.entries(set).filter(([, on]) => on));
}

function readRange(range: MoveDraft['range'], problems: DraftProblem[]): DoseRange {
  const span = (key: keyof MoveDraft['range'], read: (text: string) => number | undefined) => {
    const { least, most } = range[key];
    if (oneLine(least) === '' && oneLine(most) === '') return undefined;
    const ends = (
      [
        ['least', least],
        ['most', most],
      ] as const
    ).map(([end, typed]) => {
      const path = ['range', key, end];
      const value = read(oneLine(typed));
      if (oneLine(typed) === '') problems.push({ path, kind: 'missing' });
      else if (value === undefined) {
        const timed = key === 'holdMs' || key === 'timedMs';
        const [code, could] = timed
          ? (['not-a-duration', ['30s', '1:30']] as const)
          : (['unknown-clause', ['1', '8']] as const);
        problems.push({ path, kind: 'unread', code, read: oneLine(typed), could });
      }
      return value ?? 1;
    });
    return [ends[0] ?? 1, ends[1] ?? 1] as const;
  };
  const time = (text: string) => {
    const read = parseDuration(text);
    return read.ok && read.value > 0 ? read.value : undefined;
  };
  const upTo = (most: number) => (text: string) =>
    /^\d{1,4}$/.test(text) && Number(text) >= 1 && Number(text) <= most ? Number(text) : undefined;
  const [holdMs, timedMs] = [span('holdMs', time), span('timedMs', time)];
  const [reps, breaths] = [span('reps', upTo(MOST_COUNT)), span('breaths', upTo(MOST_COUNT))];
  const sets = span('sets', upTo(MOST_SETS));
  if (!sets) problems.push({ path: ['range', 'sets', 'least'], kind: 'missing' });
  return {
    ...(holdMs && { holdMs }),
    ...(reps && { reps }),
    ...(breaths && { breaths }),
    ...(timedMs && { timedMs }),
    sets: sets ?? [1, 1],
  };
}
