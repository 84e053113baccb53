export const MOVE_KINDS = [
  'breath',
  'mobility',
  'stretch',
  'strength',
  'balance',
  'transfer',
] as const;
export type MoveKind = (typeof MOVE_KINDS)[number];

/** How much the hands hold, from most to least. Hover is no contact. */
export const SUPPORTS = ['two hands', 'one hand', 'fingertips', 'hover', 'none'] as const;
export type Support = (typeof SUPPORTS)[number];

/** What makes a balance stance harder without changing it. */
export const CHALLENGES = [
  'still',
  'arms moving',
  'head turning',
  'trunk turning',
  'naming things',
  'looking up',
  'eyes closed',
] as const;
export type Challenge = (typeof CHALLENGES)[number];

/** What a move may need at hand, with what stands in for it. */
export const PROPS = {
  strap: ['towel'],
  weight: ['water bottle'],
  block: ['thick book'],
  'low step': ['step that cannot slide'],
  roller: ['rolled mat', 'firm cushion'],
  cushion: ['folded blanket', 'pillow'],
  stick: ['rolled towel'],
  band: [],
} as const satisfies Record<string, readonly string[]>;
export type PropName = keyof typeof PROPS;
export const PROP_NAMES = Object.keys(PROPS) as PropName[];

/**
 * A prop by its name, or by what stands in for it; undefined where it is neither.
 * @example propNamed('pillow') // 'cushion'
 */
export function propNamed(text: string): PropName | undefined {
  const folded = text.toLowerCase().replace(/ +/g, ' ').trim();
  return PROP_NAMES.find((prop) => {
    const standIns: readonly string[] = PROPS[prop];
    return prop === folded || standIns.includes(folded);
  });
}

/** Which side of the body something bears on, seen from the side being worked. */
export const BEARINGS = ['body', 'worked', 'other'] as const;
export type Bearing = (typeof BEARINGS)[number];
