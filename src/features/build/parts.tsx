import { StyleSheet, View } from 'react-native';
import { IconButton, Text } from 'react-native-paper';
import { TARGET, Target, useTokens } from '@/design';
import { EDITOR } from './strings';

interface StepsProps {
  readonly label: string;
  readonly shown: string;
  readonly onLess: (() => void) | undefined;
  readonly onMore: (() => void) | undefined;
}

/** A number with a target to make it less and one to make it more. */
export function Steps({ label, shown, onLess, onMore }: StepsProps) {
  const t = useTokens();
  return (
    <View role="group" aria-label={label} style={[styles.steps, { borderBottomColor: t.line }]}>
      <Text variant="bodyLarge" style={styles.label}>
        {label}
      </Text>
      <IconButton
        icon="less-of"
        mode="outlined"
        size={20}
        style={styles.target}
        accessibilityLabel={EDITOR.less(label)}
        disabled={!onLess}
        onPress={onLess}
      />
      <Text variant="titleMedium" aria-live="polite" style={styles.shown}>
        {shown}
      </Text>
      <IconButton
        icon="add"
        mode="outlined"
        size={20}
        style={styles.target}
        accessibilityLabel={EDITOR.moreOf(label)}
        disabled={!onMore}
        onPress={onMore}
      />
    </View>
  );
}

interface ChoicesProps<T extends string> {
  readonly label: string;
  readonly choices: readonly { readonly value: T; readonly text: string }[];
  readonly value: T | undefined;
  readonly onChoose: (value: T) => void;
}

/** A few options side by side, one of them in force. */
export function Choices<T extends string>({ label, choices, value, onChoose }: ChoicesProps<T>) {
  const t = useTokens();
  return (
    <View style={[styles.choices, { borderBottomColor: t.line }]}>
      <Text variant="bodyLarge">{label}</Text>
      <View role="radiogroup" aria-label={label} style={styles.options}>
        {choices.map((choice) => (
          <Target
            key={choice.value}
            label={choice.text}
            look={choice.value === value ? 'filled' : 'outlined'}
            role="radio"
            checked={choice.value === value}
            onPress={() => onChoose(choice.value)}
          />
        ))}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  steps: {
    flexDirection: 'row',
    alignItems: 'center',
    flexWrap: 'wrap',
    borderBottomWidth: 1,
    paddingVertical: 4,
  },
  label: { flexGrow: 1 },
  target: { width: TARGET, height: TARGET, margin: 2 },
  shown: { minWidth: 64, textAlign: 'center', fontVariant: ['tabular-nums'] },
  choices: { gap: 8, paddingVertical: 8, borderBottomWidth: 1 },
  options: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
