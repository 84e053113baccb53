import isEqual from 'fast-deep-equal';
import { memo } from 'react';
import { Pressable, StyleSheet, View, type ViewStyle } from 'react-native';
import { Text } from 'react-native-paper';
import { Icon, type IconName } from './icons';
import { useTokens } from './theme';
import { TARGET, rem } from './tokens';
import { useSame } from './use-same';

interface TargetProps {
  readonly label: string;
  readonly onPress: () => void;
  readonly look?: 'filled' | 'outlined' | 'plain';
  readonly icon?: IconName;
  readonly role?: 'button' | 'radio' | 'checkbox' | 'switch';
  readonly checked?: boolean;
  readonly expanded?: boolean;
  readonly disabled?: boolean;
  /** Looks as if it could not be pressed, and can: a press says why it does nothing now. */
  readonly quiet?: boolean;
  /** What is read aloud, where the label alone says too little. */
  readonly said?: string;
  /** A key that does the same. */
  readonly keyName?: string;
  readonly colour?: string;
  readonly height?: number;
  /** The label's letters, where they are to be read from further away. */
  readonly letters?: number;
  /** Where the label stands; in the middle where it is left out. */
  readonly align?: 'start';
  readonly style?: ViewStyle;
}

/** A big target that can also say that it is chosen, on, or open, which Paper's button can't. */
export function Target({ onPress, ...shown }: TargetProps) {
  return <Shown {...shown} onPress={useSame(onPress)} />;
}

const CHOICES: readonly NonNullable<TargetProps['role']>[] = ['radio', 'checkbox', 'switch'];

/** Drawn anew where it looks or says something else; what a press does is new at every edit. */
const Shown = memo(function Shown({
  label,
  onPress,
  look = 'outlined',
  icon,
  role = 'button',
  checked,
  expanded,
  disabled = false,
  quiet = false,
  said,
  keyName,
  colour,
  height = TARGET,
  letters,
  align,
  style,
}: TargetProps) {
  const t = useTokens();
  const filled = look === 'filled' && !disabled;
  const ink = filled ? t.sheet : disabled || quiet ? t.quiet : (colour ?? t.ink);
  const looks: Readonly<Record<NonNullable<TargetProps['look']>, ViewStyle>> = {
    filled: disabled
      ? { backgroundColor: t.shade, borderColor: t.line }
      : { backgroundColor: t.ink, borderColor: t.ink },
    outlined: { borderColor: disabled || quiet ? t.line : t.quiet },
    plain: { borderColor: 'transparent' },
  };
  return (
    <Pressable
      role={role}
      aria-label={said}
      aria-checked={checked}
      aria-expanded={expanded}
      disabled={disabled}
      onPress={onPress}
      style={[
        styles.target,
        CHOICES.includes(role) && styles.choice,
        { minHeight: height },
        align && styles.atStart,
        looks[look],
        style,
      ]}
      {...(keyName && { 'aria-keyshortcuts': keyName })}
    >
      {icon && (
        <View style={styles.icon}>
          <Icon name={icon} size={18} color={ink} />
        </View>
      )}
      <Text
        variant="labelLarge"
        style={[
          styles.label,
          align && styles.labelAtStart,
          letters !== undefined && { fontSize: letters, lineHeight: letters * 1.3 },
          { color: ink },
        ]}
      >
        {label}
      </Text>
    </Pressable>
  );
}, isEqual);

const styles = StyleSheet.create({
  target: {
    flexDirection: 'row',
    alignItems: 'center',
    justifyContent: 'center',
    borderWidth: 1,
    maxWidth: '100%',
    minWidth: TARGET,
    borderRadius: 14,
    paddingHorizontal: 14,
    paddingVertical: 6,
  },
  // A leaf: a choice is not taken for a button.
  choice: {
    borderTopLeftRadius: 20,
    borderBottomRightRadius: 20,
    borderTopRightRadius: 5,
    borderBottomLeftRadius: 5,
  },
  atStart: { justifyContent: 'flex-start' },
  icon: { marginRight: 8 },
  label: { fontSize: rem(16), textAlign: 'center', flexShrink: 1 },
  labelAtStart: { textAlign: 'left' },
});
