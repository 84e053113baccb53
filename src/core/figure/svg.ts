import { arrowPaths } from './arrow';
import type { Box } from './box';
import type { Layer, Tone } from './draw';
import type { Point } from './flat';
import { MARKS_FROM, penOf, seamHides, type Colours } from './paint';

/** A still picture as text of an SVG element, for paper and for sheets of pictures. */
export interface Still {
  readonly layers: readonly Layer[];
  readonly box: Box;
  readonly width: number;
  readonly height: number;
  readonly colours: Colours;
  /** Unlike every other picture's on the same page. */
  readonly id: string;
  /** The other way round: what was the right side is the left one. */
  readonly flipped?: boolean;
  /** The way that something goes, from its tail to its tip. */
  readonly arrow?: readonly Point[];
}

/** A picture of one moment as SVG text, to be put into a page or behind a data address. */
export function svgOf(still: Still): string {
  const { layers, box, width, height, colours, id, flipped, arrow = [] } = still;
  const pen = penOf(box, width, height);
  const whole = around(box, arrow, 5);
  const trunk = layers.find(({ isTrunk }) => isTrunk)?.line ?? '';
  const [x, , w] = whole;
  const shapes = layers
    .map((layer, i) =>
      layerSvg(layer, {
        pen,
        colours,
        id: `${id}-${i}`,
        trunk: `${id}t`,
        page: id,
        isLarge: height >= MARKS_FROM,
      }),
    )
    .join('');
  const turned = flipped ? ` transform="translate(${2 * x + w} 0) scale(-1 1)"` : '';
  const shade = `<radialGradient id="${id}shade"><stop stop-color="${colours.shade}" stop-opacity=".62"/><stop offset="1" stop-color="${colours.shade}" stop-opacity="0"/></radialGradient>`;
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}" viewBox="${whole.join(' ')}"><clipPath id="${id}t"><path d="${trunk}"/></clipPath>${shade}<g${turned}>${shapes}${arrowSvg(arrow, pen('near'), colours)}</g></svg>`;
}

/** A box that takes in these points too, with a margin. */
function around([x, y, w, h]: Box, points: readonly Point[], margin: number): Box {
  const [xs, ys] = [points.map((point) => point[0]), points.map((point) => point[1])];
  const [left, top] = [
    Math.min(x, ...xs.map((one) => one - margin)),
    Math.min(y, ...ys.map((one) => one - margin)),
  ];
  const right = Math.max(x + w, ...xs.map((one) => one + margin));
  const bottom = Math.max(y + h, ...ys.map((one) => one + margin));
  return [left, top, right - left, bottom - top];
}

function arrowSvg(points: readonly Point[], pen: number, { arrow }: Colours): string {
  const paths = arrowPaths(points, pen * 2.2);
  if (!paths) return '';
  return `<path d="${paths.line}" fill="none" stroke="${arrow}" stroke-width="${pen}" stroke-linecap="round"/><path d="${paths.head}" fill="${arrow}"/>`;
}

interface Drawing {
  readonly pen: (tone: Tone) => number;
  readonly colours: Colours;
  readonly id: string;
  readonly trunk: string;
  readonly page: string;
  readonly isLarge: boolean;
}

function layerSvg(
  { line, fills, tone, seam, marks, shades = [] }: Layer,
  { pen, colours, id, trunk, page, isLarge }: Drawing,
): string {
  const stroke = line
    ? `<path d="${line}" fill="none" stroke="${colours.line(tone)}" stroke-width="${pen(tone)}" stroke-linejoin="round"/>`
    : '';
  const paths = fills
    .map(({ d, cloth }) => `<path d="${d}" fill="${colours.fill(cloth, tone)}"/>`)
    .join('');
  const shaded = shades
    .map(
      ({ at: [x, y], rx, ry, turn }) =>
        `<g clip-path="url(#${id}c)"><ellipse cx="${x}" cy="${y}" rx="${rx}" ry="${ry}" fill="url(#${page}shade)" transform="rotate(${turn} ${x} ${y})"/></g>`,
    )
    .join('');
  const clip = shaded && line ? `<clipPath id="${id}c"><path d="${line}"/></clipPath>` : '';
  const small =
    marks && isLarge
      ? `<path d="${marks}" fill="none" stroke="${colours.line(tone)}" stroke-width="${pen(tone) * 0.3}" stroke-linecap="round"/>`
      : '';
  const drawn = `${stroke}${paths}${small}${clip}${shaded}`;
  if (!seam) return drawn;
  const own = colours.fill(seam.cloth, 'near');
  return `${drawn}<radialGradient id="${id}"><stop offset="${seamHides(tone)}" stop-color="${own}"/><stop offset="1" stop-color="${own}" stop-opacity="0"/></radialGradient><circle cx="${seam.at[0]}" cy="${seam.at[1]}" r="${seam.r}" fill="url(#${id})" clip-path="url(#${trunk})"/>`;
}
