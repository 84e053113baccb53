import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { Target } from './target';

interface PicksProps<T extends string> {
  readonly label: string;
  readonly choices: readonly { readonly value: T; readonly text: string }[];
  readonly values: readonly T[];
  readonly onChange: (values: readonly T[]) => void;
}

/** Several of a few options. */
export function Picks<T extends string>({ label, choices, values, onChange }: PicksProps<T>) {
  return (
    <View style={styles.picks}>
      <Text variant="bodyLarge">{label}</Text>
      <View role="group" aria-label={label} style={styles.options}>
        {choices.map(({ value, text }) => {
          const on = values.includes(value);
          return (
            <Target
              key={value}
              label={text}
              role="checkbox"
              look={on ? 'filled' : 'outlined'}
              checked={on}
              {...(on && { icon: 'check' as const })}
              onPress={() =>
                onChange(on ? values.filter((one) => one !== value) : [...values, value])
              }
            />
          );
        })}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  picks: { gap: 8 },
  options: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
