import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { GROUP_NAMES, printClock } from '@/core/common';
import { limitWords } from '@/core/people';
import { changeHeader, lanesOf, writeHeaders, type Routine } from '@/core/routine';
import { Choices, Target, useTokens } from '@/design';
import { deviceSet, useAppDispatch, useAppSelector } from '@/state';
import { GROUP_TITLES, laneTitle } from '@/words/names';
import { LanePicks } from './lane-choices';
import { BUILD } from './strings';
import type { Editing } from './use-routine';

const MINUTES = [5, 10, 15, 20, 30, 45, 60] as const;
const MINUTE_MS = 60_000;

/** What was used last, first. */
function lastFirst<T>(all: readonly T[], last: T | undefined): readonly T[] {
  return last !== undefined && all.includes(last)
    ? [last, ...all.filter((one) => one !== last)]
    : all;
}

type Asking = Pick<Editing, 'routine' | 'change'>;

/** Where the rows will be: for whom, how long, and who takes part and with what; a press each. */
export function StartQuestions({ routine, change }: Asking) {
  const dispatch = useAppDispatch();
  const usual = useAppSelector((state) => state.device.usual);
  const used = (words: Partial<NonNullable<typeof usual>>) =>
    dispatch(deviceSet({ usual: { ...usual, ...words } }));
  const { group, slotMs } = routine;
  const lastMinutes = usual?.slotMs === undefined ? undefined : usual.slotMs / MINUTE_MS;
  return (
    <View style={styles.all}>
      <Choices
        label={BUILD.forWhom}
        choices={lastFirst(GROUP_NAMES, usual?.group).map((value) => ({
          value,
          text: GROUP_TITLES[value],
        }))}
        value={group}
        onChoose={(value) => {
          used({ group: value });
          if (value !== group) change(changeHeader(routine, { group: value }));
        }}
      />
      <Choices
        label={BUILD.howLong}
        choices={lastFirst<number>(MINUTES, lastMinutes).map((n) => ({
          value: String(n * MINUTE_MS),
          text: BUILD.minutes(n),
        }))}
        value={slotMs === undefined ? undefined : String(slotMs)}
        onChoose={(value) => {
          const next = Number(value) === slotMs ? undefined : Number(value);
          if (next !== undefined) used({ slotMs: next });
          change(changeHeader(routine, { slotMs: next }));
        }}
      />
      <LanePicks routine={routine} change={change} label={BUILD.whoTakesPart} brief />
    </View>
  );
}

/** For whom and how long it is, and with what limits, in a line: a press changes it. */
export function AboutLine({
  routine,
  onPress,
}: {
  readonly routine: Routine;
  readonly onPress: () => void;
}) {
  const t = useTokens();
  const words = aboutWords(routine);
  return (
    <View style={styles.line}>
      <Text variant="bodyMedium" style={[styles.grow, { color: t.quiet }]}>
        {words}
      </Text>
      <Target look="plain" label={BUILD.change} said={BUILD.aboutLine(words)} onPress={onPress} />
    </View>
  );
}

/** "Older adults · 30:00 · in the chair; standing · no limits" */
export function aboutWords(routine: Routine): string {
  const { group, slotMs } = routine;
  return [
    GROUP_TITLES[group],
    slotMs === undefined ? '' : printClock(slotMs),
    lanesOf(routine)
      .map((lane) => laneTitle(lane).toLowerCase())
      .join('; '),
    limitsSum(routine),
  ]
    .filter(Boolean)
    .join(' · ');
}

/** The limits in words; whether they were asked at all where there are none. */
export function limitsSum(routine: Routine): string {
  const { limits = [], limitsUnread = [] } = routine;
  const said = [...limits.map(limitWords), ...limitsUnread].join(', ');
  return said || (writeHeaders(routine).get('limits') ? BUILD.limitsNone : BUILD.noLimits);
}

const styles = StyleSheet.create({
  all: { paddingHorizontal: 16, gap: 4 },
  line: { flexDirection: 'row', alignItems: 'center', paddingHorizontal: 16, gap: 8 },
  grow: { flex: 1, minWidth: 0 },
});
