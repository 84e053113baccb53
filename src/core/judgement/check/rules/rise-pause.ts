import { limitNamed, type LaneName, laneOf } from '@/core/people';
import { changeHeader } from '@/core/routine';
import type { Rule } from '../finding';
import { positionIn, type Seen } from '../seen';

/** The pauses that a lane needs: the pace's own, or what somebody's limit asks for. */
function needed(seen: Seen, lane: LaneName): { risingMs: number; standingMs: number } {
  const ofPeople = seen.part.people
    .filter((person) => laneOf(person, seen.lanes) === lane)
    .flatMap(({ limits }) => limits ?? []);
  const asked = [...(seen.routine.limits ?? []), ...ofPeople].map(
    ({ limit }) => limitNamed(limit).rising,
  );
  const { risingMs, standingMs } = seen.usual;
  return {
    risingMs: Math.max(risingMs, ...asked.map((one) => one?.risingMs ?? 0)),
    standingMs: Math.max(standingMs, ...asked.map((one) => one?.standingMs ?? 0)),
  };
}

/** Whether a lane comes up from lying to a seat or above, and whether it then stands. */
function comesUp(seen: Seen, lane: LaneName): { rises: boolean; stands: boolean } {
  let lying = false;
  let rising = false;
  const result = { rises: false, stands: false };
  for (const segment of seen.score.segments) {
    const at = positionIn(segment, lane);
    if (!at) continue;
    const moving = segment.kind === 'transfer' || segment.kind === 'pause';
    if (at.way === 'lying') lying = true;
    if (at.height >= 3 && at.way !== 'lying') {
      if (lying) rising = result.rises = true;
      if (rising && at.way === 'standing') result.stands = true;
      lying = false;
    }
    if (!moving) rising = false;
  }
  return result;
}

export const risePause: Rule<'risingMs' | 'standingMs' | 'needsMs' | 'needsStandingMs', 'lanes'> = {
  severity: 'caution',
  source: 'practice',
  values: {},
  find: (seen) => {
    const { risingMs, standingMs } = seen.pace;
    const short = seen.lanes.flatMap((lane) => {
      const { rises, stands } = comesUp(seen, lane);
      const need = needed(seen, lane);
      const isShort =
        (rises && risingMs < need.risingMs) || (stands && standingMs < need.standingMs);
      return isShort ? [{ lane, need }] : [];
    });
    const [first] = short;
    if (!first) return [];
    const needsMs = Math.max(...short.map(({ need }) => need.risingMs));
    const needsStandingMs = Math.max(...short.map(({ need }) => need.standingMs));
    return [
      {
        severity: seen.older ? 'stop' : 'caution',
        lane: short.length === seen.lanes.length && short.length > 1 ? null : first.lane,
        numbers: { risingMs, standingMs, needsMs, needsStandingMs },
        about: { lanes: short.map(({ lane }) => lane) },
      },
    ];
  },
  mends: (seen, { numbers }) => {
    const { risingMs, standingMs, ...kept } = seen.routine.pace;
    const { needsMs = 0, needsStandingMs = 0 } = numbers;
    const usual = needsMs === seen.usual.risingMs && needsStandingMs === seen.usual.standingMs;
    const pace = usual ? kept : { ...kept, risingMs: needsMs, standingMs: needsStandingMs };
    return [changeHeader(seen.routine, { pace })];
  },
};
