import { memo, type ReactNode } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { printClock } from '@/core/common';
import { laneValues } from '@/core/people';
import type { Routine } from '@/core/routine';
import { SANS, TARGET, useTokens, rem } from '@/design';
import { useScore } from '@/state';
import { BUILD } from './strings';

interface TotalsProps {
  readonly routine: Routine;
  readonly wide: boolean;
  readonly open: boolean;
  readonly onPress: () => void;
  readonly right: ReactNode;
}

/** Total against the slot, left and right, trips to the floor; pressed it says where the time goes. */
export const Totals = memo(function Totals({ routine, wide, open, onPress, right }: TotalsProps) {
  const t = useTokens();
  const { totalMs, leftMs, rightMs, trips } = useScore(routine);
  const { slotMs } = routine;
  const tripCount = Math.max(0, ...laneValues(trips));
  const off =
    slotMs === undefined || totalMs === slotMs
      ? undefined
      : totalMs > slotMs
        ? BUILD.over(printClock(totalMs - slotMs))
        : BUILD.under(printClock(slotMs - totalMs));
  const of = slotMs === undefined ? '' : BUILD.of(printClock(slotMs));
  const isOver = slotMs !== undefined && totalMs > slotMs;
  const sides = BUILD.sides(printClock(leftMs), printClock(rightMs));
  // Alike they tell nothing; unlike, somebody is left out on a side.
  const differs = Math.round(leftMs / 1000) !== Math.round(rightMs / 1000);
  const tripWords = tripCount > 0 ? BUILD.trips(tripCount) : '';
  return (
    <Pressable
      role="button"
      aria-expanded={open}
      aria-label={[printClock(totalMs), of || BUILD.noSlot, off, differs ? sides : '', tripWords]
        .filter(Boolean)
        .join(', ')}
      onPress={onPress}
      style={[styles.all, open && { backgroundColor: t.shade }]}
    >
      <View style={styles.line}>
        <Text style={[styles.total, { color: isOver ? t.clay : t.ink }]}>
          {printClock(totalMs)}
        </Text>
        <Text variant="bodyLarge" style={{ color: t.quiet }}>
          {of}
        </Text>
        {off !== undefined && (wide || isOver) && (
          <Text variant="bodyMedium" style={{ color: isOver ? t.clay : t.quiet }}>
            {off}
          </Text>
        )}
      </View>
      <View style={styles.line}>
        {differs && (
          <Text variant="bodyLarge" style={[styles.figure, { color: t.clay }]}>
            {sides}
          </Text>
        )}
        {tripCount > 0 && (
          <Text variant="bodyMedium" style={{ color: t.quiet }}>
            {wide ? tripWords : BUILD.tripsShort(tripCount)}
          </Text>
        )}
        {right}
      </View>
    </Pressable>
  );
});

const styles = StyleSheet.create({
  // Its own words wrap before anything beside it does.
  all: {
    flexGrow: 1,
    flexShrink: 1,
    flexBasis: 130,
    minWidth: 130,
    minHeight: TARGET,
    borderRadius: 8,
  },
  line: { flexDirection: 'row', alignItems: 'baseline', flexWrap: 'wrap', columnGap: 8 },
  total: {
    fontVariant: ['tabular-nums'],
    fontFamily: SANS,
    fontWeight: '700',
    fontSize: rem(24),
    lineHeight: rem(28),
  },
  figure: { fontVariant: ['tabular-nums'], fontWeight: '700' },
});
