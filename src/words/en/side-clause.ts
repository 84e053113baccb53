import { rememberText, withCapital } from '@/core/common';
import type { Move } from '@/core/moves';
import type { SegmentSide } from '@/core/timing';

/** What tells people to change: said only where sides alternate. */
const CHANGES: readonly RegExp[] = [
  /,? (?:and )?(?:then )?(?:lift |turn )?(?:over |to )?the other(?: way)?(?= ?[.,;])/i,
  / Change\.$/,
  /[,;:]? ?(?:and )?change(?: sides| hands)?(?=\.$)/i,
  /, by turns(?=\.$)/i,
];
const LIMB =
  /\bone ((?:straight )?(?:knee|foot|heel|toe|leg|hand|arm|elbow|ankle|shoulder|fist|side|sitting bone|bottle))\b/i;

const withoutChange = rememberText((text) => {
  const plain = CHANGES.reduce((left, words) => left.replace(words, ''), text);
  return withCapital(plain.replace(LIMB, 'the {side} $1').replace(/\bone way\b/i, 'to the {side}'));
});

const withChange = rememberText((text) =>
  /\bchange\b|\bthe other\b/i.test(text) ? text : text.replace(/\.?$/, ', and change.'),
);

/**
 * A cue for the sides that a line asks for: who does one side at a time is not told to change, and
 * who does by turns what a move does side after side is.
 */
export function forSides(cue: string, ofMove: Move['sides'], side: SegmentSide): string {
  if (ofMove === 'alternating' && (side === 'left' || side === 'right')) return withoutChange(cue);
  return ofMove === 'each' && side === 'alternating' ? withChange(cue) : cue;
}
