import type { Routine, Step } from '@/core/routine';
import { doseSteps, type Adjustable } from './adjustable';
import type { Option } from './solve';

/** What the doses are to come to: the share of each item in the work stays as it is. */
export interface Aim {
  /** Whole seconds of work now, and as they are wanted. */
  readonly presentS: number;
  readonly wantedS: number;
  /** Whole seconds that the whole may last. */
  readonly slotS: number;
}

/** What one part of a routine could be: an item's doses, or a block's rounds with its doses. */
export interface Choices {
  /** Times in whole seconds, from the shortest up. */
  readonly options: readonly Option[];
  readonly steps: (at: number) => readonly Step[];
}

/** A part of a routine whose length can be chosen. */
export interface Unit {
  readonly oldTimeMs: number;
  readonly choices: (aim: Aim) => Choices;
}

export const wholeSeconds = (ms: number) => Math.round(ms / 1000);

/** An item's doses, by how far their work is from its share of what is wanted. */
export function doseCosts(
  { options }: Pick<Adjustable, 'options'>,
  oldWorkMs: number,
  { presentS, wantedS }: Aim,
): readonly Option[] {
  const workS = wholeSeconds(oldWorkMs);
  return options.map(({ workMs, timeMs }) => ({
    time: wholeSeconds(timeMs),
    cost: Math.abs(wholeSeconds(workMs) * presentS - wantedS * workS),
  }));
}

export function itemUnit(routine: Routine, one: Adjustable): Unit {
  const { item, options, oldWorkMs, oldTimeMs } = one;
  return {
    oldTimeMs,
    choices: (aim) => ({
      options: doseCosts(one, oldWorkMs, aim),
      steps: (at) => {
        const option = options[at];
        return option ? doseSteps(routine, item, option) : [];
      },
    }),
  };
}
