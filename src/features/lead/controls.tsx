import { StyleSheet, View } from 'react-native';
import { Button } from 'react-native-paper';
import { useTokens } from '@/design';
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
  const t = useTokens();
  return (
    <View style={styles.row}>
      <Button
        mode="outlined"
        style={styles.side}
        contentStyle={styles.target}
        labelStyle={styles.label}
        onPress={onBack}
        {...key('ArrowLeft')}
      >
        {LEAD.back}
      </Button>
      <Button
        mode="contained"
        style={styles.middle}
        contentStyle={styles.target}
        labelStyle={styles.label}
        buttonColor={t.ink}
        onPress={running ? onHold : onGo}
        {...key('Space')}
      >
        {running ? LEAD.hold : LEAD.goOn}
      </Button>
      <Button
        mode="outlined"
        style={styles.side}
        contentStyle={styles.target}
        labelStyle={styles.label}
        disabled={!mayExtend}
        onPress={onMore}
        {...key('+')}
      >
        {LEAD.more}
      </Button>
      <Button
        mode="outlined"
        style={styles.side}
        contentStyle={styles.target}
        labelStyle={styles.label}
        onPress={onOn}
        {...key('ArrowRight')}
      >
        {LEAD.on}
      </Button>
    </View>
  );
}

const key = (name: string) => ({ 'aria-keyshortcuts': name });

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: 8, flexWrap: 'wrap' },
  side: { flexGrow: 1, flexBasis: 60, minWidth: 60 },
  middle: { flexGrow: 2, flexBasis: 120 },
  label: { marginHorizontal: 6, fontSize: 17 },
  target: { minHeight: 60 },
});
