/** When things are written. */
export interface Timing {
  /** An edit is kept within 250 ms; this leaves time for the writing. */
  readonly afterMs: number;
  /** How long it waits after a failed writing: each time longer, up to the last. */
  readonly retryMs: readonly number[];
  /** The same for a reading. */
  readonly rereadMs: readonly number[];
  /** A reading that takes longer has failed: some browsers never answer. */
  readonly longestReadMs: number;
  /** The same for a writing, and for the turn at it. */
  readonly longestWriteMs: number;
}

export const TIMING: Timing = {
  afterMs: 150,
  retryMs: [1000, 2000, 5000, 15_000, 60_000],
  rereadMs: [50, 200, 1000, 3000],
  longestReadMs: 15_000,
  longestWriteMs: 10_000,
};
