import { useEffect, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { Target, useTokens } from '@/design';
import { canInstall, install, onInstallable } from '@/platform/install';
import { deviceSet, useHallDispatch, useHallSelector } from '@/state/hall';
import { TODAY } from './strings';

/** Who has led so many classes comes again. */
const CLASSES = 3;

/** Offered once, and not before somebody knows what they would install. */
export function InstallOffer() {
  const t = useTokens();
  const dispatch = useHallDispatch();
  const isDue = useHallSelector(
    ({ device, version }) => !device.installOffered && version.ownClasses >= CLASSES,
  );
  const [can, setCan] = useState(canInstall());
  useEffect(() => onInstallable(() => setCan(canInstall())), []);
  if (!isDue || !can) return null;
  const done = () => dispatch(deviceSet({ installOffered: true }));
  return (
    <View role="status" style={[styles.offer, { backgroundColor: t.sheet, borderColor: t.line }]}>
      <Text variant="bodyLarge">{TODAY.install}</Text>
      <View style={styles.actions}>
        <Target
          label={TODAY.installIt}
          onPress={() => {
            done();
            void install();
          }}
        />
        <Target look="plain" label={TODAY.notNow} onPress={done} />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  offer: { borderWidth: 1, borderRadius: 16, padding: 16, gap: 8 },
  actions: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
