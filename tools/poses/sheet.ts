import { LIGHT } from '@/design/tokens';
import {
  boxOf,
  coloursOf,
  motionOf,
  penOf,
  pictureOf,
  seamHides,
  type Drawn,
  type Layer,
  type Stretched,
  type Tone,
} from '@/core/figure';

export interface Cell {
  readonly name: string;
  readonly drawn: Drawn;
  readonly stretched: readonly Stretched[];
  /** The place between the key poses. */
  readonly at: number;
}

const COLOURS = coloursOf(LIGHT);

function layerSvg(
  { line, fills, tone, seam, shades = [] }: Layer,
  pen: (tone: Tone) => number,
  id: string,
  trunk: string,
): string {
  const stroke = line
    ? `<path d="${line}" fill="none" stroke="${COLOURS.line(tone)}" stroke-width="${pen(tone)}" stroke-linejoin="round"/>`
    : '';
  const paths = fills
    .map(({ d, cloth }) => `<path d="${d}" fill="${COLOURS.fill(cloth, tone)}"/>`)
    .join('');
  const shaded = shades
    .map(
      ({ at: [x, y], r }) =>
        `<circle cx="${x}" cy="${y}" r="${r}" fill="url(#shade)" clip-path="url(#${id}c)"/>`,
    )
    .join('');
  const clip = shaded && line ? `<clipPath id="${id}c"><path d="${line}"/></clipPath>` : '';
  const drawn = `${stroke}${paths}${clip}${shaded}`;
  if (!seam) return drawn;
  const own = COLOURS.fill(seam.cloth, 'near');
  return `${drawn}<radialGradient id="${id}"><stop offset="${seamHides(tone)}" stop-color="${own}"/><stop offset="1" stop-color="${own}" stop-opacity="0"/></radialGradient><circle cx="${seam.at[0]}" cy="${seam.at[1]}" r="${seam.r}" fill="url(#${id})" clip-path="url(#${trunk})"/>`;
}

const escaped = (text: string) => text.replaceAll('&', '&amp;').replaceAll('<', '&lt;');

/** Pictures in rows, each with its name below. */
export function sheetOf(
  cells: readonly Cell[],
  size: number,
  columns: number,
): { readonly svg: string; readonly width: number; readonly height: number } {
  const tall = Math.round(size * 0.75);
  const step = tall + 18;
  const pictures = cells.map(({ name, drawn, at, stretched }, i) => {
    const layers = pictureOf(drawn, motionOf(drawn).at(at), stretched);
    const box = boxOf(drawn);
    const pen = penOf(box, size, tall);
    const trunk = layers.find(({ isTrunk }) => isTrunk)?.line ?? '';
    const shapes = layers.map((layer, k) => layerSvg(layer, pen, `s${i}-${k}`, `t${i}`)).join('');
    const [x, y] = [(i % columns) * size, Math.floor(i / columns) * step];
    const clip = `<clipPath id="t${i}"><path d="${trunk}"/></clipPath>`;
    return `<g transform="translate(${x},${y})"><rect width="${size - 3}" height="${step - 3}" fill="${LIGHT.sheet}"/><svg width="${size - 3}" height="${tall}" viewBox="${box.join(' ')}">${clip}${shapes}</svg><text x="3" y="${tall + 11}" font-size="9" font-family="sans-serif">${escaped(name)}</text></g>`;
  });
  const [width, height] = [size * columns, step * Math.ceil(cells.length / columns)];
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}"><radialGradient id="shade"><stop stop-color="${COLOURS.shade}" stop-opacity=".78"/><stop offset="1" stop-color="${COLOURS.shade}" stop-opacity="0"/></radialGradient><rect width="100%" height="100%" fill="${LIGHT.shade}"/>${pictures.join('')}</svg>`;
  return { svg, width, height };
}
