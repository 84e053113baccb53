import type { Tone } from '@/core/class';

/** A chime as arithmetic: partials of a base, each with its loudness, fading away. */
export interface Chime {
  readonly hz: number;
  readonly partials: readonly (readonly [ratio: number, loudness: number])[];
  readonly seconds: number;
  readonly loudness: number;
}

const BELL: Chime['partials'] = [
  [1, 1],
  [2.76, 0.3],
  [5.4, 0.1],
];
const WOOD: Chime['partials'] = [
  [1, 1],
  [3.9, 0.2],
];

export const CHIMES: Readonly<Record<Tone, Chime>> = {
  count: { hz: 660, partials: WOOD, seconds: 0.12, loudness: 0.25 },
  start: { hz: 523.25, partials: BELL, seconds: 1.2, loudness: 0.5 },
  end: { hz: 392, partials: BELL, seconds: 1.8, loudness: 0.5 },
  switch: { hz: 440, partials: BELL, seconds: 1.2, loudness: 0.5 },
  halfway: { hz: 587.33, partials: BELL, seconds: 0.8, loudness: 0.3 },
  rep: { hz: 330, partials: WOOD, seconds: 0.1, loudness: 0.15 },
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

export interface Sound {
  /** Has to be called from a press: browsers keep sound off until then. */
  wake(): void;
  play(tone: Tone): void;
}

export function browserSound(): Sound {
  let context: AudioContext | undefined;
  return {
    wake: () => {
      context ??= new AudioContext();
      void context.resume();
    },
    play: (tone) => {
      if (context) scheduleChime(context, CHIMES[tone], context.currentTime);
    },
  };
}
