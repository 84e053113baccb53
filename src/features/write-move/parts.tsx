import { withCapital } from '@/core/common';
import { useContext, useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { Controller, type Control, type FieldPathByValue } from 'react-hook-form';
import { countWords } from '@/core/body';
import type { MoveDraft } from '@/core/writing';
import { Field, Target, useTokens } from '@/design';
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
}

/** One typed text of the draft. */
export function Line({ control, name, label, most = 300, mostWords, multiline, lines }: LineProps) {
  const t = useTokens();
  const must = useProblems(name, true).some((one) => one.must);
  return (
    <View style={styles.line}>
      <Controller
        control={control}
        name={name}
        render={({ field: { value, onChange, onBlur, ref } }) => (
          <>
            <Field
              ref={ref}
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

export interface Option<T extends string> {
  readonly value: T;
  readonly text: string;
}

interface OpenerProps {
  readonly label: string;
  readonly open: boolean;
  readonly onOpen: (open: boolean) => void;
}

/** Says what is chosen, and opens what there is to choose. */
function Opener({ label, open, onOpen }: OpenerProps) {
  return (
    <Target
      label={label}
      icon={open ? 'less' : 'more'}
      expanded={open}
      align="start"
      style={styles.start}
      onPress={() => onOpen(!open)}
    />
  );
}

interface PickProps<T extends string> {
  readonly label: string;
  readonly options: readonly Option<T>[];
  readonly value: T | undefined;
  readonly onChange: (value: T) => void;
}

/** One of many options: what is chosen in sight, the others once it is opened. */
export function Pick<T extends string>({ label, options, value, onChange }: PickProps<T>) {
  const [open, setOpen] = useState(false);
  const chosen = options.find((option) => option.value === value);
  return (
    <View style={styles.pick}>
      <Opener
        label={WRITE.chosen(label, chosen?.text ?? WRITE.none)}
        open={open}
        onOpen={setOpen}
      />
      {open && (
        <View role="radiogroup" aria-label={label} style={styles.options}>
          {options.map((option) => (
            <Target
              key={option.value}
              role="radio"
              label={option.text}
              checked={option.value === value}
              look={option.value === value ? 'filled' : 'outlined'}
              onPress={() => {
                onChange(option.value);
                setOpen(false);
              }}
            />
          ))}
        </View>
      )}
    </View>
  );
}

interface PickSomeProps<T extends string> {
  readonly label: string;
  /** What is said of a chosen value beside its name. */
  readonly beside?: (value: T) => string;
  /** What more there is to say of the chosen ones, while the list is open. */
  readonly children?: ReactNode;
  readonly options: readonly Option<T>[];
  readonly values: readonly T[];
  /** What none of them is called. */
  readonly none?: string;
  readonly onChange: (values: T[]) => void;
}

/** Any number of options: what is chosen in sight, all of them once it is opened. */
export function PickSome<T extends string>({
  label,
  options,
  values,
  none = WRITE.none,
  onChange,
  beside,
  children,
}: PickSomeProps<T>) {
  const [open, setOpen] = useState(false);
  const chosen = values.map((one) => {
    const name = options.find(({ value }) => value === one)?.text ?? one;
    return [name, beside?.(one)].filter(Boolean).join(' ');
  });
  const toggled = (value: T) =>
    values.includes(value) ? values.filter((one) => one !== value) : [...values, value];
  return (
    <View style={styles.pick}>
      <Opener label={WRITE.chosen(label, chosen.join(', ') || none)} open={open} onOpen={setOpen} />
      {open && (
        <View role="group" aria-label={label} style={styles.options}>
          {options.map(({ value, text }) => (
            <Target
              key={value}
              role="checkbox"
              label={text}
              checked={values.includes(value)}
              look={values.includes(value) ? 'filled' : 'outlined'}
              onPress={() => onChange(toggled(value))}
            />
          ))}
        </View>
      )}
      {open && children}
    </View>
  );
}

/** Options from a table of names, in the order of the values. */
export function named<T extends string>(
  values: readonly T[],
  names: Readonly<Record<T, string>>,
): readonly Option<T>[] {
  return values.map((value) => {
    const text = names[value];
    return { value, text: withCapital(text) };
  });
}

const styles = StyleSheet.create({
  section: { borderTopWidth: 1 },
  head: { paddingHorizontal: 16 },
  inside: { paddingHorizontal: 16, paddingBottom: 16, gap: 12 },
  line: { gap: 2 },
  pick: { gap: 8 },
  start: { alignSelf: 'flex-start' },
  options: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
