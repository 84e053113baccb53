import { ScrollView, StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { TARGET, useTokens } from '@/design';
import { AFTER_A_FALL, STOP_SIGNS } from '@/words/safety';
import { CallForHelp, HelpFields } from './call-for-help';
import { LEAD } from './strings';

/** The three tiers, gravest last and in its own colour; the class is held meanwhile. */
export function StopSigns({ onClose }: { readonly onClose: () => void }) {
  return (
    <ScrollView contentContainerStyle={styles.all}>
      <Text variant="headlineSmall" role="heading" aria-level={1}>
        {LEAD.stopSigns}
      </Text>
      <CallForHelp />
      <StopSignTiers />
      <Text variant="bodyLarge">{AFTER_A_FALL}</Text>
      <HelpFields />
      <Button mode="contained" contentStyle={styles.button} onPress={onClose}>
        {LEAD.closeSigns}
      </Button>
    </ScrollView>
  );
}

/** The tiers, each with its signs and what follows. */
export function StopSignTiers() {
  const t = useTokens();
  return (
    <View style={styles.tiers}>
      {STOP_SIGNS.map(({ title, signs, then }, i) => (
        <View key={title} style={[styles.tier, { borderColor: [t.line, t.catkin, t.clay][i] }]}>
          <Text variant="titleMedium" role="heading" aria-level={2}>
            {title}
          </Text>
          <Text variant="bodyLarge">{signs}</Text>
          <Text variant="bodyLarge" style={styles.then}>
            {then}
          </Text>
        </View>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  all: { padding: 24, gap: 16, maxWidth: 760, width: '100%', alignSelf: 'center' },
  tier: { borderWidth: 2, borderRadius: 12, padding: 16, gap: 4 },
  tiers: { gap: 16 },
  then: { fontWeight: '700' },
  button: { minHeight: TARGET + 8 },
});
