import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { GROUP_NAMES, countingIds, routineIdSchema, type GroupName } from '@/core/common';
import { addEntries, applyChange, emptyRoutine, type Placed } from '@/core/routine';
import { Choices, Field, Screen, TARGET, useTokens } from '@/design';
import { useKeptTyping } from '@/features/typing';
import { PageSheet } from '@/features/page-in';
import { GROUP_TITLES } from '@/words/names';
import { pickFile, type PickedFile } from '@/platform/files';
import { bringIn, bringMovesIn, selectOwnMoves, useAppDispatch, useAppSelector } from '@/state';
import { incomingFault, incomingSummary, isNoText, useIncoming } from './incoming';
import { BRING_IN } from './strings';
import { useHandedOver } from './use-handed-over';

const INCOMING = routineIdSchema.parse('incoming');

/** Letters that a field shows without a wait. */
const MOST_SHOWN = 100_000;

/** A routine from text or a file, or moves from a file, read whole before anything is changed. */
export function BringInScreen() {
  const t = useTokens();
  const router = useRouter();
  const dispatch = useAppDispatch();
  const [text, put] = useKeptTyping('bring in');
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
    put('');
    const { moves: _, ...routine } = applyChange(plan, filled);
    router.replace(`/routine/${dispatch(bringIn({ ...routine, title: title.slice(0, 120) }))}`);
    return true;
  };
  const [file, setFile] = useState<{ readonly name: string; readonly text: string }>();
  const incoming = useIncoming(file?.text ?? text, own);
  const read = typeof incoming === 'object' ? incoming : undefined;
  // Of a plan nothing is wrong that its own page would not ask about, line by line.
  const isPlan = read?.state === 'bad' && read.mayBePlan && !read.isTextForm;
  const choose = async () => take(await pickFile());
  const take = (picked: PickedFile) => {
    if (picked.kind === 'too-big') setRefused(BRING_IN.tooBig(picked.name));
    if (picked.kind !== 'text') return;
    if (picked.text.trim() === '') setRefused(BRING_IN.empty(picked.name));
    else if (isNoText(picked.text)) setRefused(BRING_IN.notText(picked.name));
    else {
      setRefused('');
      // What nobody reads in a field is not laid into one.
      const isLong = picked.text.length > MOST_SHOWN;
      setFile(isLong ? picked : undefined);
      if (!isLong) put(picked.text);
    }
  };
  useHandedOver({ take, put });
  const add = () => {
    if (read?.state === 'moves') {
      put('');
      dispatch(bringMovesIn(read.moves));
      router.replace('/moves');
    } else if (read?.state === 'routine') {
      put('');
      router.replace(`/routine/${dispatch(bringIn(read.routine))}`);
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
        <PageSheet
          text={file?.text ?? text}
          setting={plan}
          onTake={takePlan}
          onLeave={() => setByLine(false)}
        />
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
        {file ? (
          <View style={styles.chosen}>
            <Text variant="bodyLarge">{BRING_IN.chosen(file.name)}</Text>
            <Button mode="outlined" onPress={() => setFile(undefined)}>
              {BRING_IN.remove}
            </Button>
          </View>
        ) : (
          <Field
            multiline
            numberOfLines={14}
            label={BRING_IN.label}
            value={text}
            onChangeText={put}
            spellCheck={false}
          />
        )}
        {read?.state === 'bad' && read.mayBePlan && (
          <>
            <Text variant="bodyMedium">{BRING_IN.plan}</Text>
            <Button mode="contained" contentStyle={styles.button} onPress={() => setByLine(true)}>
              {BRING_IN.byLine}
            </Button>
          </>
        )}
        <View aria-live="polite" style={styles.said}>
          {incoming === undefined && <Text variant="bodyMedium">{BRING_IN.reading}</Text>}
          {incoming === 'failed' && <Text variant="bodyMedium">{BRING_IN.failedReading}</Text>}
          {read && read.state !== 'empty' && !isPlan && (
            <Text variant="bodyMedium">{incomingSummary(read)}</Text>
          )}
          {read?.state === 'bad' &&
            !isPlan &&
            read.faults.map((fault, i) => (
              <Text key={i} variant="bodyMedium" style={{ color: t.clay }}>
                {incomingFault(fault)}
              </Text>
            ))}
        </View>
        <Button
          mode="contained"
          contentStyle={styles.button}
          disabled={read?.state !== 'routine' && read?.state !== 'moves'}
          onPress={add}
        >
          {read?.state === 'moves' ? BRING_IN.addMoves : BRING_IN.add}
        </Button>
      </ScrollView>
    </Screen>
  );
}

const styles = StyleSheet.create({
  page: { padding: 16, gap: 16, maxWidth: 760, width: '100%', alignSelf: 'center' },
  button: { minHeight: TARGET },
  said: { gap: 8 },
  chosen: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: 12 },
  group: { paddingHorizontal: 16, maxWidth: 760, width: '100%', alignSelf: 'center' },
});
