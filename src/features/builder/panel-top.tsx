import { StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { TARGET } from '@/design';
import { EDITOR } from './strings';

interface PanelTopProps {
  readonly title: string;
  /** Left out where the panel stays. */
  readonly onClose: (() => void) | undefined;
}

/** What the panel is about, and the way to close it. */
export function PanelTop({ title, onClose }: PanelTopProps) {
  return (
    <View style={styles.top}>
      <Text variant="titleLarge" role="heading" aria-level={2} style={styles.name}>
        {title}
      </Text>
      {onClose && (
        <Button contentStyle={styles.button} onPress={onClose}>
          {EDITOR.close}
        </Button>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  top: { flexDirection: 'row', alignItems: 'center', gap: 8 },
  name: { flex: 1 },
  button: { minHeight: TARGET },
});
