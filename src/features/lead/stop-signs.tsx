import type { ReactNode } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { Field, TARGET, useTokens } from '@/design';
import { deviceSet, useAppDispatch, useAppSelector } from '@/state';
import { AFTER_A_FALL, STOP_SIGNS } from '@/words/safety';
import { LEAD } from './strings';

/** The three tiers, gravest last and in its own colour; the class is held meanwhile. */
export function StopSigns({
  onClose,
  title = LEAD.stopSigns,
  children,
}: {
  readonly onClose: () => void;
  readonly title?: string;
  readonly children?: ReactNode;
}) {
  return (
    <ScrollView contentContainerStyle={styles.all}>
      <Text variant="headlineSmall" role="heading" aria-level={1}>
        {title}
      </Text>
      {children}
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

/** Where we are, whom to ring and where the defibrillator hangs: kept on this device. */
function HelpFields() {
  const dispatch = useAppDispatch();
  const help = useAppSelector((state) => state.device.help);
  return (
    <View style={styles.help}>
      {(['address', 'number', 'defibrillator'] as const).map((key) => (
        <Field
          key={key}
          label={LEAD.help[key]}
          value={help[key]}
          maxLength={200}
          onChangeText={(text) => dispatch(deviceSet({ help: { ...help, [key]: text } }))}
        />
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  all: { padding: 24, gap: 16, maxWidth: 760, width: '100%', alignSelf: 'center' },
  tier: { borderWidth: 2, borderRadius: 12, padding: 16, gap: 4 },
  tiers: { gap: 16 },
  help: { gap: 8 },
  then: { fontWeight: '700' },
  button: { minHeight: TARGET + 8 },
});
