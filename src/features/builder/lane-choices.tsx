import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { GroupName } from '@/core/common';
import {
  LANE_NAMES,
  laneNamed,
  laneSaid,
  plainLane,
  type LaneName,
  type PlainLane,
} from '@/core/people';
import { changeHeader, lanesOf } from '@/core/routine';
import { FieldWithProblem } from '@/design';
import { LANE_MEANS, laneTitle } from '@/words/names';
import { Picker } from './picker';
import { BUILD } from './strings';
import type { Editing } from './use-routine';

/** The ways that such a group takes most. */
const USUAL: Readonly<Record<GroupName, readonly PlainLane[]>> = {
  desk: ['chair', 'stand', 'floor'],
  older: ['chair', 'stand-held', 'stand'],
  chair: ['chair', 'wheelchair', 'chair-rise'],
  standing: ['stand', 'stand-held', 'chair'],
};

/** The lanes of the routine, in the order they were chosen; the first one leads. */
export function LaneChoices({ routine, change }: Pick<Editing, 'routine' | 'change'>) {
  const lanes = lanesOf(routine);
  const put = (next: readonly LaneName[]) =>
    next.length > 0 && change(changeHeader(routine, { lanes: [...next] }));
  const toggle = (name: LaneName) =>
    put(lanes.includes(name) ? lanes.filter((one) => one !== name) : [...lanes, name]);
  const second = lanes.filter((name) => plainLane(name) !== name);
  return (
    <View style={styles.all}>
      <Picker
        label={BUILD.lanes}
        options={[...LANE_NAMES, ...second].map((name) => ({
          value: name,
          text: laneTitle(name),
          means: LANE_MEANS[plainLane(name)],
        }))}
        usual={USUAL[routine.group]}
        chosen={lanes}
        textOf={(value) => {
          const title = laneTitle(value as LaneName);
          return value === lanes[0] ? BUILD.leads(title) : title;
        }}
        onToggle={(value) => toggle(value as LaneName)}
      />
      <SecondWay lanes={lanes} put={put} />
    </View>
  );
}

/** A second way of taking part at a place, under a word that lines can use. */
function SecondWay({
  lanes,
  put,
}: {
  readonly lanes: readonly LaneName[];
  readonly put: (lanes: readonly LaneName[]) => void;
}) {
  const [typed, setTyped] = useState('');
  const [problem, setProblem] = useState('');
  const add = () => {
    if (typed.trim() === '') return setProblem('');
    const place = plainLane(lanes[0] ?? 'chair');
    const lane = laneNamed(/ as /i.test(typed) ? typed : `${place} as ${typed}`);
    if (!lane || plainLane(lane) === lane) return setProblem(BUILD.secondWayWrong(place));
    if (lanes.some((one) => laneSaid(one) === laneSaid(lane))) {
      return setProblem(BUILD.secondWayTwice(laneSaid(lane)));
    }
    put([...lanes, lane]);
    setTyped('');
    setProblem('');
  };
  return (
    <FieldWithProblem
      label={BUILD.secondWay}
      value={typed}
      onChangeText={setTyped}
      onBlur={add}
      onSubmitEditing={add}
      problem={problem}
    />
  );
}

const styles = StyleSheet.create({
  all: { gap: 6 },
});
