import { useEffect, useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { roomNeeds, type RunThrough } from '@/core/class';
import { printClock, type ItemId } from '@/core/common';
import { itemInForce, itemsInOrder, lanesOf, type Routine } from '@/core/routine';
import type { Score } from '@/core/timing';
import { Choices, FieldWithProblem, SANS, Target, Toggle, useTokens } from '@/design';
import { isNearlyFull, roomLeft } from '@/platform/storage';
import { readClock, startIn, trySound, useAppDispatch, usePart } from '@/state';
import { GROUP_TITLES, laneTitle, roomNeedsWords } from '@/words/names';
import { fitted } from './fit';
import { LEAD } from './strings';
import { msUntil } from './time-of-day';

/** Who it is for, and what has to be at hand before anybody sits down. */
export function Needs({ routine, score }: { readonly routine: Routine; readonly score: Score }) {
  const part = usePart(routine.id);
  const needs = useMemo(() => roomNeeds(routine, score, part), [routine, score, part]);
  const lanes = lanesOf(routine).map((lane) => laneTitle(lane).toLowerCase());
  return (
    <View>
      <Text variant="bodyLarge">
        {LEAD.forWhom} {GROUP_TITLES[routine.group].toLowerCase()}: {lanes.join('; ')}
      </Text>
      <Text variant="bodyLarge">
        {LEAD.needs}: {roomNeedsWords(needs)}
      </Text>
    </View>
  );
}

/** A chime and a sentence before the room is full. */
export function SoundCheck() {
  const t = useTokens();
  const dispatch = useAppDispatch();
  const [said, setSaid] = useState('');
  const check = () =>
    void dispatch(trySound(LEAD.soundSays)).then((state) => setSaid(LEAD.soundWords[state]));
  return (
    <View style={styles.rows}>
      <View style={styles.row}>
        <Target label={LEAD.soundTry} onPress={check} />
      </View>
      <View aria-live="polite">
        {said !== '' && (
          <Text variant="bodyMedium" style={{ color: t.quiet }}>
            {said}
          </Text>
        )}
      </View>
    </View>
  );
}

interface StartAtProps {
  readonly disabled: boolean;
  /** Whoever waits has the page to themselves. */
  readonly onWait: (startMs: number, time: string) => void;
}

/** Said before a class, and not in it: what is led has to find room. */
export function RoomToKeep() {
  const t = useTokens();
  const [isFull, setFull] = useState(false);
  useEffect(() => {
    void roomLeft().then(
      (room) => setFull(room !== undefined && isNearlyFull(room)),
      () => undefined,
    );
  }, []);
  if (!isFull) return null;
  return (
    <Text variant="bodyLarge" role="status" style={{ color: t.clay }}>
      {LEAD.nearlyFull}
    </Text>
  );
}

/** A time of day to begin at. */
export function StartAt({ disabled, onWait }: StartAtProps) {
  const dispatch = useAppDispatch();
  const [typed, setTyped] = useState('');
  const [problem, setProblem] = useState('');
  const read = () => {
    const { nowMs, wallTime } = dispatch(readClock());
    const until = msUntil(typed, wallTime);
    setProblem(until === undefined && typed.trim() !== '' ? LEAD.startAtWrong : '');
    return until === undefined ? undefined : nowMs + until;
  };
  const wait = () => {
    const startMs = read();
    if (startMs !== undefined) onWait(startMs, typed.trim());
  };
  return (
    <View style={styles.row}>
      <View style={styles.field}>
        <FieldWithProblem
          label={LEAD.startAt}
          value={typed}
          maxLength={8}
          problem={problem}
          onChangeText={setTyped}
          onBlur={read}
          onSubmitEditing={disabled ? undefined : wait}
        />
      </View>
      <Target
        label={LEAD.waitForIt}
        height={56}
        disabled={disabled || typed.trim() === ''}
        onPress={wait}
      />
    </View>
  );
}

interface WaitingProps {
  readonly title: string;
  readonly startMs: number;
  readonly time: string;
  readonly width: number;
  readonly onNow: () => void;
  readonly onBack: () => void;
}

/** What the room sees until it begins: when, and how long that is. */
export function WaitingForStart({ title, startMs, time, width, onNow, onBack }: WaitingProps) {
  const t = useTokens();
  const dispatch = useAppDispatch();
  const [, redraw] = useState(0);
  useEffect(() => {
    const stop = new AbortController();
    const leftMs = startMs - dispatch(readClock()).nowMs;
    void dispatch(startIn(Math.max(0, leftMs), stop.signal));
    const timer = setInterval(() => redraw((n) => n + 1), 250);
    return () => {
      stop.abort();
      clearInterval(timer);
    };
  }, [dispatch, startMs]);
  const leftMs = Math.max(0, startMs - dispatch(readClock()).nowMs);
  const left = printClock(Math.ceil(leftMs / 1000) * 1000);
  const large = fitted(left, { width: width - 32, lines: 1, most: 260, least: 60 });
  const size = fitted(title, { width: width - 32, lines: 2, most: 64, least: 24 });
  return (
    <View style={styles.waiting}>
      <Text
        role="heading"
        aria-level={1}
        style={[styles.large, { fontSize: size, lineHeight: size * 1.2 }]}
      >
        {title}
      </Text>
      <Text style={[styles.large, { fontSize: size * 0.7, lineHeight: size, color: t.quiet }]}>
        {LEAD.startsAt(time)}
      </Text>
      <Text style={[styles.large, styles.bold, { fontSize: large, lineHeight: large * 1.1 }]}>
        {left}
      </Text>
      <View style={styles.row}>
        <Target label={LEAD.startNow} look="filled" height={60} onPress={onNow} />
        <Target label={LEAD.notYet} height={60} onPress={onBack} />
      </View>
    </View>
  );
}

interface RunThroughProps {
  readonly routine: Routine;
  readonly onRun: (how: RunThrough) => void;
  readonly onRehearse: () => void;
}

/** Going through it alone, before the room is there. */
export function RunThroughFirst({ routine, onRun, onRehearse }: RunThroughProps) {
  const t = useTokens();
  const [open, setOpen] = useState(false);
  const [short, setShort] = useState(true);
  const [silent, setSilent] = useState(true);
  const items = itemsInOrder(routine);
  const [from, setFrom] = useState<ItemId | undefined>(items[0]?.id);
  return (
    <View style={styles.rows}>
      <View style={styles.row}>
        <Target
          label={LEAD.runThrough}
          icon={open ? 'less' : 'more'}
          expanded={open}
          onPress={() => setOpen(!open)}
        />
        <Target label={LEAD.rehearse} onPress={onRehearse} />
      </View>
      {open && (
        <View style={styles.rows}>
          <View style={styles.row}>
            <Toggle label={LEAD.runShort} on={short} onPress={() => setShort(!short)} />
            <Toggle label={LEAD.runSilent} on={silent} onPress={() => setSilent(!silent)} />
          </View>
          <Choices
            label={LEAD.runFrom}
            choices={items.map((item) => ({
              value: item.id,
              text: itemInForce(item, routine).move.name,
            }))}
            value={from}
            onChoose={setFrom}
          />
          <View style={styles.row}>
            <Target
              label={LEAD.runStart}
              look="filled"
              onPress={() => onRun({ short, silent, from })}
            />
          </View>
          <Text variant="bodyMedium" style={{ color: t.quiet }}>
            {LEAD.runThroughHint}
          </Text>
        </View>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  rows: { gap: 8 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 12, alignItems: 'flex-start' },
  field: { flexGrow: 1, flexShrink: 1, maxWidth: 280, minWidth: 140 },
  waiting: { flex: 1, alignItems: 'center', justifyContent: 'center', gap: 12, padding: 16 },
  large: { fontFamily: SANS, textAlign: 'center', fontVariant: ['tabular-nums'] },
  bold: { fontWeight: '700' },
});
