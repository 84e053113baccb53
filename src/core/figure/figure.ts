import { BASES, type BaseName } from './bases';
import type { Close } from './close';
import type { Layer } from './draw';
import { VIEWS, type View, type ViewName } from './flat';
import { furnitureLayers, type Furniture } from './furniture';
import { changed, type Pose, type PoseChange } from './pose';
import type { Body } from './solve';

/** How a level is drawn: its key poses in turn, written with the working side as the right one. */
export interface Drawn {
  readonly base: BaseName;
  readonly view?: ViewName;
  /** Instead of the base's own. */
  readonly room?: readonly Furniture[];
  /** Besides the base's own. */
  readonly with?: readonly Furniture[];
  /** Changes of the base's pose, or whole poses. */
  readonly keys: readonly (PoseChange | Pose)[];
  readonly works?: Readonly<Record<'arms' | 'legs', boolean>> | undefined;
  /** What is too small to be seen, drawn once more beside the figure. */
  readonly close?: Close | undefined;
}

export function posesOf({ base, keys }: Drawn): readonly Pose[] {
  const { pose } = BASES[base];
  return keys.map((key) => ('rest' in key ? key : changed(pose, key)));
}

/** From where a level is seen. */
export function viewOf({ base, view }: Drawn): View {
  return VIEWS[view ?? BASES[base].view];
}

/** What stands in the picture besides the body. */
export const roomOf = (drawn: Drawn): readonly Furniture[] => [
  ...(drawn.room ?? BASES[drawn.base].room),
  ...(drawn.with ?? []),
];

/** The same, as it is drawn. */
export function furnitureOf(drawn: Drawn, body: Body): readonly Layer[] {
  return furnitureLayers(roomOf(drawn), body, viewOf(drawn));
}
