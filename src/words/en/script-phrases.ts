import type { ScriptPhrases } from '@/core/class';
import { withStop } from '@/core/common';
import type { Dose } from '@/core/moves';
import { scorePhrases } from './score-phrases';

const OR = new Intl.ListFormat('en', { type: 'disjunction' });

const NUMBERS = [
  'no',
  'one',
  'two',
  'three',
  'four',
  'five',
  'six',
  'seven',
  'eight',
  'nine',
  'ten',
  'eleven',
  'twelve',
];

/** Small numbers in words, as they are read aloud; larger ones in figures. */
function numberSaid(n: number): string {
  return NUMBERS[n] ?? String(n);
}

function counted(n: number, one: string): string {
  return `${numberSaid(n)} ${n === 1 ? one : `${one}s`}`;
}

/** "one minute", "a minute and a half", "90 seconds". */
function timeSaid(ms: number): string {
  const seconds = Math.round(ms / 1000);
  const minutes = Math.floor(seconds / 60);
  const rest = seconds % 60;
  if (seconds === 90) return 'a minute and a half';
  if (minutes === 0) return counted(seconds, 'second');
  if (rest === 0) return counted(minutes, 'minute');
  return `${counted(minutes, 'minute')} ${counted(rest, 'second')}`;
}

function times(n: number): string {
  if (n === 1) return 'once';
  return n === 2 ? 'twice' : `${numberSaid(n)} times`;
}

function spanSaid(least: number, most: number | undefined): string {
  return most === undefined ? numberSaid(least) : `${numberSaid(least)} to ${numberSaid(most)}`;
}

/** "held five seconds", "with the breath": how a rep is led, where that has to be told. */
function ledSaid({ held, breath }: Extract<Dose, { kind: 'reps' }>): string {
  if (breath) return ', one with each breath';
  if (!held) return '';
  return `, each held ${'ms' in held ? timeSaid(held.ms) : counted(held.breaths, 'breath')}`;
}

function amountSaid(dose: Dose, each: boolean): string {
  const { sets, most, mostSets } = dose;
  const again = sets > 1 || mostSets ? `, ${timesSaid(sets, mostSets)}` : '';
  switch (dose.kind) {
    case 'hold':
      return `hold ${timeSpanSaid(dose.holdMs, most)}${again}`;
    case 'timed':
      return `${timeSpanSaid(dose.timedMs, most)}${again}`;
    case 'breaths':
      return `${countedSpan(dose.breaths, most, 'breath')}${again}`;
    case 'reps': {
      const led = ledSaid(dose);
      const all = dose.inAll ? ' in all' : '';
      if (sets > 1 || mostSets) {
        return `${spanSaid(sets, mostSets)} sets of ${spanSaid(dose.reps, most)}${all}${led}`;
      }
      if (each || most || all) return `${spanSaid(dose.reps, most)}${all}${led}`;
      return `${times(dose.reps)}${led}`;
    }
  }
}

function timesSaid(least: number, most: number | undefined): string {
  return most === undefined ? times(least) : `${spanSaid(least, most)} times`;
}

function timeSpanSaid(leastMs: number, mostMs: number | undefined): string {
  return mostMs === undefined ? timeSaid(leastMs) : `${timeSaid(leastMs)} to ${timeSaid(mostMs)}`;
}

function countedSpan(least: number, most: number | undefined, one: string): string {
  return most === undefined ? counted(least, one) : `${spanSaid(least, most)} ${one}s`;
}

const sentence = (name: string, dose: string | null) => [name, dose].filter(Boolean).join(', ');

/** What is said in a class that leads itself. */
export const scriptPhrases: ScriptPhrases & typeof scorePhrases = {
  ...scorePhrases,
  next: (name, dose) => `Next: ${sentence(name, dose)}.`,
  now: (name, dose) => `${sentence(name, dose)}.`,
  dose: ({ dose, sides }, each) => {
    const bothSides = each && sides.way !== 'both';
    const amount = amountSaid(dose, bothSides);
    // Steady work by turns shares its time between the sides.
    const shared =
      sides.way === 'alternating' &&
      (dose.kind === 'timed' || (dose.kind === 'reps' && dose.inAll));
    return bothSides && !shared ? `${amount} each side` : amount;
  },
  beside: ({ watch, breath, easier, further }) =>
    [withStop(`Watch: ${watch.join('; ')}`), breath, `Easier: ${easier}`, `Further: ${further}`]
      .filter(Boolean)
      .join(' '),
  orElse: (names) => `Or, if you like: ${OR.format(names)}.`,
  openEyes: 'Open your eyes.',
  halfway: 'Halfway.',
  twoMore: (eachSide) => (eachSide ? 'Two more each side.' : 'Two more.'),
  lastOne: (eachSide) => (eachSide ? 'Last one each side.' : 'Last one.'),
};
