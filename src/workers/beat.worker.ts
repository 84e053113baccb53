import type { BeatMessage, BeatRequest } from './beat.protocol';

/** A beat that goes on while the page is hidden, when the page's own timers are held back. */
let timer: ReturnType<typeof setInterval> | undefined;

onmessage = ({ data }: MessageEvent<BeatRequest>) => {
  clearInterval(timer);
  const beat: BeatMessage = 'beat';
  timer = setInterval(() => postMessage(beat), data.everyMs);
};
