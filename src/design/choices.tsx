import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { Target } from './target';
import { useTokens } from './theme';

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
  choices: { gap: 8, paddingVertical: 8, borderBottomWidth: 1 },
  options: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
