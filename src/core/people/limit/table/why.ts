import type { Load } from '@/core/body';
import type { RowName } from './cells';

/** Why a cell says what it says, where that is not plain. */
export const WHY: Readonly<Partial<Record<`${RowName} × ${Load}`, string>>> = {
  'low bone density × one-leg': 'with both hands on it is the first drill for thin bones',
  'low bone density × narrow-base': 'with both hands on it is the first drill for thin bones',
  'low bone density × trunk-lowered': 'a long-spine hinge is what replaces rounding',
  'numb feet × one-leg': 'with both hands on it is their first drill',
  'numb feet × narrow-base': 'with both hands on it is their first drill',
  'parkinson × one-leg': 'with both hands on it is their first drill',
  'parkinson × narrow-base': 'with both hands on it is their first drill',
  'blood thinners × one-leg': 'a fall is the danger, and both hands take it away',
  'blood thinners × narrow-base': 'a fall is the danger, and both hands take it away',
  'skin sore × lean-out': 'leaning relieves the skin that is sat on',
  'skin sore × seat-shear': 'skin that slides under weight opens',
  'pushes a wheelchair × half-off-seat': 'the seat moves, and nothing catches who slips',
  'in a wheelchair × half-off-seat': 'the seat moves, and nothing catches who slips',
  'unsteady × rise-or-lower': 'the seat is behind the legs all the way',
  'unsteady × standing': 'below fingertips nothing is in reach',
  'neck flare-up × head-turn': 'small and slow is what keeps it from getting stiff',
  'unstable neck × head-turn': 'small and slow, never to the end',
  'stroke × one-leg': 'one hand at the least, and both for a start',
  'heart × lift': 'a bottle is light; the breath must not be held',
  'aneurysm or clot × calf-work': 'a swollen calf is asked about first',
  'pregnancy × spine-flex-loaded': 'curl-ups press on the belly wall',
  'leaking or prolapse × spine-flex-loaded': 'curl-ups press on the pelvic floor',
  'worse after effort × much-work': 'what it costs shows a day later',
  'sugar-lowering medicine × much-work': 'it uses up sugar while the medicine lowers it too',
  'older group × impact': 'landing is for groups that are trained for it',
  'older group × one-leg': 'something stays in reach of the hands',
  'not asked × hand-on-head': 'a weight on the neck of somebody who was not asked',
  'in a bed × roll-over': 'near the middle, with somebody beside',
};
