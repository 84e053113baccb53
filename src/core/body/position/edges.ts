import type { GroupName } from '@/core/common';
import type { Load } from '../loads';

import type { PositionId } from './positions';

/** One step between two base positions, in seconds for a usual adult, there and back. */
export interface Edge {
  readonly id: string;
  readonly a: PositionId;
  readonly b: PositionId;
  readonly thereS: number;
  readonly backS: number;
  readonly loads: readonly Load[];
  /** Loads of one direction only. */
  readonly backLoads?: readonly Load[];
  /** A way that kneels on one knee, which can be the better one. */
  readonly oneKnee?: true;
  /** Paces that may use it; all when left out. */
  readonly groups?: readonly GroupName[];
  /** Paces that may not take it back. */
  readonly noBackFor?: readonly GroupName[];
}

type Rules = Pick<Edge, 'backLoads' | 'oneKnee' | 'groups' | 'noBackFor'>;

const edge = <I extends string>(
  id: I,
  a: PositionId,
  b: PositionId,
  seconds: number | readonly [there: number, back: number],
  loads: readonly Load[] = [],
  rules: Rules = {},
) => {
  const [thereS, backS] = typeof seconds === 'number' ? [seconds, seconds] : seconds;
  return { id, a, b, thereS, backS, loads, ...rules } as const;
};

const ONE_KNEE: Rules = { oneKnee: true };
const DESK: Rules = { groups: ['desk', 'standing'] };
const DOWN: readonly Load[] = ['kneel', 'deep-knee', 'hip-flex-past-90', 'floor-transfer'];
const FOLD: readonly Load[] = [
  'kneel',
  'deep-knee',
  'hip-flex-past-90',
  'spine-flex-end',
  'head-below-heart',
];
const ONTO_HANDS: readonly Load[] = ['kneel', 'wrist-weight'];
const ONTO_SIDE: readonly Load[] = ['kneel', 'wrist-weight', 'shoulder-weight'];

/**
 * The transfer table, in the order that settles ties. Nobody is sent down or up by a chair's back:
 * it tips. Source: practice.
 */
export const EDGES = [
  edge('scoot', 'sit-back', 'sit-front', 4),
  edge('rise', 'sit-front', 'stand', 4),
  edge('behind-chair', 'stand', 'stand-chair', 5),
  edge('to-wall', 'stand', 'stand-wall', 5),
  edge('to-counter', 'stand', 'stand-counter', 5),
  edge('hands-to-seat', 'stand', 'stand-seat', 3, ['hip-flex-past-90']),
  edge('kneel-at-seat', 'stand-seat', 'kneel-seat', [6, 8], DOWN, ONE_KNEE),
  edge(
    'seat-from-knees',
    'kneel-seat',
    'sit-front',
    [8, 7],
    [...DOWN, 'shoulder-weight'],
    ONE_KNEE,
  ),
  edge('seat-to-fours', 'kneel-seat', 'all-fours', [3, 4], ONTO_HANDS),
  edge('seat-to-tall', 'kneel-seat', 'kneel-tall', 2, ['kneel']),
  edge('seat-to-floor', 'kneel-seat', 'floor-sit', [6, 8], ['kneel', 'shoulder-weight'], ONE_KNEE),
  ...(['left', 'right'] as const).map((side) =>
    edge(
      `half-kneel-${side}`,
      'stand',
      `kneel-half-${side}`,
      [5, 6],
      ['kneel', 'deep-knee', 'floor-transfer'],
      DESK,
    ),
  ),
  edge(
    'down-to-floor',
    'stand',
    'floor-sit',
    [7, 9],
    ['deep-knee', 'hip-flex-past-90', 'floor-transfer'],
    DESK,
  ),
  ...(['left', 'right'] as const).flatMap((side) => [
    edge(`half-to-tall-${side}`, `kneel-half-${side}`, 'kneel-tall', 2, ['kneel']),
    edge(`half-to-fours-${side}`, `kneel-half-${side}`, 'all-fours', 3, ONTO_HANDS),
  ]),
  edge('tall-to-fours', 'kneel-tall', 'all-fours', 2, ONTO_HANDS),
  edge('change-knee', 'kneel-half-left', 'kneel-half-right', 4, ['kneel']),
  edge('fours-to-heels', 'all-fours', 'kneel-low', 3, ['kneel', 'deep-knee']),
  edge('heels-to-tall', 'kneel-low', 'kneel-tall', 2, ['kneel', 'deep-knee']),
  edge('heels-to-floor', 'kneel-low', 'floor-sit', 3, ['kneel', 'deep-knee']),
  edge('fours-to-fold', 'all-fours', 'kneel-fold', 3, FOLD),
  edge('heels-to-fold', 'kneel-low', 'kneel-fold', 2, FOLD),
  edge('fours-to-plank', 'all-fours', 'plank', 3, ['wrist-weight', 'abdominal-pressure']),
  edge('fours-to-front', 'all-fours', 'lying-front', [4, 5], ONTO_HANDS, { noBackFor: ['older'] }),
  ...(['left', 'right'] as const).map((side) =>
    edge(`fours-to-side-${side}`, 'all-fours', `side-lying-${side}`, [5, 6], ONTO_SIDE),
  ),
  edge('fours-to-floor', 'all-fours', 'floor-sit', 4, ['kneel', 'wrist-weight', 'hip-rotate-in']),
  ...(['left', 'right'] as const).flatMap((side) => [
    edge(`side-to-back-${side}`, `side-lying-${side}`, 'lying-back', 3, ['roll-over']),
    edge(`side-to-front-${side}`, `side-lying-${side}`, 'lying-front', 4, ['roll-over']),
    edge(`floor-to-side-${side}`, 'floor-sit', `side-lying-${side}`, [3, 5], ['shoulder-weight']),
  ]),
  edge('roll-across', 'side-lying-left', 'side-lying-right', 6, ['roll-over']),
  edge('cross-legs', 'floor-sit', 'floor-cross', 2),
  edge('lie-down', 'floor-sit', 'lying-back', 5, ['spine-flex-loaded', 'abdominal-pressure'], DESK),
  edge('bed-rise', 'bed-edge', 'stand', 4),
  edge('bed-lie', 'bed-edge', 'bed-side', [5, 6], [], { backLoads: ['shoulder-weight'] }),
  edge('bed-roll-back', 'bed-side', 'bed-back', 3, ['roll-over']),
  edge('bed-roll-front', 'bed-side', 'bed-front', 4, ['roll-over']),
  edge('couch-down', 'stand', 'couch-sit', [4, 6], ['low-seat', 'deep-knee']),
  edge('couch-lie', 'couch-sit', 'couch-side', 5, [], { backLoads: ['shoulder-weight'] }),
  edge('couch-roll', 'couch-side', 'couch-back', 3, ['roll-over']),
  edge('wheel-forward', 'wheel-back', 'wheel-front', [10, 8]),
  edge('rail-sit', 'stand-rail', 'wheel-front', [6, 8], ['grip', 'shoulder-weight'], {
    backLoads: ['arm-pull'],
  }),
  edge('walker-sit', 'stand-walker', 'sit-front', [6, 7]),
  edge('walker-take', 'stand', 'stand-walker', 3),
] as const satisfies readonly Edge[];

export type EdgeId = (typeof EDGES)[number]['id'];
