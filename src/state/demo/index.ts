import {
  dayOfDate,
  daysAfter,
  daysBetween,
  isoWithOffset,
  routineIdSchema,
  weekdayOf,
} from '@/core/common';
import { MARK } from '../hall/kinds';
import { ledMark, unmarked } from '../hall/marks';
import { keyOf, writeStored } from '../storage/kind';
import made from './made.json';

const DAY_MS = 86_400_000;

/** A class that was led on a weekday, so many weeks before the last such day. */
interface LedBefore {
  readonly weekday: number;
  readonly time: string;
  readonly weeksAgo: number;
}

/** What is kept of a routine and its row, as it stands in storage. */
type Stored = object;

/** Made from what lies beside it by `npm run docs`; a test sees that it is current. */
interface Made {
  /** The day of the first visit, as all its days are counted from. */
  readonly day: string;
  readonly stored: Readonly<Record<string, Stored>>;
  readonly sides: Readonly<Record<string, readonly { readonly plannedMs: number }[]>>;
  readonly runs: readonly (LedBefore & {
    readonly key: string;
    /** So many of the sides were done. */
    readonly done: number;
    readonly sides: string;
    readonly stored: { readonly run: { readonly routineId: string; readonly realMs: number } };
  })[];
}

/** What stands in storage, or was to stand there, by key. */
export type Texts = Readonly<Record<string, string>>;

/** The demo data as it stands in storage on a first visit at a moment, by key. */
export function demoTexts(now: Date): Texts {
  const { day, stored, sides, runs }: Made = made as unknown as Made;
  const today = dayOfDate(now);
  const dated = (value: object) =>
    JSON.stringify(value).replace(/"(\d{4}-\d{2}-\d{2})"/gu, (_, on: string) =>
      JSON.stringify(daysAfter(today, daysBetween(day, on))),
    );
  const texts = Object.entries(stored).map(([key, value]) => [key, dated(value)] as const);
  const led = runs.map((one) => {
    const { key, stored: kept, done } = one;
    const own = (sides[one.sides] ?? []).map((side, i) => ({
      ...side,
      realMs: i < done ? side.plannedMs : 0,
    }));
    const run = { ...kept.run, sides: own, ...timesOf(one, kept.run.realMs, now) };
    return [key, JSON.stringify({ ...kept, run })] as const;
  });
  return Object.fromEntries([...texts, ...led, ...marksOf(runs, now)]);
}

/** When each routine was last led. */
function marksOf(runs: Made['runs'], now: Date): readonly (readonly [string, string])[] {
  const latestLast = [...runs].sort((a, b) => b.weeksAgo - a.weeksAgo);
  return latestLast.map((one) => {
    const id = routineIdSchema.parse(one.stored.run.routineId);
    const mark = ledMark(unmarked(id), timesOf(one, 0, now).startedAt);
    return [keyOf(MARK, id), writeStored(MARK, mark, 1)] as const;
  });
}

function timesOf({ weekday, time, weeksAgo }: LedBefore, tookMs: number, now: Date) {
  const back = ((weekdayOf(dayOfDate(now)) - weekday + 7) % 7 || 7) + 7 * weeksAgo;
  const start = new Date(now.getTime() - back * DAY_MS);
  const [hour = 0, minute = 0] = time.split(':').map(Number);
  start.setHours(hour, minute, 0, 0);
  const end = new Date(start.getTime() + tookMs);
  return { startedAt: isoWithOffset(start), endedAt: isoWithOffset(end) };
}
