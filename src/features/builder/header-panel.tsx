import { useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { countingIds, printClock, GROUP_NAMES } from '@/core/common';
import { changeHeader, readRoutineText, writeHeaders } from '@/core/routine';
import { Choices, FieldWithProblem } from '@/design';
import { useHandedOn } from '@/features/frame';
import { GROUP_TITLES } from '@/words/names';
import { problemSentence } from '@/words/problems';
import { DurationField } from './duration-field';
import { LaneChoices } from './lane-choices';
import { LimitPicks } from './limit-picks';
import { LimitsField } from './limits-field';
import { RoomPicks } from './room-picks';
import { SchoolPicks } from './school-picks';
import { PanelTop } from './panel-top';
import { SectionHeads } from './section-heads';
import { BUILD } from './strings';
import type { Editing } from './use-routine';

/** Who the routine is for and how long it may take. */
export function HeaderPanel({
  routine,
  change,
  onClose,
}: Editing & { readonly onClose: () => void }) {
  return (
    <View style={styles.all}>
      <PanelTop title={BUILD.about} onClose={onClose} />
      <Choices
        label={BUILD.group}
        choices={GROUP_NAMES.map((value) => ({ value, text: GROUP_TITLES[value] }))}
        value={routine.group}
        onChoose={(group) => group !== routine.group && change(changeHeader(routine, { group }))}
      />
      <SlotField routine={routine} change={change} />
      <LaneChoices routine={routine} change={change} />
      <LimitsField key={`limits ${routine.id}`} routine={routine} change={change} />
      <LimitPicks
        limits={routine.limits ?? []}
        onLimits={(limits) =>
          change(changeHeader(routine, { limits: limits.map(({ strict: _, ...one }) => one) }))
        }
      />
      <RoomPicks
        room={routine.room ?? []}
        onRoom={(room) =>
          change(changeHeader(routine, { room: room.length > 0 ? [...room] : undefined }))
        }
      />
      <SchoolPicks routine={routine} change={change} />
      {HEADERS.map(({ key, label }) => (
        <HeaderField
          key={`${key} ${routine.id}`}
          name={key}
          label={label}
          routine={routine}
          change={change}
        />
      ))}
      <SectionHeads key={`heads ${routine.id}`} routine={routine} change={change} />
    </View>
  );
}

/** What is written as in a routine's text. */
const HEADERS = [
  { key: 'room', label: BUILD.room },
  { key: 'school', label: BUILD.school },
  { key: 'often', label: BUILD.often },
] as const;

type HeaderKey = (typeof HEADERS)[number]['key'];

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

function SlotField({ routine, change }: Pick<Editing, 'routine' | 'change'>) {
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
