import { z } from 'zod';
import { runIdSchema } from '../ids';
import { routineSchema } from '../routine';

const ms = z.number().min(0);

/** A class in progress as it is kept, so that a reload or a crash loses nothing. */
export const keptLeadSchema = z.strictObject({
  runId: runIdSchema,
  startedAt: z.iso.datetime(),
  lead: z.strictObject({
    routine: routineSchema,
    extensions: z.array(z.strictObject({ segment: z.number().int().min(0) })).max(1000),
    tally: z.record(z.string(), ms),
    ledMs: ms,
    fromMs: ms,
    clockMs: z.null(),
  }),
});
export type KeptLead = z.infer<typeof keptLeadSchema>;
