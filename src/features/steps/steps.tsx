import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { IconButton, TARGET, useTokens } from '@/design';
import { STEPS } from './strings';

interface StepsProps {
  readonly label: string;
  readonly shown: string;
  readonly onLess: (() => void) | undefined;
  readonly onMore: (() => void) | undefined;
}

/** A number with a target to make it less and one to make it more. */
export function Steps({ label, shown, onLess, onMore }: StepsProps) {
  const t = useTokens();
  return (
    <View role="group" aria-label={label} style={[styles.steps, { borderBottomColor: t.line }]}>
      <Text variant="bodyLarge" style={styles.label}>
        {label}
      </Text>
      <View style={styles.set}>
        <IconButton
          icon="less-of"
          mode="outlined"
          size={20}
          style={styles.target}
          accessibilityLabel={STEPS.less(label)}
          disabled={!onLess}
          onPress={() => onLess?.()}
        />
        <Text variant="titleMedium" aria-live="polite" style={styles.shown}>
          {shown}
        </Text>
        <IconButton
          icon="add"
          mode="outlined"
          size={20}
          style={styles.target}
          accessibilityLabel={STEPS.moreOf(label)}
          disabled={!onMore}
          onPress={() => onMore?.()}
        />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  steps: {
    flexDirection: 'row',
    alignItems: 'center',
    flexWrap: 'wrap',
    borderBottomWidth: 1,
    paddingVertical: 4,
  },
  label: { flexGrow: 1 },
  // The buttons stay beside their number, whatever the label takes.
  set: { flexDirection: 'row', alignItems: 'center', marginLeft: 'auto' },
  target: { width: TARGET, height: TARGET, margin: 2 },
  shown: { minWidth: 64, textAlign: 'center', fontVariant: ['tabular-nums'] },
});
