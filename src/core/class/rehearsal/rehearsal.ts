import { paceOf, type PaceChanges } from '@/core/body';
import { LONGEST_MS, type ItemId } from '@/core/common';
import type { Tempo } from '@/core/moves';
import {
  applyChange,
  changeItem,
  doseChanged,
  itemInForce,
  itemsInOrder,
  type Item,
  type ItemWords,
  type Routine,
} from '@/core/routine';
import { msOf, type Score, type Segment, type SegmentSide } from '@/core/timing';

/** What is tapped through: each ends with a tap. */
export type StageKind = 'way' | 'set-up' | 'work' | 'switch' | 'rest';

export interface RehearsalStage {
  readonly kind: StageKind;
  readonly itemId: ItemId | null;
  readonly moveName: string | null;
  readonly side: SegmentSide;
  readonly plannedMs: number;
}

const KINDS: Readonly<Record<Segment['kind'], StageKind>> = {
  transfer: 'way',
  prop: 'way',
  'set-up': 'set-up',
  'count-in': 'set-up',
  work: 'work',
  press: 'work',
  switch: 'switch',
  rest: 'rest',
  notice: 'rest',
  pause: 'rest',
};

/** A score as somebody does it: presses with their stretch, a way with what is fetched on it. */
export function stagesOf({ segments }: Score): readonly RehearsalStage[] {
  const stages: (RehearsalStage & { readonly key: string })[] = [];
  for (const segment of segments) {
    const { itemId, moveName, play, round, set } = segment;
    const kind = KINDS[segment.kind];
    const side = kind === 'work' ? segment.side : null;
    const key = `${kind} ${kind === 'rest' ? '' : play} ${round} ${side} ${kind === 'work' ? set : ''}`;
    const last = stages.at(-1);
    if (last?.key === key) {
      stages[stages.length - 1] = { ...last, plannedMs: last.plannedMs + msOf(segment) };
    } else {
      stages.push({ key, kind, itemId, moveName, side, plannedMs: msOf(segment) });
    }
  }
  return stages.map(({ key: _, ...stage }) => stage);
}

/** A stage with the time that it really took, in milliseconds. */
export interface MeasuredStage extends RehearsalStage {
  readonly realMs: number;
}

/**
 * The stages that were tapped through, with their times.
 * @param taps when each stage ended, in milliseconds since the first began
 */
export function measured(
  stages: readonly RehearsalStage[],
  taps: readonly number[],
): readonly MeasuredStage[] {
  return stages
    .slice(0, taps.length)
    .map((stage, i) => ({ ...stage, realMs: (taps[i] ?? 0) - (taps[i - 1] ?? 0) }));
}

const SECOND = 1000;
/** No tempo of a rep has a longer part. */
const LONGEST_WAY_MS = 60_000;
const seconds = (ms: number, least = 1): number =>
  Math.min(LONGEST_MS, Math.max(least, Math.round(ms / SECOND)) * SECOND);

const mean = (values: readonly number[]): number =>
  values.reduce((sum, one) => sum + one, 0) / Math.max(1, values.length);

const middle = (values: readonly number[]): number =>
  values.toSorted((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0;

/**
 * A draft of the routine as it was really done: holds and steady work with their real seconds, reps
 * and breaths in their real tempo. What was not come to stays as it was.
 */
export function draftOf(routine: Routine, real: readonly MeasuredStage[]): Routine {
  return itemsInOrder(routine).reduce((grown, item) => {
    const own = real.filter(({ kind, itemId }) => kind === 'work' && itemId === item.id);
    const words = own.length > 0 ? wordsFor(item, grown, mean(own.map((one) => one.realMs))) : {};
    const change = Object.keys(words).length > 0 && changeItem(grown, item.id, words);
    return change ? applyChange(grown, change) : grown;
  }, routine);
}

function wordsFor(item: Item, routine: Routine, realMs: number): ItemWords {
  const { dose, sides } = itemInForce(item, routine);
  if (dose.kind === 'hold' || dose.kind === 'timed') {
    return doseChanged(item, routine, { amount: seconds(realMs) });
  }
  if (dose.kind !== 'reps' || dose.breath || dose.held) return {};
  const turns = sides.way === 'alternating' && !dose.inAll ? 2 : 1;
  const tempo = tempoFor(dose.tempo, realMs / (dose.reps * turns));
  return tempo ? { tempo } : {};
}

/** A tempo of the same form that takes so long: what is held stays, the ways out and back give. */
function tempoFor([out, pause, back, after]: Tempo, repMs: number): Tempo | undefined {
  const whole = seconds(repMs);
  if (whole === out + pause + back + after) return undefined;
  const ways = Math.max(SECOND, whole - pause - after);
  const share = out + back > 0 ? out / (out + back) : 1;
  const there = Math.min(ways, Math.max(SECOND, Math.round((ways * share) / SECOND) * SECOND));
  return [
    Math.min(LONGEST_WAY_MS, there),
    whole > pause + after ? pause : 0,
    Math.min(LONGEST_WAY_MS, ways - there),
    whole > pause + after ? after : 0,
  ];
}

/**
 * What the pace of a group would be after a rehearsal: its ways, set-ups, switches and the time
 * between moves as they really were. Only what was met at least twice is taken for a habit.
 */
export function paceMeasured(routine: Routine, real: readonly MeasuredStage[]): PaceChanges {
  const pace = paceOf(routine.group, routine.pace);
  const of = (kind: StageKind) => real.filter((one) => one.kind === kind);
  const ways = of('way').filter(({ plannedMs }) => plannedMs > 0);
  const factor = middle(ways.map(({ realMs, plannedMs }) => realMs / plannedMs));
  const hundredths = Math.round((pace.transferHundredths * factor) / 5) * 5;
  const setUps = of('set-up').map(({ realMs }) => realMs - pace.countInMs);
  const switches = of('switch').map(({ realMs }) => realMs);
  return {
    ...(ways.length >= LEAST_MET && {
      transferHundredths: Math.min(500, Math.max(50, hundredths)),
    }),
    ...(setUps.length >= LEAST_MET && { setUpMs: seconds(middle(setUps), 2) }),
    ...(switches.length >= LEAST_MET && { switchMs: seconds(middle(switches), 2) }),
  };
}

const LEAST_MET = 2;

/** Real work beside the planned one, for an item: left beside right. */
export interface RehearsedItem {
  readonly itemId: ItemId;
  readonly moveName: string;
  readonly sides: readonly {
    readonly side: SegmentSide;
    readonly plannedMs: number;
    readonly realMs: number;
  }[];
}

/** Every item that was come to, in the order of the routine, its sides beside each other. */
export function sheetOf(
  routine: Routine,
  real: readonly MeasuredStage[],
): readonly RehearsedItem[] {
  return itemsInOrder(routine).flatMap((item) => {
    const own = real.filter(({ kind, itemId }) => kind === 'work' && itemId === item.id);
    const names = [...new Set(own.map(({ side }) => side))];
    const sides = names.map((side) => {
      const parts = own.filter((one) => one.side === side);
      const sum = (of: 'plannedMs' | 'realMs') => parts.reduce((ms, part) => ms + part[of], 0);
      return { side, plannedMs: sum('plannedMs'), realMs: sum('realMs') };
    });
    if (sides.length === 0) return [];
    return [{ itemId: item.id, moveName: own[0]?.moveName ?? '', sides }];
  });
}
