import type { Score } from '@/core/timing';

/** `HH:MM:SS.mmm`, as WebVTT writes times. */
function stamp(ms: number): string {
  const pad = (n: number, width = 2) => String(n).padStart(width, '0');
  const seconds = Math.floor(ms / 1000);
  const clock = [seconds / 3600, (seconds / 60) % 60, seconds % 60].map((n) => pad(Math.floor(n)));
  return `${clock.join(':')}.${pad(Math.floor(ms % 1000), 3)}`;
}

/** WebVTT reads `&`, `<` and `>` as its own. */
function escaped(text: string): string {
  return text.replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/>/g, '&gt;');
}

/** Nothing shows for less than this: nobody could read it. */
const LEAST_MS = 1000;

/**
 * The cues of a score as captions: each stays until the next one.
 * Source: the W3C's WebVTT format.
 */
export function captionsVtt(score: Score): string {
  const cues = score.segments.flatMap((segment) => segment.cues).sort((a, b) => a.atMs - b.atMs);
  const blocks = cues.flatMap(({ atMs, text }, i) => {
    const endMs = cues[i + 1]?.atMs ?? Math.max(score.totalMs, atMs + LEAST_MS);
    return endMs > atMs ? [`${stamp(atMs)} --> ${stamp(endMs)}\n${escaped(text)}\n`] : [];
  });
  return ['WEBVTT\n', ...blocks].join('\n');
}
