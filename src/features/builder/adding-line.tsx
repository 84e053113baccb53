import { useMemo, useRef, useState } from 'react';
import { Pressable, StyleSheet, View, type TextInput as NativeInput } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { itemIdSchema, type ItemId } from '@/core/common';
import { entriesAround } from '@/core/routine';
import { Field, TARGET, useTokens } from '@/design';
import { useNewId } from '@/state';
import { addingChange, placeForNew, readAdding } from './adding';
import { nameOf } from './entry-words';
import { BUILD } from './strings';
import type { Editing } from './use-routine';

interface AddingLineProps extends Editing {
  readonly chosen: ItemId | undefined;
  readonly onAdded: (id: ItemId) => void;
}

/** The line for adding: understood as it is typed, added with Enter; nothing typed is lost. */
export function AddingLine({ routine, change, chosen, onAdded }: AddingLineProps) {
  const newId = useNewId();
  const t = useTokens();
  const [typed, setTyped] = useState('');
  const input = useRef<NativeInput>(null);
  const place = useMemo(() => placeForNew(routine, chosen), [routine, chosen]);
  const adding = useMemo(() => readAdding(typed, routine, place), [typed, routine, place]);
  const [tried, setTried] = useState(false);
  const add = () => {
    if (!adding.entry) {
      setTried(true);
      return;
    }
    const id = itemIdSchema.parse(newId());
    change(addingChange(routine, adding.entry, id, place));
    setTyped('');
    setTried(false);
    onAdded(id);
    input.current?.focus();
  };
  const take = (text: string) => {
    setTyped(text);
    input.current?.focus();
  };
  const problem = tried || adding.offers.length === 0 ? adding.problem : '';
  const after = place && entriesAround(routine, place)[place.at - 1];
  return (
    <View style={[styles.box, { backgroundColor: t.ground, borderTopColor: t.line }]}>
      {adding.offers.length > 0 && (
        <View role="list" aria-label={BUILD.fits} style={styles.offers}>
          {adding.offers.map(({ name, text }) => (
            <View role="listitem" key={name}>
              <Pressable
                role="button"
                onPress={() => take(text)}
                style={[styles.offer, { borderColor: t.line, backgroundColor: t.sheet }]}
              >
                <Text variant="bodyLarge">{name}</Text>
              </Pressable>
            </View>
          ))}
        </View>
      )}
      <View aria-live="polite">
        {problem !== '' && (
          <Text variant="bodyMedium" style={{ color: t.clay }}>
            {problem}
          </Text>
        )}
        {adding.adds !== '' && (
          <Text variant="bodyMedium" style={{ color: t.quiet }}>
            {[
              adding.strict,
              BUILD.adds(adding.adds),
              adding.passed.length > 0 && BUILD.passed(adding.passed),
            ]
              .filter(Boolean)
              .join(' · ')}
            {after?.kind === 'item' && ` ${BUILD.after(nameOf(after, routine))}`}
          </Text>
        )}
      </View>
      <View style={styles.line}>
        <Field
          ref={input}
          style={styles.input}
          label={BUILD.addLabel}
          value={typed}
          onChangeText={setTyped}
          onSubmitEditing={add}
          submitBehavior="submit"
          autoCapitalize="none"
          autoCorrect={false}
          maxLength={300}
          error={problem !== '' && tried}
        />
        <Button
          mode="outlined"
          contentStyle={styles.button}
          onPress={add}
          disabled={typed.trim() === ''}
        >
          {BUILD.add}
        </Button>
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  box: { borderTopWidth: 1, padding: 12, gap: 8 },
  offers: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  offer: {
    minHeight: TARGET,
    borderWidth: 1,
    borderRadius: 24,
    paddingHorizontal: 16,
    justifyContent: 'center',
  },
  line: { flexDirection: 'row', alignItems: 'flex-end', gap: 8 },
  input: { flex: 1, minWidth: 0 },
  button: { minHeight: 50 },
});
