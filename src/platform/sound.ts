import type { Tone } from '@/core/class';

/** A chime as arithmetic: partials of a base, each with its loudness, fading away. */
export interface Chime {
  readonly hz: number;
  readonly partials: readonly (readonly [ratio: number, loudness: number])[];
  readonly seconds: number;
  readonly loudness: number;
}

/** Their partials lie close, so that all of a chime is where older ears hear well. */
const BELL: Chime['partials'] = [
  [1, 1],
  [1.5, 0.3],
  [1.89, 0.12],
];
const WOOD: Chime['partials'] = [
  [1, 1],
  [1.6, 0.25],
];

export const CHIMES: Readonly<Record<Tone, Chime>> = {
  count: { hz: 660, partials: WOOD, seconds: 0.12, loudness: 0.25 },
  start: { hz: 523.25, partials: BELL, seconds: 1.2, loudness: 0.5 },
  end: { hz: 523.25 * 1.5, partials: BELL, seconds: 1.8, loudness: 0.5 },
  switch: { hz: 698.46, partials: BELL, seconds: 1.2, loudness: 0.5 },
  halfway: { hz: 587.33, partials: BELL, seconds: 0.8, loudness: 0.3 },
  rep: { hz: 880, partials: WOOD, seconds: 0.1, loudness: 0.15 },
};

/** Puts a chime into an audio context at a moment of its clock. */
export function scheduleChime(context: BaseAudioContext, chime: Chime, at: number): void {
  const total = chime.partials.reduce((sum, [, loudness]) => sum + loudness, 0);
  for (const [ratio, loudness] of chime.partials) {
    const oscillator = context.createOscillator();
    const gain = context.createGain();
    oscillator.frequency.value = chime.hz * ratio;
    const peak = (chime.loudness * loudness) / total;
    const fade = chime.seconds / Math.sqrt(ratio);
    gain.gain.setValueAtTime(0, at);
    gain.gain.linearRampToValueAtTime(peak, at + 0.005);
    gain.gain.exponentialRampToValueAtTime(0.0001, at + fade);
    oscillator.connect(gain).connect(context.destination);
    oscillator.start(at);
    oscillator.stop(at + fade + 0.02);
  }
}

/** Whether a chime would be heard: not before a press, and not where the device is gone. */
export type SoundState = 'ready' | 'asleep' | 'none';

export interface Sound {
  /** Has to be called from a press: browsers keep sound off until then. */
  wake(): void;
  /** Sounds at a moment of the page's monotonic clock, in milliseconds; at once where that has passed. */
  play(tone: Tone, atMs: number): void;
  state(): SoundState;
}

export function browserSound(): Sound {
  let context: AudioContext | undefined;
  const open = (): AudioContext | undefined => {
    try {
      return new AudioContext();
    } catch {
      return undefined;
    }
  };
  return {
    wake: () => {
      // A context that was closed, as when its device is lost, is no use any more.
      if (!context || context.state === 'closed') context = open();
      void context?.resume().catch(() => undefined);
    },
    play: (tone, atMs) => {
      if (context?.state !== 'running') return;
      // The two clocks drift apart, so each chime is laid against them anew.
      const ahead = Math.max(0, atMs - performance.now()) / 1000;
      scheduleChime(context, CHIMES[tone], context.currentTime + ahead);
    },
    state: () => {
      if (!('AudioContext' in window)) return 'none';
      return context?.state === 'running' ? 'ready' : 'asleep';
    },
  };
}
