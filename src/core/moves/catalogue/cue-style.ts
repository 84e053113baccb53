import { cueTexts, type Fault } from './faults';
import type { Move } from './shape';

/** How a cue may fall short of the house's plain way of speaking. */
export const CUE_STYLE_FAULTS = [
  'style-order',
  'style-looks',
  'style-latin',
  'style-breath',
  'style-capital',
  'style-stop',
  'style-limb',
] as const;
export type CueStyleFaultCode = (typeof CUE_STYLE_FAULTS)[number];
export type CueStyleFault = Fault<CueStyleFaultCode>;

interface CueStyleRule {
  readonly code: CueStyleFaultCode;
  /** Where it is looked for; everywhere if it names nothing. */
  readonly keys?: readonly string[];
  readonly wrong: RegExp;
}

const SAID = ['setUp', 'go', 'short', 'wayOut', 'press'];

const RULES: readonly CueStyleRule[] = [
  {
    code: 'style-order',
    wrong: /\bshould\b|\bmust\b|!|\b(good|great|perfect|beautiful|nice|well done)\b/iu,
  },
  {
    code: 'style-looks',
    wrong: /\b(slim|thin|fat|belly fat|tone|weight loss|lose weight|pretty)\b/iu,
  },
  {
    code: 'style-latin',
    wrong: /\b(hamstring|quad|glute|gluteus|scapula|lumbar|thoracic|cervical|femur|psoas)/iu,
  },
  { code: 'style-capital', wrong: /^[^\p{Lu}\p{N}{]/u },
  { code: 'style-stop', keys: SAID, wrong: /[^.]$/u },
  { code: 'style-limb', keys: ['go'], wrong: /^\{(side|other)\}[.,]/u },
];

/** The breath is said by the routine's school, so only a breathing move says when. */
const BREATH_RULES: readonly CueStyleRule[] = [
  { code: 'style-breath', keys: SAID, wrong: /\b(inhale|exhale|breathe (in|out))\b/iu },
  { code: 'style-breath', keys: ['breath'], wrong: /\b(in|out)\b/iu },
];

/** Where a move's words leave the house's way of speaking: advice, never a bar. */
export function cueStyleFaults(move: Move): readonly CueStyleFault[] {
  const rules = move.kind === 'breath' ? RULES : [...RULES, ...BREATH_RULES];
  return cueTexts(move).flatMap(({ path, text }) =>
    rules.flatMap(({ code, keys, wrong }): CueStyleFault[] => {
      const key = path.findLast((step) => typeof step === 'string') ?? '';
      const found = (keys?.includes(key) ?? true) && wrong.exec(text);
      return found ? [{ code, path, about: found[0].trim() }] : [];
    }),
  );
}
