import { useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { countingIds, printClock, GROUP_NAMES } from '@/core/common';
import { changeHeader, lanesOf, readRoutineText, writeHeaders } from '@/core/routine';
import { Choices, Fold, FieldWithProblem } from '@/design';
import { useHandedOn } from '@/features/frame';
import { useAppSelector } from '@/state';
import { GROUP_TITLES, laneTitle } from '@/words/names';
import { problemSentence } from '@/words/problems';
import { DurationField } from './duration-field';
import { GroupPicks } from './group-picks';
import { LanePicks, SecondWay } from './lane-choices';
import { LimitPicks } from './limit-picks';
import { LimitsField } from './limits-field';
import { RoomPicks } from './room-picks';
import { SchoolPicks } from './school-picks';
import { PanelTop } from './panel-top';
import { SectionHeads } from './section-heads';
import { limitsSum } from './start-questions';
import { BUILD } from './strings';
import type { Editing } from './use-routine';

/**
 * Who the routine is for, how long it may take, with what limits and in which room: a line each, opened
 * by a press. What few need lies below.
 */
export function HeaderPanel({
  routine,
  change,
  onClose,
}: Editing & { readonly onClose: () => void }) {
  const { group, slotMs, room = [] } = routine;
  const opened = useAppSelector(
    ({ classFor, groups }) => groups[classFor[routine.id]?.groupId ?? '']?.name,
  );
  const lanes = lanesOf(routine).map((lane) => laneTitle(lane));
  const things = room.map(({ thing, count }) => (count ? `${thing}: ${count}` : thing));
  return (
    <View style={styles.all}>
      <PanelTop title={BUILD.about} onClose={onClose} />
      <Fold
        flat
        title={BUILD.forWhom}
        sum={[GROUP_TITLES[group], ...lanes, opened].filter(Boolean).join('; ')}
      >
        <Choices
          label={BUILD.group}
          choices={GROUP_NAMES.map((value) => ({ value, text: GROUP_TITLES[value] }))}
          value={group}
          onChoose={(next) => next !== group && change(changeHeader(routine, { group: next }))}
        />
        <LanePicks routine={routine} change={change} />
        <GroupPicks id={routine.id} />
      </Fold>
      <Fold
        flat
        title={BUILD.howLong}
        sum={slotMs === undefined ? BUILD.noSlot : printClock(slotMs)}
      >
        <SlotField routine={routine} change={change} />
      </Fold>
      <Fold flat title={BUILD.whichLimits} sum={limitsSum(routine)}>
        <LimitsField key={`limits ${routine.id}`} routine={routine} change={change} />
        <LimitPicks
          limits={routine.limits ?? []}
          onLimits={(limits) =>
            change(changeHeader(routine, { limits: limits.map(({ strict: _, ...one }) => one) }))
          }
        />
      </Fold>
      <Fold flat title={BUILD.whichRoom} sum={things.join('; ') || BUILD.anyRoom}>
        <HeaderField name="room" label={BUILD.room} routine={routine} change={change} />
        <RoomPicks
          room={room}
          onRoom={(next) =>
            change(changeHeader(routine, { room: next.length > 0 ? [...next] : undefined }))
          }
        />
      </Fold>
      <Fold flat title={BUILD.moreAbout}>
        <HeaderField name="often" label={BUILD.often} routine={routine} change={change} />
        <SchoolPicks routine={routine} change={change} />
        <HeaderField name="school" label={BUILD.school} routine={routine} change={change} />
        <SecondWay routine={routine} change={change} />
        <SectionHeads key={`heads ${routine.id}`} routine={routine} change={change} />
      </Fold>
    </View>
  );
}

/** What is written as in a routine's text. */
type HeaderKey = 'room' | 'school' | 'often';

const HEAD_KEY: Readonly<Record<HeaderKey, 'room' | 'schools' | 'often'>> = {
  often: 'often',
  room: 'room',
  school: 'schools',
};

/** A header of the text in a field of its own; what can't be read stays as it was typed. */
function HeaderField({
  name,
  label,
  routine,
  change,
}: Pick<Editing, 'routine' | 'change'> & { readonly name: HeaderKey; readonly label: string }) {
  const kept = writeHeaders(routine).get(name) ?? '';
  const [typed, setTyped] = useState<string>();
  const [problem, setProblem] = useState('');
  const keep = () => {
    if (typed === undefined || typed.trim() === kept) return setTyped(undefined);
    const key = HEAD_KEY[name];
    if (typed.trim() === '') {
      change(changeHeader(routine, { [key]: undefined }));
      setProblem('');
      return setTyped(undefined);
    }
    const read = readRoutineText(`${name}: ${typed}`, {
      id: routine.id,
      newId: countingIds('header'),
      untitled: routine.title,
    });
    const [wrong] = read.problems;
    setProblem(wrong ? problemSentence(wrong) : '');
    if (wrong) return;
    change(changeHeader(routine, { [key]: read.routine[key] }));
    setTyped(undefined);
  };
  useHandedOn(typed, keep, true);
  return (
    <FieldWithProblem
      label={label}
      value={typed ?? kept}
      onChangeText={setTyped}
      onBlur={keep}
      onSubmitEditing={keep}
      problem={problem}
    />
  );
}

/** How long the class may be, in any form that a line takes. */
export function SlotField({ routine, change }: Pick<Editing, 'routine' | 'change'>) {
  const { slotMs } = routine;
  const keep = (next: number | undefined) =>
    next !== slotMs && change(changeHeader(routine, { slotMs: next }));
  return (
    <DurationField
      label={BUILD.slot}
      kept={slotMs === undefined ? '' : printClock(slotMs)}
      onDuration={keep}
      onEmpty={() => keep(undefined)}
    />
  );
}

const styles = StyleSheet.create({
  all: { gap: 8, padding: 16 },
});
