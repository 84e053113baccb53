import { useEffect, useRef, useState } from 'react';
import { FieldWithProblem } from '@/design';

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
  const keep = () => {
    if (typed === undefined || wrong !== '') return;
    const words = typed.trim();
    setTyped(undefined);
    if (words !== kept) onKeep(words);
  };
  const last = useRef(keep);
  useEffect(() => {
    last.current = keep;
  });
  useEffect(() => () => last.current(), []);
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
