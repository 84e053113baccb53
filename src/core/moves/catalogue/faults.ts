import { GROUP_NAMES } from '@/core/common';
import { type Load, countWords, position, onSide } from '@/core/body';
import type { Cues, Level, Move } from './shape';

/** What keeps a move from being used: it has to be mended first. */
export const PART_FAULTS = [
  'name-unwritable',
  'no-region',
  'side-meaning-missing',
  'side-meaning-unused',
  'sided-words',
  'unknown-brace',
  'cue-words',
  'range-missing',
  'range-turned',
  'dose-outside',
  'sets-outside',
  'breath-half',
  'usual-level',
  'level-twice',
  'level-id-twice',
  'level-unwritable',
  'level-stance',
  'load-missing',
  'easier-asks-more',
  'stretch-strength',
  'stretch-nowhere',
] as const;
export type PartFaultCode = (typeof PART_FAULTS)[number];

/** Something that is wrong with a move, with the place and what stands there. */
export interface Fault<Code extends string> {
  readonly code: Code;
  readonly path: readonly (string | number)[];
  /** What it is about, where that is a word: a level, a region, a pace. */
  readonly about?: string;
  readonly most?: number;
}
export type PartFault = Fault<PartFaultCode>;

/** The most words that a cue may have, so that it can be said in its time. */
export const MOST_WORDS = { setUp: 25, go: 12, short: 5 } as const;

