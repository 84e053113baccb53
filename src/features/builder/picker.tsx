import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { Field, Target, useTokens } from '@/design';
import { PICK } from './strings';

export interface PickOption {
  readonly value: string;
  readonly text: string;
  /** What it means, and is found by as well. */
  readonly means?: string;
}

interface PickerProps {
  readonly label: string;
  readonly options: readonly PickOption[];
  /** Shown before anything is searched for. */
  readonly usual: readonly string[];
  readonly chosen: readonly string[];
  readonly textOf?: (value: string) => string;
  /** Only what can be chosen, without a search and without what each means. */
  readonly brief?: boolean;
  /** What else words find: what is said in other words. */
  readonly meantBy?: (words: string) => readonly string[];
  readonly onToggle: (value: string) => void;
}

/** Several of many: the chosen and the usual ones at once, the others by a search or all together. */
export function Picker({
  label,
  options,
  usual,
  chosen,
  textOf,
  meantBy,
  brief = false,
  onToggle,
}: PickerProps) {
  const t = useTokens();
  const [words, setWords] = useState('');
  const [all, setAll] = useState(false);
  const wanted = words.toLowerCase().split(/\s+/u).filter(Boolean);
  const isFound = ({ value, text, means = '' }: PickOption) =>
    wanted.length > 0
      ? wanted.every((word) => `${value} ${text} ${means}`.toLowerCase().includes(word))
      : all || usual.includes(value);
  const meant = words.trim() === '' ? [] : (meantBy?.(words) ?? []);
  const shown = options.filter(
    (one) => chosen.includes(one.value) || meant.includes(one.value) || isFound(one),
  );
  return (
    <View style={styles.all}>
      <Text variant="bodyLarge">{label}</Text>
      {!brief && options.length > usual.length && (
        <Field dense label={PICK.find(label.toLowerCase())} value={words} onChangeText={setWords} />
      )}
      <View role="group" aria-label={label} style={styles.options}>
        {shown.map(({ value, text }) => (
          <Target
            key={value}
            role="switch"
            checked={chosen.includes(value)}
            look={chosen.includes(value) ? 'filled' : 'outlined'}
            label={textOf?.(value) ?? text}
            onPress={() => onToggle(value)}
          />
        ))}
        {options.length > shown.length && wanted.length === 0 && (
          <Target look="plain" label={PICK.all} onPress={() => setAll(true)} />
        )}
      </View>
      {wanted.length > 0 && shown.every(({ value }) => chosen.includes(value)) && (
        <Text variant="bodyMedium" style={{ color: t.quiet }}>
          {PICK.none}
        </Text>
      )}
      {!brief &&
        shown
          .filter(({ value, means }) => means && (chosen.includes(value) || wanted.length > 0))
          .map(({ value, text, means }) => (
            <Text key={value} variant="bodyMedium" style={{ color: t.quiet }}>
              {`${textOf?.(value) ?? text}: ${means}`}
            </Text>
          ))}
    </View>
  );
}

const styles = StyleSheet.create({
  all: { gap: 6, paddingVertical: 8 },
  options: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
