import { StyleSheet } from 'react-native';
import { Text } from 'react-native-paper';
import { useTokens } from '@/design';
import { useHallSelector } from '@/state/hall';
import { SAVING } from './strings';

/** Whether all that was done is in the browser's storage. */
export function Saving() {
  const t = useTokens();
  const saving = useHallSelector((state) => state.notices.saving);
  return (
    <Text
      variant="bodyMedium"
      aria-live="polite"
      style={[styles.word, { color: saving === 'failed' ? t.clay : t.quiet }]}
    >
      {SAVING[saving]}
    </Text>
  );
}

const styles = StyleSheet.create({
  // Its longest word's room, so that nothing beside it moves as it changes.
  word: { minWidth: 62 },
});
