import { GROUP_NAMES, remember, type GroupName } from '@/core/common';
import type { Load } from '../loads';

import type { Side } from '../sides';
import { EDGES, type Edge, type EdgeId } from './edges';
import { position, type PositionId } from './positions';

export interface Step {
  readonly edge: EdgeId;
  readonly direction: 'there' | 'back';
  readonly from: PositionId;
  readonly to: PositionId;
  /** For a usual adult, before the pace's factor. */
  readonly seconds: number;
}

export interface Route {
  readonly steps: readonly Step[];
  readonly seconds: number;
}

export interface RouteRules {
  readonly group: GroupName;
  /** Loads that somebody on the way may not bear. */
  readonly ruledOut?: ReadonlySet<Load>;
  /** Knees that may not be knelt on. */
  readonly kneesOut?: ReadonlySet<Side>;
  /** Shoulders that may not be leaned on. */
  readonly shouldersOut?: ReadonlySet<Side>;
}

interface Hop extends Step {
  readonly row: number;
  readonly loads: readonly Load[];
  readonly rules: Edge;
}

const HOPS: ReadonlyMap<PositionId, readonly Hop[]> = hopsByStart();

function hopsByStart(): Map<PositionId, Hop[]> {
  const hops = new Map<PositionId, Hop[]>();
  const add = (hop: Hop) => hops.set(hop.from, [...(hops.get(hop.from) ?? []), hop]);
  EDGES.forEach((rules: Edge, row) => {
    const common = { edge: rules.id as EdgeId, row, rules };
    const there = {
      direction: 'there',
      from: rules.a,
      to: rules.b,
      seconds: rules.thereS,
    } as const;
    const back = { direction: 'back', from: rules.b, to: rules.a, seconds: rules.backS } as const;
    add({ ...common, ...there, loads: loadsOf(rules.loads, there.to) });
    const loads = loadsOf([...rules.loads, ...(rules.backLoads ?? [])], back.to);
    add({ ...common, ...back, loads });
  });
  return hops;
}

function loadsOf(own: readonly Load[], to: PositionId): readonly Load[] {
  return [...own, ...position(to).loads];
}

function open(hop: Hop, { group, ruledOut, kneesOut, shouldersOut }: RouteRules): boolean {
  if (hop.rules.groups && !hop.rules.groups.includes(group)) return false;
  if (hop.direction === 'back' && hop.rules.noBackFor?.includes(group)) return false;
  if (kneesOut && !kneesBear(hop, kneesOut)) return false;
  if (shouldersOut && !shouldersBear(hop, shouldersOut)) return false;
  return !ruledOut || !hop.loads.some((load) => ruledOut.has(load));
}

/** Both knees out close all kneeling; one leaves the ways that the other can take alone. */
function kneesBear(hop: Hop, kneesOut: ReadonlySet<Side>): boolean {
  if (kneesOut.size === 0 || !hop.loads.includes('kneel')) return true;
  if (kneesOut.size === 2) return false;
  const half = [hop.from, hop.to].find((id) => id.startsWith('kneel-half-'));
  if (half && [hop.from, hop.to].includes('stand'))
    return !kneesOut.has(half.endsWith('left') ? 'left' : 'right');
  return hop.rules.oneKnee === true;
}

/** On the way to or from one side only the shoulder below carries; elsewhere both do. */
function shouldersBear(hop: Hop, shouldersOut: ReadonlySet<Side>): boolean {
  if (shouldersOut.size === 0 || !hop.loads.includes('shoulder-weight')) return true;
  const lying = [hop.from, hop.to].find((id) => id.startsWith('side-lying-'));
  return lying ? !shouldersOut.has(lying.endsWith('left') ? 'left' : 'right') : false;
}

const USUAL = Object.fromEntries(GROUP_NAMES.map((group) => [group, { group }])) as Readonly<
  Record<GroupName, RouteRules>
>;

