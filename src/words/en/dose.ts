import type { Breath, Dose, Tempo } from '@/core/moves';
import type { BlockWords, ItemInForce, SectionHead, SidePlan, Throughout } from '@/core/routine';

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

/** "8", or "8 to 12": what is led, and how far it may go. */
function spanWords(least: string | number, most: string | number | undefined): string {
  return most === undefined ? String(least) : `${least} to ${most}`;
}

const seconds = (ms: number | undefined) => (ms ?? 0) / 1000;

/** "4/6", "4/2/6": how long the breath goes in, waits and goes out. */
export function breathWords({ inMs, fullMs, outMs, emptyMs }: Partial<Breath>): string {
  const waits = fullMs || emptyMs ? [seconds(fullMs)] : [];
  return [seconds(inMs), ...waits, seconds(outMs), ...(emptyMs ? [seconds(emptyMs)] : [])].join(
    '/',
  );
}

function repsLed({ tempo, held, breath }: Extract<Dose, { kind: 'reps' }>): string {
  if (breath) return `with the breath${breath === 'pace' ? '' : ` ${breathWords(breath)}`}`;
  if (!held) return tempoWords(tempo);
  const long = 'ms' in held ? timeWords(held.ms) : counted(held.breaths, 'breath');
  return `held ${long}`;
}

const counted = (n: number, one: string) => `${n} ${n === 1 ? one : `${one}s`}`;

function amountWords(dose: Dose): string {
  const { most } = dose;
  switch (dose.kind) {
    case 'hold':
      return `hold ${spanWords(timeWords(dose.holdMs), most && timeWords(most))}`;
    case 'timed':
      return `for ${spanWords(timeWords(dose.timedMs), most && timeWords(most))}`;
    case 'reps': {
      const reps = dose.reps === 1 && !most ? 'rep' : 'reps';
      const all = dose.inAll ? ' in all' : '';
      return `${spanWords(dose.reps, most)} ${reps}${all}, ${repsLed(dose)}`;
    }
    case 'breaths': {
      const breaths = dose.breaths === 1 && !most ? 'breath' : 'breaths';
      const own = dose.inMs ? ` ${breathWords(dose)}` : '';
      return `${spanWords(dose.breaths, most)} ${breaths}${own}`;
    }
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
  const sets = dose.sets > 1 || dose.mostSets ? ` ×${spanWords(dose.sets, dose.mostSets)}` : '';
  const rest = dose.sets > 1 && dose.restMs > 0 ? `, rest ${timeWords(dose.restMs)}` : '';
  const press =
    dose.kind === 'hold' && dose.press
      ? `press ${timeWords(dose.press.pressMs)} ×${dose.press.times}`
      : undefined;
  return [`${amountWords(dose)}${sets}${rest}`, press, sidesWords(sides)]
    .filter((part) => part !== undefined)
    .join(' · ');
}

/** "belly lightly in, with a pillow": what is kept up in all lines below. */
export function throughoutWords({ words, props = [] }: Throughout): string {
  const things = props.length > 0 ? `with ${props.map((prop) => `a ${prop}`).join(' and ')}` : '';
  return [words, things].filter(Boolean).join(', ');
}

/** "3 rounds · each side · rest 20 s": what a block does with its lines. */
export function blockWords(block: BlockWords): string {
  const { rounds, perSide, firstSide, buildUp, inOneGo, choose, throughout, restMs } = block;
  return (
    [
      rounds && `${rounds} rounds`,
      perSide && (firstSide === 'right' ? 'each side, right first' : 'each side'),
      buildUp && 'build up',
      inOneGo && 'in one go',
      choose !== undefined && `choose ${choose}`,
      restMs !== undefined && `rest ${timeWords(restMs)}`,
    ]
      .filter(Boolean)
      .join(' · ') || (throughout ? 'throughout' : '')
  );
}

/** "2 rounds · rest 1:00": how often a section is done. */
export function sectionHeadWords({ rounds, restMs }: SectionHead): string {
  return [rounds && `${rounds} rounds`, restMs !== undefined && `rest ${timeWords(restMs)}`]
    .filter(Boolean)
    .join(' · ');
}
