import { pictureOf, type Drawn } from './figure';
import type { Layer } from './draw';
import { motionOf } from './motion';

/** What a picture needs of room: x and y of its corner, width and height. */
export type Box = readonly [x: number, y: number, width: number, height: number];

const MARGIN = 4;
const known = new WeakMap<Drawn, Box>();

/** Room for all key poses of a level and the ways between them, so that nothing jumps or is cut off. */
export function boxOf(drawn: Drawn): Box {
  const before = known.get(drawn);
  if (before) return before;
  const { keys, at } = motionOf(drawn);
  const pictures = Array.from({ length: 2 * keys - 1 }, (_, i) => pictureOf(drawn, at(i / 2)));
  const box = around(pictures.flat());
  known.set(drawn, box);
  return box;
}

function around(layers: readonly Layer[]): Box {
  let [left, top, right, bottom] = [Infinity, Infinity, -Infinity, -Infinity];
  for (const { line = '' } of layers) {
    for (const [, x, y] of line.matchAll(/[ML](-?[\d.]+) (-?[\d.]+)/g)) {
      left = Math.min(left, Number(x));
      right = Math.max(right, Number(x));
      top = Math.min(top, Number(y));
      bottom = Math.max(bottom, Number(y));
    }
  }
  return [left - MARGIN, top - MARGIN, right - left + 2 * MARGIN, bottom - top + 2 * MARGIN];
}
