import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { Field, Screen, TARGET, useTokens } from '@/design';
import { pickFile } from '@/platform/files';
import { bringIn, bringMovesIn, selectOwnMoves, useAppDispatch, useAppSelector } from '@/state';
import { readIncoming } from './incoming';
import { BRING_IN } from './strings';

/** A routine from text or a file, or moves from a file, read whole before anything is changed. */
export function BringInScreen() {
  const t = useTokens();
  const router = useRouter();
  const dispatch = useAppDispatch();
  const [text, setText] = useState('');
  const [refused, setRefused] = useState('');
  const own = useAppSelector(selectOwnMoves);
  const incoming = useMemo(() => readIncoming(text, own), [text, own]);
  const choose = async () => {
    const file = await pickFile();
    if (file.kind === 'too-big') setRefused(BRING_IN.tooBig(file.name));
    if (file.kind === 'text') {
      setRefused('');
      setText(file.text);
    }
  };
  const add = () => {
    const { routine, moves } = incoming;
    if (moves) {
      dispatch(bringMovesIn(moves));
      router.replace('/moves');
    } else if (routine) {
      dispatch(bringIn(routine));
      router.replace('/');
    }
  };
  return (
    <Screen
      title={BRING_IN.title}
      onBack={() => (router.canGoBack() ? router.back() : router.replace('/'))}
    >
      <ScrollView contentContainerStyle={styles.page}>
        <Text variant="bodyMedium" style={{ color: t.quiet }}>
          {BRING_IN.hint}
        </Text>
        <Button
          icon="open"
          mode="outlined"
          contentStyle={styles.button}
          onPress={() => void choose()}
        >
          {BRING_IN.choose}
        </Button>
        {refused !== '' && (
          <Text role="alert" variant="bodyMedium" style={{ color: t.clay }}>
            {refused}
          </Text>
        )}
        <Field
          multiline
          numberOfLines={14}
          label={BRING_IN.label}
          value={text}
          onChangeText={setText}
          spellCheck={false}
        />
        <View aria-live="polite" style={styles.said}>
          {incoming.summary !== '' && <Text variant="bodyMedium">{incoming.summary}</Text>}
          {incoming.problems.map((problem) => (
            <Text key={problem} variant="bodyMedium" style={{ color: t.clay }}>
              {problem}
            </Text>
          ))}
        </View>
        <Button
          mode="contained"
          contentStyle={styles.button}
          disabled={!incoming.routine && !incoming.moves}
          onPress={add}
        >
          {incoming.moves ? BRING_IN.addMoves : BRING_IN.add}
        </Button>
      </ScrollView>
    </Screen>
  );
}

const styles = StyleSheet.create({
  page: { padding: 16, gap: 16, maxWidth: 760, width: '100%', alignSelf: 'center' },
  button: { minHeight: TARGET },
  said: { gap: 8 },
});
