import { z } from 'zod';

/** One line of a person's own words: what routine text can keep on one line. */
export const oneLineSchema = (most: number) =>
  z
    .string()
    .max(most)
    .refine((text) => text === text.trim() && !/[\p{Cc}\u2028\u2029]/u.test(text), {
      error: 'must be one line without space around it',
    });

/**
 * A text as a sentence begins.
 * @example withCapital('sit tall') // 'Sit tall'
 */
export function withCapital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}

/**
 * A text as a sentence ends; one that ends already is left as it is.
 * @example withStop('Feet land softly') // 'Feet land softly.'
 */
export function withStop(text: string): string {
  return /[.!?…]$/.test(text) ? text : `${text}.`;
}
