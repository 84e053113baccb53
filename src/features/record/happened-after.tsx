import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { MOST_NOTE, type Run } from '@/core/class';
import type { PersonId } from '@/core/common';
import { Field, Fold, Picks, Target, useTokens } from '@/design';
import { useKeptTyping } from '@/features/typing';
import { happenedAfter, membersOf, useAppDispatch, useAppSelector } from '@/state';
import { RECORD } from './strings';

/** A fall on the way home, a call the day after: to whom, and a word, as if it had been noted then. */
export function HappenedAfter({ run }: { readonly run: Run }) {
  const t = useTokens();
  const dispatch = useAppDispatch();
  const people = useAppSelector((state) => state.people);
  const [note, setNote] = useKeptTyping(`after ${run.id}`);
  const [whom, setWhom] = useState<readonly PersonId[]>([]);
  const [said, setSaid] = useState('');
  const came = new Set<string>(run.people?.map(({ person }) => person));
  const members = run.groupId ? membersOf(people, run.groupId) : [];
  const all = Object.values(people).filter(
    ({ id }) => came.has(id) || members.some((one) => one.id === id),
  );
  const keep = () => {
    const words = note.replace(/\s+/gu, ' ').trim();
    if (words === '' && whom.length === 0) return setSaid(RECORD.afterNothing);
    dispatch(happenedAfter(run, { note: words, people: [...whom] }));
    setSaid(RECORD.afterKept(whom.flatMap((id) => people[id]?.name ?? []).join(', ')));
    setNote('');
    return setWhom([]);
  };
  return (
    <Fold title={RECORD.after}>
      <View style={styles.all}>
        <Text variant="bodyMedium" style={{ color: t.quiet }}>
          {RECORD.afterHint}
        </Text>
        {all.length > 0 && (
          <Picks
            label={RECORD.afterWhom}
            choices={all.map(({ id, name }) => ({ value: id, text: name }))}
            values={whom}
            onChange={setWhom}
          />
        )}
        <Field label={RECORD.afterNote} value={note} maxLength={MOST_NOTE} onChangeText={setNote} />
        <Target label={RECORD.afterKeep} onPress={keep} />
        <View role="status" aria-live="polite">
          {said !== '' && <Text variant="bodyLarge">{said}</Text>}
        </View>
      </View>
    </Fold>
  );
}

const styles = StyleSheet.create({ all: { gap: 10 } });
