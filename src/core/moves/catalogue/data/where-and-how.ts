import type { GroupName } from '@/core/common';
import type { PositionId } from '@/core/body';
import type { PropName } from '../kinds';
import type { Level, Move } from '../shape';
import { EVERYDAY_NAMES } from './everyday-names';

/** Other seats for what is done sitting tall with nothing of the chair in it. */
const OTHER_SEATS: readonly PositionId[] = ['floor-cross', 'floor-sit', 'bed-edge', 'couch-sit'];

/** Neck, breath, arm and turning moves that ask for no chair, no backrest and no feet on the floor. */
const ON_ANY_SEAT: ReadonlySet<string> = new Set([
  'even-rib-breath',
  'arms-up-breath',
  'neck-tilt-side-to-side',
  'held-neck-tilt-hand-resting',
  'nod-down-and-up',
  'chin-to-chest-hands-resting',
  'head-turn',
  'slow-jaw-opening',
  'shoulder-slides-up-and-down',
  'shoulder-rolls',
  'blade-squeeze',
  'arm-across-the-body',
  'crossing-arms',
  'clasped-overhead-reach',
  'elbows-behind-the-head-lift',
  'hand-behind-the-back',
  'hand-to-forehead-lift',
  'elbows-in-open-and-close',
  'big-arm-sweep',
  'seated-turn-arm-opening',
  'wrist-circles',
  'wrist-stretch',
  'grip-open-and-close',
  'finger-glides',
  'thumb-to-tips',
  'forearm-turn',
]);

/** Slow rounding and lifting: one rep a breath, for groups that take their time. */
const WITH_THE_BREATH: ReadonlySet<string> = new Set([
  'seated-cat',
  'all-fours-cat',
  'standing-round-and-lift',
  'cross-legged-round-and-lift',
  'elbows-behind-the-head-lift',
]);
const SLOW_GROUPS: readonly GroupName[] = ['older', 'chair'];

/** In life a strap is put on and a roller lain on: that takes longer than to sit up. */
const PUT_ON_MS: Readonly<Partial<Record<PropName, number>>> = { strap: 15_000, roller: 20_000 };

function withTimeToPutOn(level: Level, sides: Move['sides']): Level {
  const ms = Math.max(0, ...level.props.map((prop) => PUT_ON_MS[prop] ?? 0));
  if (ms === 0) return level;
  const strap = sides !== 'both' && level.props.includes('strap') && { switchMs: ms };
  return { ...level, setUpMs: level.setUpMs ?? ms, ...strap };
}

function onOtherSeats(level: Level): Level {
  const sits = level.from === 'sit-front' && level.to === 'sit-front';
  return sits && level.through.length === 0 ? { ...level, also: OTHER_SEATS } : level;
}

/** A move with the names, the places and the breath that whole families of moves share. */
export function placedAndLed({ otherNames, ...plain }: Move): Move {
  const move = { ...plain, otherNames: [...otherNames, ...(EVERYDAY_NAMES[plain.id] ?? [])] };
  const timed = move.levels.map((level) => withTimeToPutOn(level, move.sides));
  const levels = ON_ANY_SEAT.has(move.id) ? timed.map(onOtherSeats) : timed;
  if (!WITH_THE_BREATH.has(move.id)) return { ...move, levels };
  const led = SLOW_GROUPS.flatMap((group) => {
    const dose = move.doseFor?.[group] ?? move.dose;
    return dose.kind === 'reps' ? [[group, { ...dose, breath: 'pace' }] as const] : [];
  });
  return { ...move, levels, doseFor: { ...move.doseFor, ...Object.fromEntries(led) } };
}
