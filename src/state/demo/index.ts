import { isoWithOffset, routineIdSchema } from '@/core/common';
import { MARK } from '../hall/kinds';
import { unmarked } from '../hall/marks';
import { keyOf, writeStored } from '../storage/kind';
import made from './made.json';

const DAY_MS = 86_400_000;

/** A class that was led so many days before the first visit. */
interface LedBefore {
  readonly daysAgo: number;
  readonly hour: number;
  /** From its start to its end, holds counted. */
  readonly tookMs: number;
}

/** What is kept of a routine and its row, as it stands in storage. */
type Stored = object;

/** Made from the texts beside it by `npm run docs`; a test sees that it is current. */
interface Made {
  readonly stored: Readonly<Record<string, Stored>>;
  readonly runs: readonly (LedBefore & {
    readonly key: string;
    readonly routineKey: string;
    readonly stored: { readonly run: object };
  })[];
}

/** What stands in storage, or was to stand there, by key. */
export type Texts = Readonly<Record<string, string>>;

/** The demo data as it stands in storage on a first visit at a moment, by key. */
export function demoTexts(now: Date): Texts {
  const { stored, runs }: Made = made;
  const texts = Object.entries(stored).map(([key, value]) => [key, JSON.stringify(value)] as const);
  const led = runs.map(({ key, routineKey, stored: kept, ...when }) => {
    const { routine } = stored[routineKey] as { routine: object };
    const run = { ...kept.run, routine, ...timesOf(when, now) };
    return [key, JSON.stringify({ ...kept, run })] as const;
  });
  return Object.fromEntries([...texts, ...led, ...marksOf(runs, now)]);
}

/** When each routine was last led. */
function marksOf(runs: Made['runs'], now: Date): readonly (readonly [string, string])[] {
  const latestLast = [...runs].sort((a, b) => b.daysAgo - a.daysAgo);
  return latestLast.map(({ routineKey, ...when }) => {
    const id = routineIdSchema.parse(routineKey.slice(routineKey.indexOf('/') + 1));
    const mark = { ...unmarked(id), ledAt: timesOf(when, now).startedAt };
    return [keyOf(MARK, id), writeStored(MARK, mark, 1)] as const;
  });
}

function timesOf({ daysAgo, hour, tookMs }: LedBefore, now: Date) {
  const start = new Date(now.getTime() - daysAgo * DAY_MS);
  start.setHours(hour, 0, 0, 0);
  const end = new Date(start.getTime() + tookMs);
  return { startedAt: isoWithOffset(start), endedAt: isoWithOffset(end) };
}
