import { View } from 'react-native';
import { Text } from 'react-native-paper';
import type { GroupId } from '@/core/common';
import { selectRows, useAppSelector } from '@/state';
import { shortDayShown } from '@/words/moments';
import { Chart } from './charts';

const G = {
  came: 'Who came, by class',
  effort: 'Effort, 0 to 10, in the middle',
  eased: 'Eased, stopped early or sat out',
  none: 'Nothing is recorded for this group yet.',
};
const SHOWN = 8;

const middle = (values: readonly number[]) => {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.floor(sorted.length / 2)] ?? null;
};

/** A group's last classes: attendance, effort, and how many did less than was planned. */
export function GroupCharts({ id }: { readonly id: GroupId }) {
  const rows = useAppSelector(selectRows)
    .filter(({ groupId }) => groupId === id)
    .slice(-SHOWN);
  if (rows.length === 0) return <Text variant="bodyLarge">{G.none}</Text>;
  const labels = rows.map(({ startedAt }) => shortDayShown(startedAt));
  const came = rows.map(({ people = [] }) => people.filter((one) => one.came));
  return (
    <View style={{ gap: 20 }}>
      <Chart
        title={G.came}
        kind="bars"
        unit="people"
        file="attendance-of-group"
        labels={labels}
        series={[{ name: G.came, values: came.map((all) => all.length) }]}
      />
      <Chart
        title={G.effort}
        kind="lines"
        unit="0 to 10"
        file="effort-of-group"
        labels={labels}
        series={[
          {
            name: G.effort,
            values: came.map((all) =>
              middle(all.flatMap(({ effort }) => (effort === undefined ? [] : [effort]))),
            ),
          },
        ]}
      />
      <Chart
        title={G.eased}
        kind="bars"
        unit="people"
        file="eased-of-group"
        labels={labels}
        series={[
          {
            name: G.eased,
            values: came.map(
              (all) => all.filter(({ outcome }) => outcome && outcome !== 'done').length,
            ),
          },
        ]}
      />
    </View>
  );
}
