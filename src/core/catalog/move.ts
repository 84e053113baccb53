import type { Load, Region, SideMeaning, SideWay, SpineDirection } from '../body';
import type { Dose } from '../dose';
import type { MoveId } from '../ids';
import type { PaceName } from '../pace';
import type { LongSwitch, PositionRef, Stance } from '../position';

export const MOVE_KINDS = [
  'breath',
  'mobility',
  'stretch',
  'strength',
  'balance',
  'transfer',
] as const;
export type MoveKind = (typeof MOVE_KINDS)[number];

/** How much the hands hold, from most to least. Hover is no contact. */
export const SUPPORTS = ['two hands', 'one hand', 'fingertips', 'hover', 'none'] as const;
export type Support = (typeof SUPPORTS)[number];

/** What makes a balance stance harder without changing it. */
export const CHALLENGES = [
  'still',
  'arms moving',
  'head turning',
  'trunk turning',
  'naming things',
  'looking up',
  'eyes closed',
] as const;
export type Challenge = (typeof CHALLENGES)[number];

export const PROPS = {
  strap: ['towel'],
  weight: ['water bottle'],
  block: ['thick book', 'pillow'],
  roller: ['rolled mat', 'firm cushion'],
  cushion: ['folded blanket'],
  stick: ['rolled towel'],
  band: [],
} as const satisfies Record<string, readonly string[]>;
export type PropName = keyof typeof PROPS;
export const PROP_NAMES = Object.keys(PROPS) as PropName[];

/** Which side of the body something bears on, seen from the side being worked. */
export type Bearing = 'body' | 'worked' | 'other';

export interface LevelLoad {
  readonly load: Load;
  readonly on: Bearing;
}

export interface LevelRegion {
  readonly region: Region;
  readonly on: Bearing;
}

/** Effort, lever, support and position within one height; levels stand from easier to harder. */
export interface Level {
  readonly name: string;
  readonly usual?: true;
  readonly from: PositionRef;
  readonly through: readonly PositionRef[];
  /** Where it ends; a rep includes the way back. */
  readonly to: PositionRef;
  /** How the feet stand, where that is the point of it. */
  readonly stance?: Stance;
  readonly support: Support;
  readonly props: readonly PropName[];
  readonly loads: readonly LevelLoad[];
  readonly stretched: readonly LevelRegion[];
  readonly loaded: readonly LevelRegion[];
  /** Where changing sides takes longer than turning round. */
  readonly longSwitch?: LongSwitch;
}

/** `{side}` and `{other}` in a cue become the participant's left or right. */
export interface Cues {
  readonly setUp: string;
  readonly go: string;
  /** At most five words, for work too short for the full cue. */
  readonly short: string;
  readonly watch: readonly string[];
  readonly easier: string;
  readonly further: string;
  readonly wayOut: string;
  readonly breath: string;
}

type Span = readonly [least: number, most: number];

export interface DoseRange {
  readonly holdMs?: Span;
  readonly reps?: Span;
  readonly breaths?: Span;
  readonly timedMs?: Span;
  readonly sets: Span;
}

/** One thing to do. */
export interface Move {
  readonly id: MoveId;
  readonly name: string;
  readonly otherNames: readonly string[];
  readonly kind: MoveKind;
  /** The same job in other heights. */
  readonly family: string;
  readonly regions: readonly Region[];
  readonly spine: readonly SpineDirection[];
  readonly sides: SideWay;
  readonly sideMeans?: SideMeaning;
  readonly dose: Dose;
  readonly doseFor?: Readonly<Partial<Record<PaceName, Dose>>>;
  readonly range: DoseRange;
  readonly cues: Cues;
  readonly levels: readonly Level[];
  /** Regions that it stretches to the end of their range. */
  readonly endRange: readonly Region[];
  /** Regions that it warms by moving them. */
  readonly moves: readonly Region[];
  readonly tiringLegs?: true;
  readonly isometric?: true;
  readonly curl?: true;
  readonly propped?: true;
  readonly breathOn?: { readonly round: 'in' | 'out'; readonly effort: 'in' | 'out' };
  readonly stretchStrength?: 'mild' | 'strong';
}

export function usualLevel(move: Move): Level {
  const level = move.levels.find(({ usual }) => usual) ?? move.levels[0];
  if (!level) throw new Error(`${move.id} has no level`);
  return level;
}

export function levelNamed(move: Move, name: string): Level | undefined {
  return move.levels.find((level) => level.name.toLowerCase() === name.toLowerCase());
}

/** A move's own dose at a pace. */
export function ownDose(move: Move, pace: PaceName): Dose {
  return move.doseFor?.[pace] ?? move.dose;
}
