/**
 * How the stage is laid out: a phone upright or a tablet, a phone on its side, a screen, a wall; or, where
 * a page is enlarged or a window narrow, as little room as that leaves.
 */
export type StageShape = 'tall' | 'low' | 'wide' | 'wall' | 'small';

/** The sizes of letters on the stage, in pixels. */
export interface StageSizes {
  readonly shape: StageShape;
  /** Kept free at each edge: walls and projectors cut some off. */
  readonly edgeX: number;
  readonly edgeY: number;
  /** Name, side and next: to be read from the back of the room. */
  readonly far: number;
  /** Cue, watch point, the way, the time left: to be read by those in front. */
  readonly near: number;
  /** The least that a long cue is set in. */
  readonly least: number;
}

/** Capitals of the sans face are so high, in ems. */
export const CAPITAL = 0.668;
/** Letters whose capitals are read at four metres: 52 px high. */
const FOUR_METRES = 78;
const TWO_METRES = 39;
const LOW = 560;
/** With less than this, not everything can stand beside each other: the count stays, the rest scrolls. */
const SMALL = { width: 300, height: 520 };
const WIDE_FROM = 900;
const WALL = { width: 1600, height: 900 };
/** So much of a wall may be cut off at each edge. */
const OVERSCAN = 0.045;

/** So much larger are letters that somebody wants larger. */
const LARGER = 1.25;

export function stageSizes(width: number, height: number, larger = false): StageSizes {
  const sizes = usualSizes(width, height);
  if (!larger || sizes.shape === 'wall') return sizes;
  const near = Math.round(sizes.near * LARGER);
  return sizes.shape === 'wide'
    ? { ...sizes, near }
    : { ...sizes, near, far: Math.round(sizes.far * LARGER) };
}

function usualSizes(width: number, height: number): StageSizes {
  if (width >= WALL.width && height >= WALL.height) {
    const [edgeX, edgeY] = [Math.round(width * OVERSCAN), Math.round(height * OVERSCAN)];
    return { shape: 'wall', edgeX, edgeY, far: 104, near: FOUR_METRES, least: 60 };
  }
  if (width < SMALL.width || (height < SMALL.height && width <= height) || height < 240) {
    return { shape: 'small', edgeX: 8, edgeY: 4, far: 21, near: 15, least: 13 };
  }
  if (height < LOW && width > height) {
    return { shape: 'low', edgeX: 12, edgeY: 8, far: 26, near: 17, least: 14 };
  }
  if (width >= WIDE_FROM) {
    const near = height < 700 ? 30 : TWO_METRES;
    return { shape: 'wide', edgeX: 24, edgeY: 10, far: FOUR_METRES, near, least: 26 };
  }
  const k = Math.min(1.9, Math.max(0.8, Math.min(width / 390, height / 844)));
  return {
    shape: 'tall',
    edgeX: 16,
    edgeY: 8,
    far: Math.round(30 * k),
    near: Math.round(18 * k),
    least: 14,
  };
}

/** The figure beside the words of a stage that is higher than wide. */
export function figureBeside({ far }: StageSizes): { width: number; height: number } {
  return { width: far * 5, height: far * 4.3 };
}
