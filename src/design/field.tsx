import type { ComponentProps } from 'react';
import { View } from 'react-native';
import { Text, TextInput } from 'react-native-paper';
import { withoutUnseen } from '@/core/common';
import { useTokens } from './theme';
import { textScale } from './tokens';

type FieldProps = Omit<ComponentProps<typeof TextInput>, 'mode' | 'label'> & {
  readonly label: string;
};

/** What a field sets its letters in. */
const USUAL = 16;

/** A field with its label in sight and in its name, which Paper leaves apart. */
export function Field({ label, onChangeText, style, ...props }: FieldProps) {
  const scale = textScale();
  return (
    <TextInput
      mode="outlined"
      label={label}
      aria-label={label}
      aria-invalid={props.error}
      style={scale === 1 ? style : [{ fontSize: USUAL * scale }, style]}
      {...props}
      // What is pasted brings letters along that nobody sees.
      {...(onChangeText && { onChangeText: (text: string) => onChangeText(withoutUnseen(text)) })}
    />
  );
}

/** A field that says below itself what is wrong with what is typed; empty where nothing is. */
export function FieldWithProblem({
  problem,
  ...props
}: Omit<FieldProps, 'error'> & { readonly problem: string }) {
  const t = useTokens();
  return (
    <View>
      <Field {...props} error={problem !== ''} />
      <View aria-live="polite">
        {problem !== '' && (
          <Text variant="bodyMedium" style={{ color: t.clay }}>
            {problem}
          </Text>
        )}
      </View>
    </View>
  );
}
