import { z } from 'zod';
import {
  GROUP_NAMES,
  itemIdSchema,
  levelIdSchema,
  moveIdSchema,
  routineIdSchema,
} from '@/core/common';
import { REGIONS, type Region } from '@/core/body';
import { DOSE_KINDS, MOVE_KINDS, amountOf, levelById, moveById, type MoveKind } from '@/core/moves';
import { laneEntries, laneNameSchema, rungSchema, type LaneName, type Rung } from '@/core/people';
import { catalogueFor, itemInForce, itemsInOrder, type Item, type Routine } from '@/core/routine';
import { isWork, msOf, type Score } from '@/core/timing';

export const PLAN_VERSION = 1;

const ms = z.number().int().min(0);
const laneDoesSchema = z.strictObject({
  lane: laneNameSchema,
  /** Null is rest. */
  moveId: moveIdSchema.nullable(),
  level: levelIdSchema.optional(),
  rung: rungSchema.optional(),
});

const planItemSchema = z.strictObject({
  itemId: itemIdSchema,
  moveId: moveIdSchema,
  name: z.string().max(80),
  kind: z.enum(MOVE_KINDS),
  family: z.string().max(40),
  doseKind: z.enum(DOSE_KINDS),
  /** Reps, breaths or milliseconds for one side. */
  amount: z.number().int().min(0),
  sets: z.number().int().min(1),
  sided: z.boolean(),
  lanes: z.array(laneDoesSchema).max(20),
});
export type PlanItem = Readonly<z.infer<typeof planItemSchema>>;

const laneWorkSchema = z.strictObject({
  lane: laneNameSchema,
  kinds: z.partialRecord(z.enum(MOVE_KINDS), ms),
  regions: z.partialRecord(z.enum(REGIONS), ms),
});

/**
 * What a led routine asked of whom, without the routine: enough for a person's weeks. One for all the
 * classes that led the routine as it then was.
 */
export const planSchema = z.strictObject({
  /** The id of the routine as it was led. */
  id: z.string().min(1).max(64),
  routineId: routineIdSchema,
  title: z.string().max(120),
  group: z.enum(GROUP_NAMES),
  items: z.array(planItemSchema).max(1000),
  work: z.array(laneWorkSchema).max(20),
});
export type Plan = Readonly<z.infer<typeof planSchema>>;

/** What a routine as it is led asks of each way of taking part. */
export function planOf(id: string, routine: Routine, score: Score): Plan {
  return {
    id,
    routineId: routine.id,
    title: routine.title,
    group: routine.group,
    items: itemsInOrder(routine).map((item) => planItem(item, routine, score)),
    work: workByLane(routine, score),
  };
}

function planItem(item: Item, routine: Routine, score: Score): PlanItem {
  const { move, dose, sides } = itemInForce(item, routine);
  const played = score.segments.find((one) => one.itemId === item.id && isWork(one));
  const longestMs = Math.max(
    0,
    ...score.segments.filter((one) => one.itemId === item.id && isWork(one)).map(msOf),
  );
  const catalogue = catalogueFor(routine);
  return {
    itemId: item.id,
    moveId: move.id,
    name: move.name,
    kind: move.kind,
    family: move.family,
    doseKind: dose.kind,
    amount: Math.round(amountOf(dose)),
    sets: dose.sets,
    sided: sides.way !== 'both',
    lanes: laneEntries(played?.lanes ?? {}).map(([lane, work]) => {
      const own = work.moveId ? moveById(catalogue, work.moveId) : undefined;
      const level = own && work.level ? levelById(own, work.level) : undefined;
      if (!own || !level) return { lane, moveId: null };
      const rung: Rung | undefined =
        own.kind === 'balance'
          ? {
              base: level.stance ?? 'apart',
              hands: work.support ?? level.support,
              challenge: item.challenge ?? 'still',
              timeMs: Math.min(60_000, Math.max(1000, longestMs)),
            }
          : undefined;
      return { lane, moveId: own.id, level: level.id, ...(rung && { rung }) };
    }),
  };
}

function workByLane(routine: Routine, score: Score): Plan['work'] {
  const catalogue = catalogueFor(routine);
  const lanes = new Map<
    LaneName,
    { kinds: Partial<Record<MoveKind, number>>; regions: Partial<Record<Region, number>> }
  >();
  for (const segment of score.segments.filter(isWork)) {
    for (const [lane, { moveId }] of laneEntries(segment.lanes)) {
      if (!moveId) continue;
      const move = moveById(catalogue, moveId);
      const found = lanes.get(lane) ?? { kinds: {}, regions: {} };
      const long = msOf(segment);
      found.kinds[move.kind] = (found.kinds[move.kind] ?? 0) + long;
      for (const region of move.regions) {
        found.regions[region] = (found.regions[region] ?? 0) + long;
      }
      lanes.set(lane, found);
    }
  }
  return [...lanes].map(([lane, work]) => ({ lane, ...work }));
}
