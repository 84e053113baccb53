import { StyleSheet, View } from 'react-native';
import { Text, useTheme } from 'react-native-paper';
import { useTokens } from './theme';
import { SANS, TARGET, rem } from './tokens';

interface DayFieldProps {
  readonly label: string;
  /** As `2026-11-26`; empty where none is set. */
  readonly value: string;
  readonly onChange: (value: string) => void;
  readonly kind?: 'date' | 'time';
  readonly max?: string;
  readonly problem?: string;
}

/** A day or an hour, by the browser's own field: it knows how people here write them. */
export function DayField({
  label,
  value,
  onChange,
  kind = 'date',
  max,
  problem = '',
}: DayFieldProps) {
  const t = useTokens();
  const { dark } = useTheme();
  return (
    <View style={styles.field}>
      <Text variant="bodyMedium" style={{ color: t.quiet }}>
        {label}
      </Text>
      <input
        type={kind}
        aria-label={label}
        aria-invalid={problem !== ''}
        value={value}
        {...(max !== undefined && { max })}
        onChange={({ target }) => onChange(target.value)}
        style={{
          minHeight: TARGET,
          fontSize: rem(16),
          fontFamily: SANS,
          color: t.ink,
          background: 'transparent',
          border: 0,
          borderBottom: `1px solid ${problem === '' ? t.quiet : t.clay}`,
          padding: '0 2px',
          colorScheme: dark ? 'dark' : 'light',
        }}
      />
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

const styles = StyleSheet.create({ field: { gap: 4, minWidth: 160 } });
