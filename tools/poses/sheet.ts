import {
  boxOf,
  motionOf,
  pictureOf,
  type Cloth,
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

/** The light theme's mixes, as the application draws them. */
const FILLS: Readonly<Record<Tone, Readonly<Record<Cloth, string>>>> = {
  near: {
    top: '#c1ccb9',
    trousers: '#bec9cb',
    skin: '#cfbfa6',
    face: '#d4c6af',
    hair: '#9e8775',
    wood: '#d4cac0',
    cloth: '#dadcd7',
    mat: '#e3e8e7',
    metal: '#a9ada9',
  },
  far: {
    top: '#e1e6db',
    trousers: '#e3e9e7',
    skin: '#e9e2d5',
    face: '#d4c6af',
    hair: '#9e8775',
    wood: '#d4cac0',
    cloth: '#dadcd7',
    mat: '#e3e8e7',
    metal: '#a9ada9',
  },
  working: {
    top: '#718b69',
    trousers: '#688d9c',
    skin: '#b29770',
    face: '#d4c6af',
    hair: '#9e8775',
    wood: '#d4cac0',
    cloth: '#dadcd7',
    mat: '#e3e8e7',
    metal: '#a9ada9',
  },
};
const LINES: Readonly<Record<Tone, readonly [string, number]>> = {
  near: ['#445149', 1],
  far: ['#a8ada9', 0.85],
  working: ['#22312c', 1.3],
};

function layerSvg(
  { line, fills, tone, seam, shades = [] }: Layer,
  pen: number,
  id: string,
  trunk: string,
): string {
  const [colour, share] = LINES[tone];
  const stroke = line
    ? `<path d="${line}" fill="none" stroke="${colour}" stroke-width="${2 * pen * share}" stroke-linejoin="round"/>`
    : '';
  const paths = fills
    .map(({ d, cloth }) => `<path d="${d}" fill="${FILLS[tone][cloth]}"/>`)
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
  const own = FILLS.near[seam.cloth];
  return `${drawn}<radialGradient id="${id}"><stop offset="${tone === 'working' ? 0.5 : 0.72}" stop-color="${own}"/><stop offset="1" stop-color="${own}" stop-opacity="0"/></radialGradient><circle cx="${seam.at[0]}" cy="${seam.at[1]}" r="${seam.r}" fill="url(#${id})" clip-path="url(#${trunk})"/>`;
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
    const pen = (1.35 * Math.pow(tall / 96, 0.42)) / Math.min(size / box[2], tall / box[3]);
    const trunk = layers.find(({ isTrunk }) => isTrunk)?.line ?? '';
    const shapes = layers.map((layer, k) => layerSvg(layer, pen, `s${i}-${k}`, `t${i}`)).join('');
    const [x, y] = [(i % columns) * size, Math.floor(i / columns) * step];
    const clip = `<clipPath id="t${i}"><path d="${trunk}"/></clipPath>`;
    return `<g transform="translate(${x},${y})"><rect width="${size - 3}" height="${step - 3}" fill="#fbfaf6"/><svg width="${size - 3}" height="${tall}" viewBox="${box.join(' ')}">${clip}${shapes}</svg><text x="3" y="${tall + 11}" font-size="9" font-family="sans-serif">${escaped(name)}</text></g>`;
  });
  const [width, height] = [size * columns, step * Math.ceil(cells.length / columns)];
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}"><radialGradient id="shade"><stop stop-color="#a8452b" stop-opacity=".78"/><stop offset="1" stop-color="#a8452b" stop-opacity="0"/></radialGradient><rect width="100%" height="100%" fill="#e5e7df"/>${pictures.join('')}</svg>`;
  return { svg, width, height };
}
