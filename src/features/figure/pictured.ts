import { useId, useMemo } from 'react';
import type { Pictured } from '@/core/class';
import { arrowOf, boxOf, coloursOf, motionOf, pictureOf, stillOf, svgOf } from '@/core/figure';
import { LIGHT } from '@/design/tokens';
import { shownFor, usePoses, type Drawings } from './poses';

/** Paper is white in every theme. */
const ON_PAPER = coloursOf({ ...LIGHT, sheet: '#FFFFFF' });

/** Figures for paper, once their poses have come. */
export function usePictured(): Pictured | undefined {
  const drawings = usePoses();
  const page = useId();
  return useMemo(() => drawings && picturesOf(drawings, page), [drawings, page]);
}

/** In smaller pictures an arrow hides what it points at. */
const ARROWS = 80;

export function picturesOf({ POSES }: Pick<Drawings, 'POSES'>, page: string): Pictured {
  let count = 0;
  return ({ move, level }, side, width, height) => {
    const shown = shownFor(POSES, move, level);
    if (!shown) return undefined;
    const { at } = motionOf(shown.drawn);
    count += 1;
    return svgOf({
      layers: pictureOf(shown.drawn, at(stillOf(shown.drawn)), level.stretched),
      box: boxOf(shown.drawn),
      width,
      height,
      colours: ON_PAPER,
      // A hold is where it is; everything else goes somewhere, where there is room to show it.
      ...(move.dose.kind !== 'hold' && height >= ARROWS && { arrow: arrowOf(shown.drawn) }),
      id: `${page}${count}`,
      flipped: (side ?? (move.sides === 'each' ? 'left' : 'right')) === 'left',
    });
  };
}
