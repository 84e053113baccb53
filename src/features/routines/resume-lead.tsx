import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { printClock } from '@/core/common';
import { TARGET, useTokens } from '@/design';
import { useWork } from '@/features/frame';
import { useHallSelector } from '@/state/hall';

const WORDS = {
  was: (title: string, at: string) => `You were leading “${title}”. It stands at ${at}.`,
  goOn: 'Go to it',
  record: 'Finish and record it',
};

/** A class that was broken off by a reload or a crash: the person says what becomes of it. */
export function ResumeLead() {
  const t = useTokens();
  const router = useRouter();
  const work = useWork();
  const broken = useHallSelector((state) => state.shelf.brokenOff);
  if (!broken) return null;
  const { routineId, title, placeMs } = broken;
  return (
    <View role="alert" style={[styles.box, { backgroundColor: t.sheet, borderColor: t.ink }]}>
      <Text variant="bodyLarge">{WORDS.was(title, printClock(placeMs))}</Text>
      <View style={styles.actions}>
        <Button
          mode="contained"
          contentStyle={styles.button}
          onPress={() => router.push(`/lead/${routineId}`)}
        >
          {WORDS.goOn}
        </Button>
        <Button
          mode="outlined"
          contentStyle={styles.button}
          onPress={() => void work(({ endLead }, dispatch) => dispatch(endLead('broken-off')))}
        >
          {WORDS.record}
        </Button>
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  box: { borderWidth: 2, borderRadius: 12, padding: 16, gap: 12 },
  actions: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  button: { minHeight: TARGET },
});
