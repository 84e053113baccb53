import { useState } from 'react';
import { View } from 'react-native';
import { Button } from 'react-native-paper';
import { parseLength } from '@/core/common';
import { FieldWithProblem, TARGET } from '@/design';
import { useHandedOn } from '@/features/frame';
import { BUILD } from './strings';

interface DurationFieldProps {
  readonly label: string;
  readonly kept?: string;
  readonly onDuration: (ms: number) => void;
  /** Where nothing typed means something; else it is a problem like any other. */
  readonly onEmpty?: () => void;
  /** A button that takes what is typed; without one, leaving the field does. */
  readonly button?: string;
}

/** A time as people write it; a wrong one stays as it was typed and says how it is written. */
export function DurationField({
  label,
  kept = '',
  onDuration,
  onEmpty,
  button,
}: DurationFieldProps) {
  const [typed, setTyped] = useState(kept);
  const [wrong, setWrong] = useState(false);
  const keep = () => {
    if (typed.trim() === '' && onEmpty) {
      setWrong(false);
      return onEmpty();
    }
    const read = parseLength(typed);
    const good = read.ok && read.value >= 1000;
    setWrong(!good);
    if (read.ok && good) onDuration(read.value);
  };
  useHandedOn(button || typed === kept ? undefined : typed, keep, true);
  return (
    <View style={{ gap: 8 }}>
      <FieldWithProblem
        label={label}
        value={typed}
        onChangeText={setTyped}
        onSubmitEditing={keep}
        problem={wrong ? BUILD.slotWrong : ''}
        {...(!button && { onBlur: keep })}
      />
      {button && (
        <Button mode="contained" contentStyle={{ minHeight: TARGET }} onPress={keep}>
          {button}
        </Button>
      )}
    </View>
  );
}
