import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { paceOf } from '@/core/body';
import { writtenOf } from '@/core/moves';
import { changeItem, itemInForce, type Item } from '@/core/routine';
import { Target, useTokens } from '@/design';
import { timeWords } from '@/words/names';
import { useClock } from '@/state';
import { beatOf, sharedOut, tempoAt, withTap } from './tapped';
import { FINE } from './strings';
import type { Editing } from './use-routine';

/** The tempo of reps, or the pace of breaths, by tapping along: once a rep, or once a breath. */
export function TapAlong({ item, routine, change }: Editing & { readonly item: Item }) {
  const t = useTokens();
  const clock = useClock();
  const [taps, setTaps] = useState<readonly number[]>([]);
  const { dose } = itemInForce(item, routine);
  if (dose.kind !== 'reps' && dose.kind !== 'breaths') return null;
  const beat = beatOf(taps);
  const take = (beatMs: number) => {
    setTaps([]);
    if (dose.kind === 'reps') {
      const tempo = tempoAt(dose.tempo, beatMs);
      return change(changeItem(routine, item.id, { tempo, held: undefined, breath: undefined }));
    }
    const pace = paceOf(routine.group, routine.pace);
    const now = [dose.inMs ?? pace.breathInMs, dose.outMs ?? pace.breathOutMs];
    const [inMs = 1000, outMs = 1000] = sharedOut(now, beatMs);
    const written = writtenOf(dose);
    if (written.kind !== 'breaths') return undefined;
    return change(changeItem(routine, item.id, { dose: { ...written, breath: { inMs, outMs } } }));
  };
  return (
    <View style={styles.all}>
      <Target
        label={dose.kind === 'reps' ? FINE.tapRep : FINE.tapBreath}
        onPress={() => setTaps(withTap(taps, clock()))}
      />
      <Text variant="bodyMedium" aria-live="polite" style={[styles.grow, { color: t.quiet }]}>
        {beat === undefined
          ? FINE.taps(taps.length)
          : FINE.beat(timeWords(Math.round(beat / 1000) * 1000))}
      </Text>
      {beat !== undefined && beat >= 1000 && (
        <Target label={FINE.takeBeat} onPress={() => take(beat)} />
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  all: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: 8, paddingVertical: 8 },
  grow: { flexGrow: 1, flexShrink: 1 },
});
