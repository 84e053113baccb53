import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { Choices, Toggle, useTokens } from '@/design';
import {
  canBuzz,
  deviceSet,
  hasVoice,
  soundState,
  useAppDispatch,
  useAppSelector,
  voices,
} from '@/state';
import { LEAD } from './strings';

/** No sound at all; what is said is shown, and felt where the device can. */
const QUIET = { chimes: false, talk: 'quiet', captions: 'on', haptics: true } as const;
const HEARD = { chimes: true, talk: 'full', captions: 'auto', haptics: false } as const;

/** What of sound and view is on, each by itself; the voice only where the device has one. */
export function SoundSettings() {
  const t = useTokens();
  const dispatch = useAppDispatch();
  const device = useAppSelector((state) => state.device);
  const isQuiet = !device.chimes && device.talk === 'quiet';
  const all = dispatch(voices());
  const flag = (name: 'chimes' | 'mirror' | 'haptics' | 'larger') => (
    <Toggle
      label={LEAD[name]}
      on={device[name]}
      onPress={() => dispatch(deviceSet({ [name]: !device[name] }))}
    />
  );
  return (
    <View style={styles.all}>
      {device.chimes && dispatch(soundState()) === 'asleep' && (
        <Text variant="bodyMedium" style={{ color: t.quiet }}>
          {LEAD.asleepNow}
        </Text>
      )}
      <View style={styles.row}>
        <Toggle
          label={LEAD.quietMode}
          on={isQuiet}
          onPress={() => dispatch(deviceSet(isQuiet ? HEARD : QUIET))}
        />
        {flag('chimes')}
        {dispatch(canBuzz()) && flag('haptics')}
        {flag('mirror')}
        {flag('larger')}
      </View>
      {dispatch(hasVoice()) ? (
        <>
          <Choices
            label={LEAD.voice}
            choices={LEAD.talks}
            value={device.talk}
            onChoose={(talk) => dispatch(deviceSet({ talk }))}
          />
          {device.talk !== 'quiet' && (
            <Choices
              label={LEAD.rate}
              choices={LEAD.rates}
              value={LEAD.rates.find(({ value }) => Number(value) === device.rate)?.value}
              onChoose={(rate) => dispatch(deviceSet({ rate: Number(rate) }))}
            />
          )}
          {device.talk !== 'quiet' && all.length > 1 && (
            <Choices
              label={LEAD.whichVoice}
              choices={all.slice(0, MOST_VOICES).map(({ id, name }) => ({ value: id, text: name }))}
              value={all.some(({ id }) => id === device.voice) ? device.voice : all[0]?.id}
              onChoose={(voice) => dispatch(deviceSet({ voice }))}
            />
          )}
        </>
      ) : (
        <Text variant="bodyMedium">{LEAD.noVoice}</Text>
      )}
      <Choices
        label={LEAD.captions}
        choices={LEAD.captionChoices}
        value={device.captions}
        onChoose={(captions) => dispatch(deviceSet({ captions }))}
      />
    </View>
  );
}

/** More voices than these are the same ones in other countries. */
const MOST_VOICES = 24;

const styles = StyleSheet.create({
  all: { gap: 8 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8, alignItems: 'center' },
});
