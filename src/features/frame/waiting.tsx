import { View } from 'react-native';
import { Text } from 'react-native-paper';
import { useTokens } from '@/design';

/** As the page says it while its scripts arrive. */
const OPENING = 'Opening your routines…';

export function Waiting() {
  const t = useTokens();
  return (
    <View style={{ flex: 1, padding: 24, backgroundColor: t.ground }}>
      <Text variant="bodyLarge">{OPENING}</Text>
    </View>
  );
}
