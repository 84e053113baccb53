import { SIDES, onSide, position } from '@/core/body';
import type { ItemId, LevelId } from '@/core/common';
import {
  SUPPORTS,
  familyOf,
  levelById,
  moveById,
  type Catalogue,
  type Level,
  type Move,
  type Support,
} from '@/core/moves';
import {
  BASES,
  barsOf,
  bitesOn,
  clearOf,
  effectsOfGroup,
  effectsOfWay,
  holdsAtLeast,
  laneOfMember,
  loadsWithWay,
  partakerOf,
  personEffects,
  resolveInLane,
  standInFor,
  stepsHarder,
  type Bars,
  type Effect,
  type LaneName,
  type LaneReason,
  type Member,
  type Rung,
} from '@/core/people';
import {
  catalogueFor,
  itemInForce,
  itemsInOrder,
  lanesOf,
  type Item,
  type Routine,
} from '@/core/routine';
import { isWork, type Score } from '@/core/timing';
import type { OwnWay } from './class-group';
import { ownParts, type OwnPart } from './own-parts';

/** Why somebody does what they do of an item. */
export type CellReason = LaneReason | 'own-level' | 'own-dose' | 'for-limit' | 'rung';

/** What one person does of one item. */
export interface Cell {
  readonly itemId: ItemId;
  /** Null is rest. */
  readonly move: Move | null;
  readonly level: Level | null;
  readonly support: Support | null;
  readonly reason: CellReason;
  /** What was not for them, where something else was put in its place. */
  readonly instead?: { readonly move: Move; readonly level: Level };
  /** The limits that bite on what they do or would have done. */
  readonly bites: readonly Effect[];
  /** What a balance drill asks of them: their rung where they have one. */
  readonly rung?: Rung;
  /** How many steps the drill is beyond their rung. */
  readonly beyond?: number;
  /** How many, or how long, where that is not what the line says. */
  readonly part?: OwnPart;
}

export interface GridRow {
  readonly member: Member;
  /** Left out where each way of the routine asks more than theirs: they rest. */
  readonly lane?: LaneName;
  /** Their usual way of taking part, where the routine does not have it. */
  readonly missing?: LaneName;
  readonly cells: readonly Cell[];
}

export interface GridSetting {
  readonly own: Readonly<Record<string, OwnWay>>;
  /** The day of the class. */
  readonly on: string;
  /** Whether those whose limits nobody asked are held to the first row of the table. */
  readonly strict: boolean;
  readonly rungs: (member: Member, family: string) => Rung | undefined;
}

/**
 * Who does what in a routine led for these people: for each of them their way of taking part, and for
 * each item the level that is theirs, with where a limit bites and what stands in.
 * @param score the routine as this class is timed
 */
export function classGrid(
  routine: Routine,
  score: Score,
  members: readonly Member[],
  setting: GridSetting,
): readonly GridRow[] {
  const lanes = lanesOf(routine);
  const items = itemsInOrder(routine);
  return members.map((member) => {
    const way = setting.own[member.id];
    const wanted = way?.lane ?? laneOfMember(member, lanes, setting.on);
    const lane = wanted && lanes.includes(wanted) ? wanted : undefined;
    const usual = partakerOf(member, setting.on).lane;
    const missing = !way?.lane && usual && !lanes.includes(usual) ? usual : undefined;
    const older = setting.strict || routine.group === 'older' || routine.group === 'chair';
    const floor = [...effectsOfGroup(routine.group), ...(lane ? effectsOfWay(lane) : [])];
    // What a group or a way does not do at all is nobody’s; its cares are told in the checks.
    const effects = [
      ...personEffects(partakerOf(member, setting.on), setting.on, older),
      ...floor.filter(({ severity }) => severity === 'out'),
    ];
    const parts = ownParts(routine, [member]);
    const cells = items.map((item): Cell => {
      const cell = cellOf(item, { routine, score, member, lane, effects, way, setting });
      const part = cell.move?.id === item.moveId ? parts.get(item.id)?.[0]?.part : undefined;
      return part ? { ...cell, part } : cell;
    });
    return { member, cells, ...(lane && { lane }), ...(missing && { missing }) };
  });
}

interface Asked {
  readonly routine: Routine;
  readonly score: Score;
  readonly member: Member;
  readonly lane: LaneName | undefined;
  readonly effects: readonly Effect[];
  readonly way: OwnWay | undefined;
  readonly setting: GridSetting;
}

