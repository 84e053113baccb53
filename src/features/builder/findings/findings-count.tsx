import { memo } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { TARGET, useTokens, rem } from '@/design';
import { FINDINGS } from '../strings';
import { GRAVEST_FIRST, countWords, countsOf } from './finding-words';
import { SeverityMark } from './severity-mark';
import type { Findings } from './use-findings';

interface FindingsCountProps {
  readonly findings: Findings;
  readonly open: boolean;
  readonly onPress: () => void;
}

/** How much the checks found, and the way to see it. */
export const FindingsCount = memo(function FindingsCount({
  findings,
  open,
  onPress,
}: FindingsCountProps) {
  const t = useTokens();
  const { all, state, routine } = findings;
  const known = routine !== undefined && state !== 'failed';
  const words = !known ? FINDINGS[state] : (countWords(all) ?? FINDINGS.noneShort);
  const own = countsOf(all);
  const counts = GRAVEST_FIRST.map((severity) => ({ severity, count: own[severity] })).filter(
    ({ count }) => count > 0,
  );
  return (
    <Pressable
      role="button"
      aria-expanded={open}
      aria-label={FINDINGS.count(words)}
      onPress={onPress}
      style={[styles.all, { borderColor: t.quiet }, open && { backgroundColor: t.shade }]}
    >
      {known &&
        counts.map(({ severity, count }) => (
          <View key={severity} style={styles.one}>
            <SeverityMark severity={severity} />
            <Text variant="labelLarge" style={styles.text}>
              {count}
            </Text>
          </View>
        ))}
      {counts.length === 0 && (
        <Text variant="labelLarge" style={styles.text}>
          {known ? FINDINGS.noneCount : state === 'failed' ? words : FINDINGS.lookingShort}
        </Text>
      )}
    </Pressable>
  );
});

const styles = StyleSheet.create({
  all: {
    minHeight: TARGET,
    // As wide as what it will say, so that nothing beside it moves under a finger.
    minWidth: 74,
    flexDirection: 'row',
    alignItems: 'center',
    justifyContent: 'center',
    gap: 8,
    borderWidth: 1,
    borderRadius: 14,
    paddingHorizontal: 8,
  },
  one: { flexDirection: 'row', alignItems: 'center', gap: 5 },
  text: { fontSize: rem(16), fontVariant: ['tabular-nums'] },
});
