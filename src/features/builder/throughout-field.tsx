import { useState } from 'react';
import type { Throughout } from '@/core/routine';
import { Field } from '@/design';
import { useHandedOn } from '@/features/frame';
import { EDITOR } from './strings';

interface ThroughoutFieldProps {
  readonly label?: string;
  readonly kept: Throughout | undefined;
  readonly onKeep: (throughout: Throughout | undefined) => void;
}

/** What is kept up in all lines, in own words; props that are kept up stay as they are. */
export function ThroughoutField({ label = EDITOR.throughout, kept, onKeep }: ThroughoutFieldProps) {
  const [typed, setTyped] = useState<string>();
  const handOn = () => {
    if (typed === undefined) return;
    const words = typed.trim().slice(0, 300) || undefined;
    const next = { ...(words && { words }), ...(kept?.props && { props: kept.props }) };
    if (words !== kept?.words) onKeep(Object.keys(next).length > 0 ? next : undefined);
  };
  const keep = () => {
    handOn();
    setTyped(undefined);
  };
  useHandedOn(typed, handOn);
  return (
    <Field
      label={label}
      value={typed ?? kept?.words ?? ''}
      maxLength={300}
      onChangeText={setTyped}
      onBlur={keep}
      onSubmitEditing={keep}
    />
  );
}
