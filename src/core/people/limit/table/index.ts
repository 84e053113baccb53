import type { Load } from '@/core/body';
import { rowOf, type Decided, type RowName } from './cells';
import { EFFORT } from './effort';
import { HANDS } from './hands';
import { HEAD } from './head';
import { HIPS } from './hips';
import { LEGS } from './legs';
import { PLACES } from './places';
import { SHOULDERS } from './shoulders';
import { SPINE } from './spine';
import { STANDING } from './standing';

/** Every limit, whoever was not asked, and groups as such × every load. */
export const TABLE = [SPINE, HEAD, HIPS, LEGS, SHOULDERS, HANDS, STANDING, PLACES, EFFORT] as const;

type Undecided = Exclude<Load, (typeof TABLE)[number]['loads'][number]>;
/** What a name's row decides. It does not compile while a load has no column. */
export const decidedFor: [Undecided] extends [never] ? (name: RowName) => Decided : never = (
  name,
) => rowOf(TABLE, name);

export type { Decided, LimitLoad, RowName } from './cells';
export { WHY } from './why';
