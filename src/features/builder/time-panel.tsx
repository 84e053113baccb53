import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import Svg, { Rect } from 'react-native-svg';
import { printClock, withCapital, type ItemId } from '@/core/common';
import { SECTIONS, catalogueFor, type Routine, type SectionName } from '@/core/routine';
import { doneByLeading, whereTimeGoes, type Spent } from '@/core/timing';
import { useTokens } from '@/design';
import { useScore } from '@/state';
import { DIRECTION_NAMES, REGION_NAMES, SECTION_TITLES } from '@/words/names';
import { SlotField } from './header-panel';
import { PanelTop } from './panel-top';
import { BUILD, TIME } from './strings';
import type { Editing } from './use-routine';

const SPENT: readonly Spent[] = ['work', 'talk', 'ways', 'rest'];
/** More regions would be read by nobody; the smallest go together. */
const MOST_REGIONS = 8;

interface Share {
  readonly name: string;
  readonly ms: number;
  readonly colour: string;
}

interface TimePanelProps extends Pick<Editing, 'change'> {
  readonly routine: Routine;
  readonly onClose: () => void;
}

/** Where the time goes, drawn: kinds, sections, sides, regions and directions. */
export function TimePanel({ routine, change, onClose }: TimePanelProps) {
  const t = useTokens();
  const score = useScore(routine);
  const spent = useMemo(() => {
    const catalogue = catalogueFor(routine);
    const sectionOf = new Map<ItemId, SectionName>(
      SECTIONS.flatMap((section) =>
        routine.sections[section].flatMap((entry) =>
          (entry.kind === 'block' ? entry.lines : [entry]).map(({ id }) => [id, section] as const),
        ),
      ),
    );
    return whereTimeGoes(score, (segment) => doneByLeading(catalogue, segment)?.move, sectionOf);
  }, [routine, score]);
  const colours: Readonly<Record<Spent, string>> = {
    work: t.bark,
    talk: t.catkin,
    ways: t.quiet,
    rest: t.line,
  };
  const most = (sums: ReadonlyMap<string, number>, names: Readonly<Record<string, string>>) =>
    [...sums]
      .sort(([, a], [, b]) => b - a)
      .map(([key, ms]) => ({ name: withCapital(names[key] ?? key), ms, colour: t.bark }));
  const regions = most(spent.regions, REGION_NAMES);
  return (
    <View style={styles.all}>
      <PanelTop title={TIME.title} onClose={onClose} />
      <Text variant="bodyMedium" style={{ color: t.quiet }}>
        {TIME.total(
          printClock(score.totalMs),
          routine.slotMs === undefined ? BUILD.noSlot : BUILD.of(printClock(routine.slotMs)),
        )}
      </Text>
      <SlotField key={routine.slotMs} routine={routine} change={change} />
      <Shares
        title={TIME.kinds}
        shares={SPENT.map((kind) => ({
          name: TIME.spent[kind],
          ms: spent.by[kind],
          colour: colours[kind],
        }))}
      />
      <Shares
        title={TIME.sides}
        shares={[
          { name: TIME.left, ms: score.leftMs, colour: t.willow },
          { name: TIME.right, ms: score.rightMs, colour: t.river },
        ]}
      />
      <Shares
        title={TIME.sections}
        shares={SECTIONS.map((section) => ({
          name: SECTION_TITLES[section],
          ms: spent.sections.get(section) ?? 0,
          colour: t.bark,
        }))}
      />
      <Shares title={TIME.regions} shares={regions.slice(0, MOST_REGIONS)} />
      {regions.length > MOST_REGIONS && (
        <Text variant="bodyMedium" style={{ color: t.quiet }}>
          {TIME.others(
            regions
              .slice(MOST_REGIONS)
              .map(({ name, ms }) => `${name.toLowerCase()} ${printClock(ms)}`),
          )}
        </Text>
      )}
      <Shares title={TIME.directions} shares={most(spent.directions, DIRECTION_NAMES)} />
      <Text variant="bodyMedium" style={{ color: t.quiet }}>
        {TIME.several}
      </Text>
    </View>
  );
}

const BAR = 12;

/** Bars of one scale, each with its name and its time. */
function Shares({ title, shares }: { readonly title: string; readonly shares: readonly Share[] }) {
  const t = useTokens();
  const [width, setWidth] = useState(0);
  const longest = Math.max(1, ...shares.map(({ ms }) => ms));
  if (shares.every(({ ms }) => ms === 0)) return null;
  return (
    <View style={styles.shares} onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}>
      <Text variant="titleMedium" role="heading" aria-level={3}>
        {title}
      </Text>
      <View role="list" aria-label={title}>
        {shares.map(({ name, ms, colour }) => (
          <View key={name} role="listitem" style={styles.share}>
            <View style={styles.words}>
              <Text variant="bodyMedium" style={styles.grow}>
                {name}
              </Text>
              <Text variant="bodyMedium" style={styles.figure}>
                {printClock(ms)}
              </Text>
            </View>
            <Svg width={Math.max(1, width)} height={BAR} aria-hidden>
              <Rect width={width} height={BAR} rx={3} fill={t.shade} />
              <Rect width={(width * ms) / longest} height={BAR} rx={3} fill={colour} />
            </Svg>
          </View>
        ))}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  all: { padding: 16, gap: 12 },
  shares: { gap: 4 },
  share: { paddingVertical: 3 },
  words: { flexDirection: 'row', gap: 8 },
  grow: { flex: 1, minWidth: 0 },
  figure: { fontVariant: ['tabular-nums'] },
});
