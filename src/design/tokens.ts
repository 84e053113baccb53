/** The colours of the application: paper, ink, and a few of water and bark. */
export const LIGHT = {
  ground: '#F3F2EC',
  sheet: '#FBFAF6',
  shade: '#E5E7DF',
  line: '#D9D8CE',
  ink: '#22312C',
  quiet: '#56635C',
  willow: '#4F6F45',
  catkin: '#8A6612',
  river: '#2F6479',
  bark: '#7A5A43',
  clay: '#A8452B',
};

export type Tokens = typeof LIGHT;

export const DARK: Tokens = {
  ground: '#161C19',
  sheet: '#1E2622',
  shade: '#2A342F',
  line: '#3A4740',
  ink: '#E9ECE4',
  quiet: '#AAB6AD',
  willow: '#8DB37F',
  catkin: '#E0B95A',
  river: '#7DB3C9',
  bark: '#C9A587',
  clay: '#EC8F76',
};

/**
 * A size of letters that follows the reader's own: so many pixels where their browser has its usual size.
 * It is a length for the style sheet; nothing can be worked out with it.
 */
export const rem = (px: number) => `${px / 16}rem` as unknown as number;

/** How much larger the reader's browser sets letters than usual; for what needs pixels. */
export function textScale(): number {
  const root = typeof document === 'undefined' ? undefined : document.documentElement;
  const size = root ? Number.parseFloat(getComputedStyle(root).fontSize) : 16;
  return size > 0 ? size / 16 : 1;
}

export const SANS = '"Atkinson Hyperlegible Next", system-ui, sans-serif';
export const SERIF = 'Literata, Georgia, serif';

/** The least size of anything to press. */
export const TARGET = 48;
/** From this width on there is room for panes side by side. */
export const WIDE = 900;
