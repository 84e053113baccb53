import { StyleSheet, View } from 'react-native';
import { Choices, Target } from '@/design';
import { deviceSet, hasVoice, useAppDispatch, useAppSelector } from '@/state';
import { LEAD } from './strings';

/** What of sound and view is on; the voice only where the device has one. */
export function SoundSettings() {
  const dispatch = useAppDispatch();
  const device = useAppSelector((state) => state.device);
  return (
    <View style={styles.all}>
      {dispatch(hasVoice()) && (
        <Choices
          label={LEAD.voice}
          choices={LEAD.talks}
          value={device.talk}
          onChoose={(talk) => dispatch(deviceSet({ talk }))}
        />
      )}
      {(['chimes', 'mirror'] as const).map((name) => (
        <Target
          key={name}
          label={LEAD[name]}
          look="plain"
          role="switch"
          icon={device[name] ? 'check' : 'close'}
          checked={device[name]}
          onPress={() => dispatch(deviceSet({ [name]: !device[name] }))}
        />
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  all: { flexDirection: 'row', flexWrap: 'wrap', gap: 8, alignItems: 'center' },
});
