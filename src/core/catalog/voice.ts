import { cueTexts, type Fault } from './faults';
import type { Move } from './shape';

/** How a cue may fall short of the house's plain way of speaking. */
export const VOICE_FAULTS = [
  'voice-order',
  'voice-looks',
  'voice-latin',
  'voice-breath',
  'voice-capital',
  'voice-stop',
  'voice-limb',
] as const;
export type VoiceFaultCode = (typeof VOICE_FAULTS)[number];
export type VoiceFault = Fault<VoiceFaultCode>;

interface VoiceRule {
  readonly code: VoiceFaultCode;
  /** Where it is looked for; everywhere if it names nothing. */
  readonly keys?: readonly string[];
  readonly wrong: RegExp;
}

const SAID = ['setUp', 'go', 'short', 'wayOut'];

const RULES: readonly VoiceRule[] = [
  {
    code: 'voice-order',
    wrong: /\bshould\b|\bmust\b|!|\b(good|great|perfect|beautiful|nice|well done)\b/iu,
  },
  {
    code: 'voice-looks',
    wrong: /\b(slim|thin|fat|belly fat|tone|weight loss|lose weight|pretty)\b/iu,
  },
  {
    code: 'voice-latin',
    wrong: /\b(hamstring|quad|glute|gluteus|scapula|lumbar|thoracic|cervical|femur|psoas)/iu,
  },
  { code: 'voice-capital', wrong: /^[^\p{Lu}\p{N}{]/u },
  { code: 'voice-stop', keys: SAID, wrong: /[^.]$/u },
  { code: 'voice-limb', keys: ['go'], wrong: /^\{(side|other)\}[.,]/u },
];

/** The breath is said by the routine's school, so only a breathing move says when. */
const BREATH_RULES: readonly VoiceRule[] = [
  { code: 'voice-breath', keys: SAID, wrong: /\b(inhale|exhale|breathe (in|out))\b/iu },
  { code: 'voice-breath', keys: ['breath'], wrong: /\b(in|out)\b/iu },
];

/** Where a move's words leave the house's way of speaking: advice, never a bar. */
export function voiceFaults(move: Move): readonly VoiceFault[] {
  const rules = move.kind === 'breath' ? RULES : [...RULES, ...BREATH_RULES];
  return cueTexts(move).flatMap(({ path, text }) =>
    rules.flatMap(({ code, keys, wrong }): VoiceFault[] => {
      const found = (keys?.includes(String(path[1])) ?? true) && wrong.exec(text);
      return found ? [{ code, path, about: found[0].trim() }] : [];
    }),
  );
}
