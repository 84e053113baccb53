import { isWork, msOf } from '@/core/timing';
import type { Level } from '@/core/moves';
import type { LaneName } from '@/core/people';
import { placeOf } from '@/core/routine';
import type { Found, Rule } from '../finding';
import { lineAtLeast, movesForAll } from '../mend';
import type { Seen } from '../seen';

const VALUES = { everyMs: 1_800_000, leanMs: 120_000 } as const;

/** Only leaning out of the seat takes the weight off the skin; rounding in it does not. */
const leans = (level: Level) => level.loads.some(({ load }) => load === 'lean-out');

/** The longest time that a lane sits without a minute of leaning in all. */
function longestWithout(seen: Seen, lane: LaneName): { ms: number; fromMs: number } {
  let fromMs = 0;
  let leanMs = 0;
  let longest = { ms: 0, fromMs: 0 };
  for (const segment of seen.score.segments) {
    const ms = segment.endMs - fromMs;
    if (ms > longest.ms) longest = { ms, fromMs };
    if (!isWork(segment) || !segment.itemId) continue;
    const doing = seen.itemById.get(segment.itemId)?.lanes.find((one) => one.lane === lane);
    if (!doing || !leans(doing.level)) continue;
    leanMs += msOf(segment);
    if (leanMs < VALUES.leanMs) continue;
    leanMs = 0;
    fromMs = segment.endMs;
  }
  return longest;
}

/** A wheelchair is sat in all day: weight comes off the seat by leaning forward or to each side. */
export const seatLong: Rule<'sitMs' | 'everyMs' | 'leanMs', 'lanes'> = {
  severity: 'caution',
  source: 'practice',
  values: VALUES,
  find: (seen) =>
    seen.lanes
      .filter((lane) => lane.startsWith('wheelchair'))
      .flatMap((lane): Found[] => {
        const { ms } = longestWithout(seen, lane);
        if (ms <= VALUES.everyMs) return [];
        return [
          {
            lane: seen.lanes.length > 1 ? lane : null,
            numbers: { sitMs: ms, everyMs: VALUES.everyMs, leanMs: VALUES.leanMs },
            about: { lanes: [lane] },
          },
        ];
      }),
  mends: (seen, finding, making) => {
    const lane = seen.lanes.find((one) => finding.about.lanes?.includes(one));
    if (!lane) return [];
    const { fromMs } = longestWithout(seen, lane);
    const before = seen.inOrder.filter(({ play }) => play.startMs < fromMs + VALUES.everyMs / 2);
    const entryId = before.at(-1)?.seen.entryId;
    if (!entryId) return [];
    const place = placeOf(seen.routine, entryId);
    return movesForAll(seen, (_, level) => leans(level) && level.from.startsWith('sit'))
      .flatMap((move) => lineAtLeast(seen, move, place, making, VALUES.leanMs))
      .slice(0, 6);
  },
};
