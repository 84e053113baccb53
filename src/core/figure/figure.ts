import type { Side } from '@/core/body';
import { BASES, type BaseName } from './bases';
import { layersOf, type Layer, type Working } from './draw';
import { VIEWS, type View, type ViewName } from './flat';
import { furnitureLayers, type Furniture } from './furniture';
import type { Stretched } from './shade';
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
export function furnitureOf(drawn: Drawn, body: Body): readonly Layer[] {
  const room = [...(drawn.room ?? BASES[drawn.base].room), ...(drawn.with ?? [])];
  return furnitureLayers(room, body, viewOf(drawn));
}

/** A picture of one moment: layers from the back to the front, in hundredths of the stature. */
export function pictureOf(
  drawn: Drawn,
  body: Body,
  stretched: readonly Stretched[] = [],
): readonly Layer[] {
  const view = viewOf(drawn);
  const works = (part: 'arms' | 'legs'): readonly Side[] => (drawn.works?.[part] ? ['right'] : []);
  const working: Working = { arms: works('arms'), legs: works('legs') };
  return [...furnitureOf(drawn, body), ...layersOf(body, view, working, stretched)].sort(
    (a, b) => a.depth - b.depth,
  );
}
