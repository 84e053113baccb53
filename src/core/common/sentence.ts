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
