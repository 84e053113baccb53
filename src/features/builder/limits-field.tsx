import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { limitWords, readLimits } from '@/core/people';
import { changeHeader, readLimitsHeader, writeHeaders } from '@/core/routine';
import { Field, TARGET, useTokens } from '@/design';
import { useHandedOn } from '@/features/frame';
import { LIMIT_NAMES } from '@/words/names';
import { BUILD } from './strings';
import type { Editing } from './use-routine';

/**
 * The group's limits as the instructor says them. What is understood is kept at once; what is not
 * stays, and is asked about, until it is answered.
 */
export function LimitsField({ routine, change }: Pick<Editing, 'routine' | 'change'>) {
  const kept = writeHeaders(routine).get('limits') ?? '';
  const [typed, setTyped] = useState<string>();
  const handOn = (said: string | undefined) => {
    if (said === undefined || said.trim() === kept) return;
    change(changeHeader(routine, readLimitsHeader(said)));
  };
  const keep = (said: string | undefined) => {
    setTyped(undefined);
    handOn(said);
  };
  const answer = (words: string, instead: string) => {
    const { limits = [], limitsUnread = [] } = routine;
    const unread = limitsUnread.map((one) => (one === words ? instead : one));
    keep([...limits.map(limitWords), ...unread].filter(Boolean).join(', '));
  };
  useHandedOn(typed, () => handOn(typed), true);
  return (
    <View>
      <Field
        label={BUILD.limits}
        value={typed ?? kept}
        onChangeText={setTyped}
        onBlur={() => keep(typed)}
        onSubmitEditing={() => keep(typed)}
        error={routine.limitsUnread !== undefined}
      />
      <View aria-live="polite">
        {(typed === undefined ? routine.limitsUnread : undefined)?.map((words) => (
          <LimitUnread key={words} words={words} onAnswer={(instead) => answer(words, instead)} />
        ))}
      </View>
    </View>
  );
}

interface UnreadProps {
  readonly words: string;
  readonly onAnswer: (instead: string) => void;
}

/** What is not understood of limits, with what it could be: one press answers. */
export function LimitUnread({ words, onAnswer }: UnreadProps) {
  const t = useTokens();
  const [near] = readLimits(words).unread;
  return (
    <View style={styles.unread}>
      <Text variant="bodyMedium" style={{ color: t.clay }}>
        {BUILD.limitUnread(words, (near?.taken ?? []).map(limitWords).join(', '))}
      </Text>
      <View style={styles.answers}>
        {near?.nearest.map((limit) => (
          <Button
            key={limit}
            mode="outlined"
            contentStyle={styles.button}
            onPress={() => onAnswer(limit)}
          >
            {LIMIT_NAMES[limit]}
          </Button>
        ))}
        <Button mode="text" contentStyle={styles.button} onPress={() => onAnswer('')}>
          {BUILD.leaveOut(words)}
        </Button>
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  unread: { gap: 4, paddingTop: 4 },
  answers: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  button: { minHeight: TARGET },
});
