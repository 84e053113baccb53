import { memo, useMemo, useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { SECTIONS, type Placed, type Setting } from '@/core/routine';
import { Field, TARGET, Target, useTokens } from '@/design';
import { SECTION_TITLES } from '@/words/names';
import { placedFrom, readRows, type Decided, type PageRow } from './rows';
import { PAGE } from './strings';

interface PageSheetProps {
  readonly text: string;
  readonly setting: Setting;
  /** Whether there was room for all of it. */
  readonly onTake: (placed: readonly Placed[], title: string | undefined) => boolean;
  readonly onLeave: () => void;
}

/** A plan as it was pasted: each line beside what it becomes, to be mended before it is taken in. */
export function PageSheet({ text, setting, onTake, onLeave }: PageSheetProps) {
  const t = useTokens();
  const [decided, setDecided] = useState<Readonly<Record<number, Decided>>>({});
  const read = useMemo(() => readRows(text, setting, decided), [text, setting, decided]);
  const { rows, open, title } = read;
  const [full, setFull] = useState(false);
  const placed = placedFrom(read);
  const decide = (line: number, what: Decided | undefined) =>
    setDecided(({ [line]: _, ...others }) => (what ? { ...others, [line]: what } : others));
  const allNotes = () =>
    setDecided({
      ...decided,
      ...Object.fromEntries(
        rows.filter(({ state }) => state === 'open').map(({ line }) => [line, 'note' as const]),
      ),
    });
  return (
    <ScrollView contentContainerStyle={styles.page}>
      <Text variant="titleLarge" role="heading" aria-level={2}>
        {PAGE.title}
      </Text>
      <Text variant="bodyMedium" style={{ color: t.quiet }}>
        {rows.length === 0 ? PAGE.none : PAGE.hint}
      </Text>
      {SECTIONS.map((section) => {
        const own = rows.filter((row) => row.section === section);
        if (own.length === 0) return null;
        return (
          <View key={section} role="list" aria-label={SECTION_TITLES[section]}>
            <Text variant="titleMedium" role="heading" aria-level={3} style={{ color: t.bark }}>
              {SECTION_TITLES[section]}
            </Text>
            {own.map((row) => (
              <Row key={row.line} row={row} onDecide={decide} />
            ))}
          </View>
        );
      })}
      <View aria-live="polite" style={styles.end}>
        {rows.length > 0 && (
          <Text variant="bodyLarge" style={{ color: open > 0 ? t.clay : t.quiet }}>
            {open > 0 ? PAGE.open(open) : PAGE.allClear}
          </Text>
        )}
        {open > 1 && <Target label={PAGE.notes} onPress={allNotes} />}
      </View>
      {full && (
        <Text role="alert" variant="bodyLarge" style={{ color: t.clay }}>
          {PAGE.full}
        </Text>
      )}
      <View style={styles.buttons}>
        <Button
          mode="contained"
          contentStyle={styles.button}
          disabled={open > 0 || placed.length === 0}
          onPress={() => setFull(!onTake(placed, title))}
        >
          {PAGE.take(placed.length)}
        </Button>
        <Button contentStyle={styles.button} onPress={onLeave}>
          {PAGE.leave}
        </Button>
      </View>
    </ScrollView>
  );
}

interface RowProps {
  readonly row: PageRow;
  readonly onDecide: (line: number, what: Decided | undefined) => void;
}

const Row = memo(function Row({ row, onDecide }: RowProps) {
  const t = useTokens();
  const { line, typed, text, state, passed, others } = row;
  const said =
    state === 'note'
      ? PAGE.isNote
      : state === 'out'
        ? PAGE.isOut
        : [text, passed.length > 0 && PAGE.passed(passed)].filter(Boolean).join(' · ');
  const isOpen = state === 'open';
  return (
    <View
      role="listitem"
      style={[
        styles.row,
        { borderTopColor: t.line },
        isOpen && { borderLeftWidth: 4, borderLeftColor: t.clay, paddingLeft: 12 },
      ]}
    >
      <Text variant="bodyMedium" style={{ color: t.quiet }}>
        {typed}
      </Text>
      {isOpen ? (
        <>
          <Text variant="titleMedium" style={{ color: t.clay }}>
            {PAGE.which}
          </Text>
          <View style={styles.choices}>
            {others.map((other) => (
              <Target
                key={other.text}
                label={other.text.replace(/: $/u, '')}
                onPress={() => onDecide(line, { as: other.text.replace(/: $/u, '') })}
              />
            ))}
            <Target look="plain" label={PAGE.note} onPress={() => onDecide(line, 'note')} />
            <Target look="plain" label={PAGE.out} onPress={() => onDecide(line, 'out')} />
          </View>
          <Rewrite key={typed} line={line} typed={typed} onDecide={onDecide} />
        </>
      ) : (
        <View style={styles.sure}>
          <Text variant="titleMedium" style={styles.grow}>
            {said}
          </Text>
          <Target
            look="plain"
            label={state === 'sure' ? PAGE.out : PAGE.back}
            said={`${state === 'sure' ? PAGE.out : PAGE.back}: ${typed}`}
            onPress={() => onDecide(line, state === 'sure' ? 'out' : undefined)}
          />
        </View>
      )}
    </View>
  );
});

function Rewrite({
  line,
  typed,
  onDecide,
}: {
  readonly line: number;
  readonly typed: string;
  readonly onDecide: RowProps['onDecide'];
}) {
  const [words, setWords] = useState(typed);
  const keep = () => words.trim() !== '' && words !== typed && onDecide(line, { as: words });
  return (
    <Field
      dense
      label={PAGE.rewrite}
      value={words}
      maxLength={300}
      onChangeText={setWords}
      onBlur={keep}
      onSubmitEditing={keep}
    />
  );
}

const styles = StyleSheet.create({
  page: { padding: 16, gap: 12, maxWidth: 760, width: '100%', alignSelf: 'center' },
  row: { borderTopWidth: 1, paddingVertical: 8, gap: 4 },
  sure: { flexDirection: 'row', alignItems: 'center', gap: 8 },
  grow: { flex: 1, minWidth: 0 },
  choices: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  end: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: 12 },
  buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  button: { minHeight: TARGET },
});
