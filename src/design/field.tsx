import type { ComponentProps } from 'react';
import { TextInput } from 'react-native-paper';

type FieldProps = Omit<ComponentProps<typeof TextInput>, 'mode' | 'label'> & {
  readonly label: string;
};

/** A field with its label in sight and in its name, which Paper leaves apart. */
export function Field({ label, ...props }: FieldProps) {
  return (
    <TextInput
      mode="outlined"
      label={label}
      aria-label={label}
      aria-invalid={props.error}
      {...props}
    />
  );
}
