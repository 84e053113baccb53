import type { Box } from './box';
import type { Cloth, Tone } from './draw';

/** The colours that figures are mixed from, as `#rrggbb`. */
export interface Palette {
  readonly sheet: string;
  readonly ink: string;
  readonly quiet: string;
  readonly willow: string;
  readonly river: string;
  readonly bark: string;
  readonly catkin: string;
  readonly clay: string;
}

const part = (hex: string, at: number) => parseInt(hex.slice(at, at + 2), 16);

/**
 * So much of a colour on another one.
 * Half of black on white is a middle grey.
 */
export function mixed(on: string, colour: string, share: number): string {
  const channel = (at: number) =>
    Math.round(part(on, at) + (part(colour, at) - part(on, at)) * share)
      .toString(16)
      .padStart(2, '0');
  return `#${channel(1)}${channel(3)}${channel(5)}`;
}

type Depth = Readonly<Record<'top' | 'trousers' | 'skin', number>>;
interface Depths extends Readonly<Record<Tone, Depth>> {
  readonly face: number;
  readonly hair: number;
}

/** How deep each cloth is drawn on light paper. */
const ON_LIGHT: Depths = {
  near: { top: 0.34, trousers: 0.3, skin: 0.36 },
  far: { top: 0.15, trousers: 0.12, skin: 0.15 },
  working: { top: 0.8, trousers: 0.72, skin: 0.6 },
  face: 0.32,
  hair: 0.72,
};
/** On dark paper clothes need more to stand off it, and hair is the darker of hair and face. */
const ON_DARK: Depths = {
  near: { top: 0.5, trousers: 0.46, skin: 0.6 },
  far: { top: 0.24, trousers: 0.2, skin: 0.24 },
  working: { top: 0.92, trousers: 0.86, skin: 0.82 },
  face: 0.7,
  hair: 0.32,
};
const light = (hex: string) => part(hex, 1) + part(hex, 3) + part(hex, 5);

export interface Colours {
  readonly fill: (cloth: Cloth, tone: Tone) => string;
  readonly line: (tone: Tone) => string;
  /** Over what is stretched. */
  readonly shade: string;
  /** Of arrows in pictures that stand still. */
  readonly arrow: string;
}

const known = new WeakMap<Palette, Colours>();

/** The colours of figures: mixes of the palette on its paper, so that they follow the theme. */
export function coloursOf(t: Palette): Colours {
  const before = known.get(t);
  if (before) return before;
  const sand = mixed(t.bark, t.catkin, 0.3);
  const depths = light(t.sheet) > light(t.ink) ? ON_LIGHT : ON_DARK;
  const made: Colours = {
    fill: (cloth, tone) => {
      const { top, trousers, skin } = depths[tone];
      switch (cloth) {
        case 'top':
          return mixed(t.sheet, t.willow, top);
        case 'trousers':
          return mixed(t.sheet, t.river, trousers);
        case 'skin':
          return mixed(t.sheet, sand, skin);
        case 'face':
          return mixed(t.sheet, sand, depths.face);
        case 'nose':
          return depths === ON_LIGHT
            ? mixed(t.sheet, mixed(sand, t.ink, 0.35), 0.62)
            : mixed(t.sheet, sand, 0.3);
        case 'hair':
          return mixed(t.sheet, t.bark, depths.hair);
        case 'wood':
          return mixed(t.sheet, t.bark, 0.3);
        case 'cloth':
          return mixed(t.sheet, t.quiet, 0.2);
        case 'metal':
          return mixed(t.sheet, t.quiet, 0.5);
        case 'paper':
          return t.sheet;
        case 'mat':
          return mixed(t.sheet, t.river, 0.12);
      }
    },
    shade: t.clay,
    arrow: t.catkin,
    line: (tone) =>
      tone === 'working'
        ? t.ink
        : tone === 'near'
          ? mixed(t.quiet, t.ink, 0.35)
          : mixed(t.sheet, t.quiet, 0.5),
  };
  known.set(t, made);
  return made;
}

const SHARE: Readonly<Record<Tone, number>> = { near: 1, far: 0.85, working: 1.3 };

/**
 * How wide lines are drawn in a picture of this size, in its own measure: about 1.35 px on a small
 * one and 2.5 px on a large one, of which the fills cover half.
 */
export function penOf([, , w, h]: Box, width: number, height: number): (tone: Tone) => number {
  const px = 1.35 * Math.pow(Math.max(40, height) / 96, 0.42);
  const pen = (2 * px) / Math.min(width / w, height / h);
  return (tone) => pen * SHARE[tone];
}

/** From this height on, in px, a picture is large enough for fingers and toes. */
export const MARKS_FROM = 170;

/** How far out of the middle a seam's patch hides what is under it. */
export const seamHides = (tone: Tone): number => (tone === 'working' ? 0.5 : 0.72);
