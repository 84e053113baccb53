import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useController, useWatch } from 'react-hook-form';
import { searchMoves } from '@/core/writing';
import { Field, Target, useTokens } from '@/design';
import { selectCatalogue, useAppSelector } from '@/state';
import { listWords } from '@/words/findings';
import { Problems, type DraftControl } from './section';
import { WRITE } from './strings';

const MOST_FOUND = 8;

/** Which moves do the same job: chosen by one of them. */
export function FamilyPicker({ control }: { readonly control: DraftControl }) {
  const t = useTokens();
  const [open, setOpen] = useState(false);
  const [words, setWords] = useState('');
  const catalogue = useAppSelector(selectCatalogue);
  const id = useWatch({ control, name: 'id' });
  const { field } = useController({ control, name: 'family' });
  const family = (catalogue.families.get(field.value) ?? []).filter((move) => move.id !== id);
  const found = useMemo(
    () =>
      words.trim() === ''
        ? []
        : searchMoves(catalogue, words)
            .filter((move) => move.id !== id)
            .slice(0, MOST_FOUND),
    [catalogue, words, id],
  );
  const choose = (one: string) => {
    field.onChange(one);
    setOpen(false);
    setWords('');
  };
  return (
    <View style={styles.all}>
      <Text variant="bodyLarge">{WRITE.family}</Text>
      <Text variant="bodyMedium">
        {family.length > 0 ? listWords(family.map(({ name }) => name)) : WRITE.familyNone}
      </Text>
      <Text variant="bodyMedium" style={{ color: t.quiet }}>
        {WRITE.familyHint}
      </Text>
      <View style={styles.row}>
        <Target
          label={WRITE.familyChange}
          icon={open ? 'less' : 'more'}
          expanded={open}
          onPress={() => setOpen(!open)}
        />
        {family.length > 0 && (
          <Target label={WRITE.familyAlone} onPress={() => choose(id.slice(0, 40))} />
        )}
      </View>
      {open && (
        <>
          <Field label={WRITE.familyFind} value={words} onChangeText={setWords} />
          <View role="group" aria-label={WRITE.familyFind} style={styles.row}>
            {found.map((move) => (
              <Target key={move.id} label={move.name} onPress={() => choose(move.family)} />
            ))}
          </View>
        </>
      )}
      <Problems at="family" />
    </View>
  );
}

const styles = StyleSheet.create({
  all: { gap: 8 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
