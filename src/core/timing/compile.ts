import { byLane, type TakingPart } from '@/core/people';
import type { NoticeLine, Routine } from '@/core/routine';
import { addPlay } from './play';
import { isWork, msOf, type Score, type ScorePhrases, type Segment } from './score';
import { unroll, type Gap, type Play } from './unroll';
import { add, newWalk, type Walk } from './walk';
import { cueNow, goHome } from './ways';

/**
 * Times a routine for all its lanes in step.
 * @param part who takes part: what they may not be asked to bear changes ways and stand-ins
 * @param phrases the sentences it may speak
 * @returns the score, in integer milliseconds; it throws where the catalogue lacks a move, since a
 * routine is checked at the door
 */
export function compile(routine: Routine, part: TakingPart, phrases: ScorePhrases): Score {
  return walked(newWalk(routine, part, phrases));
}

/**
 * The same score with nothing said and no rep marked, for whoever only wants its times and places:
 * half the work.
 */
export function timesOf(routine: Routine, part: TakingPart, phrases: ScorePhrases): Score {
  return walked({ ...newWalk(routine, part, phrases), quiet: true });
}

function walked(walk: Walk): Score {
  addSteps(walk, unroll(walk.routine));
  goHome(walk);
  return {
    totalMs: walk.nowMs,
    ...sideTotals(walk.segments),
    trips: byLane(walk.lanes.map(({ name, trips }) => [name, trips] as const)),
    segments: walk.quiet ? walk.segments : endedTruly(walk.segments, walk.phrases),
  };
}

/** Work that is too short for a count-down ends in a word; "rest" is said only where a rest follows. */
function endedTruly(segments: readonly Segment[], { andStop }: ScorePhrases): readonly Segment[] {
  return segments.map((segment, i) => {
    const next = segments[i + 1];
    const ends = segment.cues.some(({ kind }) => kind === 'end');
    if (!ends || !next || next.kind === 'rest') return segment;
    const cues = segment.cues.map((cue) => (cue.kind === 'end' ? { ...cue, text: andStop } : cue));
    return { ...segment, cues };
  });
}

/** Does plays and gaps one after the other. */
export function addSteps(walk: Walk, steps: readonly (Play | Gap)[]): void {
  for (const step of steps) {
    if (step.kind === 'play') addPlay(walk, step);
    else if (step.notice) addNotice(walk, step.notice);
    else if (step.restMs === null) add(walk, 'pause', walk.pace.betweenMs, null);
    else
      add(walk, 'rest', step.restMs, null, { cues: cueNow(walk, 'rest', () => walk.phrases.rest) });
  }
}

/** Quiet time, with its words at the start; asked again, for a comparison. */
function addNotice(walk: Walk, { id, noticeMs, words }: NoticeLine): void {
  const again = walk.noticed.has(words.toLowerCase());
  walk.noticed.add(words.toLowerCase());
  const said = () => (again ? walk.phrases.noticeAgain(words) : words);
  add(walk, 'notice', noticeMs, null, { noticeId: id, cues: cueNow(walk, 'notice', said) });
}

/** Work and press by side; what both sides do counts half to each. */
function sideTotals(segments: readonly Segment[]): Pick<Score, 'leftMs' | 'rightMs'> {
  let leftMs = 0;
  let rightMs = 0;
  for (const segment of segments) {
    if (!isWork(segment)) continue;
    const ms = msOf(segment);
    if (segment.side === 'left') leftMs += ms;
    else if (segment.side === 'right') rightMs += ms;
    else {
      leftMs += ms / 2;
      rightMs += ms / 2;
    }
  }
  return { leftMs: Math.round(leftMs), rightMs: Math.round(rightMs) };
}
