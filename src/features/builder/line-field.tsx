import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from 'react-native-paper';
import { catalogueFor, readAddingLine, replaceEntry, writeItem, type Item } from '@/core/routine';
import { FieldWithProblem, TARGET } from '@/design';
import { problemSentence } from '@/words/problems';
import { EDITOR } from './strings';
import type { Editing } from './use-routine';

/** The item as one line of routine text, for everything that has no control of its own. */
export function LineField({ item, routine, change }: Editing & { readonly item: Item }) {
  const strict = writeItem(item, catalogueFor(routine));
  const [typed, setTyped] = useState(strict);
  const [written, setWritten] = useState(strict);
  const [problem, setProblem] = useState('');
  // Another edit writes it anew, over what was typed for the line before.
  if (written !== strict) {
    setWritten(strict);
    setTyped(strict);
    setProblem('');
  }
  const apply = () => {
    const reading = readAddingLine(typed, item.id, routine);
    const [first] = reading.problems;
    if (first) return setProblem(problemSentence(first));
    setProblem('');
    if ('line' in reading) return change(replaceEntry(routine, reading.line));
    if (reading.item) {
      change(replaceEntry(routine, { ...reading.item, ...(item.note && { note: item.note }) }));
    }
  };
  return (
    <View style={styles.all}>
      <FieldWithProblem
        multiline
        label={EDITOR.line}
        value={typed}
        onChangeText={setTyped}
        onSubmitEditing={apply}
        submitBehavior="submit"
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
