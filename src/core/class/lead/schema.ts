import { z } from 'zod';
import { groupIdSchema, isRecord, runIdSchema, type MigrationStep } from '@/core/common';
import { GROUP_ALONE, takingPartSchema } from '@/core/people';
import { routineSchema } from '@/core/routine';
import { eventSchema, leadEditSchema, skipSchema } from '../record/changes';

/** The version of a class in progress as it is kept; the routine in it counts its own. */
export const LEAD_VERSION = 9;

export const LEAD_MIGRATIONS: readonly MigrationStep[] = [
  { from: 4, what: 'who takes part', apply: withTakingPart },
  { from: 5, what: 'edits of every kind, skips and what happened', apply: withEdits },
  { from: 6, what: 'whom it is led for may be said', apply: (kept) => kept },
  { from: 7, what: 'whom something happened to may be said', apply: (kept) => kept },
  { from: 8, what: 'what somebody has on that day may be said', apply: (kept) => kept },
];

const ms = z.number().min(0);

/** A class in progress as it is kept, so that a reload or a crash loses nothing. */
export const keptLeadSchema = z.strictObject({
  runId: runIdSchema,
  startedAt: z.iso.datetime({ offset: true }),
  groupId: groupIdSchema.optional(),
  lead: z.strictObject({
    routine: routineSchema,
    part: takingPartSchema,
    edits: z.array(leadEditSchema).max(1000),
    skips: z.array(skipSchema).max(1000),
    events: z.array(eventSchema).max(100),
    tally: z.record(z.string(), ms),
    ledMs: ms,
    fromMs: ms,
    clockMs: z.null(),
    runThrough: z.literal(true).optional(),
    passedStops: z.number().int().min(1).max(10_000).optional(),
  }),
});
export type KeptLead = z.infer<typeof keptLeadSchema>;

function withTakingPart(kept: unknown): unknown {
  if (!isRecord(kept) || !isRecord(kept.lead)) return kept;
  return { ...kept, lead: { ...kept.lead, part: GROUP_ALONE } };
}

function withEdits(kept: unknown): unknown {
  if (!isRecord(kept) || !isRecord(kept.lead)) return kept;
  const { extensions, ...lead } = kept.lead;
  const edits = Array.isArray(extensions)
    ? extensions.map((one: unknown) => (isRecord(one) ? { kind: 'extend', ...one } : one))
    : extensions;
  return { ...kept, lead: { ...lead, edits, skips: [], events: [] } };
}
