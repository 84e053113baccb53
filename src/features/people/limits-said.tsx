import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { limitWords, readLimits, type OwnLimit } from '@/core/people';
import { Field, TARGET } from '@/design';
import { LimitUnread } from '@/features/builder';
import { useKeptTyping } from '@/features/typing';
import { PERSON } from './strings';

interface LimitsSaidProps {
  /** Whose they are: what is typed is kept for them. */
  readonly person: string;
  readonly limits: readonly OwnLimit[];
  readonly onLimits: (limits: readonly OwnLimit[]) => void;
}

/** Somebody's limits as an instructor says them; what is not understood stays in the field. */
export function LimitsSaid({ person, limits, onLimits }: LimitsSaidProps) {
  const [typed, setTyped] = useKeptTyping(`limits of ${person}`);
  // Nobody is asked about a word that is half typed.
  const [asked, setAsked] = useState<string>();
  const read = readLimits(typed);
  const unread = typed === asked ? read.unread : [];
  const add = (said: string) => {
    const { limits: fresh, unread: rest } = readLimits(said);
    const left = rest.map(({ words }) => words).join(', ');
    setTyped(left);
    setAsked(left);
    if (fresh.length === 0 && (rest.length > 0 || said.trim() === '')) return;
    const known = new Set(limits.map(limitWords));
    onLimits([...limits, ...fresh.filter((one) => !known.has(limitWords(one)))]);
  };
  const answer = (words: string, instead: string) => {
    const others = read.unread.map((one) => (one.words === words ? instead : one.words));
    add([...read.limits.map(limitWords), ...others].filter(Boolean).join(', '));
  };
  return (
    <View style={styles.all}>
      <Field
        label={PERSON.limitsSaid}
        value={typed}
        maxLength={600}
        onChangeText={setTyped}
        onSubmitEditing={() => add(typed)}
        error={unread.length > 0}
      />
      <View aria-live="polite" style={styles.all}>
        {typed.trim() !== '' && (read.limits.length > 0 || read.unread.length === 0) && (
          <Text variant="bodyMedium">
            {PERSON.limitsRead(read.limits.map(limitWords).join(', '))}
          </Text>
        )}
        {unread.map(({ words }) => (
          <LimitUnread key={words} words={words} onAnswer={(instead) => answer(words, instead)} />
        ))}
      </View>
      {typed.trim() !== '' && (
        <Button
          mode="outlined"
          contentStyle={styles.button}
          style={styles.start}
          onPress={() => add(typed)}
        >
          {PERSON.readLimits}
        </Button>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  all: { gap: 8 },
  start: { alignSelf: 'flex-start' },
  button: { minHeight: TARGET },
});
