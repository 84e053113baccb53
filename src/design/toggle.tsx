import { Target } from './target';

interface ToggleProps {
  readonly label: string;
  readonly on: boolean;
  readonly disabled?: boolean;
  readonly onPress: () => void;
}

/** Something that is on or off, with a mark that does not rest on its colour. */
export function Toggle({ label, on, disabled, onPress }: ToggleProps) {
  return (
    <Target
      label={label}
      look="plain"
      role="switch"
      icon={on ? 'check' : 'close'}
      checked={on}
      onPress={onPress}
      {...(disabled !== undefined && { disabled })}
    />
  );
}
