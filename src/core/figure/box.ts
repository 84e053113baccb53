import { SIDES } from '@/core/body';
import { ROUND } from './body';
import { furnitureOf, viewOf, type Drawn } from './figure';
import { CLOSE_REACH } from './close';
import { cameraOf, flat, type Camera, type Point } from './flat';
import type { Layer } from './draw';
import { motionOf } from './motion';
import type { Body } from './solve';
import type { Vec } from './vec';

/** What a picture needs of room: x and y of its corner, width and height. */
export type Box = readonly [x: number, y: number, width: number, height: number];

const MARGIN = 4;
/** Half of what a trunk is wide at most, and of a head. */
const TRUNK_REACH = 10.5;
const HEAD_REACH = 8;
const known = new WeakMap<Drawn, Box>();

/** Room for all key poses of a level and the ways between them, so that nothing jumps or is cut off. */
export function boxOf(drawn: Drawn): Box {
  const [x, y, w, h] = bodyBoxOf(drawn);
  if (!drawn.close) return [x, y, w, h];
  const [, at] = closeAt(drawn);
  const top = Math.min(y, at - CLOSE_REACH - 1);
  const bottom = Math.max(y + h, at + CLOSE_REACH + 1);
  return [x, top, w + 2 * CLOSE_REACH + 2, bottom - top];
}

/** Where the middle of what is shown close is: beside the figure, half way up. */
export function closeAt(drawn: Drawn): Point {
  const [x, y, w, h] = bodyBoxOf(drawn);
  return [x + w + CLOSE_REACH - 2, y + h / 2 - CLOSE_REACH / 3];
}

function bodyBoxOf(drawn: Drawn): Box {
  const before = known.get(drawn);
  if (before) return before;
  const { keys, at } = motionOf(drawn);
  const bodies = Array.from({ length: 2 * keys - 1 }, (_, i) => at(i / 2));
  const reach = new Reach(cameraOf(viewOf(drawn)));
  for (const body of bodies) {
    reach.addBody(body);
    furnitureOf(drawn, body).forEach((layer) => reach.addLayer(layer));
  }
  const box = reach.box();
  known.set(drawn, box);
  return box;
}

class Reach {
  private left = Infinity;
  private top = Infinity;
  private right = -Infinity;
  private bottom = -Infinity;
  constructor(private readonly camera: Camera) {}

  private add(x: number, y: number, r = 0): void {
    this.left = Math.min(this.left, x - r);
    this.right = Math.max(this.right, x + r);
    this.top = Math.min(this.top, y - r);
    this.bottom = Math.max(this.bottom, y + r);
  }

  private addBall(at: Vec, r: number): void {
    const [x, y] = flat(this.camera, at);
    this.add(x, y, r);
  }

  addBody({ hips, back, arms, legs }: Body): void {
    const [l5 = hips, t12 = hips, t6 = hips, c7 = hips, , head = hips] = back;
    for (const at of [hips, l5, t12, t6]) this.addBall(at, TRUNK_REACH);
    this.addBall(c7, ROUND.shoulder);
    this.addBall(head, HEAD_REACH);
    for (const side of SIDES) {
      const { shoulder, elbow, wrist, tip } = arms[side];
      const { knee, ankle, heel, toe } = legs[side];
      this.addBall(shoulder, ROUND.shoulder);
      this.addBall(elbow, ROUND.elbow);
      this.addBall(wrist, ROUND.wrist);
      this.addBall(tip, ROUND.finger);
      this.addBall(knee, ROUND.knee);
      this.addBall(ankle, ROUND.ankle);
      this.addBall(heel, ROUND.heel);
      this.addBall(toe, ROUND.toe);
    }
  }

  addLayer({ line = '' }: Layer): void {
    for (const [, x, y] of line.matchAll(/[ML](-?[\d.]+) (-?[\d.]+)/g)) {
      this.add(Number(x), Number(y));
    }
  }

  box(): Box {
    const { left, top, right, bottom } = this;
    return [left - MARGIN, top - MARGIN, right - left + 2 * MARGIN, bottom - top + 2 * MARGIN];
  }
}
