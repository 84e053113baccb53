import { useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { withCapital } from '@/core/common';
import { Target } from '@/design';
import { WRITE } from './strings';

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
  pick: { gap: 8 },
  start: { alignSelf: 'flex-start' },
  options: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
