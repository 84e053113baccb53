import { rememberPair } from '@/core/common';
import type { Pace } from '../pace/paces';
import { position, type PositionId } from './positions';
import type { Route, Step } from './route';

/** A part of a transfer as the score times it. */
export interface TransferPart {
  readonly kind: 'transfer' | 'pause';
  readonly ms: number;
  readonly steps: readonly Step[];
  readonly at: PositionId;
}

/** A part of a route, in whole seconds at the pace's factor. */
function scaledMs(seconds: number, pace: Pace): number {
  return Math.ceil((seconds * pace.transferHundredths) / 100) * 1000;
}

/**
 * Times a route: one transfer, or, on coming up from lying to seat height or above, transfers
 * around the pauses that keep people from rising too fast. The parts add up to the rounded whole.
 */
export const timeRoute = rememberPair((route: Route, pace: Pace): readonly TransferPart[] => {
  const pauses = risingPauses(route.steps, pace);
  const parts: TransferPart[] = [];
  let done = 0;
  let spentMs = 0;
  const moveTo = (end: number) => {
    const steps = route.steps.slice(done, end);
    const last = steps.at(-1);
    if (!last) return;
    const soFar = route.steps.slice(0, end).reduce((sum, step) => sum + step.seconds, 0);
    const untilMs = scaledMs(soFar, pace);
    parts.push({ kind: 'transfer', ms: untilMs - spentMs, steps, at: last.to });
    spentMs = untilMs;
    done = end;
  };
  for (const { afterStep, ms } of pauses) {
    moveTo(afterStep + 1);
    const at = route.steps[afterStep]?.to;
    if (at && ms > 0) parts.push({ kind: 'pause', ms, steps: [], at });
  }
  moveTo(route.steps.length);
  return parts;
});

interface RisingPause {
  readonly afterStep: number;
  readonly ms: number;
}

function risingPauses(steps: readonly Step[], pace: Pace): readonly RisingPause[] {
  const first = steps[0];
  const last = steps.at(-1);
  if (!first || !last) return [];
  const end = position(last.to);
  if (position(first.from).way !== 'lying' || end.way === 'lying' || end.height < 3) return [];
  const upright = firstUpright(steps);
  const pauses = [{ afterStep: upright, ms: pace.risingMs }];
  const standing = steps.findIndex(({ to }, i) => i > upright && position(to).way === 'standing');
  if (standing >= 0) pauses.push({ afterStep: standing, ms: pace.standingMs });
  return pauses;
}

/** Where the trunk is first upright and resting; kneeling at a seat only where nothing else is. */
function firstUpright(steps: readonly Step[]): number {
  const resting = steps.findIndex(({ to }) =>
    ['sitting-floor', 'seated'].includes(position(to).way),
  );
  if (resting >= 0) return resting;
  const kneeling = steps.findIndex(({ to }) => to === 'kneel-seat');
  if (kneeling >= 0) return kneeling;
  return steps.findIndex(({ to }) => position(to).height >= 2);
}
