import { z } from 'zod';
import { isRecord, runIdSchema, type MigrationStep } from '@/core/common';
import { GROUP_ALONE, takingPartSchema } from '@/core/people';
import { routineSchema } from '@/core/routine';

/** The version of a class in progress as it is kept; the routine in it counts its own. */
export const LEAD_VERSION = 5;

export const LEAD_MIGRATIONS: readonly MigrationStep[] = [
  { from: 4, what: 'who takes part', apply: withTakingPart },
];

const ms = z.number().min(0);

/** A class in progress as it is kept, so that a reload or a crash loses nothing. */
export const keptLeadSchema = z.strictObject({
  runId: runIdSchema,
  startedAt: z.iso.datetime({ offset: true }),
  lead: z.strictObject({
    routine: routineSchema,
    part: takingPartSchema,
    extensions: z.array(z.strictObject({ segment: z.number().int().min(0) })).max(1000),
    tally: z.record(z.string(), ms),
    ledMs: ms,
    fromMs: ms,
    clockMs: z.null(),
    passedStops: z.number().int().min(1).max(10_000).optional(),
  }),
});
export type KeptLead = z.infer<typeof keptLeadSchema>;

function withTakingPart(kept: unknown): unknown {
  if (!isRecord(kept) || !isRecord(kept.lead)) return kept;
  return { ...kept, lead: { ...kept.lead, part: GROUP_ALONE } };
}
