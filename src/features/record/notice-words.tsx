import { useState } from 'react';
import { View } from 'react-native';
import { Text } from 'react-native-paper';
import type { Run } from '@/core/class';
import { entriesInOrder, type Entry, type Routine } from '@/core/routine';
import { Field } from '@/design';
import { useHandedOn } from '@/features/frame';
import { runsBrought, useAppDispatch } from '@/state';
import { RECORD } from './strings';

/** What a routine asks to notice, each once. */
function noticesOf(routine: Routine): readonly string[] {
  const lines = entriesInOrder(routine).flatMap(({ entry }): readonly Entry[] =>
    entry.kind === 'block' ? entry.lines : [entry],
  );
  return [...new Set(lines.flatMap((line) => (line.kind === 'notice' ? [line.words] : [])))];
}

/** A word on each thing that the room was asked to notice. */
export function NoticeWords({
  run,
  routine,
}: {
  readonly run: Run;
  readonly routine: Routine | undefined;
}) {
  const notices = routine ? noticesOf(routine) : [];
  if (notices.length === 0) return null;
  return (
    <View>
      <Text variant="titleMedium" role="heading" aria-level={2}>
        {RECORD.noticed}
      </Text>
      {notices.map((words) => (
        <NoticeField key={words} run={run} words={words} />
      ))}
    </View>
  );
}

function NoticeField({ run, words }: { readonly run: Run; readonly words: string }) {
  const dispatch = useAppDispatch();
  const kept = run.noticed?.find((one) => one.words === words)?.said ?? '';
  const [typed, setTyped] = useState<string>();
  const handOn = () => {
    if (typed === undefined) return;
    const said = typed.replace(/\s+/gu, ' ').trim();
    const others = (run.noticed ?? []).filter((one) => one.words !== words);
    const noticed = said === '' ? others : [...others, { words, said }];
    if (said !== kept) dispatch(runsBrought([withNoticed(run, noticed)]));
  };
  const keep = () => {
    handOn();
    setTyped(undefined);
  };
  useHandedOn(typed, handOn);
  return (
    <Field
      label={words}
      value={typed ?? kept}
      maxLength={300}
      onChangeText={setTyped}
      onBlur={keep}
      onSubmitEditing={keep}
    />
  );
}

function withNoticed({ noticed: _, ...run }: Run, noticed: NonNullable<Run['noticed']>): Run {
  return noticed.length > 0 ? { ...run, noticed } : run;
}
