import { View } from 'react-native';
import {
  LIMITS,
  limitWords,
  ofOneSide,
  readLimits,
  type LimitName,
  type OwnLimit,
} from '@/core/people';
import { withCapital } from '@/core/common';
import { Choices } from '@/design';
import { LIMIT_NAMES } from '@/words/names';
import { Picker } from './picker';
import { PICK } from './strings';

/** Met most in groups. */
const USUAL: readonly LimitName[] = [
  'knee painful',
  'hip replaced',
  'low bone density',
  'dizziness',
  'no floor',
];

const OPTIONS = LIMITS.map((value) => ({ value, text: withCapital(LIMIT_NAMES[value]) }));

interface LimitPicksProps {
  readonly limits: readonly OwnLimit[];
  readonly onLimits: (limits: readonly OwnLimit[]) => void;
}

/** Limits from a list, each with its side where it has one. */
export function LimitPicks({ limits, onLimits: put }: LimitPicksProps) {
  const chosen = limits.map(({ limit }) => limit);
  return (
    <View>
      <Picker
        label={PICK.limits}
        options={OPTIONS}
        usual={USUAL}
        chosen={chosen}
        meantBy={(words) => readLimits(words).limits.map(({ limit }) => limit)}
        onToggle={(value) => {
          const name = value as LimitName;
          put(
            chosen.includes(name)
              ? limits.filter(({ limit }) => limit !== name)
              : [...limits, { limit: name }],
          );
        }}
      />
      {limits
        .filter(({ limit }) => ofOneSide(limit))
        .map((one) => (
          <Choices
            key={limitWords(one)}
            label={PICK.side(withCapital(LIMIT_NAMES[one.limit]))}
            choices={[
              { value: 'both', text: PICK.both },
              { value: 'left', text: PICK.left },
              { value: 'right', text: PICK.right },
            ]}
            value={one.side ?? 'both'}
            onChoose={(side) =>
              put(limits.map((other) => (other === one ? withSide(one, side) : other)))
            }
          />
        ))}
    </View>
  );
}

function withSide({ side: _, ...one }: OwnLimit, side: 'left' | 'right' | 'both'): OwnLimit {
  return side === 'both' ? one : { ...one, side };
}
