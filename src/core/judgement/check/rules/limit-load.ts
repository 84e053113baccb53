import { SIDES, loadsOfWay, otherSide, type Load, type Side } from '@/core/body';
import { remember, rememberPair, type ItemId } from '@/core/common';
import type { LevelLoad } from '@/core/moves';
import { bitesOn, caredForTwice, type Effect, type LaneName } from '@/core/people';
import { changeItem } from '@/core/routine';
import type { Found, Rule, Severity } from '../finding';
import { easierLevels, itemOf, shorterDoses, standIns } from '../mend';
import { hasLoad, loadOfChallenge, loadsOf } from '../asked-of-body';
import { longestSetMs, oneGoMs } from '../seen-times';
import type { LaneDoing, Seen, SeenItem } from '../seen';
import { staysOf } from '../stays';
import { wayRules, waysOf } from '../ways';

const VALUES = {
  isometricLongMs: 10_000,
  lieBackLongMs: 180_000,
  standStillMs: 120_000,
  armsHighLongMs: 60_000,
  breathWaitMs: 3_000,
  muchWorkReps: 30,
} as const;

interface Bite {
  readonly effect: Effect;
  readonly load: Load;
  /** The side that is worked when it bites; null where it bites on both. */
  readonly worked: Side | null;
}

const OF_TIME: readonly Load[] = [
  'isometric-long',
  'stand-still',
  'lie-back-long',
  'arms-high-long',
  'much-work',
];

/** A breath that waits so long, full or empty, is held. */
function waits({ inForce: { dose } }: SeenItem): boolean {
  if (dose.kind !== 'breaths') return false;
  return Math.max(dose.fullMs ?? 0, dose.emptyMs ?? 0) >= VALUES.breathWaitMs;
}

/** So many in one go tire a heart and use up sugar, however light each of them is. */
function muchWork({ inForce: { dose } }: SeenItem, { move }: LaneDoing): boolean {
  const works = move.kind === 'strength' || move.tiringLegs === true;
  return works && dose.kind === 'reps' && dose.reps >= VALUES.muchWorkReps;
}

/** Loads that come of time: what is light for a moment and not for minutes. */
function loadsOfTime(seen: Seen, one: SeenItem, doing: LaneDoing): readonly Load[] {
  const still = one.inForce.dose.kind === 'hold' && doing.level.from.startsWith('stand');
  const setMs = still || doing.move.isometric ? longestSetMs(one) : 0;
  const liesLong = () =>
    doing.level.from.startsWith('lying-back') &&
    staysOf(seen, doing.lane, ({ loads }) => loads.some((load) => load === 'lie-back')).some(
      ({ startMs, endMs }) =>
        endMs - startMs > VALUES.lieBackLongMs &&
        one.plays.some((play) => play.workMs >= startMs && play.workMs < endMs),
    );
  const highLong = () =>
    hasLoad(doing, one.item, 'shoulder-overhead') && oneGoMs(seen, one) > VALUES.armsHighLongMs;
  // The routine's pace leads every breath; a count of its own is one that somebody has to keep.
  const countsBreath = one.inForce.dose.kind === 'breaths' && one.inForce.dose.inMs !== undefined;
  return [
    ...(waits(one) ? ['breath-hold' as const] : []),
    ...(doing.move.isometric && setMs >= VALUES.isometricLongMs ? ['isometric-long' as const] : []),
    ...(still && setMs > VALUES.standStillMs ? ['stand-still' as const] : []),
    ...(liesLong() ? ['lie-back-long' as const] : []),
    ...(highLong() ? ['arms-high-long' as const] : []),
    ...(countsBreath ? ['breath-counted' as const] : []),
    ...(muchWork(one, doing) ? ['much-work' as const] : []),
  ];
}

function bites(seen: Seen, one: SeenItem, doing: LaneDoing): readonly Bite[] {
  const effects = seen.effects.get(doing.lane) ?? [];
  if (effects.length === 0) return [];
  const { sides } = one.inForce;
  const worked = sides.way === 'each' ? sides.order : sides.way === 'alternating' ? SIDES : NO_SIDE;
  const own = biting(effects, doing, loadsOf(doing, one.item), worked);
  const ofTime = loadsOfTime(seen, one, doing);
  if (ofTime.length === 0) return own;
  const loads = ofTime.map((load) => ({ load, on: 'body' as const }));
  return [...own, ...bitesOf(effects, doing, loads, worked)];
}

const NO_SIDE: readonly Side[] = [];

function bitesOf(
  effects: readonly Effect[],
  { level, support }: LaneDoing,
  loads: readonly LevelLoad[],
  worked: readonly Side[],
): readonly Bite[] {
  const found: Bite[] = [];
  for (const load of loads) {
    for (const effect of byLoad(effects).get(load.load) ?? []) {
      const on = bitesOn(effect, load, level, support, worked);
      if (on?.length === 0) continue;
      found.push({ effect, load: load.load, worked: on === null ? null : (on[0] ?? null) });
    }
  }
  return found;
}

/** Effects by their load: most levels ask a few of many. */
const byLoad = remember((effects: readonly Effect[]): ReadonlyMap<Load, readonly Effect[]> => {
  const map = new Map<Load, Effect[]>();
  for (const effect of effects) {
    const own = map.get(effect.load);
    if (own) own.push(effect);
    else map.set(effect.load, [effect]);
  }
  return map;
});

/** The same limits meet the same levels over and over while a routine is built. */
const known = rememberPair(
  (_: readonly Effect[], __: readonly LevelLoad[]) => new Map<string, readonly Bite[]>(),
);

