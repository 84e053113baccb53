/** How the feet stand, from wide to narrow. All are standing: no transfer lies between them. */
export const STANCES = ['apart', 'together', 'semi-tandem', 'tandem', 'one-leg'] as const;
export type Stance = (typeof STANCES)[number];
