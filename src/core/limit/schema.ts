import { z } from 'zod';
import { SIDES } from '../body';
import { LIMITS } from './limits';

/** A limit with the side of the body that has it, where it has one. */
export const limitOfBodySchema = z.strictObject({
  limit: z.enum(LIMITS),
  side: z.enum(SIDES).optional(),
});
