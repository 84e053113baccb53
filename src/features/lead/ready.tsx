import { useEffect, useState } from 'react';
import { ScrollView, StyleSheet, View, useWindowDimensions } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { atWallClock, isoWithOffset, printClock, weekdayOf, type ItemId } from '@/core/common';
import {
  choiceBlocks,
  firstChoice,
  itemInForce,
  itemsInOrder,
  type Block,
  type Choices,
  type Routine,
} from '@/core/routine';
import type { RunThrough } from '@/core/class';
import type { PlacedFinding } from '@/core/judgement';
import type { Score } from '@/core/timing';
import { TARGET, Target, Toggle, useTokens } from '@/design';
import type { Findings } from '@/features/builder/findings';
import { leadWaits, readClock, useAppDispatch, useAppSelector, useToday } from '@/state';
import { findingWhat, listWords } from '@/words/findings';
import { GROUP_TITLES, doseWords } from '@/words/names';
import { ASK_FIRST } from '@/words/safety';
import { Needs, RoomToKeep, RunThroughFirst, SoundCheck, StartAt, WaitingForStart } from './before';
import { openWindow } from '@/platform/page';
import { SoundSettings } from './sound-settings';
import { StopSignTiers } from './stop-signs';
import { HelpFields, useHelpIsKnown } from './call-for-help';
import { LEAD } from './strings';

/** So late a class may still begin. */
const LATE_MS = 3_600_000;
/** As many as can be read before a class. */
const MOST_SHOWN = 6;

interface ReadyProps {
  readonly routine: Routine;
  readonly score: Score;
  readonly voice: boolean;
  /** Whether a class is being led in another tab. */
  readonly elsewhere: boolean;
  readonly checks: Findings['state'];
  /** What the checks say stop to. */
  readonly stops: readonly PlacedFinding[];
  readonly onStart: (passedStops: number, choices: Choices) => void;
  /** What was chosen and led past, ahead of a start that comes by itself. */
  readonly onDecided: (passedStops: number, choices: Choices) => void;
  readonly onRun: (how: RunThrough) => void;
  readonly onRehearse: () => void;
  readonly onTonight: () => void;
  readonly onLeave: () => void;
}

/** The moves that a stop is about, each named once. */
function movesOf(routine: Routine, { places }: PlacedFinding): string {
  const ids = new Set(places.map(({ itemId }) => itemId));
  const items = itemsInOrder(routine).filter(({ id }) => ids.has(id));
  return listWords([...new Set(items.map((item) => itemInForce(item, routine).move.name))]);
}

/** A wall tells who comes in when it begins: at the time that is waited for, else at the group's hour of today. */
function useTellsWall(startMs: number | undefined): void {
  const dispatch = useAppDispatch();
  const today = useToday();
  const group = useAppSelector((state) => state.groups[state.lead.current?.groupId ?? '']);
  const isToday = group?.weekday === weekdayOf(today);
  const hour = isToday && group.time ? atWallClock(today, group.time) : undefined;
  useEffect(() => {
    const { nowMs, wallTime } = dispatch(readClock());
    const waits =
      startMs === undefined
        ? undefined
        : isoWithOffset(new Date(wallTime.getTime() + startMs - nowMs));
    // An hour that is long past says nothing of this class.
    const isNear = hour && Date.parse(hour) > wallTime.getTime() - LATE_MS;
    dispatch(leadWaits(waits ?? (isNear ? hour : undefined)));
  }, [dispatch, startMs, hour]);
}

