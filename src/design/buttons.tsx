import { memo, type ComponentProps } from 'react';
import { Button as PaperButton, IconButton as PaperIconButton } from 'react-native-paper';
import { useSame } from './use-same';

const ShownButton = memo(PaperButton);
const ShownIconButton = memo(PaperIconButton);

type ButtonProps = ComponentProps<typeof PaperButton> & { readonly onPress: () => void };
type IconButtonProps = ComponentProps<typeof PaperIconButton> & { readonly onPress: () => void };

/** Paper's button where all around it is drawn anew often: itself only where it says something else. */
export function Button({ onPress, ...shown }: ButtonProps) {
  return <ShownButton {...shown} onPress={useSame(onPress)} />;
}

/** The same for a button that is an icon. */
export function IconButton({ onPress, ...shown }: IconButtonProps) {
  return <ShownIconButton {...shown} onPress={useSame(onPress)} />;
}
