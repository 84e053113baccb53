import type { Side, SideMeaning } from '@/core/body';

/** The limb or the way, never only "left". */
const LIMB: Readonly<Record<SideMeaning, (side: string) => string>> = {
  'standing-leg': (side) => `stand on the ${side} leg`,
  'front-foot': (side) => `${side} foot in front`,
  'kneeling-knee': (side) => `${side} knee down`,
  'stretched-leg': (side) => `${side} leg`,
  'moving-leg': (side) => `${side} leg`,
  'moving-arm': (side) => `${side} arm`,
  'bend-way': (side) => `bend ${side}`,
  'turn-way': (side) => `turn ${side}`,
  'knees-way': (side) => `knees ${side}`,
  'side-lain-on': (side) => `lie on your ${side} side`,
};

export function sideName(side: Side): string {
  return side;
}

/** A text with the words of a side put in; without one, of the left. */
export function withSide(text: string, side: Side | undefined): string {
  return text
    .replaceAll('{side}', sideName(side ?? 'left'))
    .replaceAll('{other}', sideName(side === 'right' ? 'left' : 'right'));
}

/** "left knee down", "turn left": what a caption says of a side. */
export function limbName(side: Side, means: SideMeaning | undefined): string {
  return means ? LIMB[means](side) : `${side} side`;
}
