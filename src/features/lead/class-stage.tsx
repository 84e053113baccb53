import type { ReactNode } from 'react';
import { ScrollView, StyleSheet, View, useWindowDimensions } from 'react-native';
import { Text } from 'react-native-paper';
import type { Lead } from '@/core/class';
import { printClock } from '@/core/common';
import { Target, textScale, useTokens } from '@/design';
import { ledOf, useAppSelector } from '@/state';
import { BESIDE } from './controls';
import { Foot } from './foot';
import { FillingFigure, NowFigure, NowLanes, NowWords } from './now';
import { figureBeside, stageSizes, type StageShape } from './shape';
import { Stage, type Cover } from './stage';
import { NowSaid } from './now-said';
import { LEAD } from './strings';
import type { Place } from './use-place';
import type { LeadView } from './view';

interface ClassStageProps {
  readonly lead: Lead;
  readonly mirror: boolean;
  readonly view: LeadView;
  readonly place: Place;
  readonly news: string;
  /** What is to be known of the device, below everything, until it was seen. */
  readonly aside?: string;
  readonly onAside?: () => void;
  /** Who does fewer or more here, by initials; nobody on a wall. */
  readonly own?: string;
  /** Read by those who take part: nothing on it is for the instructor alone. */
  readonly isWall?: boolean;
  /** Lies over the panels. */
  readonly sheet?: ReactNode;
  readonly controls: (shape: StageShape | 'rest') => ReactNode;
}

/** Everything that is read from across a room, laid out for the window; none of it scrolls. */
export function ClassStage({
  lead,
  mirror,
  view,
  place,
  news,
  own = '',
  aside = '',
  onAside,
  isWall = false,
  sheet,
  controls,
}: ClassStageProps) {
  const t = useTokens();
  const window = useWindowDimensions();
  const larger = useAppSelector((state) => state.device.larger) || textScale() >= LARGER_FROM;
  const sizes = stageSizes(window.width, window.height, larger);
  const { shape, edgeX, edgeY } = sizes;
  const figure = figureBeside(sizes);
  const running = lead.clockMs !== null;
  const { placeMs, countInMs, wallTime } = place;
  const ends = new Date(wallTime.getTime() + view.remainingMs + countInMs);
  const inner = window.width - 2 * edgeX;
  const cover = coverOf(running, countInMs, view, placeMs);
  const low = shape === 'low';
  const column = window.width * 0.32;
  const rest = (
    <Foot
      view={view}
      score={ledOf(lead).score}
      placeMs={placeMs}
      ends={ends}
      sizes={sizes}
      width={low ? inner - column - BESIDE - 2 * GAP : inner}
    />
  );
  const foot = (
    <>
      {rest}
      {aside !== '' && (
        <View style={styles.aside}>
          <Text role="status" variant="bodyMedium" style={[styles.words, { color: t.quiet }]}>
            {aside}
          </Text>
          <Target look="plain" label={LEAD.asideSeen} onPress={() => onAside?.()} />
        </View>
      )}
    </>
  );
  const stage = (
    <View style={styles.stage}>
      <NowSaid view={view} />
      <Stage view={view} cover={cover} mirror={mirror} sizes={sizes} />
      {sheet}
    </View>
  );
  const words = (width: number) => (
    <NowWords view={view} sizes={sizes} width={width} status={news} own={own} isWall={isWall} />
  );
  const lanes = (width: number) =>
    view.lanes.length > 0 && (
      <NowLanes lanes={view.lanes} sizes={sizes} mirror={mirror} width={width} />
    );
  const page = { paddingHorizontal: edgeX, paddingVertical: edgeY, backgroundColor: t.sheet };
  if (low) {
    return (
      <View role="main" style={[styles.page, styles.across, page]}>
        <View style={[styles.left, { width: column }]}>
          {words(column)}
          {lanes(column)}
          <FillingFigure view={view} mirror={mirror} />
        </View>
        <View style={styles.middle}>
          {stage}
          {foot}
        </View>
        {controls(shape)}
      </View>
    );
  }
  if (shape === 'small') {
    return (
      <View role="main" style={[styles.page, page]}>
        <ScrollView contentContainerStyle={styles.scrolled}>
          <View style={{ height: Math.max(120, window.height * SMALL_SHARE) }}>{stage}</View>
          {words(inner)}
          {lanes(inner)}
          {foot}
          {controls('rest')}
        </ScrollView>
        {controls(shape)}
      </View>
    );
  }
  const broad = shape === 'wide' || shape === 'wall';
  if (broad) {
    const lanesWidth = inner * 0.22;
    return (
      <View role="main" style={[styles.page, page]}>
        {words(inner)}
        <View style={styles.broad}>
          <View style={[styles.picture, { width: inner * 0.27 }]}>
            <FillingFigure view={view} mirror={mirror} />
          </View>
          {stage}
          {view.lanes.length > 0 && (
            <View style={{ width: lanesWidth, justifyContent: 'center' }}>{lanes(lanesWidth)}</View>
          )}
        </View>
        {foot}
        {controls(shape)}
      </View>
    );
  }
  return (
    <View role="main" style={[styles.page, page]}>
      <View style={styles.top}>
        <View style={styles.words}>{words(inner - figure.width - 8)}</View>
        <NowFigure view={view} mirror={mirror} {...figure} />
      </View>
      {lanes(inner)}
      {stage}
      {foot}
      {controls(shape)}
    </View>
  );
}

/** Held, or about to go on: nobody works, and the panels say so. */
function coverOf(
  running: boolean,
  countInMs: number,
  view: LeadView,
  placeMs: number,
): Cover | undefined {
  if (!running) {
    const wayOut = view.wayOut === '' ? '' : LEAD.wayOut(view.wayOut);
    return { title: LEAD.held, words: wayOut || LEAD.heldAt(printClock(placeMs)) };
  }
  if (countInMs <= 0) return undefined;
  return { title: `${LEAD.goingOn} ${Math.ceil(countInMs / 1000)}`, words: view.name };
}

/** What is counted has so much of a small window, with nothing above it. */
const SMALL_SHARE = 0.34;

/** Whose browser sets letters so much larger wants them larger here. */
const LARGER_FROM = 1.2;

/** Between the columns of a phone on its side. */
const GAP = 12;

const styles = StyleSheet.create({
  page: { flex: 1, minHeight: 0, overflow: 'hidden', gap: 6 },
  across: { flexDirection: 'row', gap: GAP },
  left: { gap: 6, minHeight: 0, overflow: 'hidden' },
  middle: { flex: 1, minWidth: 0, gap: 4 },
  broad: { flex: 1, minHeight: 0, flexDirection: 'row', gap: 16 },
  picture: { minHeight: 0 },
  scrolled: { gap: 6 },
  words: { flex: 1, minWidth: 0 },
  aside: { flexDirection: 'row', alignItems: 'center', gap: 8 },
  top: { flexDirection: 'row', gap: 8 },
  stage: { flex: 1, minHeight: 0, minWidth: 0 },
});
