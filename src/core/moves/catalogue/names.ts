/** Most that is typed is so already. */
const FOLDED = /^[!-@[-~]+(?: [!-@[-~]+)*$/;

/**
 * How a name is compared: letter case, kinds of dash and inner spacing don't matter.
 * @example foldName('  Child’s   Pose ') // 'child’s pose'
 */
export function foldName(name: string): string {
  if (FOLDED.test(name)) return name;
  return name.toLowerCase().normalize('NFC').replace(/[‐-―]/gu, '-').replace(/\s+/gu, ' ').trim();
}
