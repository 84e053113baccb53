import { StyleSheet, View } from 'react-native';
import { Target } from '@/design';
import { LEAD } from './strings';

interface ControlsProps {
  readonly running: boolean;
  readonly mayExtend: boolean;
  readonly onHold: () => void;
  readonly onGo: () => void;
  readonly onBack: () => void;
  readonly onOn: () => void;
  readonly onMore: () => void;
}

const HEIGHT = 62;

/** The big targets of a class; each has a key of its own. */
export function Controls({
  running,
  mayExtend,
  onHold,
  onGo,
  onBack,
  onOn,
  onMore,
}: ControlsProps) {
  const side = { height: HEIGHT, style: styles.side };
  return (
    <View style={styles.row}>
      <Target label={LEAD.back} keyName="ArrowLeft" onPress={onBack} {...side} />
      <Target
        label={running ? LEAD.hold : LEAD.goOn}
        look="filled"
        keyName="Space"
        height={HEIGHT}
        style={styles.middle}
        onPress={running ? onHold : onGo}
      />
      <Target label={LEAD.more} keyName="+" disabled={!mayExtend} onPress={onMore} {...side} />
      <Target label={LEAD.on} keyName="ArrowRight" onPress={onOn} {...side} />
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: 8, flexWrap: 'wrap' },
  side: { flexGrow: 1, flexBasis: 60, minWidth: 60, paddingHorizontal: 4 },
  middle: { flexGrow: 2, flexBasis: 124, paddingHorizontal: 4 },
});
