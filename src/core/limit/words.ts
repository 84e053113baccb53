import { LIMITS, type LimitName } from './limits';
import type { LimitOfBody } from './effects';

/** What else limits are called. */
const OTHER_NAMES: Readonly<Record<string, LimitName>> = {
  crutches: 'walks on crutches',
  osteoporosis: 'low bone density',
  stenosis: 'spinal stenosis',
  vertigo: 'dizziness',
  lungs: 'breathless lungs',
  'high blood pressure': 'blood pressure',
  'diabetic feet': 'numb feet',
  'dialysis arm': 'lymphoedema',
  hernia: 'after abdominal surgery',
  ostomy: 'after abdominal surgery',
  'after birth': 'leaking or prolapse',
  'memory or attention': 'memory',
};

/** Reads "knee painful left" in lower case; undefined where no limit is called so. */
export function limitFromWords(words: string): LimitOfBody | undefined {
  const whole = limitNamedSo(words);
  if (whole) return { limit: whole };
  const [, name = '', side] = /^(.*) (left|right)$/.exec(words) ?? [];
  const limit = limitNamedSo(name);
  return limit && side ? { limit, side: side === 'left' ? 'left' : 'right' } : undefined;
}

function limitNamedSo(words: string): LimitName | undefined {
  const name = LIMITS.find((limit) => limit === words);
  return name ?? (Object.hasOwn(OTHER_NAMES, words) ? OTHER_NAMES[words] : undefined);
}

/** "knee painful left": what `limitFromWords` reads back. */
export function limitWords({ limit, side }: LimitOfBody): string {
  return side ? `${limit} ${side}` : limit;
}
