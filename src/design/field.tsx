import type { ComponentProps } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text, TextInput } from 'react-native-paper';
import { withoutUnseen } from '@/core/common';
import { useTokens } from './theme';
import { TARGET, textScale } from './tokens';

type FieldProps = Omit<ComponentProps<typeof TextInput>, 'mode' | 'label'> & {
  readonly label: string;
};

/** What a field sets its letters in. */
const USUAL = 16;

/** A field: its label above it, and a line below what is typed. */
export function Field({ label, onChangeText, style, error = false, ...props }: FieldProps) {
  const t = useTokens();
  const scale = textScale();
  return (
    <View style={style}>
      <Text variant="bodyMedium" aria-hidden style={{ color: error ? t.clay : t.quiet }}>
        {label}
      </Text>
      <TextInput
        mode="flat"
        dense
        aria-label={label}
        aria-invalid={error}
        error={error}
        underlineColor={t.quiet}
        activeUnderlineColor={t.ink}
        style={[styles.input, scale !== 1 && { fontSize: USUAL * scale }]}
        contentStyle={styles.typed}
        // As many lines as most people write, so that none is cut.
        {...(props.multiline && { numberOfLines: 4 })}
        {...props}
        // What is pasted brings letters along that nobody sees.
        {...(onChangeText && { onChangeText: (text: string) => onChangeText(withoutUnseen(text)) })}
      />
    </View>
  );
}

const styles = StyleSheet.create({
  input: { backgroundColor: 'transparent', minHeight: TARGET, paddingHorizontal: 0 },
  typed: { paddingHorizontal: 2 },
});

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