/** Signs that routine text takes for something else. */
const UNWRITABLE = /[:#"“”„[\]()]/u;

/** What of a move does not go together with the rest of it. */
export function partFaults(move: Move): readonly PartFault[] {
  return [
    ...nameFaults(move),
    ...sideFaults(move),
    ...cueFaults(move),
    ...doseFaults(move),
    ...levelFaults(move),
    ...stretchFaults(move),
  ];
}

function nameFaults({ name, otherNames, regions }: Move): PartFault[] {
  const names = [name, ...otherNames];
  return [
    ...names.flatMap((one, i): PartFault[] =>
      UNWRITABLE.test(one) || !/^[\p{L}\p{N}]/u.test(one)
        ? [
            {
              code: 'name-unwritable',
              path: i === 0 ? ['name'] : ['otherNames', i - 1],
              about: one,
            },
          ]
        : [],
    ),
    ...(regions.length === 0 ? [{ code: 'no-region', path: ['regions'] } as const] : []),
  ];
}

function sideFaults({ sides, sideMeans }: Move): PartFault[] {
  if (sides === 'both')
    return sideMeans ? [{ code: 'side-meaning-unused', path: ['sideMeans'] }] : [];
  return sideMeans ? [] : [{ code: 'side-meaning-missing', path: ['sideMeans'] }];
}

const mostWords = (key: string | number | undefined): number | undefined =>
  key === 'setUp' || key === 'go' || key === 'short' ? MOST_WORDS[key] : undefined;

/** Every text of a move that is said or read, with its place. */
export function cueTexts({ cues, levels }: Pick<Move, 'cues' | 'levels'>): readonly {
  readonly path: readonly (string | number)[];
  readonly text: string;
}[] {
  return [
    ...textsOf(cues, ['cues']),
    ...levels.flatMap(({ words = {} }, i) => textsOf(words, ['levels', i, 'words'])),
  ];
}

function textsOf(words: Partial<Cues>, path: readonly (string | number)[]) {
  const { watch = [], ...said } = words;
  return [
    ...Object.entries(said).map(([key, text]) => ({ path: [...path, key], text })),
    ...watch.map((text, i) => ({ path: [...path, 'watch', i], text })),
  ];
}

function cueFaults(move: Move): PartFault[] {
  const long = cueTexts(move).flatMap(({ path, text }): PartFault[] => {
    const most = mostWords(path.at(-1));
    return most !== undefined && countWords(text) > most ? [{ code: 'cue-words', path, most }] : [];
  });
  const braces = cueTexts(move).flatMap(({ path, text }): PartFault[] => {
    const rest = text.replaceAll(/\{(side|other)\}/g, '');
    if (/[{}]/.test(rest)) return [{ code: 'unknown-brace', path }];
    return move.sides === 'both' && rest !== text ? [{ code: 'sided-words', path }] : [];
  });
  return [...long, ...braces];
}

const SPANS = { hold: 'holdMs', reps: 'reps', breaths: 'breaths', timed: 'timedMs' } as const;

function doseFaults({ dose, doseFor, range }: Move): PartFault[] {
  const own = GROUP_NAMES.flatMap((group) => {
    const one = doseFor?.[group];
    return one ? [{ one, path: ['doseFor', group] }] : [];
  });
  const spans = (['holdMs', 'reps', 'breaths', 'timedMs', 'sets'] as const).flatMap(
    (key): PartFault[] => {
      const span = range[key];
      return span && span[0] > span[1] ? [{ code: 'range-turned', path: ['range', key] }] : [];
    },
  );
  const doses = [{ one: dose, path: ['dose'] }, ...own].flatMap(({ one, path }): PartFault[] => {
    const key = SPANS[one.kind];
    const span = range[key];
    const half = one.kind === 'breaths' && (one.inMs === undefined) !== (one.outMs === undefined);
    return [
      ...(span ? outside(amountIn(one), span, 'dose-outside', path) : []),
      ...(span ? [] : [{ code: 'range-missing', path: ['range', key] } as const]),
      ...outside(one.sets, range.sets, 'sets-outside', path),
      ...(half ? [{ code: 'breath-half', path } as const] : []),
    ];
  });
  return [...spans, ...doses];
}

function outside(
  value: number,
  [least, most]: readonly [number, number],
  code: 'dose-outside' | 'sets-outside',
  path: readonly string[],
): PartFault[] {
  return value < least || value > most ? [{ code, path }] : [];
}

function amountIn(dose: Move['dose']): number {
  if (dose.kind === 'hold') return dose.holdMs;
  if (dose.kind === 'timed') return dose.timedMs;
  return dose.kind === 'reps' ? dose.reps : dose.breaths;
}

/** What a stance, a prop or a curl asks of a body whatever else is said; limits hang on it. */
const STANCE_LOADS: Readonly<Partial<Record<NonNullable<Level['stance']>, Load>>> = {
  together: 'narrow-base',
  'semi-tandem': 'narrow-base',
  tandem: 'narrow-base',
  'one-leg': 'one-leg',
};

function unsaidLoads({ stance, props, loads }: Level): readonly Load[] {
  const needed = [
    ...(stance ? [STANCE_LOADS[stance]] : []),
    ...(props.includes('weight') ? (['grip'] as const) : []),
  ];
  return needed.filter(
    (load): load is Load => load !== undefined && !loads.some((one) => one.load === load),
  );
}

function levelFaults({ levels, curl }: Move): PartFault[] {
  const faults: PartFault[] = [];
  const usual = levels.filter((level) => level.usual).length;
  if (usual !== 1) faults.push({ code: 'usual-level', path: ['levels'] });
  const curls = levels.some(({ loads }) => loads.some(({ load }) => load === 'spine-flex-loaded'));
  if (curl && !curls) {
    const last = levels.length - 1;
    faults.push({
      code: 'load-missing',
      path: ['levels', last, 'loads'],
      about: 'spine-flex-loaded',
    });
  }
  const ids = levels.map(({ id }) => id);
  const names = levels.map(({ name }) => name.toLowerCase());
  levels.forEach((level, i) => {
    const { name, stance } = level;
    const at = (code: PartFaultCode, key: string): void => {
      faults.push({ code, path: ['levels', i, key], about: name });
    };
    if (names.indexOf(name.toLowerCase()) < i) at('level-twice', 'name');
    if (ids.indexOf(level.id) < i) at('level-id-twice', 'id');
    if (UNWRITABLE.test(name) || name.includes(',') || / in \S+$/u.test(name)) {
      at('level-unwritable', 'name');
    }
    if (stance && position(onSide(level.from, null)).height !== 4) at('level-stance', 'stance');
    for (const load of unsaidLoads(level)) {
      faults.push({ code: 'load-missing', path: ['levels', i, 'loads'], about: load });
    }
    const harder = levels[i + 1];
    if (harder && asks(level) > asks(harder)) at('easier-asks-more', 'loads');
  });
  return faults;
}

/** Hands that help carry weight; that is what makes a level easier. */
function asks({ loads }: Level): number {
  return loads.filter(({ load }) => load !== 'shoulder-weight' && load !== 'wrist-weight').length;
}

function stretchFaults(move: Move): PartFault[] {
  if (move.kind !== 'stretch') return [];
  const stretched = move.levels.flatMap((level) => level.stretched.map(({ region }) => region));
  const nowhere = move.endRange.filter((region) => !stretched.includes(region));
  return [
    ...(move.stretchStrength
      ? []
      : [{ code: 'stretch-strength', path: ['stretchStrength'] } as const]),
    ...(move.endRange.length === 0
      ? [{ code: 'stretch-nowhere', path: ['endRange'] } as const]
      : []),
    ...nowhere.map((region): PartFault => ({
      code: 'stretch-nowhere',
      path: ['endRange'],
      about: region,
    })),
  ];
}
