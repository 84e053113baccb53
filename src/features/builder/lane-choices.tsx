import { useState } from 'react';
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

interface LanesProps extends Pick<Editing, 'routine' | 'change'> {
  readonly label?: string;
  readonly brief?: boolean;
}

/** The lanes of the routine, in the order they were chosen; the first one leads. */
export function LanePicks({ routine, change, label = BUILD.lanes, brief = false }: LanesProps) {
  const lanes = lanesOf(routine);
  const put = (next: readonly LaneName[]) =>
    next.length > 0 && change(changeHeader(routine, { lanes: [...next] }));
  const toggle = (name: LaneName) =>
    put(lanes.includes(name) ? lanes.filter((one) => one !== name) : [...lanes, name]);
  const second = lanes.filter((name) => plainLane(name) !== name);
  return (
    <Picker
      label={label}
      brief={brief}
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
  );
}

/** A second way of taking part at a place, under a word that lines can use. */
export function SecondWay({ routine, change }: LanesProps) {
  const lanes = lanesOf(routine);
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
    change(changeHeader(routine, { lanes: [...lanes, lane] }));
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
