import { GROUP_NAMES } from '@/core/common';
import fc from 'fast-check';
import { LANES, LANE_NAMES } from '@/core/people';
import type { Load } from '../loads';
import { PACES } from '../pace/paces';
import { EDGES, type Edge } from './edges';
import { POSITION_IDS, type PositionId } from './positions';
import { timeRoute } from './rising';
import { findRoute, loadsInTheWay } from './route';

const secondsOf = (from: PositionId, to: PositionId, group: 'older' | 'desk') => {
  const route = findRoute(from, to, { group });
  const parts = route ? timeRoute(route, PACES[group]) : [];
  return parts.map(({ kind, ms }) => `${kind} ${ms / 1000}`);
};

describe('ways between base positions', () => {
  test('an older group goes from standing to lying by the seat', () => {
    const route = findRoute('stand', 'lying-back', { group: 'older' });
    expect(route?.steps.map(({ to }) => to)).toEqual([
      'stand-seat',
      'kneel-seat',
      'all-fours',
      'side-lying-left',
      'lying-back',
    ]);
    expect(route?.seconds).toBe(20);
    expect(secondsOf('stand', 'lying-back', 'older')).toEqual(['transfer 36']);
    expect(secondsOf('sit-front', 'lying-back', 'older')).toEqual(['transfer 33']);
  });

  test('an older group comes back up to the chair and waits there', () => {
    expect(secondsOf('lying-back', 'sit-front', 'older')).toEqual(['transfer 38', 'pause 20']);
  });

  test('on the way to standing it waits a second time, hands held', () => {
    expect(secondsOf('lying-back', 'stand', 'older')).toEqual([
      'transfer 24',
      'pause 20',
      'transfer 14',
      'pause 10',
      'transfer 6',
    ]);
  });

  test('desk workers sit up from the floor and wait once', () => {
    expect(secondsOf('stand', 'lying-back', 'desk')).toEqual(['transfer 12']);
    expect(secondsOf('lying-back', 'stand', 'desk')).toEqual([
      'transfer 5',
      'pause 10',
      'transfer 9',
    ]);
  });

  test('an older group comes up from the front by the side', () => {
    const route = findRoute('lying-front', 'all-fours', { group: 'older' });
    expect(route?.steps.map(({ to }) => to)).toEqual(['side-lying-left', 'all-fours']);
  });

  test('nobody goes from a wheelchair to the floor', () => {
    expect(findRoute('wheel-back', 'floor-sit', { group: 'chair' })).toBeUndefined();
  });

  test('a load that is ruled out closes every way that carries it', () => {
    const ruledOut = new Set<Load>(['floor-transfer']);
    expect(findRoute('sit-front', 'lying-back', { group: 'desk', ruledOut })).toBeUndefined();
    const noStanding = new Set<Load>(['standing']);
    expect(findRoute('sit-back', 'stand', { group: 'desk', ruledOut: noStanding })).toBeUndefined();
  });

  test('no way is longer than another walk', () => {
    const positions = fc.constantFrom(...POSITION_IDS);
    fc.assert(
      fc.property(positions, positions, positions, (a, b, c) => {
        const rules = { group: 'desk' } as const;
        const direct = findRoute(a, c, rules);
        const first = findRoute(a, b, rules);
        const second = findRoute(b, c, rules);
        if (!first || !second) return;
        expect(direct?.seconds).toBeLessThanOrEqual(first.seconds + second.seconds);
      }),
    );
  });

  test('parts of a way add up to its rounded whole', () => {
    const positions = fc.constantFrom(...POSITION_IDS);
    fc.assert(
      fc.property(
        positions,
        positions,
        fc.constantFrom('older', 'chair', 'desk'),
        (a, b, group) => {
          const route = findRoute(a, b, { group });
          if (!route) return;
          const parts = timeRoute(route, PACES[group]).filter(({ kind }) => kind === 'transfer');
          const whole = Math.ceil((route.seconds * PACES[group].transferHundredths) / 100);
          expect(parts.reduce((sum, { ms }) => sum + ms, 0)).toBe(whole * 1000);
        },
      ),
    );
  });

  test('ids of edges stand once and their times are positive', () => {
    const edges: readonly Edge[] = EDGES;
    expect(new Set(edges.map(({ id }) => id)).size).toBe(edges.length);
    for (const edge of edges) expect(Math.min(edge.thereS, edge.backS)).toBeGreaterThan(0);
  });

  test('one bad knee leaves the ways that the other can take alone', () => {
    const left = { group: 'older', kneesOut: new Set(['left'] as const) } as const;
    const down = findRoute('sit-front', 'floor-sit', left);
    expect(down?.steps.map(({ to }) => to)).toEqual(['kneel-seat', 'floor-sit']);
    expect(findRoute('kneel-seat', 'kneel-tall', left)).toBeUndefined();
    const desk = { group: 'desk', kneesOut: new Set(['left'] as const) } as const;
    expect(findRoute('stand', 'kneel-half-right', desk)?.seconds).toBe(5);
    expect(findRoute('stand', 'kneel-half-left', desk)).toBeUndefined();
    const both = { group: 'older', kneesOut: new Set(['left', 'right'] as const) } as const;
    expect(findRoute('sit-front', 'floor-sit', both)).toBeUndefined();
  });

  test('every position a lane allows can be reached from every other, unless a load forbids it', () => {
    for (const group of GROUP_NAMES) {
      for (const name of LANE_NAMES) {
        const { allows } = LANES[name];
        for (const from of allows) {
          for (const to of allows) {
            expect([name, group, from, to, findRoute(from, to, { group }) !== undefined]).toEqual([
              name,
              group,
              from,
              to,
              true,
            ]);
          }
        }
      }
    }
  });

  test('a way that a load forbids says which', () => {
    const ruledOut = new Set<Load>(['floor-transfer', 'grip']);
    expect(loadsInTheWay('sit-front', 'lying-back', { group: 'older', ruledOut })).toEqual([
      'floor-transfer',
    ]);
    expect(loadsInTheWay('sit-front', 'stand', { group: 'older', ruledOut })).toEqual([]);
  });
});
