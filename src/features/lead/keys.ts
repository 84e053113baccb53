import { LEAD } from './strings';
import type { Offered } from './view';

/** What may be asked for at some moments and not at others, in the order of the targets. */
export const OFFERED: readonly Offered[] = ['extend', 'again', 'ease', 'settle'];

/** All that a key does while a class is led. */
export type KeyDeed =
  'hold' | 'back' | 'on' | Offered | 'happened' | 'mirror' | 'more' | 'keys' | 'finish';

/** The keys of each deed, as a browser names them, the first one first to tell; a clicker's are among them. */
export const KEYS: Readonly<Record<KeyDeed, readonly string[]>> = {
  hold: [' ', 'b', '.'],
  back: ['ArrowLeft', 'PageUp'],
  on: ['ArrowRight', 'PageDown'],
  extend: ['+', '='],
  again: ['o'],
  ease: ['e'],
  settle: ['f'],
  happened: ['x'],
  mirror: ['m'],
  more: ['w'],
  keys: ['?', 'k'],
  finish: ['Escape'],
};

export const KEY_DEEDS = Object.keys(KEYS) as readonly KeyDeed[];

/** What a key does; undefined for others. */
export function deedOf(key: string): KeyDeed | undefined {
  const plain = key.length === 1 ? key.toLowerCase() : key;
  return KEY_DEEDS.find((deed) => KEYS[deed].includes(plain));
}

/** As a browser wants a key named beside a target. */
export function keyOf(deed: KeyDeed): string {
  const [key = ''] = KEYS[deed];
  return key === ' ' ? 'Space' : key;
}

/** A key as people call it. */
export function keyWords(key: string): string {
  return LEAD.keyNames[key] ?? key.toUpperCase();
}
