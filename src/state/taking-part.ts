import { GROUP_ALONE, type TakingPart } from '@/core/people';

/**
 * Who takes part in a routine's class: the one answer for page, checks, fit, order, lead and record,
 * so that all of them time the same class.
 */
export function takingPart(): TakingPart {
  return GROUP_ALONE;
}
