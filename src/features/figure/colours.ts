import type { Cloth, Tone } from '@/core/figure';
import type { Tokens } from '@/design';

const part = (hex: string, at: number) => parseInt(hex.slice(at, at + 2), 16);

/** So much of a colour on another one. */
function mixed(on: string, colour: string, share: number): string {
  const channel = (at: number) =>
    Math.round(part(on, at) + (part(colour, at) - part(on, at)) * share)
      .toString(16)
      .padStart(2, '0');
  return `#${channel(1)}${channel(3)}${channel(5)}`;
}

/** How deep each cloth is drawn. */
const DEPTH: Readonly<
  Record<Tone, { readonly top: number; readonly trousers: number; readonly skin: number }>
> = {
  near: { top: 0.34, trousers: 0.3, skin: 0.36 },
  far: { top: 0.15, trousers: 0.12, skin: 0.15 },
  working: { top: 0.8, trousers: 0.72, skin: 0.6 },
};

export interface Colours {
  readonly fill: (cloth: Cloth, tone: Tone) => string;
  readonly line: (tone: Tone) => string;
  /** Over what is stretched. */
  readonly shade: string;
}

const known = new WeakMap<Tokens, Colours>();

/** The colours of figures: mixes of the palette on its paper, so that they follow the theme. */
export function coloursOf(t: Tokens): Colours {
  const before = known.get(t);
  if (before) return before;
  const sand = mixed(t.bark, t.catkin, 0.3);
  const made: Colours = {
    fill: (cloth, tone) => {
      const { top, trousers, skin } = DEPTH[tone];
      switch (cloth) {
        case 'top':
          return mixed(t.sheet, t.willow, top);
        case 'trousers':
          return mixed(t.sheet, t.river, trousers);
        case 'skin':
          return mixed(t.sheet, sand, skin);
        case 'face':
          return mixed(t.sheet, sand, 0.32);
        case 'hair':
          return mixed(t.sheet, t.bark, 0.72);
        case 'wood':
          return mixed(t.sheet, t.bark, 0.3);
        case 'cloth':
          return mixed(t.sheet, t.quiet, 0.2);
        case 'metal':
          return mixed(t.sheet, t.quiet, 0.5);
        case 'mat':
          return mixed(t.sheet, t.river, 0.12);
      }
    },
    shade: t.clay,
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
