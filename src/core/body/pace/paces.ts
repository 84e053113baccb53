import { z } from 'zod';
import { remember, type GroupName } from '@/core/common';

/** Every number that a group's way of working sets. Times in milliseconds. */
export interface Pace {
  readonly talkWpm: number;
  readonly setUpMs: number;
  readonly settlingMs: number;
  readonly countInMs: number;
  readonly switchMs: number;
  readonly betweenMs: number;
  /** Hundredths, so that rounding up stays on integers: 180 means 1.8 times a usual adult. */
  readonly transferHundredths: number;
  readonly breathInMs: number;
  readonly breathOutMs: number;
  readonly propMs: number;
  /** The pause where the trunk is first upright after lying. */
  readonly risingMs: number;
  /** The pause on then reaching standing. */
  readonly standingMs: number;
  /** The pause after more than twenty seconds with the head below the heart. */
  readonly headUpMs: number;
}

const DESK = {
  talkWpm: 150,
  setUpMs: 5000,
  settlingMs: 0,
  countInMs: 3000,
  switchMs: 4000,
  betweenMs: 0,
  transferHundredths: 100,
  breathInMs: 4000,
  breathOutMs: 5000,
  propMs: 6000,
  risingMs: 10_000,
  standingMs: 0,
  headUpMs: 5000,
} as const satisfies Pace;

const OLDER = {
  talkWpm: 120,
  setUpMs: 8000,
  settlingMs: 4000,
  countInMs: 3000,
  switchMs: 8000,
  betweenMs: 5000,
  transferHundredths: 180,
  breathInMs: 3000,
  breathOutMs: 4000,
  propMs: 10000,
  risingMs: 20000,
  standingMs: 10000,
  headUpMs: 10000,
} as const satisfies Pace;

/** The starting points; a routine can change every number. */
export const PACES: Readonly<Record<GroupName, Pace>> = {
  desk: DESK,
  older: OLDER,
  chair: { ...OLDER, talkWpm: 150, transferHundredths: 150 },
  standing: DESK,
};

const ms = z
  .number()
  .int()
  .min(0)
  .max(600_000)
  .refine((n) => n % 1000 === 0);

/** What a routine changes in its pace; what is left out stays as the pace has it. */
export const paceChangesSchema = z
  .strictObject({
    talkWpm: z.number().int().min(40).max(400).optional(),
    setUpMs: ms.optional(),
    settlingMs: ms.optional(),
    countInMs: ms.optional(),
    switchMs: ms.optional(),
    betweenMs: ms.optional(),
    transferHundredths: z.number().int().min(50).max(500).optional(),
    breathInMs: ms.min(1000).max(20_000).optional(),
    breathOutMs: ms.min(1000).max(20_000).optional(),
    propMs: ms.optional(),
    risingMs: ms.optional(),
    standingMs: ms.optional(),
  })
  .refine(
    ({ breathInMs, breathOutMs }) => (breathInMs === undefined) === (breathOutMs === undefined),
    {
      error: 'breath in and breath out are set together',
    },
  )
  .refine(({ risingMs, standingMs }) => standingMs === undefined || risingMs !== undefined, {
    error: 'the pause on standing is set together with the one after lying',
  });
export type PaceChanges = z.infer<typeof paceChangesSchema>;

const changed = remember((changes: PaceChanges) => {
  const paces = new Map<GroupName, Pace>();
  return (name: GroupName): Pace => {
    const known = paces.get(name);
    if (known) return known;
    const pace = Object.keys(changes).length === 0 ? PACES[name] : { ...PACES[name], ...changes };
    paces.set(name, pace);
    return pace;
  };
});

/** The numbers in force: the pace's own, with the routine's changes laid over them. */
export function paceOf(name: GroupName, changes: PaceChanges): Pace {
  return changed(changes)(name);
}
