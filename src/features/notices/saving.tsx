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
      style={{ color: saving === 'failed' ? t.clay : t.quiet }}
    >
      {SAVING[saving]}
    </Text>
  );
}
