import { z } from 'zod';
import { FIRST_DAY, isDay, personIdSchema, textSchema } from '@/core/common';

export const READING_VERSION = 1;

/** What can be measured, and how a reading of it is given. */
export const MEASURES = {
  together: { unit: 's', sided: false, most: 60, better: 'more' },
  'semi-tandem': { unit: 's', sided: true, most: 60, better: 'more' },
  tandem: { unit: 's', sided: true, most: 60, better: 'more' },
  'one-leg': { unit: 's', sided: true, most: 60, better: 'more' },
  'chair-stand': { unit: 'times', sided: false, most: 60, better: 'more' },
  'reach-forward': { unit: 'cm', sided: false, most: 80, better: 'more' },
  'seated-reach': { unit: 'cm', sided: true, most: 60, better: 'more', least: -60 },
  'three-metre-walk': { unit: 's', sided: false, most: 300, better: 'less' },
  'up-from-floor': { unit: 'step', sided: false, most: 3, better: 'more' },
  breaths: { unit: 'a minute', sided: false, most: 60, better: 'neither' },
} as const satisfies Record<
  string,
  {
    readonly unit: string;
    readonly sided: boolean;
    readonly most: number;
    readonly least?: number;
    readonly better: 'more' | 'less' | 'neither';
  }
>;
export type MeasureName = keyof typeof MEASURES;
export const MEASURE_NAMES = Object.keys(MEASURES) as MeasureName[];

/** How somebody gets up from the floor, by the number that is kept. */
export const FLOOR_WAYS = ['not-tried', 'with-help', 'at-a-chair', 'alone'] as const;

const value = z.number().min(-100).max(600);

/** One reading of somebody. A fault of its numbers is told by `readingFault`. */
export const readingSchema = z.strictObject({
  id: z.string().min(1).max(64),
  person: personIdSchema,
  measure: z.enum(MEASURE_NAMES as [MeasureName, ...MeasureName[]]),
  on: z.iso.date(),
  value: value.optional(),
  left: value.optional(),
  right: value.optional(),
  /** Hands were used, or an aid. */
  with: textSchema(80).optional(),
  note: textSchema(300).optional(),
});
export type Reading = Readonly<z.infer<typeof readingSchema>>;

export type ReadingFault =
  'no-day' | 'long-ago' | 'future' | 'nothing' | 'too-little' | 'too-much' | 'wrong-side';

/** What is wrong with the day of a reading, such as `2026-11-26`; undefined where nothing is. */
export function readingDayFault(
  on: string,
  today: string,
): Extract<ReadingFault, 'no-day' | 'long-ago' | 'future'> | undefined {
  if (!isDay(on)) return 'no-day';
  if (on < FIRST_DAY) return 'long-ago';
  return on > today ? 'future' : undefined;
}

/** What is wrong with a reading; undefined where nothing is. */
export function readingFault(reading: Reading, today: string): ReadingFault | undefined {
  const kind = MEASURES[reading.measure];
  const { value: whole, left, right } = reading;
  const dayFault = readingDayFault(reading.on, today);
  if (dayFault) return dayFault;
  const given = (kind.sided ? [left, right] : [whole]).filter((one) => one !== undefined);
  if (kind.sided ? whole !== undefined : left !== undefined || right !== undefined) {
    return 'wrong-side';
  }
  if (given.length === 0 || !given.every(Number.isFinite)) return 'nothing';
  const least = 'least' in kind ? kind.least : 0;
  if (given.some((one) => one < least)) return 'too-little';
  if (given.some((one) => one > kind.most)) return 'too-much';
  return undefined;
}

/**
 * Fewer stands than this in 30 seconds are below average. Source: CDC, 30-second chair stand, of its
 * material on preventing falls of older adults; men, women.
 */
const CHAIR_STANDS: readonly (readonly [from: number, men: number, women: number])[] = [
  [60, 14, 12],
  [65, 12, 11],
  [70, 12, 10],
  [75, 11, 10],
  [80, 10, 9],
  [85, 8, 8],
  [90, 7, 4],
];

/** The published count of somebody's age and sex; undefined outside of 60 to 94 or where either is unknown. */
export function averageStands(
  age: number | undefined,
  sex: 'woman' | 'man' | undefined,
): number | undefined {
  if (age === undefined || sex === undefined || age < 60 || age > 94) return undefined;
  const row = CHAIR_STANDS.findLast(([from]) => from <= age);
  return row?.[sex === 'man' ? 1 : 2];
}

/** Holding a heel-to-toe stance for less than this is a sign of a higher risk of falls. Source: CDC, four-stage balance test. */
export const TANDEM_SIGN_S = 10;

/** So many readings, and no fewer, show a trend. */
const LEAST_FOR_TREND = 3;

export type Trend = 'up' | 'down' | 'level';

/**
 * Which way readings go: the middle of the later half against that of the earlier.
 * @param values in order of their days; undefined from fewer than three
 */
export function trendOf(values: readonly number[]): Trend | undefined {
  if (values.length < LEAST_FOR_TREND) return undefined;
  const half = Math.floor(values.length / 2);
  const by = middle(values.slice(-half)) - middle(values.slice(0, half));
  const spread = Math.max(...values.map(Math.abs), 1) / 20;
  return Math.abs(by) <= spread ? 'level' : by > 0 ? 'up' : 'down';
}

function middle(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  const at = (sorted.length - 1) / 2;
  return ((sorted[Math.floor(at)] ?? 0) + (sorted[Math.ceil(at)] ?? 0)) / 2;
}

/** Breaths a minute from the moments at which somebody breathed in, in milliseconds; from four on. */
export function breathsAMinute(taps: readonly number[]): number | undefined {
  const [first] = taps;
  const last = taps.at(-1);
  if (taps.length < 4 || first === undefined || last === undefined || last <= first)
    return undefined;
  return Math.round(((taps.length - 1) * 600_000) / (last - first)) / 10;
}
