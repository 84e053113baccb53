import isEqual from 'fast-deep-equal';
import { memo } from 'react';
import { StyleSheet, View } from 'react-native';
import { Target, useSame, useTokens } from '@/design';
import type { PlainDeed } from '@/state';
import type { StageShape } from './shape';
import { LEAD } from './strings';
import { OFFERED, keyOf } from './keys';
import type { LeadView, Offered } from './view';

interface ControlsProps {
  /** Of a small window, the `rest` is what scrolls with the class. */
  readonly shape: StageShape | 'rest';
  readonly running: boolean;
  readonly whyNot: LeadView['whyNot'];
  readonly open: boolean;
  readonly onDeed: (deed: PlainDeed) => void;
  /** What is not to be had now says why. */
  readonly onWhyNot: (why: string) => void;
  readonly onHappened: () => void;
  /** Left out where the stop signs belong to another window. */
  readonly onStopSigns?: (() => void) | undefined;
  readonly onMore: () => void;
}

/** The big targets of a class; each has a key of its own. */
export function Controls({ onStopSigns, ...props }: ControlsProps) {
  const signs = useSame(() => onStopSigns?.());
  return (
    <Targets
      {...props}
      onDeed={useSame(props.onDeed)}
      onWhyNot={useSame(props.onWhyNot)}
      onHappened={useSame(props.onHappened)}
      onStopSigns={onStopSigns && signs}
      onMore={useSame(props.onMore)}
    />
  );
}

/** Drawn anew where they say something else, and not whenever the class is. */
const Targets = memo(function Targets(props: ControlsProps) {
  const { shape, running, open, onDeed, onHappened, onStopSigns, onMore } = props;
  const t = useTokens();
  const low = shape === 'low';
  const height = low ? TARGET_LOW : HEIGHT;
  const plain = (deed: 'back' | 'on') => (
    <Target
      label={LEAD.deeds[deed]}
      keyName={keyOf(deed)}
      height={height}
      style={styles.side}
      onPress={() => onDeed(deed)}
    />
  );
  const hold = (
    <Target
      label={running ? LEAD.hold : LEAD.goOn}
      look="filled"
      keyName={keyOf('hold')}
      height={low ? height + 12 : height}
      style={low ? styles.whole : styles.middle}
      onPress={() => onDeed(running ? 'hold' : 'go')}
    />
  );
  const offered = (deed: Offered) => (
    <OfferedTarget key={deed} deed={deed} height={height} {...props} />
  );
  const happened = (
    <Target
      label={LEAD.deeds.happened}
      keyName={keyOf('happened')}
      height={height}
      style={low ? styles.whole : styles.side}
      onPress={onHappened}
    />
  );
  const signs = onStopSigns && (
    <Target
      label={LEAD.stopSigns}
      colour={t.clay}
      height={height}
      style={low ? styles.whole : styles.side}
      onPress={onStopSigns}
    />
  );
  const more = (
    <Target
      label={LEAD.moreDeeds}
      icon={open ? 'less' : 'more'}
      keyName={keyOf('more')}
      expanded={open}
      height={height}
      style={styles.side}
      onPress={onMore}
    />
  );
  if (shape === 'wide' || shape === 'wall') {
    return (
      <View style={styles.row}>
        {plain('back')}
        {hold}
        {plain('on')}
        {OFFERED.map(offered)}
        {happened}
        {signs}
        {more}
      </View>
    );
  }
  if (shape === 'small') {
    return (
      <View style={styles.rows}>
        <View style={styles.row}>{hold}</View>
        <View style={styles.row}>
          {happened}
          {signs}
        </View>
      </View>
    );
  }
  if (shape === 'rest') {
    return (
      <View style={styles.rows}>
        <View style={styles.row}>
          {plain('back')}
          {plain('on')}
        </View>
        {OFFERED.map(offered)}
        {more}
      </View>
    );
  }
  if (low) {
    return (
      <View style={styles.column}>
        {hold}
        <View style={styles.row}>
          {plain('back')}
          {plain('on')}
        </View>
        <View style={styles.row}>
          {offered('extend')}
          {more}
        </View>
        {happened}
        {signs}
      </View>
    );
  }
  return (
    <View style={styles.rows}>
      <View style={styles.row}>
        {plain('back')}
        {hold}
        {plain('on')}
      </View>
      <View style={styles.row}>
        {offered('extend')}
        {offered('again')}
        {offered('ease')}
      </View>
      <View style={styles.row}>
        {happened}
        {signs}
        {more}
      </View>
    </View>
  );
}, isEqual);

/** What is offered below a class of each shape, and not only behind its last target. */
export const IN_BAR: Readonly<Record<StageShape, readonly Offered[]>> = {
  wide: OFFERED,
  wall: OFFERED,
  small: OFFERED,
  tall: ['extend', 'again', 'ease'],
  low: ['extend'],
};

/** How wide the targets stand beside the stage, on a phone on its side. */
export const BESIDE = 176;

const HEIGHT = 52;
const TARGET_LOW = 50;

/** What is not to be had at the moment stays in its place, quiet, and says why when it is pressed. */
export function OfferedTarget({
  deed,
  height = HEIGHT,
  whyNot,
  onDeed,
  onWhyNot,
}: Pick<ControlsProps, 'whyNot' | 'onDeed' | 'onWhyNot'> & {
  readonly deed: Offered;
  readonly height?: number;
}) {
  const why = whyNot[deed];
  return (
    <Target
      label={LEAD.deeds[deed]}
      keyName={keyOf(deed)}
      quiet={why !== ''}
      {...(why !== '' && { said: `${LEAD.deeds[deed]}. ${why}` })}
      height={height}
      style={styles.side}
      onPress={() => (why === '' ? onDeed(deed) : onWhyNot(why))}
    />
  );
}

const styles = StyleSheet.create({
  rows: { gap: 6 },
  column: { gap: 6, width: BESIDE },
  row: { flexDirection: 'row', gap: 6 },
  side: { flexGrow: 1, flexShrink: 1, flexBasis: 60, minWidth: 48, paddingHorizontal: 4 },
  whole: { paddingHorizontal: 4 },
  middle: { flexGrow: 2, flexShrink: 1, flexBasis: 124, paddingHorizontal: 4 },
});