/** The loads that close the usual way between two positions; none where it is open. */
export function loadsInTheWay(
  from: PositionId,
  to: PositionId,
  rules: RouteRules,
): readonly Load[] {
  const { ruledOut = new Set<Load>(), kneesOut, shouldersOut } = rules;
  const usual = findRoute(from, to, USUAL[rules.group]);
  const loads = (usual?.steps ?? []).flatMap(loadsOfStep);
  const out = (load: Load) =>
    ruledOut.has(load) ||
    (load === 'kneel' && Boolean(kneesOut?.size)) ||
    (load === 'shoulder-weight' && Boolean(shouldersOut?.size));
  return [...new Set(loads.filter(out))];
}

/** All that a way asks for, step by step; nothing where there is none. */
export function loadsOfWay(from: PositionId, to: PositionId, rules: RouteRules): readonly Load[] {
  const known = waysKnown(rules);
  const key = `${from} ${to}`;
  const before = known.get(key);
  if (before) return before;
  const way = findRoute(from, to, rules);
  const loads = [...new Set((way?.steps ?? []).flatMap(loadsOfStep))];
  known.set(key, loads);
  return loads;
}

const waysKnown = remember((_: RouteRules) => new Map<string, readonly Load[]>());

function loadsOfStep({ edge, direction, from }: Step): readonly Load[] {
  const hop = HOPS.get(from)?.find((one) => one.edge === edge && one.direction === direction);
  return hop?.loads ?? [];
}

interface Walk {
  readonly at: PositionId;
  readonly seconds: number;
  readonly hops: readonly Hop[];
}

/** Less time first, then fewer steps, then the earlier rows of the table. */
function compareWalks(a: Walk, b: Walk): number {
  if (a.seconds !== b.seconds) return a.seconds - b.seconds;
  if (a.hops.length !== b.hops.length) return a.hops.length - b.hops.length;
  for (let i = 0; i < a.hops.length; i++) {
    const difference = (a.hops[i]?.row ?? 0) - (b.hops[i]?.row ?? 0);
    if (difference !== 0) return difference;
  }
  return 0;
}

/**
 * The cheapest way between two positions; remembered for as long as the rules are there.
 * @returns the route, without steps where both are the same; undefined where no way is open
 * @example findRoute('sit-front', 'sit-front').steps // []
 */
export function findRoute(from: PositionId, to: PositionId, rules: RouteRules): Route | undefined {
  if (from === to) return NOWHERE;
  const known = knownUnder(rules);
  const key = `${from} ${to}`;
  if (!known.has(key)) known.set(key, searched(from, to, rules));
  return known.get(key);
}

const NOWHERE: Route = { steps: [], seconds: 0 };

/** Ways are searched once for each set of rules: the table does not change. */
const knownUnder = remember((_: RouteRules) => new Map<string, Route | undefined>());

function searched(from: PositionId, to: PositionId, rules: RouteRules): Route | undefined {
  const settled = new Set<PositionId>();
  const reached = new Map<PositionId, Walk>([[from, { at: from, seconds: 0, hops: [] }]]);
  for (;;) {
    let best: Walk | undefined;
    for (const walk of reached.values()) {
      if (!settled.has(walk.at) && (!best || compareWalks(walk, best) < 0)) best = walk;
    }
    if (!best) return undefined;
    if (best.at === to) return { steps: best.hops.map(stepOf), seconds: best.seconds };
    settled.add(best.at);
    for (const hop of HOPS.get(best.at) ?? []) {
      if (!open(hop, rules)) continue;
      const next = { at: hop.to, seconds: best.seconds + hop.seconds, hops: [...best.hops, hop] };
      const known = reached.get(hop.to);
      if (!known || compareWalks(next, known) < 0) reached.set(hop.to, next);
    }
  }
}

function stepOf({ edge, direction, from, to, seconds }: Hop): Step {
  return { edge, direction, from, to, seconds };
}

/** A trip to the floor begins when a way leads from seat height or above to kneeling or lower. */
export function isTripToFloor(from: PositionId, to: PositionId): boolean {
  return position(from).height >= 3 && position(to).height <= 2;
}

/** Going up is what makes a fetched prop come after the transfer. */
export function goesUp(from: PositionId, to: PositionId): boolean {
  return position(to).height > position(from).height;
}
