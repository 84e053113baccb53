/** Where the stem hangs for each height of the base position: 0 floor … 4 standing. */
const STEM_STEP = [22, 16, 10, 0, -12];

export function stemX(width: number, height: number): number {
  return width / 2 + (STEM_STEP[height] ?? 0);
}

/** How far a leaf may reach so that it stays inside at every height. */
export function reach(width: number): number {
  return width / 2 - 26;
}

/** The outline of a leaf from the stem outward. */
export function leafPath(
  x: number,
  y: number,
  length: number,
  dir: 1 | -1,
  thickness: number,
): string {
  const tip = x + dir * length;
  const bulge = x + dir * length * 0.45;
  return `M${x} ${y}Q${bulge} ${y - thickness} ${tip} ${y}Q${bulge} ${y + thickness} ${x} ${y}Z`;
}

/** The stem's step from one height to another. */
export function bendPath(from: number, to: number, depth: number): string {
  if (from === to) return `M${from} 0V${depth}`;
  return `M${from} 0C${from} ${depth * 0.6} ${to} ${depth * 0.4} ${to} ${depth}`;
}
