import { useContext, useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { Controller, type Control, type FieldPathByValue } from 'react-hook-form';
import { countWords } from '@/core/body';
import type { MoveDraft } from '@/core/writing';
import { Target, useTokens } from '@/design';
import { SidedField } from '@/features/typing';
import { FoundContext, countIn, useProblems } from './problems';
import { WRITE } from './strings';

export type DraftControl = Control<MoveDraft>;

interface ProblemsProps {
  readonly at: string;
  /** Also what is wrong further inside. */
  readonly inside?: boolean;
}

/** What is wrong or could be better at a place, in sentences. */
export function Problems({ at, inside = true }: ProblemsProps) {
  const t = useTokens();
  const said = useProblems(at, inside);
  return (
    <View aria-live="polite" {...(said.some(({ must }) => must) && { dataSet: { mend: 'true' } })}>
      {said.map(({ text, must }) => (
        <Text key={text} variant="bodyMedium" style={{ color: must ? t.clay : t.quiet }}>
          {text}
        </Text>
      ))}
    </View>
  );
}

interface SectionProps {
  readonly title: string;
  /** The places of the draft that it holds. */
  readonly places: readonly string[];
  readonly startsOpen?: boolean;
  readonly children: ReactNode;
}

/** A part of the move that is opened to be written; one with something to mend opens on trying. */
export function Section({ title, places, startsOpen = false, children }: SectionProps) {
  const t = useTokens();
  const found = useContext(FoundContext);
  const [open, setOpen] = useState(startsOpen);
  const [triesSeen, setTriesSeen] = useState(0);
  const count = countIn(found, places);
  if (found.tries !== triesSeen) {
    setTriesSeen(found.tries);
    if (count > 0) setOpen(true);
  }
  return (
    <View style={[styles.section, { borderTopColor: t.line }]}>
      <View role="heading" aria-level={2}>
        <Target
          label={count > 0 ? `${title} · ${WRITE.open(count)}` : title}
          look="plain"
          icon={open ? 'less' : 'more'}
          expanded={open}
          align="start"
          style={styles.head}
          onPress={() => setOpen(!open)}
        />
      </View>
      {open && <View style={styles.inside}>{children}</View>}
    </View>
  );
}

/** What is said to a side, and not of the move. */
export const SIDED_WORDS: readonly string[] = ['setUp', 'go', 'short', 'wayOut', 'press'];

interface LineProps {
  readonly control: DraftControl;
  readonly name: FieldPathByValue<MoveDraft, string>;
  readonly label: string;
  readonly most?: number;
  /** The most words that can be said in its time. */
  readonly mostWords?: number;
  /** Wraps; with `lines` it is a list, one a line. */
  readonly multiline?: boolean;
  readonly lines?: boolean;
  /** Can name the side that is worked. */
  readonly sided?: boolean;
}

/** One typed text of the draft. */
export function Line({
  control,
  name,
  label,
  most = 300,
  mostWords,
  multiline,
  lines,
  sided,
}: LineProps) {
  const t = useTokens();
  const must = useProblems(name, true).some((one) => one.must);
  return (
    <View style={styles.line}>
      <Controller
        control={control}
        name={name}
        render={({ field: { value, onChange, onBlur, ref } }) => (
          <>
            <SidedField
              ref={ref}
              sided={sided === true}
              label={label}
              value={value}
              maxLength={lines ? most * 8 : most}
              multiline={multiline === true || lines === true}
              error={must}
              onChangeText={onChange}
              onBlur={onBlur}
            />
            {mostWords !== undefined && (
              <Text variant="bodyMedium" style={{ color: t.quiet }}>
                {WRITE.words(countWords(value), mostWords)}
              </Text>
            )}
          </>
        )}
      />
      <Problems at={name} />
    </View>
  );
}

const styles = StyleSheet.create({
  section: { borderTopWidth: 1 },
  head: { paddingHorizontal: 16 },
  inside: { paddingHorizontal: 16, paddingBottom: 16, gap: 12 },
  line: { gap: 2 },
});
