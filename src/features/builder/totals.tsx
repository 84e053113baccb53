import { laneValues } from '@/core/people';
import { memo } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { printClock } from '@/core/common';
import type { Routine } from '@/core/routine';
import { useTokens } from '@/design';
import { scoreOf } from '@/state';
import { BUILD } from './strings';

/** The line that always tells: total against the slot, left and right, trips to the floor. */
export const Totals = memo(function Totals({ routine }: { readonly routine: Routine }) {
  const t = useTokens();
  const { totalMs, leftMs, rightMs, trips } = scoreOf(routine);
  const { slotMs } = routine;
  const most = Math.max(1, leftMs, rightMs);
  const tripCount = Math.max(0, ...laneValues(trips));
  return (
    <View style={styles.all}>
      <View style={styles.line}>
        <Text style={styles.total} variant="headlineSmall">
          {printClock(totalMs)}
        </Text>
        <Text variant="bodyLarge" style={{ color: t.quiet }}>
          {slotMs === undefined ? BUILD.noSlot : BUILD.of(printClock(slotMs))}
        </Text>
        {slotMs !== undefined && totalMs !== slotMs && (
          <Text variant="bodyLarge" style={{ color: totalMs > slotMs ? t.clay : t.quiet }}>
            {totalMs > slotMs
              ? BUILD.over(printClock(totalMs - slotMs))
              : BUILD.under(printClock(slotMs - totalMs))}
          </Text>
        )}
        {tripCount > 0 && (
          <Text variant="bodyLarge" style={[styles.trips, { color: t.quiet }]}>
            {BUILD.trips(tripCount)}
          </Text>
        )}
      </View>
      <View
        role="img"
        aria-label={BUILD.sides(printClock(leftMs), printClock(rightMs))}
        style={styles.line}
      >
        <Text variant="labelLarge" style={[styles.figure, { color: t.willow }]}>
          L {printClock(leftMs)}
        </Text>
        <View style={styles.half}>
          <View
            style={[
              styles.bar,
              styles.leftBar,
              { backgroundColor: t.willow, width: `${(100 * leftMs) / most}%` },
            ]}
          />
        </View>
        <View style={[styles.middle, { backgroundColor: t.ink }]} />
        <View style={styles.half}>
          <View
            style={[styles.bar, { backgroundColor: t.river, width: `${(100 * rightMs) / most}%` }]}
          />
        </View>
        <Text variant="labelLarge" style={[styles.figure, { color: t.river }]}>
          {printClock(rightMs)} R
        </Text>
      </View>
    </View>
  );
});

const styles = StyleSheet.create({
  all: { gap: 4, flexGrow: 1, maxWidth: 720 },
  line: { flexDirection: 'row', alignItems: 'center', flexWrap: 'wrap', columnGap: 12 },
  total: {
    fontVariant: ['tabular-nums'],
    fontFamily: '"Atkinson Hyperlegible Next", sans-serif',
    fontWeight: '700',
    fontSize: 32,
    lineHeight: 40,
  },
  trips: { marginLeft: 'auto' },
  figure: { fontVariant: ['tabular-nums'] },
  half: { flex: 1, minWidth: 40 },
  bar: { height: 8, borderRadius: 4 },
  leftBar: { alignSelf: 'flex-end' },
  middle: { width: 2, height: 16, marginHorizontal: -11 },
});
