import type { Dose, Tempo } from '@/core/moves';
import type { Block, ItemInForce, SidePlan } from '@/core/routine';

/** "45 s", "1:30": a time as it is read at a glance. */
export function timeWords(ms: number): string {
  const seconds = Math.round(ms / 1000);
  if (seconds < 100) return `${seconds} s`;
  const minutes = Math.floor(seconds / 60);
  return `${minutes}:${String(seconds % 60).padStart(2, '0')}`;
}

function tempoWords(tempo: Tempo): string {
  return tempo
    .map((ms) => ms / 1000)
    .join('-')
    .replace(/-0$/, '');
}

function amountWords(dose: Dose): string {
  switch (dose.kind) {
    case 'hold':
      return `hold ${timeWords(dose.holdMs)}`;
    case 'timed':
      return `for ${timeWords(dose.timedMs)}`;
    case 'reps':
      return `${dose.reps} ${dose.reps === 1 ? 'rep' : 'reps'}, ${tempoWords(dose.tempo)}`;
    case 'breaths':
      return `${dose.breaths} ${dose.breaths === 1 ? 'breath' : 'breaths'}`;
  }
}

function sidesWords(sides: SidePlan): string | undefined {
  if (sides.way === 'both') return undefined;
  if (sides.way === 'alternating') return 'alternating';
  if (sides.order.length === 1) return `${sides.order[0]} only`;
  return sides.order[0] === 'right' ? 'each side, right first' : 'each side';
}

/** "hold 1:30 ×2, rest 5 s · press 5 s ×3 · each side": the dose in force, in one line. */
export function doseWords({ dose, sides }: Pick<ItemInForce, 'dose' | 'sides'>): string {
  const sets = dose.sets > 1 ? ` ×${dose.sets}` : '';
  const rest = dose.sets > 1 && dose.restMs > 0 ? `, rest ${timeWords(dose.restMs)}` : '';
  const press =
    dose.kind === 'hold' && dose.press
      ? `press ${timeWords(dose.press.pressMs)} ×${dose.press.times}`
      : undefined;
  return [`${amountWords(dose)}${sets}${rest}`, press, sidesWords(sides)]
    .filter((part) => part !== undefined)
    .join(' · ');
}

/** "3 rounds · each side · rest 20 s": what a block does with its lines. */
export function blockWords({ rounds, perSide, firstSide, buildUp, restMs }: Block): string {
  return [
    rounds && `${rounds} rounds`,
    perSide && (firstSide === 'right' ? 'each side, right first' : 'each side'),
    buildUp && 'build up',
    restMs !== undefined && `rest ${timeWords(restMs)}`,
  ]
    .filter(Boolean)
    .join(' · ');
}
