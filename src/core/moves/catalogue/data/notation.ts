import type { Region, PositionRef } from '@/core/body';
import { type MoveId, slugOf, type LevelId } from '@/core/common';
import type { Dose } from '../../dose/dose';
import type { Tempo } from '../../dose/schema';
import type { Bearing } from '../kinds';
import type { Cues, Level, LevelRegion, Move } from '../shape';

/** Small words for writing moves down; seconds here, milliseconds in what they make. */
const s = (seconds: number) => seconds * 1000;

export const moveId = (id: string) => id as MoveId;

export const hold = (seconds: number, sets = 1, restS = 0): Dose => ({
  kind: 'hold',
  holdMs: s(seconds),
  sets,
  restMs: s(restS),
});

export const reps = (count: number, tempo: Readonly<[number, number, number, number]>): Dose => ({
  kind: 'reps',
  reps: count,
  tempo: tempo.map(s) as unknown as Tempo,
  sets: 1,
  restMs: 0,
});

export const breaths = (count: number, inOut?: readonly [inS: number, outS: number]): Dose => ({
  kind: 'breaths',
  breaths: count,
  sets: 1,
  restMs: 0,
  ...(inOut && { inMs: s(inOut[0]), outMs: s(inOut[1]) }),
});

export const timed = (seconds: number): Dose => ({
  kind: 'timed',
  timedMs: s(seconds),
  sets: 1,
  restMs: 0,
});

export const spanS = (least: number, most: number) => [s(least), s(most)] as const;

export const regions = (on: Bearing, ...names: readonly Region[]): LevelRegion[] =>
  names.map((region) => ({ region, on }));

/**
 * A level that stays in one position, holds nothing and uses nothing, but for what is said. Its id is
 * made from its name; one that is renamed says its id, so that what is kept still finds it.
 */
export const level = (
  name: string,
  at: PositionRef,
  {
    id = slugOf(name),
    ...rest
  }: Partial<Omit<Level, 'id' | 'name' | 'from' | 'loads'>> & { id?: string } = {},
): Level => ({
  id: id as LevelId,
  name,
  from: at,
  through: [],
  to: at,
  support: 'none',
  props: [],
  loads: [],
  stretched: [],
  loaded: [],
  ...rest,
});

type Left = 'otherNames' | 'spine' | 'endRange' | 'warms';

/** A move by its name, from which its id is made; what is left out is none. */
export function move(
  name: string,
  {
    others = [],
    ...about
  }: Omit<Move, 'id' | 'name' | Left> &
    Partial<Pick<Move, 'spine' | 'endRange' | 'warms'>> & { readonly others?: readonly string[] },
): Move {
  return {
    id: moveId(slugOf(name)),
    name,
    otherNames: others,
    spine: [],
    endRange: [],
    warms: [],
    ...about,
  };
}

const EASY = 'Breathe easily; no holding.';

/** The words of a move, in the order in which they are said. */
export const says = (
  setUp: string,
  go: string,
  short: string,
  watch: readonly string[],
  easier: string,
  further: string,
  wayOut: string,
  breath = EASY,
): Cues => ({ setUp, go, short, watch, easier, further, wayOut, breath });
