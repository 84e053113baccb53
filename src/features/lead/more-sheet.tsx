import { ScrollView, StyleSheet, View, useWindowDimensions } from 'react-native';
import { Text } from 'react-native-paper';
import { LANE_NAMES, laneSaid, plainLane, type LaneName } from '@/core/people';
import { Target, Toggle, useTokens } from '@/design';
import type { PlainDeed } from '@/state';
import { laneTitle } from '@/words/names';
import { openWindow } from '@/platform/page';
import { IN_BAR, OfferedTarget } from './controls';
import { OFFERED, keyOf } from './keys';
import { Points } from './points';
import { stageSizes } from './shape';
import { SoundSettings } from './sound-settings';
import { LEAD } from './strings';
import type { LeadView } from './view';

interface MoreSheetProps {
  readonly view: LeadView;
  readonly lanes: readonly LaneName[];
  readonly onDeed: (deed: PlainDeed) => void;
  readonly onWhyNot: (why: string) => void;
  readonly onLanes: (lanes: readonly LaneName[]) => void;
  readonly onKeys: () => void;
  readonly onFinish: () => void;
  readonly onClose: () => void;
}

/** What is wanted now and then: lies over the panels while the class goes on. */
export function MoreSheet({
  view,
  lanes,
  onDeed,
  onWhyNot,
  onLanes,
  onKeys,
  onFinish,
  onClose,
}: MoreSheetProps) {
  const t = useTokens();
  const window = useWindowDimensions();
  const { shape } = stageSizes(window.width, window.height, false);
  return (
    <View style={[styles.sheet, { backgroundColor: t.ground, borderColor: t.ink }]}>
      <ScrollView contentContainerStyle={styles.all} tabIndex={0}>
        <Points points={view.points} />
        <Heading text={LEAD.deedsTitle} />
        <View style={styles.row}>
          <Target
            label={LEAD.deeds.finish}
            keyName={keyOf('finish')}
            colour={t.clay}
            onPress={onFinish}
          />
          {/* What stands below the class already is not offered twice. */}
          {OFFERED.filter((deed) => !IN_BAR[shape].includes(deed)).map((deed) => (
            <OfferedTarget
              key={deed}
              deed={deed}
              whyNot={view.whyNot}
              onDeed={onDeed}
              onWhyNot={onWhyNot}
            />
          ))}
        </View>
        <Heading text={LEAD.toTake} />
        <Lanes lanes={lanes} onLanes={onLanes} />
        <Heading text={LEAD.soundTitle} />
        <SoundSettings />
        <View style={styles.row}>
          <Target label={LEAD.wallOpen} onPress={() => openWindow('/wall')} />
        </View>
        <View style={styles.row}>
          <Target label={LEAD.keysTitle} keyName={keyOf('keys')} onPress={onKeys} />
          <Target label={LEAD.close} keyName={keyOf('more')} look="filled" onPress={onClose} />
        </View>
      </ScrollView>
    </View>
  );
}

function Heading({ text }: { readonly text: string }) {
  return (
    <Text variant="titleMedium" role="heading" aria-level={2}>
      {text}
    </Text>
  );
}

/** The last way that is left stays: somebody has to lead. */
function Lanes({ lanes, onLanes }: Pick<MoreSheetProps, 'lanes' | 'onLanes'>) {
  const named = new Set(lanes.map(plainLane));
  const rest = LANE_NAMES.filter((name) => !named.has(name));
  const toggled = (name: LaneName) =>
    lanes.includes(name) ? lanes.filter((one) => one !== name) : [...lanes, name];
  return (
    <View style={styles.row}>
      {[...lanes, ...rest].map((name) => {
        const on = lanes.includes(name);
        return (
          <Toggle
            key={laneSaid(name)}
            label={laneTitle(name)}
            on={on}
            disabled={on && lanes.length === 1}
            onPress={() => onLanes(toggled(name))}
          />
        );
      })}
    </View>
  );
}

const styles = StyleSheet.create({
  sheet: {
    position: 'absolute',
    left: 0,
    right: 0,
    top: 0,
    bottom: 0,
    borderTopWidth: 2,
    borderBottomWidth: 2,
  },
  all: { padding: 16, gap: 10 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
