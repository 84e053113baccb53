import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { GROUP_NAMES, countingIds, routineIdSchema, type GroupName } from '@/core/common';
import { addEntries, applyChange, emptyRoutine, type Placed } from '@/core/routine';
import { Choices, Field, Screen, TARGET, useTokens } from '@/design';
import { PageSheet } from '@/features/page-in';
import { GROUP_TITLES } from '@/words/names';
import { pickFile } from '@/platform/files';
import { bringIn, bringMovesIn, selectOwnMoves, useAppDispatch, useAppSelector } from '@/state';
import { isNoText, readIncoming } from './incoming';
import { BRING_IN } from './strings';

const INCOMING = routineIdSchema.parse('incoming');

/** What was pasted and not brought in yet: who looks elsewhere finds it again. */
let pasted = '';

/** A routine from text or a file, or moves from a file, read whole before anything is changed. */
export function BringInScreen() {
  const t = useTokens();
  const router = useRouter();
  const dispatch = useAppDispatch();
  const [text, setText] = useState(pasted);
  const put = (next: string) => {
    pasted = next;
    setText(next);
  };
  const [refused, setRefused] = useState('');
  const own = useAppSelector(selectOwnMoves);
  const [byLine, setByLine] = useState(false);
  const [group, setGroup] = useState<GroupName>('older');
  const plan = useMemo(
    () => ({ ...emptyRoutine(INCOMING, BRING_IN.untitled, group), moves: own }),
    [group, own],
  );
  const takePlan = (placed: readonly Placed[], title = BRING_IN.untitled) => {
    const filled = addEntries(plan, placed, countingIds('plan'));
    if (!filled) return false;
    pasted = '';
    const { moves: _, ...routine } = applyChange(plan, filled);
    router.replace(`/routine/${dispatch(bringIn({ ...routine, title: title.slice(0, 120) }))}`);
    return true;
  };
  const incoming = useMemo(() => readIncoming(text, own), [text, own]);
  const choose = async () => {
    const file = await pickFile();
    if (file.kind === 'too-big') setRefused(BRING_IN.tooBig(file.name));
    if (file.kind === 'text' && file.text.trim() === '') setRefused(BRING_IN.empty(file.name));
    else if (file.kind === 'text' && isNoText(file.text)) setRefused(BRING_IN.notText(file.name));
    else if (file.kind === 'text') {
      setRefused('');
      put(file.text);
    }
  };
  const add = () => {
    const { routine, moves } = incoming;
    pasted = '';
    if (moves) {
      dispatch(bringMovesIn(moves));
      router.replace('/moves');
    } else if (routine) {
      router.replace(`/routine/${dispatch(bringIn(routine))}`);
    }
  };
  if (byLine) {
    return (
      <Screen title={BRING_IN.title} onBack={() => setByLine(false)}>
        <View style={styles.group}>
          <Choices
            label={BRING_IN.group}
            choices={GROUP_NAMES.map((value) => ({ value, text: GROUP_TITLES[value] }))}
            value={group}
            onChoose={setGroup}
          />
        </View>
        <PageSheet text={text} setting={plan} onTake={takePlan} onLeave={() => setByLine(false)} />
      </Screen>
    );
  }
  return (
    <Screen
      title={BRING_IN.title}
      onBack={() => (router.canGoBack() ? router.back() : router.replace('/routines'))}
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
          onChangeText={put}
          spellCheck={false}
        />
        {incoming.mayBePlan && (
          <>
            <Text variant="bodyMedium">{BRING_IN.plan}</Text>
            <Button mode="contained" contentStyle={styles.button} onPress={() => setByLine(true)}>
              {BRING_IN.byLine}
            </Button>
          </>
        )}
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
  group: { paddingHorizontal: 16, maxWidth: 760, width: '100%', alignSelf: 'center' },
});
