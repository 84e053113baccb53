import { ScrollView, StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { Target, useTokens } from '@/design';
import { KEYS, KEY_DEEDS, keyWords } from './keys';
import { LEAD } from './strings';

/** Every key of the class with what it does. */
export function KeySheet({ onClose }: { readonly onClose: () => void }) {
  const t = useTokens();
  return (
    <View style={[styles.sheet, { backgroundColor: t.ground, borderColor: t.ink }]}>
      <ScrollView contentContainerStyle={styles.all} tabIndex={0}>
        <Text variant="titleMedium" role="heading" aria-level={2}>
          {LEAD.keysTitle}
        </Text>
        {KEY_DEEDS.map((deed) => (
          <View key={deed} style={styles.row}>
            <Text variant="bodyLarge" style={styles.keys}>
              {KEYS[deed].map(keyWords).join('  ')}
            </Text>
            <Text variant="bodyLarge" style={styles.means}>
              {LEAD.keyMeans[deed]}
            </Text>
          </View>
        ))}
        <Text variant="bodyMedium" style={{ color: t.quiet }}>
          {LEAD.keysClicker}
        </Text>
        <Target label={LEAD.close} look="filled" onPress={onClose} />
      </ScrollView>
    </View>
  );
}

const styles = StyleSheet.create({
  sheet: { position: 'absolute', left: 0, right: 0, top: 0, bottom: 0, borderTopWidth: 2 },
  all: { padding: 16, gap: 6 },
  row: { flexDirection: 'row', gap: 12 },
  keys: { width: 150, fontWeight: '700' },
  means: { flexShrink: 1 },
});
