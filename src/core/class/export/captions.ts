import type { Score } from '@/core/timing';
import { passes, type ScriptLine } from '../script/script-line';

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
 * A script as captions: each line stays until the next one. What is news of a moment stands above the
 * line that goes on behind it, so that nobody loses what they are doing.
 * Source: the W3C's WebVTT format.
 */
export function captionsVtt({ totalMs }: Score, script: readonly ScriptLine[]): string {
  let standing = '';
  const blocks = script.flatMap((line, i) => {
    const text = [line.whole ?? line.text, line.beside].filter(Boolean).join('\n');
    const shown = passes(line) && standing ? `${text}\n${standing}` : text;
    if (!passes(line)) standing = text;
    const endMs = script[i + 1]?.atMs ?? Math.max(totalMs, line.atMs + LEAST_MS);
    if (endMs <= line.atMs) return [];
    return [`${stamp(line.atMs)} --> ${stamp(endMs)}\n${escaped(shown)}\n`];
  });
  return ['WEBVTT\n', ...blocks].join('\n');
}
