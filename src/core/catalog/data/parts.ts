import type { Load, Region } from '../../body';
import type { Dose, Tempo } from '../../dose';
import type { MoveId } from '../../ids';
import type { PositionRef } from '../../position';
import type { Bearing, Level, LevelLoad, LevelRegion } from '../move';

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

export const breaths = (count: number): Dose => ({
  kind: 'breaths',
  breaths: count,
  sets: 1,
  restMs: 0,
});

export const timed = (seconds: number): Dose => ({
  kind: 'timed',
  timedMs: s(seconds),
  sets: 1,
  restMs: 0,
});

export const spanS = (least: number, most: number) => [s(least), s(most)] as const;

const bearing =
  (on: Bearing) =>
  (...loads: readonly Load[]): LevelLoad[] =>
    loads.map((load) => ({ load, on }));

export const body = bearing('body');
export const worked = bearing('worked');
export const other = bearing('other');

export const regions = (on: Bearing, ...names: readonly Region[]): LevelRegion[] =>
  names.map((region) => ({ region, on }));

/** A level that stays in one position, holds nothing and uses nothing, but for what is said. */
export const level = (
  name: string,
  at: PositionRef,
  rest: Partial<Omit<Level, 'name' | 'from'>> = {},
): Level => ({
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
