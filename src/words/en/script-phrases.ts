import type { ScriptPhrases } from '@/core/class';
import { withStop } from '@/core/common';
import type { Dose } from '@/core/moves';
import { scorePhrases } from './score-phrases';

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

function amountSaid(dose: Dose, each: boolean): string {
  const { sets } = dose;
  const again = sets > 1 ? `, ${times(sets)}` : '';
  switch (dose.kind) {
    case 'hold':
      return `hold ${timeSaid(dose.holdMs)}${again}`;
    case 'timed':
      return `${timeSaid(dose.timedMs)}${again}`;
    case 'breaths':
      return `${counted(dose.breaths, 'breath')}${again}`;
    case 'reps':
      if (sets > 1) return `${numberSaid(sets)} sets of ${numberSaid(dose.reps)}`;
      return each ? numberSaid(dose.reps) : times(dose.reps);
  }
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
    const shared = sides.way === 'alternating' && dose.kind === 'timed';
    return bothSides && !shared ? `${amount} each side` : amount;
  },
  beside: ({ watch, breath, easier, further }) =>
    [withStop(`Watch: ${watch.join('; ')}`), breath, `Easier: ${easier}`, `Further: ${further}`]
      .filter(Boolean)
      .join(' '),
  halfway: 'Halfway.',
  twoMore: (eachSide) => (eachSide ? 'Two more each side.' : 'Two more.'),
  lastOne: (eachSide) => (eachSide ? 'Last one each side.' : 'Last one.'),
};
