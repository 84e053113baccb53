import type { Pace } from '@/core/body';
import type { Press, Tempo, WrittenDose } from './schema';

interface Sets {
  readonly sets: number;
  /** Stands between sets only. */
  readonly restMs: number;
}

export type Dose = Sets &
  (
    | { readonly kind: 'hold'; readonly holdMs: number; readonly press?: Press }
    | { readonly kind: 'reps'; readonly reps: number; readonly tempo: Tempo }
    | {
        readonly kind: 'breaths';
        readonly breaths: number;
        readonly inMs?: number;
        readonly outMs?: number;
      }
    | { readonly kind: 'timed'; readonly timedMs: number }
  );

/** Out two, pause one, back two: what is taken where neither the line nor the move names a tempo. */
export const USUAL_TEMPO: Tempo = [2000, 1000, 2000, 0];
export const USUAL_PRESS_MS = 5000;
/** Each stretch part of a press-and-ease hold, at least. */
export const LEAST_EASE_MS = 5000;

/** What an item says of its dose; each part may be missing. */
export interface DoseWords {
  readonly dose?: WrittenDose | undefined;
  readonly restMs?: number | undefined;
  readonly press?: Press | undefined;
  readonly tempo?: Tempo | undefined;
}

/**
 * The dose in force: what is written, else the move's own; a written dose without `xN` is one set
 * without rest.
 */
export function doseInForce(words: DoseWords, own: Dose): Dose {
  const written = words.dose;
  const sets = written?.sets ?? own.sets;
  const restMs = words.restMs ?? (written ? 0 : own.restMs);
  const base = { sets, restMs };
  if (!written) {
    if (own.kind === 'reps') return { ...own, ...base, tempo: words.tempo ?? own.tempo };
    if (own.kind === 'hold') return { ...own, ...base, ...(words.press && { press: words.press }) };
    return { ...own, ...base };
  }
  switch (written.kind) {
    case 'hold':
      return {
        kind: 'hold',
        holdMs: written.holdMs,
        ...base,
        ...(words.press && { press: words.press }),
      };
    case 'reps': {
      const tempo = words.tempo ?? (own.kind === 'reps' ? own.tempo : USUAL_TEMPO);
      return { kind: 'reps', reps: written.reps, tempo, ...base };
    }
    case 'breaths':
      return { kind: 'breaths', breaths: written.breaths, ...base, ...written.breath };
    case 'timed':
      return { kind: 'timed', timedMs: written.timedMs, ...base };
  }
}

/**
 * How long one rep or one breath takes.
 * @returns milliseconds; undefined for doses that are not counted
 * @example unitMs({ kind: 'reps', reps: 8, tempo: [2000, 1000, 2000, 0], sets: 1, restMs: 0 }, paceOf('desk', {})) // 5000
 */
export function unitMs(dose: Dose, pace: Pace): number | undefined {
  if (dose.kind === 'reps') return dose.tempo.reduce((sum, ms) => sum + ms, 0);
  if (dose.kind === 'breaths') {
    return (dose.inMs ?? pace.breathInMs) + (dose.outMs ?? pace.breathOutMs);
  }
  return undefined;
}

/**
 * How many reps or breaths a side does; undefined for doses that are not counted.
 * @example unitCount({ kind: 'reps', reps: 8, tempo: [2000, 1000, 2000, 0], sets: 1, restMs: 0 }) // 8
 */
export function unitCount(dose: Dose): number | undefined {
  if (dose.kind === 'reps') return dose.reps;
  return dose.kind === 'breaths' ? dose.breaths : undefined;
}

/**
 * The time of one set on one side.
 * @returns milliseconds, without rest and without a weak side's extra
 * @example sideSetMs({ kind: 'hold', holdMs: 20000, sets: 2, restMs: 5000 }, paceOf('desk', {})) // 20000
 */
export function sideSetMs(dose: Dose, pace: Pace): number {
  if (dose.kind === 'hold') return dose.holdMs;
  if (dose.kind === 'timed') return dose.timedMs;
  return (unitMs(dose, pace) ?? 0) * (unitCount(dose) ?? 0);
}

/**
 * The time of one alternating set: a hold, reps and breaths are done on both sides by turns; timed
 * work is shared.
 * @returns milliseconds
 */
export function alternatingSetMs(dose: Dose, pace: Pace): number {
  const sideMs = sideSetMs(dose, pace);
  return dose.kind === 'timed' ? sideMs : sideMs * 2;
}

export interface WorkPart {
  readonly kind: 'work' | 'press';
  readonly ms: number;
}

/**
 * Splits a press-and-ease hold evenly into stretch and press parts; the last stretch takes the
 * remainder of milliseconds.
 * @example pressParts(60000, { pressMs: 8000, times: 1 }) // [{ kind: 'work', ms: 26000 }, { kind: 'press', ms: 8000 }, { kind: 'work', ms: 26000 }]
 */
export function pressParts(holdMs: number, { pressMs, times }: Press): readonly WorkPart[] {
  const stretchMs = holdMs - pressMs * times;
  const partMs = Math.floor(stretchMs / (times + 1));
  const parts: WorkPart[] = [];
  for (let i = 0; i < times; i++) {
    parts.push({ kind: 'work', ms: partMs }, { kind: 'press', ms: pressMs });
  }
  return [...parts, { kind: 'work', ms: stretchMs - partMs * times }];
}

/** Whether every stretch part of a press-and-ease hold is long enough to do its job. */
export function pressFits(holdMs: number, press: Press): boolean {
  return (holdMs - press.pressMs * press.times) / (press.times + 1) >= LEAST_EASE_MS;
}

/** A dose as it is written on a line. */
export function writtenOf(dose: Dose): WrittenDose {
  switch (dose.kind) {
    case 'hold':
      return { kind: 'hold', holdMs: dose.holdMs, sets: dose.sets };
    case 'timed':
      return { kind: 'timed', timedMs: dose.timedMs, sets: dose.sets };
    case 'reps':
      return { kind: 'reps', reps: dose.reps, sets: dose.sets };
    case 'breaths': {
      const { inMs, outMs } = dose;
      const breath = inMs && outMs ? { breath: { inMs, outMs } } : {};
      return { kind: 'breaths', breaths: dose.breaths, sets: dose.sets, ...breath };
    }
  }
}

/** How much of its kind a dose is: milliseconds, or a count of reps or breaths. */
export function amountOf(dose: Dose): number {
  if (dose.kind === 'hold') return dose.holdMs;
  if (dose.kind === 'timed') return dose.timedMs;
  return dose.kind === 'reps' ? dose.reps : dose.breaths;
}

/** The same dose with another amount: milliseconds, or a count. */
export function withAmount(dose: WrittenDose, amount: number): WrittenDose {
  switch (dose.kind) {
    case 'hold':
      return { ...dose, holdMs: amount };
    case 'timed':
      return { ...dose, timedMs: amount };
    case 'reps':
      return { ...dose, reps: amount };
    case 'breaths':
      return { ...dose, breaths: amount };
  }
}