/** Before the first second: what is to be led, and what the room is asked. */
export function Ready({
  routine,
  score,
  voice,
  elsewhere,
  checks,
  stops,
  onStart,
  onDecided,
  onRun,
  onRehearse,
  onTonight,
  onLeave,
}: ReadyProps) {
  const t = useTokens();
  // Once it is asked for it stays, while it is being written.
  const [helpKnown] = useState(useHelpIsKnown());
  const [passed, setPassed] = useState(false);
  const [sound, setSound] = useState(false);
  const [signs, setSigns] = useState(false);
  const blocks = choiceBlocks(routine);
  const [choices, setChoices] = useState<Choices>({});
  const chosenOf = (block: Block) => choices[block.id] ?? firstChoice(block);
  const open = blocks.some((block) => chosenOf(block).length !== block.choose);
  const [waiting, setWaiting] = useState<{ readonly startMs: number; readonly time: string }>();
  useTellsWall(waiting?.startMs);
  const window = useWindowDimensions();
  const count = stops.length;
  const more = count - MOST_SHOWN;
  const notYet = checks === 'looking' || open || (count > 0 && !passed);
  if (waiting) {
    return (
      <WaitingForStart
        {...waiting}
        title={routine.title}
        width={window.width}
        onNow={() => onStart(count, choices)}
        onBack={() => setWaiting(undefined)}
      />
    );
  }
  return (
    <ScrollView contentContainerStyle={styles.all}>
      <Text variant="headlineMedium" role="heading" aria-level={1}>
        {routine.title}
      </Text>
      <Text variant="titleMedium" style={{ color: t.quiet }}>
        {GROUP_TITLES[routine.group]} · {LEAD.begins(printClock(score.totalMs))}
      </Text>
      <Needs routine={routine} score={score} />
      <RoomToKeep />
      {!helpKnown && (
        <View style={[styles.ask, { borderColor: t.clay, backgroundColor: t.sheet }]}>
          <Text variant="titleMedium" role="heading" aria-level={2}>
            {LEAD.helpFirst}
          </Text>
          <Text variant="bodyLarge">{LEAD.helpFirstHint}</Text>
          <HelpFields />
        </View>
      )}
      <View style={[styles.ask, { borderColor: t.catkin, backgroundColor: t.sheet }]}>
        <Text variant="titleMedium" role="heading" aria-level={2}>
          {ASK_FIRST.title}
        </Text>
        <Text variant="bodyLarge">{ASK_FIRST.since}</Text>
        <Text variant="bodyLarge">{ASK_FIRST.today}</Text>
        <Text variant="bodyLarge">{ASK_FIRST.yes}</Text>
        <Text variant="bodyLarge">{ASK_FIRST.notToday}</Text>
        <Text variant="bodyMedium" style={{ color: t.quiet }}>
          {ASK_FIRST.general}
        </Text>
      </View>
      {blocks.map((block) => (
        <Choice
          key={block.id}
          routine={routine}
          block={block}
          chosen={chosenOf(block)}
          onChoose={(chosen) => setChoices({ ...choices, [block.id]: chosen })}
        />
      ))}
      {elsewhere && (
        <Text role="alert" variant="bodyLarge" style={{ color: t.clay }}>
          {LEAD.elsewhere}
        </Text>
      )}
      {!voice && (
        <Text variant="bodyMedium" style={{ color: t.quiet }}>
          {LEAD.noVoice}
        </Text>
      )}
      {checks !== 'done' && (
        <Text
          role="status"
          variant="bodyLarge"
          style={{ color: checks === 'failed' ? t.clay : t.quiet }}
        >
          {checks === 'failed' ? LEAD.notChecked : LEAD.checking}
        </Text>
      )}
      {count > 0 && (
        <View style={[styles.ask, { borderColor: t.clay, backgroundColor: t.sheet }]}>
          <Text variant="titleMedium" role="heading" aria-level={2} style={{ color: t.clay }}>
            {LEAD.stops(count)}
          </Text>
          {stops.slice(0, MOST_SHOWN).map((stop, i) => (
            <Text key={`${i} ${stop.id} ${stop.itemId}`} variant="bodyLarge">
              {[movesOf(routine, stop), findingWhat(stop)].filter(Boolean).join(': ')}
            </Text>
          ))}
          {more > 0 && <Text variant="bodyLarge">{LEAD.moreStops(more)}</Text>}
          <Toggle label={LEAD.passStops} on={passed} onPress={() => setPassed(!passed)} />
        </View>
      )}
      <View style={styles.actions}>
        <Button
          mode="contained"
          contentStyle={styles.start}
          disabled={notYet}
          onPress={() => onStart(count, choices)}
        >
          {LEAD.start}
        </Button>
        <Button mode="outlined" contentStyle={styles.start} onPress={onTonight}>
          {LEAD.tonight}
        </Button>
        <Button mode="outlined" contentStyle={styles.start} onPress={onLeave}>
          {LEAD.leave}
        </Button>
      </View>
      <StartAt
        disabled={notYet}
        onWait={(startMs, time) => {
          onDecided(count, choices);
          setWaiting({ startMs, time });
        }}
      />
      <View style={styles.actions}>
        <Target label={LEAD.wallOpen} onPress={() => openWindow('/wall')} />
      </View>
      <SoundCheck />
      <View style={styles.actions}>
        <Target
          label={LEAD.soundTitle}
          icon={sound ? 'less' : 'more'}
          expanded={sound}
          onPress={() => setSound(!sound)}
        />
        <Target
          label={LEAD.stopSigns}
          icon={signs ? 'less' : 'more'}
          colour={t.clay}
          expanded={signs}
          onPress={() => setSigns(!signs)}
        />
      </View>
      {sound && <SoundSettings />}
      {signs && <StopSignTiers />}
      <RunThroughFirst routine={routine} onRun={onRun} onRehearse={onRehearse} />
    </ScrollView>
  );
}

interface ChoiceProps {
  readonly routine: Routine;
  readonly block: Block;
  readonly chosen: readonly ItemId[];
  readonly onChoose: (chosen: readonly ItemId[]) => void;
}

/** What is chosen on the day: as many as are asked for, one more in place of the first. */
function Choice({ routine, block, chosen, onChoose }: ChoiceProps) {
  const t = useTokens();
  const items = block.lines.filter((line) => line.kind === 'item');
  const { choose = 1 } = block;
  const more = choose - chosen.length;
  const toggled = (id: ItemId) =>
    chosen.includes(id) ? chosen.filter((one) => one !== id) : [...chosen, id].slice(-choose);
  const title = LEAD.choose(choose, items.length);
  return (
    <View style={[styles.ask, { borderColor: t.river, backgroundColor: t.sheet }]}>
      <Text variant="titleMedium" role="heading" aria-level={2}>
        {title}
      </Text>
      <View role="group" aria-label={title} style={styles.choice}>
        {items.map((item) => {
          const inForce = itemInForce(item, routine);
          const checked = chosen.includes(item.id);
          return (
            <Target
              key={item.id}
              role="checkbox"
              label={`${inForce.move.name}, ${doseWords(inForce)}`}
              checked={checked}
              look={checked ? 'filled' : 'outlined'}
              onPress={() => onChoose(toggled(item.id))}
            />
          );
        })}
      </View>
      {more > 0 && (
        <Text role="status" variant="bodyLarge">
          {LEAD.chooseMore(more)}
        </Text>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  choice: { gap: 8, alignItems: 'flex-start' },
  all: { padding: 24, gap: 16, maxWidth: 760, width: '100%', alignSelf: 'center' },
  ask: { borderWidth: 2, borderRadius: 12, padding: 16, gap: 8 },
  actions: { flexDirection: 'row', flexWrap: 'wrap', gap: 12 },
  start: { minHeight: TARGET + 12, minWidth: 140 },
});
