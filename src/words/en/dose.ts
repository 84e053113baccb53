import type { Breath, Dose, Tempo } from '@/core/moves';
import type { BlockWords, ItemInForce, SectionHead, Throughout } from '@/core/routine';

/** "45 s", "1:30": a time as it is read at a glance. */
export function timeWords(ms: number): string {
  const seconds = Math.round(ms / 1000);
  if (seconds < 100) return `${seconds} s`;
  const minutes = Math.floor(seconds / 60);
  return `${minutes}:${String(seconds % 60).padStart(2, '0')}`;
}

/** "out 2, pause 1, back 2": how many seconds each part of a rep takes. */
function tempoWords(tempo: Tempo): string {
  const [out, pause, back, wait] = tempo.map((ms) => ms / 1000);
  return [`out ${out}`, pause ? `pause ${pause}` : '', `back ${back}`, wait ? `wait ${wait}` : '']
    .filter(Boolean)
    .join(', ');
}

/** "8", or "8 to 12": what is led, and how far it may go. */
function spanWords(least: string | number, most: string | number | undefined): string {
  return most === undefined ? String(least) : `${least} to ${most}`;
}

const seconds = (ms: number | undefined) => (ms ?? 0) / 1000;

/** "in 4, wait 2, out 6": how long the breath goes in, waits and goes out. */
export function breathWords({ inMs, fullMs, outMs, emptyMs }: Partial<Breath>): string {
  return [
    `in ${seconds(inMs)}`,
    fullMs ? `wait ${seconds(fullMs)}` : '',
    `out ${seconds(outMs)}`,
    emptyMs ? `wait ${seconds(emptyMs)}` : '',
  ]
    .filter(Boolean)
    .join(', ');
}

function repsLed({ tempo, held, breath }: Extract<Dose, { kind: 'reps' }>): string {
  if (breath) return `with the breath${breath === 'pace' ? '' : `, ${breathWords(breath)}`}`;
  if (!held) return tempoWords(tempo);
  const long = 'ms' in held ? timeWords(held.ms) : counted(held.breaths, 'breath');
  return `held ${long}`;
}

const counted = (n: number, one: string) => `${n} ${n === 1 ? one : `${one}s`}`;

function amountWords(dose: Dose, isPlain: boolean): string {
  const { most } = dose;
  switch (dose.kind) {
    case 'hold':
      return `hold ${spanWords(timeWords(dose.holdMs), most && timeWords(most))}`;
    case 'timed':
      return `for ${spanWords(timeWords(dose.timedMs), most && timeWords(most))}`;
    case 'reps': {
      const reps = dose.reps === 1 && !most ? 'rep' : 'reps';
      const all = dose.inAll ? ' in all' : '';
      const led = isPlain ? '' : `, ${repsLed(dose)}`;
      return `${spanWords(dose.reps, most)} ${reps}${all}${led}`;
    }
    case 'breaths': {
      const breaths = dose.breaths === 1 && !most ? 'breath' : 'breaths';
      const own = dose.inMs && !isPlain ? `, ${breathWords(dose)}` : '';
      return `${spanWords(dose.breaths, most)} ${breaths}${own}`;
    }
  }
}

/** By turns, five are five on each side, but where both are counted together and where time is. */
function sidesWords({ dose, sides }: Pick<ItemInForce, 'dose' | 'sides'>): string | undefined {
  if (sides.way === 'both') return undefined;
  if (sides.way === 'alternating') {
    const inAll = dose.kind === 'timed' || (dose.kind === 'reps' && dose.inAll);
    return inAll ? 'by turns' : 'each side, by turns';
  }
  if (sides.order.length === 1) return `${sides.order[0]} only`;
  return sides.order[0] === 'right' ? 'each side, right first' : 'each side';
}

/** "2 sets of 8 reps", "hold 30 s, 3 times": an amount, as often as it is done. */
function setsWords(dose: Dose, isPlain: boolean): string {
  const amount = amountWords(dose, isPlain);
  if (dose.sets === 1 && !dose.mostSets) return amount;
  const often = spanWords(dose.sets, dose.mostSets);
  return dose.kind === 'reps' || dose.kind === 'breaths'
    ? `${often} sets of ${amount}`
    : `${amount}, ${often} times`;
}

type Dosed = Pick<ItemInForce, 'dose' | 'sides'>;

function said({ dose, sides }: Dosed, isPlain: boolean): string {
  const rest = dose.sets > 1 && dose.restMs > 0 ? `, rest ${timeWords(dose.restMs)}` : '';
  const press =
    dose.kind === 'hold' && dose.press
      ? `press ${timeWords(dose.press.pressMs)}, ${dose.press.times} times`
      : undefined;
  return [`${setsWords(dose, isPlain)}${rest}`, press, sidesWords({ dose, sides })]
    .filter((part) => part !== undefined)
    .join(' · ');
}

/** "hold 1:30, 2 times, rest 5 s · press 5 s, 3 times · each side": the dose in force, in one line. */
export const doseWords = (one: Dosed): string => said(one, false);

/** The same for those who follow, without how long each part of a rep or a breath takes. */
export const plainDoseWords = (one: Dosed): string => said(one, true);

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
