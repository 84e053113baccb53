import { memo } from 'react';
import { StyleSheet, View } from 'react-native';
import { IconButton, Text } from 'react-native-paper';
import { TARGET, useSame, useTokens } from '@/design';
import { EDITOR } from './strings';

interface StepsProps {
  readonly label: string;
  readonly shown: string;
  readonly onLess: (() => void) | undefined;
  readonly onMore: (() => void) | undefined;
}

/** A number with a target to make it less and one to make it more. */
export function Steps({ label, shown, onLess, onMore }: StepsProps) {
  const t = useTokens();
  const less = useSame(() => onLess?.());
  const more = useSame(() => onMore?.());
  return (
    <View role="group" aria-label={label} style={[styles.steps, { borderBottomColor: t.line }]}>
      <Text variant="bodyLarge" style={styles.label}>
        {label}
      </Text>
      <Step icon="less-of" label={EDITOR.less(label)} disabled={!onLess} onPress={less} />
      <Text variant="titleMedium" aria-live="polite" style={styles.shown}>
        {shown}
      </Text>
      <Step icon="add" label={EDITOR.moreOf(label)} disabled={!onMore} onPress={more} />
    </View>
  );
}

interface StepProps {
  readonly icon: string;
  readonly label: string;
  readonly disabled: boolean;
  readonly onPress: () => void;
}

const Step = memo(function Step({ icon, label, disabled, onPress }: StepProps) {
  return (
    <IconButton
      icon={icon}
      mode="outlined"
      size={20}
      style={styles.target}
      accessibilityLabel={label}
      disabled={disabled}
      onPress={onPress}
    />
  );
});

const styles = StyleSheet.create({
  steps: {
    flexDirection: 'row',
    alignItems: 'center',
    flexWrap: 'wrap',
    borderBottomWidth: 1,
    paddingVertical: 4,
  },
  label: { flexGrow: 1 },
  target: { width: TARGET, height: TARGET, margin: 2 },
  shown: { minWidth: 64, textAlign: 'center', fontVariant: ['tabular-nums'] },
});
