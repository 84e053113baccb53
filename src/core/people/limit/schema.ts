import { z } from 'zod';
import { SIDES } from '@/core/body';
import { LIMITS } from './names';
import { readLimits } from './words';

/** A limit with the side of the body that has it, where it has one. */
export const limitOfBodySchema = z.strictObject({
  limit: z.enum(LIMITS),
  side: z.enum(SIDES).optional(),
});

/** A limit of a person; the instructor may treat as out what needs care, never the other way round. */
export const ownLimitSchema = limitOfBodySchema.extend({ strict: z.literal(true).optional() });

/** Every limit, on each side. */
export const limitsSchema = z.array(limitOfBodySchema).max(2 * LIMITS.length);

const saidSchema = z
  .string()
  .min(1)
  .max(300)
  .transform((said, context) => {
    const { limits, unread } = readLimits(said);
    for (const { words, nearest } of unread) {
      const message = `no limit is called “${words}”; nearest: ${nearest.join(', ')}`;
      context.addIssue({ code: 'custom', message });
    }
    return limits;
  });

/** Limits as they are kept, or as people say them. */
export const limitsSaidSchema = z
  .array(z.union([ownLimitSchema.transform((one) => [one]), saidSchema]))
  .max(2 * LIMITS.length)
  .transform((said): z.infer<typeof ownLimitSchema>[] => said.flat());
