import type { Pace } from '@/core/body';
import type { Breath, Held, Press, RepBreath, Tempo, WrittenDose } from './schema';

interface Sets {
  readonly sets: number;
  /** Stands between sets only. */
  readonly restMs: number;
  /** The upper ends of a span: of the amount, and of sets. What is led is the lower end. */
  readonly most?: number;
  readonly mostSets?: number;
}

export type Dose = Sets &
  (
    | { readonly kind: 'hold'; readonly holdMs: number; readonly press?: Press }
    | {
        readonly kind: 'reps';
        readonly reps: number;
        readonly tempo: Tempo;
        readonly held?: Held;
        readonly breath?: RepBreath;
        readonly inAll?: true;
      }
    | ({ readonly kind: 'breaths'; readonly breaths: number } & Partial<Breath>)
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
  /** How long each rep is held. */
  readonly held?: Held | undefined;
  /** One rep a breath. */
  readonly breath?: RepBreath | undefined;
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
    if (own.kind === 'hold') return { ...own, ...base, ...(words.press && { press: words.press }) };
    if (own.kind !== 'reps') return { ...own, ...base };
    return { ...repsLed(words, own), kind: 'reps', reps: own.reps, ...base };
  }
  const { most, mostSets } = written;
  const span = { ...(most && { most }), ...(mostSets && { mostSets }) };
  switch (written.kind) {
    case 'hold': {
      const press = words.press && { press: words.press };
      return { kind: 'hold', holdMs: written.holdMs, ...base, ...span, ...press };
    }
    case 'reps': {
      const { reps, inAll } = written;
      const led = repsLed(words, own.kind === 'reps' ? own : { tempo: USUAL_TEMPO });
      return { ...led, kind: 'reps', reps, ...(inAll && { inAll }), ...base, ...span };
    }
    case 'breaths':
      return { kind: 'breaths', breaths: written.breaths, ...base, ...span, ...written.breath };
    case 'timed':
      return { kind: 'timed', timedMs: written.timedMs, ...base, ...span };
  }
}

type RepsLed = Pick<Extract<Dose, { kind: 'reps' }>, 'tempo' | 'held' | 'breath'>;

/** How reps are led: a tempo or a hold that is written takes the place of the move's own breath. */
function repsLed({ tempo, held, breath }: DoseWords, own: RepsLed): RepsLed {
  const led = breath ?? (tempo || held ? undefined : own.breath);
  return { tempo: tempo ?? own.tempo, ...(held && { held }), ...(led && { breath: led }) };
}

/**
 * How long one rep or one breath takes.
 * @returns milliseconds; undefined for doses that are not counted
 * @example unitMs({ kind: 'reps', reps: 8, tempo: [2000, 1000, 2000, 0], sets: 1, restMs: 0 }, paceOf('desk', {})) // 5000
 */
export function unitMs(dose: Dose, pace: Pace): number | undefined {
  if (dose.kind === 'breaths') {
    return (
      (dose.inMs ?? pace.breathInMs) +
      (dose.outMs ?? pace.breathOutMs) +
      (dose.fullMs ?? 0) +
      (dose.emptyMs ?? 0)
    );
  }
  if (dose.kind !== 'reps') return undefined;
  if (dose.breath) {
    const { inMs, outMs } = repBreathOf(dose.breath, pace);
    return inMs + outMs;
  }
  const [out, pause, back, wait] = dose.tempo;
  return out + (dose.held ? heldMs(dose.held, pace) : pause) + back + wait;
}

/** The breath that a rep is led with, in milliseconds. */
export function repBreathOf(
  breath: RepBreath,
  pace: Pace,
): { readonly inMs: number; readonly outMs: number } {
  return breath === 'pace' ? { inMs: pace.breathInMs, outMs: pace.breathOutMs } : breath;
}

/**
 * How long a rep is held.
 * @returns milliseconds
 * @example heldMs({ breaths: 2 }, paceOf('desk', {})) // 18000
 */
export function heldMs(held: Held, pace: Pace): number {
  return 'ms' in held ? held.ms : held.breaths * (pace.breathInMs + pace.breathOutMs);
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
 * work and reps in all are shared.
 * @returns milliseconds
 */
export function alternatingSetMs(dose: Dose, pace: Pace): number {
  const sideMs = sideSetMs(dose, pace);
  const shared = dose.kind === 'timed' || (dose.kind === 'reps' && dose.inAll);
  return shared ? sideMs : sideMs * 2;
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
  const { sets, most, mostSets } = dose;
  const span = { sets, ...(most && { most }), ...(mostSets && { mostSets }) };
  switch (dose.kind) {
    case 'hold':
      return { kind: 'hold', holdMs: dose.holdMs, ...span };
    case 'timed':
      return { kind: 'timed', timedMs: dose.timedMs, ...span };
    case 'reps': {
      const { reps, inAll } = dose;
      return { kind: 'reps', reps, ...(inAll && { inAll }), ...span };
    }
    case 'breaths': {
      const { inMs, outMs, fullMs, emptyMs } = dose;
      const waits = { ...(fullMs && { fullMs }), ...(emptyMs && { emptyMs }) };
      const breath = inMs && outMs ? { breath: { inMs, outMs, ...waits } } : {};
      return { kind: 'breaths', breaths: dose.breaths, ...breath, ...span };
    }
  }
}

/** How much of its kind a dose is: milliseconds, or a count of reps or breaths. */
export function amountOf(dose: Dose): number {
  if (dose.kind === 'hold') return dose.holdMs;
  if (dose.kind === 'timed') return dose.timedMs;
  return dose.kind === 'reps' ? dose.reps : dose.breaths;
}

/** The same dose with another amount: milliseconds, or a count. A span keeps its upper end. */
export function withAmount(dose: WrittenDose, amount: number): WrittenDose {
  const { most, ...plain } = dose;
  const span = most !== undefined && most > amount ? { most } : {};
  switch (plain.kind) {
    case 'hold':
      return { ...plain, ...span, holdMs: amount };
    case 'timed':
      return { ...plain, ...span, timedMs: amount };
    case 'reps':
      return { ...plain, ...span, reps: amount };
    case 'breaths':
      return { ...plain, ...span, breaths: amount };
  }
}

/** The same dose with other sets; a span of sets keeps its upper end. */
export function withSets(dose: WrittenDose, sets: number): WrittenDose {
  const { mostSets, ...plain } = dose;
  return { ...plain, sets, ...(mostSets !== undefined && mostSets > sets && { mostSets }) };
}
