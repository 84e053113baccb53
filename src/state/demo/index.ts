import { isoWithOffset } from '@/core/common';
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
  return Object.fromEntries([...texts, ...led]);
}

function timesOf({ daysAgo, hour, tookMs }: LedBefore, now: Date) {
  const start = new Date(now.getTime() - daysAgo * DAY_MS);
  start.setHours(hour, 0, 0, 0);
  const end = new Date(start.getTime() + tookMs);
  return { startedAt: isoWithOffset(start), endedAt: isoWithOffset(end) };
}
