/**
 * How a name is compared: letter case, kinds of dash and inner spacing don't matter.
 * @example foldName('  Child’s   Pose ') // 'child’s pose'
 */
export function foldName(name: string): string {
  return name.normalize('NFC').replace(/[‐-―]/gu, '-').replace(/\s+/gu, ' ').trim().toLowerCase();
}
