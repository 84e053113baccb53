import { useState } from 'react';
import { View, StyleSheet } from 'react-native';
import { Text } from 'react-native-paper';
import { MOST_NOTE, type HappenedEvent } from '@/core/class';
import { Field, useTokens } from '@/design';
import { useHandedOn } from '@/features/frame';
import { act, useAppDispatch } from '@/state';
import { StopSigns } from './stop-signs';
import { LEAD } from './strings';

interface HappenedProps {
  readonly event: HappenedEvent | undefined;
  readonly onClose: () => void;
}

/** What to do, and a dated word for the record; the class is held. */
export function Happened({ event, onClose }: HappenedProps) {
  const t = useTokens();
  const dispatch = useAppDispatch();
  const [typed, setTyped] = useState(event?.note ?? '');
  const keep = () => dispatch(act({ kind: 'noted', note: typed }));
  useHandedOn(typed === (event?.note ?? '') ? undefined : typed, keep);
  const time = event
    ? new Date(event.at).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit' })
    : '';
  return (
    <StopSigns
      onClose={() => {
        keep();
        onClose();
      }}
      title={LEAD.happenedTitle(time)}
    >
      <View style={styles.all}>
        <Text variant="bodyLarge" style={{ color: t.quiet }}>
          {LEAD.happenedHint}
        </Text>
        <Field
          label={LEAD.happenedNote}
          value={typed}
          maxLength={MOST_NOTE}
          onChangeText={setTyped}
          onBlur={keep}
        />
      </View>
    </StopSigns>
  );
}

const styles = StyleSheet.create({ all: { gap: 8 } });
