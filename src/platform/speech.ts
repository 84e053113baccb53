/** A voice of the device, and the language it speaks. */
export interface Voice {
  readonly id: string;
  readonly name: string;
}

/** Which voice, and how fast: 1 is its usual rate. */
export interface Manner {
  readonly voice: string;
  readonly rate: number;
}

export interface Speech {
  /** Whether this device has a voice; asked anew, since voices load late. */
  hasVoice(): boolean;
  /** The voices that speak the language of the cues; all, where none does. */
  voices(): readonly Voice[];
  say(text: string, manner: Manner): void;
  hush(): void;
}

export function browserSpeech(): Speech {
  const engine = 'speechSynthesis' in window ? window.speechSynthesis : undefined;
  const fitting = () => {
    const all = engine?.getVoices() ?? [];
    const own = all.filter(({ lang }) => lang.startsWith('en'));
    return own.length > 0 ? own : all;
  };
  const voice = (id: string) => {
    const voices = fitting();
    return voices.find(({ voiceURI }) => voiceURI === id) ?? voices[0];
  };
  return {
    hasVoice: () => fitting().length > 0,
    voices: () =>
      fitting().map(({ voiceURI, name, lang }) => ({ id: voiceURI, name: `${name}, ${lang}` })),
    say: (text, manner) => {
      const chosen = voice(manner.voice);
      if (!engine || !chosen) return;
      engine.cancel();
      const utterance = new SpeechSynthesisUtterance(text);
      utterance.voice = chosen;
      utterance.lang = chosen.lang;
      utterance.rate = manner.rate;
      engine.speak(utterance);
    },
    hush: () => engine?.cancel(),
  };
}
