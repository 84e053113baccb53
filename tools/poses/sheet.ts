import escape from 'escape-html';
import { LIGHT } from '@/design/tokens';
import {
  boxOf,
  coloursOf,
  motionOf,
  pictureOf,
  svgOf,
  type Drawn,
  type Stretched,
} from '@/core/figure';

export interface Cell {
  readonly name: string;
  readonly drawn: Drawn;
  readonly stretched: readonly Stretched[];
  /** The place between the key poses. */
  readonly at: number;
}

const COLOURS = coloursOf(LIGHT);

/** Pictures in rows, each with its name below. */
export function sheetOf(
  cells: readonly Cell[],
  size: number,
  columns: number,
): { readonly svg: string; readonly width: number; readonly height: number } {
  const tall = Math.round(size * 0.75);
  const step = tall + 18;
  const pictures = cells.map(({ name, drawn, at, stretched }, i) => {
    const picture = svgOf({
      layers: pictureOf(drawn, motionOf(drawn).at(at), stretched),
      box: boxOf(drawn),
      width: size - 3,
      height: tall,
      colours: COLOURS,
      id: `s${i}`,
    });
    const [x, y] = [(i % columns) * size, Math.floor(i / columns) * step];
    return `<g transform="translate(${x},${y})"><rect width="${size - 3}" height="${step - 3}" fill="${LIGHT.sheet}"/>${picture}<text x="3" y="${tall + 11}" font-size="9" font-family="sans-serif">${escape(name)}</text></g>`;
  });
  const [width, height] = [size * columns, step * Math.ceil(cells.length / columns)];
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}"><rect width="100%" height="100%" fill="${LIGHT.shade}"/>${pictures.join('')}</svg>`;
  return { svg, width, height };
}
