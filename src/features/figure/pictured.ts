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

/** A frame of two is not narrower, in px. */
const LEAST_FRAME = 50;

function besideEachOther(
  one: string,
  other: string,
  { width, height }: { readonly width: number; readonly height: number },
): string {
  const moved = other.replace('<svg ', `<svg x="${width / 2}" `);
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}" viewBox="0 0 ${width} ${height}">${one}${moved}</svg>`;
}

export function picturesOf({ POSES }: Pick<Drawings, 'POSES'>, page: string): Pictured {
  let count = 0;
  return ({ move, level, at: place }, side, width, height) => {
    const shown = shownFor(POSES, move, level, place);
    if (!shown) return undefined;
    const { at, keys } = motionOf(shown.drawn);
    const still = stillOf(shown.drawn);
    const flipped = (side ?? (move.sides === 'each' ? 'left' : 'right')) === 'left';
    // A hold is where it is; everything else goes somewhere, where there is room to show it.
    const goes = move.dose.kind !== 'hold' && height >= ARROWS && keys > 1;
    const arrow = goes ? arrowOf(shown.drawn) : [];
    const frame = (place: number, wide: number) => {
      count += 1;
      return svgOf({
        layers: pictureOf(shown.drawn, at(place), level.stretched),
        box: boxOf(shown.drawn),
        width: wide,
        height,
        colours: ON_PAPER,
        arrow,
        id: `${page}${count}`,
        flipped,
      });
    };
    // Too little moves for an arrow: how it begins, and how it ends.
    const isSmall = goes && arrow.length === 0 && width >= 2 * LEAST_FRAME;
    return isSmall
      ? besideEachOther(frame(still === 0 ? keys - 1 : 0, width / 2), frame(still, width / 2), {
          width,
          height,
        })
      : frame(still, width);
  };
}
