import type { Side } from '@/core/body';
import { closeAt } from './box';
import { closeLayers, closeOn, threadTo } from './close';
import { layersOf, type Layer, type Working } from './draw';
import { furnitureOf, viewOf, type Drawn } from './figure';
import { cameraOf, flat } from './flat';
import type { Stretched } from './shade';
import type { Body } from './solve';

/** A picture of one moment: layers from the back to the front, in hundredths of the stature. */
export function pictureOf(
  drawn: Drawn,
  body: Body,
  stretched: readonly Stretched[] = [],
): readonly Layer[] {
  const view = viewOf(drawn);
  const works = (part: 'arms' | 'legs'): readonly Side[] => (drawn.works?.[part] ? ['right'] : []);
  const working: Working = { arms: works('arms'), legs: works('legs') };
  return [
    ...furnitureOf(drawn, body),
    ...layersOf(body, view, working, stretched),
    ...closeOf(drawn, body, working),
  ].sort((a, b) => a.depth - b.depth);
}

function closeOf(drawn: Drawn, body: Body, working: Working): readonly Layer[] {
  const { close } = drawn;
  if (!close) return [];
  const at = closeAt(drawn);
  const on = flat(cameraOf(viewOf(drawn)), closeOn(body, close));
  const limb = close.of === 'hand' ? working.arms : close.of === 'foot' ? working.legs : [];
  const tone = limb?.length ? 'working' : 'near';
  return [threadTo(on, at), ...closeLayers(body, close, at, tone)];
}