function biting(
  effects: readonly Effect[],
  doing: LaneDoing,
  loads: readonly LevelLoad[],
  worked: readonly Side[],
): readonly Bite[] {
  const before = known(effects, loads);
  const key = `${doing.support} ${worked.join(' ')}`;
  const found = before.get(key) ?? bitesOf(effects, doing, loads, worked);
  before.set(key, found);
  return found;
}

interface Hit {
  readonly lane: LaneName;
  readonly bite: Bite;
  /** Two cares of one person are out. */
  readonly severity: Effect['severity'];
}

const NOBODY: ReadonlySet<string> = new Set();

/** Whether somebody looked at what a line asks, and decided. */
const isDecided = ({ item }: SeenItem) =>
  item.accept?.some(({ finding }) => finding === 'limit-load') ?? false;

/** Loads of the ways that ask for care, by what they lead to; what is out has its way closed. */
function hitsOnWays(seen: Seen): ReadonlyMap<ItemId | null, readonly Hit[]> {
  const hits = new Map<ItemId | null, Hit[]>();
  for (const lane of seen.lanes) {
    const care = (seen.effects.get(lane) ?? []).filter(
      // What a way of taking part asks for by itself is known to whoever takes it.
      ({ severity, load, limit }) =>
        severity === 'care' && limit !== 'of-way' && WAY_LOADS.has(load),
    );
    if (care.length === 0) continue;
    const rules = wayRules(seen, lane);
    for (const { itemId, from, to, closed } of waysOf(seen, lane)) {
      if (closed) continue;
      const loads = loadsOfWay(from, to, rules);
      for (const effect of care) {
        if (!loads.includes(effect.load)) continue;
        const hit: Hit = {
          lane,
          bite: { effect, load: effect.load, worked: null },
          severity: 'care',
        };
        const own = hits.get(itemId);
        if (own) own.push(hit);
        else hits.set(itemId, [hit]);
      }
    }
  }
  return hits;
}

/** What a way itself asks for; a place that it passes asks for it in the move there too. */
const WAY_LOADS: ReadonlySet<Load> = new Set(['floor-transfer', 'roll-over', 'kneel', 'low-seat']);

/** One finding for each load of an item, with all limits and people that have it so. */
function gathered(
  seen: Seen,
  itemId: ItemId | null,
  severity: Severity,
  hits: readonly Hit[],
): Found<never, 'lanes' | 'loads' | 'limits' | 'people'>[] {
  if (hits.length === 0) return [];
  const byLoad = new Map<Load, Hit[]>();
  for (const hit of hits) {
    const own = byLoad.get(hit.bite.load);
    if (own) own.push(hit);
    else byLoad.set(hit.bite.load, [hit]);
  }
  return [...byLoad].map(([load, own]) => {
    const limits = new Set(own.map(({ bite }) => bite.effect.limit));
    const people = new Set(own.flatMap(({ bite }) => bite.effect.person ?? []));
    const lanes = seen.lanes.filter((lane) => own.some((hit) => hit.lane === lane));
    // The side of the body that has the limit, whichever side is worked when it bites.
    const [side = null, ...others] = new Set(own.map(({ bite }) => bite.effect.side));
    return {
      severity,
      itemId,
      lane: lanes.length === seen.lanes.length && lanes.length > 1 ? null : (lanes[0] ?? null),
      side: others.length === 0 ? side : null,
      about: { lanes, loads: [load], limits: [...limits], people: [...people] },
    };
  });
}

export const limitLoad: Rule<never, 'lanes' | 'loads' | 'limits' | 'people'> = {
  severity: 'caution',
  source: 'practice',
  values: VALUES,
  find: (seen) => {
    const onWays = hitsOnWays(seen);
    const home = gathered(seen, null, 'caution', onWays.get(null) ?? []);
    const items = seen.items.flatMap((one) => {
      const hits: Hit[] = [];
      for (const doing of one.lanes) {
        const own = bites(seen, one, doing);
        const twice = isDecided(one) ? NOBODY : caredForTwice(own.map(({ effect }) => effect));
        for (const bite of own) {
          const { severity, person = '' } = bite.effect;
          hits.push({ lane: doing.lane, bite, severity: twice.has(person) ? 'out' : severity });
        }
      }
      const ways = onWays.get(one.item.id) ?? [];
      if (hits.length + ways.length === 0) return [];
      const of = (severity: Effect['severity']) => hits.filter((hit) => hit.severity === severity);
      const care = [...of('care'), ...ways];
      return [
        ...gathered(seen, one.item.id, 'stop', of('out')),
        ...gathered(seen, one.item.id, 'caution', care),
      ];
    });
    return [...items, ...home];
  },
  mends: (seen, finding) => {
    const one = itemOf(seen, finding);
    if (!one) return [];
    const bitten = one.lanes
      .flatMap((doing) => bites(seen, one, doing))
      .filter(({ effect }) => effect.side === finding.side)
      .map(({ worked }) => worked);
    const side = new Set(bitten).size === 1 ? bitten[0] : null;
    const otherAlone =
      side && one.inForce.sides.way === 'each' && one.inForce.sides.order.length === 2
        ? [
            changeItem(seen.routine, one.item.id, {
              sides: otherSide(side) === 'left' ? 'left-only' : 'right-only',
              firstSide: undefined,
            }),
          ]
        : [];
    // What comes of the challenge goes with it.
    const added = loadOfChallenge(one.item.challenge);
    const ofChallenge = added !== undefined && finding.about.loads?.includes(added);
    // What is too much only for its time is shortened first.
    const ofTime = finding.about.loads?.every((load) => OF_TIME.includes(load)) ?? false;
    return [
      ...(ofChallenge ? [changeItem(seen.routine, one.item.id, { challenge: undefined })] : []),
      ...(ofTime ? shorterDoses(seen, one) : []),
      ...easierLevels(seen, one, finding.lane),
      ...standIns(seen, one),
      ...otherAlone,
    ];
  },
};
