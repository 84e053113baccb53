import { type Load, type Region, type SpineDirection, onSide, position } from '@/core/body';
import {
  SHIPPED,
  usualLevel,
  type Catalogue,
  type Level,
  type Move,
  type MoveKind,
  type PropName,
} from '@/core/moves';
import {
  LANE_NAMES,
  resolveInLane,
  type LaneName,
  LIMITS,
  barsOf,
  bitesOn,
  clearOf,
  effectsOf,
  loadsOfLevel,
  type Bars,
  type Effect,
  type LimitName,
} from '@/core/people';
import { searchMoves } from './search';

/** Where a move is done, by the height of its level. */
export const WHERE = ['floor', 'kneeling', 'seated', 'standing'] as const;
export type Where = (typeof WHERE)[number];

/** What is looked for; what is left out is open. */
export interface Wanted {
  readonly words?: string;
  readonly region?: Region | undefined;
  readonly where?: Where | undefined;
  readonly kind?: MoveKind | undefined;
  /** Moves with a level that uses it; `none` for those with a level that uses nothing. */
  readonly prop?: PropName | 'none' | undefined;
  /** Moves with a level that none of these limits rules out, on either side. */
  readonly limits?: readonly LimitName[] | undefined;
  /** Moves with a level that needs no care for them either. */
  readonly careOut?: true | undefined;
  readonly direction?: SpineDirection | undefined;
  /** Moves that a lane does as they are written. */
  readonly lane?: LaneName | undefined;
  /** Own moves only, and shipped ones that were changed. */
  readonly own?: true | undefined;
}

export function whereOf(level: Level): Where {
  const { height } = position(onSide(level.from, null));
  if (height === 0) return 'floor';
  if (height <= 2) return 'kneeling';
  return height === 3 ? 'seated' : 'standing';
}

/** What a level asks for: its own loads, its positions', and the way down where it is low. */
export function asksOf(level: Level): readonly Load[] {
  const own = loadsOfLevel(level).map(({ load }) => load);
  const low = whereOf(level) === 'floor' || whereOf(level) === 'kneeling';
  return [...new Set<Load>([...own, ...(low ? (['floor-transfer'] as const) : [])])];
}

function keepsClear(bars: Bars, level: Level): boolean {
  const wayDown = asksOf(level).includes('floor-transfer');
  const barred = bars.route.ruledOut?.has('floor-transfer') ?? false;
  return clearOf(bars, level, level.support) && !(wayDown && barred);
}

/** Whether a level, or the way down to it, asks for something that needs care. */
function asksCare(effects: readonly Effect[], level: Level): boolean {
  const asks = asksOf(level);
  return effects.some(
    (effect) =>
      effect.severity === 'care' &&
      asks.includes(effect.load) &&
      bitesOn(effect, { load: effect.load, on: 'body' }, level, level.support, []) === null,
  );
}

/** Of these limits the ones that need care at every level of a move that they do not rule out. */
export function limitsWithCare(limits: readonly LimitName[], move: Move): readonly LimitName[] {
  return limits.filter((limit) => {
    const effects = effectsOf([{ limit }]);
    const clear = move.levels.filter((level) => keepsClear(barsOf(effects), level));
    return clear.length > 0 && clear.every((level) => asksCare(effects, level));
  });
}

/** The moves that have all that is wanted, the nearest to the words first. */
export function findMoves(catalogue: Catalogue, wanted: Wanted): readonly Move[] {
  const { region, where, kind, prop, limits = [], careOut, direction, lane, own } = wanted;
  const effects = effectsOf(limits.map((limit) => ({ limit })));
  const fits = (level: Level) =>
    keepsClear(barsOf(effects), level) && !(careOut && asksCare(effects, level));
  return searchMoves(catalogue, wanted.words ?? '').filter(
    (move) =>
      (!own || SHIPPED.byId.get(move.id) !== move) &&
      (!region || move.regions.includes(region)) &&
      (!kind || move.kind === kind) &&
      (!direction || move.spine.includes(direction)) &&
      (!where || move.levels.some((level) => whereOf(level) === where)) &&
      (!prop || move.levels.some(({ props }) => usesProp(props, prop))) &&
      (limits.length === 0 || move.levels.some(fits)) &&
      (!lane || resolveInLane(lane, { catalogue, move }).reason === 'as-written'),
  );
}

function usesProp(props: readonly PropName[], prop: PropName | 'none'): boolean {
  return prop === 'none' ? props.length === 0 : props.includes(prop);
}

/** What each lane does for a move as it is usually done. */
export function lanesFor(catalogue: Catalogue, move: Move) {
  return LANE_NAMES.map((lane) => ({ lane, ...resolveInLane(lane, { catalogue, move }) }));
}

/** The limits that rule out every level, and those that rule out the usual one alone. */
export function limitsAgainst(move: Move): {
  readonly all: readonly LimitName[];
  readonly usual: readonly LimitName[];
} {
  const against = (level: Level) =>
    LIMITS.filter((limit) => !keepsClear(barsOf(effectsOf([{ limit }])), level));
  const byLevel = move.levels.map(against);
  const all = LIMITS.filter((limit) => byLevel.every((own) => own.includes(limit)));
  return { all, usual: against(usualLevel(move)).filter((limit) => !all.includes(limit)) };
}
