/** What a beat worker is told and tells. */
export type BeatRequest = { readonly everyMs: number };
export type BeatMessage = 'beat';
