import { useEffect, useState } from 'react';
import { countInLeftMs, placeAt, type Lead } from '@/core/class';
import { onFrame } from '@/platform/page';
import { readClock, scoreOfLead, useAppDispatch } from '@/state';

/** Finer steps than this are not seen in a count of seconds, and cost the class its time. */
const STEP_MS = 100;

export interface Place {
  readonly placeMs: number;
  readonly countInMs: number;
  readonly wallTime: Date;
}

/** Where the class is, drawn anew while it runs. */
export function usePlace(lead: Lead): Place {
  const dispatch = useAppDispatch();
  const read = (): Place => {
    const { nowMs, wallTime } = dispatch(readClock());
    return {
      placeMs: placeAt(lead, scoreOfLead(lead), nowMs),
      countInMs: countInLeftMs(lead, nowMs),
      wallTime,
    };
  };
  const [, redraw] = useState(0);
  const running = lead.clockMs !== null;
  useEffect(() => {
    if (!running) return undefined;
    let drawn: number | undefined;
    return onFrame(() => {
      const step = Math.floor(dispatch(readClock()).nowMs / STEP_MS);
      if (step !== drawn) redraw(step);
      drawn = step;
    });
  }, [running, dispatch]);
  return read();
}
