import { useEffect, useRef, useState } from 'react';
import type { Motion } from '@/core/figure';
import type { Dose, MoveKind } from '@/core/moves';
import { onFrame, wantsLessMotion } from '@/platform/page';
import { beatOf, breathAt, keyAt, placeAt, placeNow, type Now } from './time';

/** Where a figure is between its key poses, and how full of breath. */
export interface Moment {
  readonly place: number;
  readonly breath: number;
}

/** Where it is after so long; `now` of a class, where it moves with one. */
export type At = (ms: number, now: Now | undefined) => Moment;

/** Again and again in the tempo of a dose. */
export function atDose({ keys }: Motion, dose: Dose, kind: MoveKind): At {
  const beat = beatOf(dose, kind);
  return (ms) => ({ place: placeAt(ms, keys, beat), breath: 0 });
}

/** With the rep or the hold of a class. */
export function atNow({ keys, isTurn }: Motion): At {
  const turned = isTurn();
  return (ms, now) => {
    if (!now) return { place: keys - 1, breath: 0 };
    const place = now.loops ? placeAt(ms, keys, now) : placeNow(ms, keys, now, turned);
    // Who holds still breathes.
    return { place, breath: now.stayMs > 3000 ? breathAt(ms) : 0 };
  };
}

/** A class that is late by more than this stands still. */
const LATE_MS = 150;

/** Slow movement needs no more pictures than thirty a second; more would take the class its time. */
const BETWEEN_MS = 30;
/** As fine as is seen: a step of the whole way, and a chest that rises by a hair. */
const PLACES = 200;
const BREATHS = 20;
const inSteps = (x: number, steps: number) => Math.round(x * steps) / steps;

/** Drawn anew from frame to frame; with less motion the key poses come in turn. */
export function useMoment(at: At | undefined, now: Now | undefined, still: number): Moment {
  const [moment, setMoment] = useState<Moment>({ place: still, breath: 0 });
  const clock = useRef({ now, readAt: 0 });
  useEffect(() => {
    clock.current = { now, readAt: performance.now() };
  }, [now]);
  useEffect(() => {
    if (!at) return undefined;
    const quiet = wantsLessMotion();
    const startedAt = performance.now();
    let drawnAt = 0;
    return onFrame(() => {
      const { now: last, readAt } = clock.current;
      const here = performance.now();
      if (here - drawnAt < BETWEEN_MS) return;
      drawnAt = here;
      const ms = last ? last.sinceMs + Math.min(LATE_MS, here - readAt) : here - startedAt;
      const exact = at(ms, last);
      const next = quiet
        ? { place: last ? Math.round(exact.place) : keyAt(ms, still + 1), breath: 0 }
        : { place: inSteps(exact.place, PLACES), breath: inSteps(exact.breath, BREATHS) };
      setMoment((before) =>
        before.place === next.place && before.breath === next.breath ? before : next,
      );
    });
  }, [at, still]);
  return at ? { ...moment, place: Math.min(moment.place, still) } : { place: still, breath: 0 };
}
