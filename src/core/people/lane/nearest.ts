import { plainLane, type LaneName, type PlainLane } from './lanes';

/** What taking part asks at all: to sit, to rise, to stand with a hand on, to stand free, to get down, to lie. */
type Asked = 'sit' | 'rise' | 'hold' | 'free' | 'floor' | 'lie';

/** What each way may ask of whoever takes it. Total: a new way says what it asks before it compiles. */
const ASKS: Readonly<Record<PlainLane, readonly Asked[]>> = {
  chair: ['sit'],
  'chair-rise': ['sit', 'rise'],
  'stand-held': ['sit', 'rise', 'hold'],
  stand: ['sit', 'rise', 'hold', 'free'],
  floor: ['sit', 'rise', 'hold', 'free', 'floor', 'lie'],
  'floor-only': ['floor', 'lie'],
  bed: ['sit', 'rise', 'lie'],
  couch: ['sit', 'rise', 'lie'],
  walker: ['sit', 'rise', 'hold'],
  wheelchair: ['sit'],
  'wheelchair-stands': ['sit', 'rise', 'hold'],
};

/** What whoever takes a way can do of it elsewhere: who lies in bed is not sat up for a class of others. */
const CAN: Readonly<Record<PlainLane, readonly Asked[]>> = {
  ...ASKS,
  bed: ['lie'],
  'floor-only': ['floor', 'lie'],
  walker: ['sit', 'rise'],
};

/**
 * The way among a routine's that somebody takes: their own; where the routine lacks it, of those that ask
 * nothing that theirs does not ask the one that asks most; undefined where there is none, and they rest.
 * Who has none of their own takes the first.
 * @example nearestWay('wheelchair', ['stand', 'chair']) // 'chair'
 * @example nearestWay('wheelchair', ['stand']) // undefined
 */
export function nearestWay(
  own: LaneName | undefined,
  lanes: readonly LaneName[],
): LaneName | undefined {
  if (own === undefined) return lanes[0];
  if (lanes.includes(own)) return own;
  const plain = plainLane(own);
  const same = lanes.find((one) => plainLane(one) === plain);
  if (same) return same;
  const can = CAN[plain];
  const fits = lanes.filter((one) => ASKS[plainLane(one)].every((asked) => can.includes(asked)));
  const [best] = fits.toSorted((a, b) => ASKS[plainLane(b)].length - ASKS[plainLane(a)].length);
  return best;
}