function cellOf(item: Item, asked: Asked): Cell {
  const { routine, score, member, lane, effects, way, setting } = asked;
  const catalogue = catalogueFor(routine);
  const work = score.segments.find((one) => one.itemId === item.id && isWork(one));
  const base = lane && work?.lanes[lane];
  const rest = (more: Partial<Cell>): Cell => ({
    itemId: item.id,
    move: null,
    level: null,
    support: null,
    reason: 'rest',
    bites: [],
    ...more,
  });
  const ownItem = way?.items?.[item.id];
  if (ownItem === null) return rest({ reason: 'own-level' });
  if (!lane || !base?.moveId || !base.level) return rest({});
  const move = moveById(catalogue, base.moveId);
  const given = levelById(move, base.level);
  const own = ownItem && levelById(move, ownItem);
  const ownDose = levelOfDose(member, move, given);
  // Whoever sits today does what is given to those who sit.
  const dosed = ownDose && isDoneIn(lane, catalogue, move, ownDose) ? ownDose : undefined;
  const level = own ?? dosed ?? given;
  if (!level) return rest({});
  const support = level === given ? (base.support ?? level.support) : level.support;
  const reason: CellReason = own ? 'own-level' : dosed ? 'own-dose' : base.why;
  const bars = barsOf(effects);
  const bitesOf = (at: Level, hands: Support) => bitesAt(effects, item, routine, at, hands, lane);
  const stands = move.kind === 'balance' ? setting.rungs(member, move.family) : undefined;
  if (stands && !own) {
    const fit = drillFor(catalogue, move, stands, { lane, bars });
    if (!fit) return rest({ reason: 'rung', rung: stands, instead: { move, level } });
    const bites = bitesOf(fit.level, fit.support);
    return { itemId: item.id, ...fit, reason: 'rung', bites, rung: stands };
  }
  const bites = bitesOf(level, support);
  const drill = (at: Level, hands: Support) => drillOf(item, move, at, hands, asked, setting);
  if (clearOf(bars, level, support, lane)) {
    return { itemId: item.id, move, level, support, reason, bites, ...drill(level, support) };
  }
  const { group } = routine;
  const other = standInFor(lane, { catalogue, move, level: level.id, group }, bars);
  const instead = { move, level };
  if (!other.move || !other.level) return rest({ reason: 'for-limit', instead, bites });
  return {
    itemId: item.id,
    move: other.move,
    level: other.level,
    support: other.level.support,
    reason: 'for-limit',
    instead,
    bites,
  };
}

/** How the body stands in a level: as it says, else with the feet apart, or seated. */
const baseOf = ({ stance, from, through, to }: Level): Rung['base'] =>
  stance ??
  ([from, ...through, to].some((ref) => position(onSide(ref, null)).height === 4)
    ? 'apart'
    : 'seated');

/**
 * The drill of a family that asks what a rung names, or the nearest below it: no narrower, with hands that
 * hold at least as much, as little more as there is; undefined where the family has none that their way of
 * taking part goes to and that is for them, and they rest.
 */
function drillFor(
  catalogue: Catalogue,
  move: Move,
  rung: Rung,
  { lane, bars }: { readonly lane: LaneName; readonly bars: Bars },
): { readonly move: Move; readonly level: Level; readonly support: Support } | undefined {
  const family = [move, ...familyOf(catalogue, move).filter((one) => one !== move)];
  const below = ({ support }: Level, base: Rung['base']) =>
    stepsHarder(rung, { ...rung, base, hands: support }) === 0 && holdsAtLeast(support, rung.hands);
  const found = family.flatMap((one) =>
    one.levels
      .filter(
        (level) =>
          below(level, baseOf(level)) &&
          isDoneIn(lane, catalogue, one, level) &&
          clearOf(bars, level, level.support, lane),
      )
      .map((level) => ({ move: one, level })),
  );
  const [best] = found.toSorted(
    (a, b) =>
      BASES.indexOf(baseOf(b.level)) - BASES.indexOf(baseOf(a.level)) ||
      SUPPORTS.indexOf(b.level.support) - SUPPORTS.indexOf(a.level.support),
  );
  return best && { ...best, support: best.level.support };
}

/** Whether a way of taking part does a level where it is. */
function isDoneIn(lane: LaneName, catalogue: Catalogue, move: Move, level: Level): boolean {
  return resolveInLane(lane, { catalogue, move, level: level.id }).reason === 'as-written';
}

/** A person's own level of a move, where it is not the one that the room is given. */
function levelOfDose(member: Member, move: Move, given: Level | undefined): Level | undefined {
  const id: LevelId | undefined = member.doses?.[move.id]?.level;
  const level = id && levelById(move, id);
  return level && level !== given ? level : undefined;
}

function bitesAt(
  effects: readonly Effect[],
  item: Item,
  routine: Routine,
  level: Level,
  support: Support,
  lane: LaneName,
): readonly Effect[] {
  const worked = itemInForce(item, routine).sides.way === 'both' ? [] : SIDES;
  const met = new Set<string>();
  return effects.filter((effect) => {
    const bites = loadsWithWay(level, lane).some(
      (load) => bitesOn(effect, load, level, support, worked)?.length !== 0,
    );
    const key = `${effect.limit} ${effect.severity}`;
    if (!bites || met.has(key)) return false;
    met.add(key);
    return true;
  });
}

function drillOf(
  item: Item,
  move: Move,
  level: Level,
  hands: Support,
  { member, score }: Asked,
  { rungs }: GridSetting,
): Pick<Cell, 'rung' | 'beyond'> {
  const rung = move.kind === 'balance' ? rungs(member, move.family) : undefined;
  if (!rung) return {};
  const played = score.segments.filter((one) => one.itemId === item.id && isWork(one));
  const timeMs = Math.max(1000, ...played.map(({ startMs, endMs }) => endMs - startMs));
  const asks: Rung = {
    base: baseOf(level),
    hands,
    challenge: item.challenge ?? 'still',
    timeMs: level.stance ? timeMs : rung.timeMs,
  };
  const beyond = stepsHarder(rung, asks);
  return { rung, ...(beyond > 0 && { beyond }) };
}
