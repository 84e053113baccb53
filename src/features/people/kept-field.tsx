import { useState } from 'react';
import { FieldWithProblem } from '@/design';
import { useHandedOn } from '@/features/frame';

interface KeptFieldProps {
  readonly label: string;
  readonly kept: string;
  readonly most: number;
  readonly multiline?: boolean;
  readonly numeric?: boolean;
  readonly problem?: (typed: string) => string;
  readonly onKeep: (typed: string) => unknown;
}

/** A field whose words are kept when it is left, by Enter, or when it goes away. */
export function KeptField({
  label,
  kept,
  most,
  multiline = false,
  numeric = false,
  problem = () => '',
  onKeep,
}: KeptFieldProps) {
  const [typed, setTyped] = useState<string>();
  const wrong = typed === undefined ? '' : problem(typed.trim());
  const handOn = () => {
    if (typed === undefined || wrong !== '') return;
    const words = typed.trim();
    if (words !== kept) onKeep(words);
  };
  const keep = () => {
    handOn();
    if (wrong === '') setTyped(undefined);
  };
  useHandedOn(typed, handOn, numeric);
  return (
    <FieldWithProblem
      label={label}
      value={typed ?? kept}
      maxLength={most}
      multiline={multiline}
      {...(numeric && { inputMode: 'numeric' as const })}
      onChangeText={setTyped}
      onBlur={keep}
      onSubmitEditing={keep}
      problem={wrong}
    />
  );
}
