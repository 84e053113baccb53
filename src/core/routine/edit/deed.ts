import isEqual from 'fast-deep-equal';
import { amountOf, type Challenge, type Support } from '@/core/moves';
import type { Item } from '../entries';
import { itemInForce } from '../item';
import type { Routine } from '../schema';
import type { Change } from './change';

/** What a change of one line comes to, where it changes one thing of it alone. */
export type Deed =
  | { readonly what: 'less' | 'more' }
  | { readonly what: 'challenge-out'; readonly challenge: Challenge; readonly support?: Support }
  | { readonly what: 'support'; readonly support: Support };

const changedKeys = (from: Item, to: Item) =>
  [...new Set([...Object.keys(from), ...Object.keys(to)])].filter(
    (key) => !isEqual(from[key as keyof Item], to[key as keyof Item]),
  );

/** Undefined where a change brings a move or a level, moves a line, or changes several things. */
export function deedOf(routine: Routine, { steps }: Change): Deed | undefined {
  const [step] = steps;
  if (steps.length !== 1 || step?.kind !== 'replace') return undefined;
  const { from, to } = step;
  if (from.kind !== 'item' || to.kind !== 'item') return undefined;
  const keys = changedKeys(from, to);
  const only = (...names: readonly string[]) =>
    keys.length > 0 && keys.every((key) => names.includes(key));
  if (from.challenge && !to.challenge && only('challenge', 'support')) {
    return {
      what: 'challenge-out',
      challenge: from.challenge,
      ...(keys.includes('support') && to.support && { support: to.support }),
    };
  }
  if (only('support') && to.support) return { what: 'support', support: to.support };
  if (!only('dose', 'held')) return undefined;
  const all = (item: Item) => {
    const { dose } = itemInForce(item, routine);
    return amountOf(dose) * dose.sets;
  };
  return { what: all(to) < all(from) ? 'less' : 'more' };
}
