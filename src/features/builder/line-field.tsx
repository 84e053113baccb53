import { useEffect, useMemo, useRef, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from 'react-native-paper';
import type { ItemId } from '@/core/common';
import {
  catalogueFor,
  entryAt,
  hasEntry,
  placeOf,
  readAddingLine,
  replaceEntry,
  writeItem,
  type Change,
  type Item,
  type Routine,
} from '@/core/routine';
import { FieldWithProblem, TARGET } from '@/design';
import { useHandedOn } from '@/features/frame';
import { typedAt, useAppDispatch, useAppSelector, useAppStore } from '@/state';
import { problemSentence } from '@/words/problems';
import { EDITOR } from './strings';
import type { Editing } from './use-routine';

const LINE = 'line ';
const placeOfLine = (id: ItemId) => `${LINE}${id}`;

/** The rows that have a line which was typed for them and not taken. */
export function useWaitingLines(): ReadonlySet<string> {
  const places = useAppSelector((state) =>
    Object.keys(state.typed)
      .filter((place) => place.startsWith(LINE))
      .join('\n'),
  );
  return useMemo(
    () => new Set(places.split('\n').map((place) => place.slice(LINE.length))),
    [places],
  );
}

/** What a typed line makes of an item; what is wrong with it else. */
function taken(
  typed: string,
  item: Item,
  routine: Routine,
): { readonly change: Change | undefined } | { readonly problem: string } {
  const reading = readAddingLine(typed, item.id, routine);
  const [first] = reading.problems;
  if (first) return { problem: problemSentence(first) };
  if ('line' in reading) return { change: replaceEntry(routine, reading.line) };
  if (!reading.item) return { problem: EDITOR.lineEmpty };
  const note = item.note && { note: item.note };
  return { change: replaceEntry(routine, { ...reading.item, ...note }) };
}

/**
 * The item as one line of routine text, for everything that has no control of its own. It is taken by
 * Enter and when the field or the panel is left; what can't be taken stays, here and said on its row.
 */
export function LineField({ item, id, routine, change }: Editing & { readonly item: Item }) {
  const strict = writeItem(item, catalogueFor(routine));
  const store = useAppStore();
  const dispatch = useAppDispatch();
  const place = placeOfLine(item.id);
  const kept = useAppSelector((state) => state.typed[place]?.text);
  const [typed, setTyped] = useState(kept ?? strict);
  const [written, setWritten] = useState(strict);
  const [problem, setProblem] = useState(() => {
    const made = typed === strict ? undefined : taken(typed, item, routine);
    return made && 'problem' in made ? made.problem : '';
  });
  const apply = () => {
    if (typed === strict) return setProblem('');
    const made = taken(typed, item, routine);
    if ('problem' in made) return setProblem(made.problem);
    setProblem('');
    change(made.change);
    setTyped(strict);
  };
  // Another edit writes it anew, over what is no other line; what can't be taken stays.
  if (written !== strict) {
    setWritten(strict);
    if (problem === '') setTyped(strict);
  }
  useHandedOn(typed === strict ? undefined : typed, () => dispatch(typedAt(place, typed)));
  const isDone = typed === strict && kept !== undefined;
  useEffect(() => {
    if (isDone) dispatch(typedAt(place, ''));
  }, [dispatch, isDone, place]);
  const last = useRef({ typed, strict, item, change });
  useEffect(() => {
    last.current = { typed, strict, item, change };
  });
  useEffect(
    () => () => {
      const now = store.getState().routines[id]?.routine;
      const { current } = last;
      if (!now || current.typed === current.strict || !hasEntry(now, current.item.id)) return;
      const entry = entryAt(now, placeOf(now, current.item.id));
      const isSame =
        entry.kind === 'item' && writeItem(entry, catalogueFor(now)) === current.strict;
      if (!isSame) return;
      const made = taken(current.typed, current.item, now);
      if ('problem' in made) return;
      current.change(made.change);
      dispatch(typedAt(place, ''));
    },
    // None of these is another one while the panel is there.
    [dispatch, id, place, store],
  );
  return (
    <View style={styles.all}>
      <FieldWithProblem
        multiline
        label={EDITOR.line}
        value={typed}
        onChangeText={(text) => setTyped(text.replace(/\n/gu, ' '))}
        onBlur={apply}
        onKeyPress={(event) => {
          if (event.nativeEvent.key !== 'Enter') return;
          event.preventDefault();
          apply();
        }}
        autoCapitalize="none"
        spellCheck={false}
        problem={problem}
      />
      {typed !== strict && (
        <Button mode="contained" contentStyle={styles.button} onPress={apply}>
          {EDITOR.apply}
        </Button>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  all: { gap: 8, paddingVertical: 12 },
  button: { minHeight: TARGET },
});
