export interface Speech {
  /** Whether this device has a voice; asked anew, since voices load late. */
  hasVoice(): boolean;
  say(text: string): void;
  hush(): void;
}

export function browserSpeech(): Speech {
  const engine = 'speechSynthesis' in window ? window.speechSynthesis : undefined;
  const voice = () => {
    const voices = engine?.getVoices() ?? [];
    return voices.find(({ lang }) => lang.startsWith('en')) ?? voices[0];
  };
  return {
    hasVoice: () => voice() !== undefined,
    say: (text) => {
      const chosen = voice();
      if (!engine || !chosen) return;
      engine.cancel();
      const utterance = new SpeechSynthesisUtterance(text);
      utterance.voice = chosen;
      utterance.lang = chosen.lang;
      engine.speak(utterance);
    },
    hush: () => engine?.cancel(),
  };
}
