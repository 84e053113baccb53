import type { Move } from '../move';
import { breaths, moveId, regions, spanS } from './parts';

export const BREATH = [
  {
    id: moveId('seated-easy-breath'),
    name: 'Seated easy breath',
    otherNames: ['Easy breath in a chair', 'Quiet seated breathing'],
    kind: 'breath',
    family: 'easy-breath',
    regions: ['ribs-sides', 'abdomen'],
    spine: [],
    sides: 'both',
    dose: breaths(6),
    range: { breaths: [3, 15], timedMs: spanS(20, 180), sets: [1, 2] },
    cues: {
      setUp: 'Sit tall, feet flat, hands resting.',
      go: 'Let the breath come in by itself, and let it go slowly.',
      short: 'Slow and easy breaths.',
      watch: ['Shoulders stay low', 'Jaw and hands loose'],
      easier: 'Breathe at your own speed and leave the count.',
      further: 'Rest your hands on your lower ribs and feel them widen.',
      wayOut: 'Open your eyes and look round the room.',
      breath: 'In through the nose if you can, out a little longer.',
    },
    levels: [
      {
        name: 'back supported',
        from: 'sit-back',
        through: [],
        to: 'sit-back',
        support: 'none',
        props: [],
        loads: [],
        stretched: [],
        loaded: regions('body', 'ribs-sides'),
      },
      {
        name: 'sitting tall',
        usual: true,
        from: 'sit-front',
        through: [],
        to: 'sit-front',
        support: 'none',
        props: [],
        loads: [],
        stretched: [],
        loaded: regions('body', 'ribs-sides', 'abdomen'),
      },
    ],
    endRange: [],
    moves: ['ribs-sides'],
  },
] as const satisfies readonly Move[];
