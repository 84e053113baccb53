import isEqual from 'fast-deep-equal';
import { memo } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { SANS, useTokens } from '@/design';
import { Figure, WayFigure } from '@/features/figure';
import { Filling, type Room } from './filling';
import { fitted } from './fit';
import type { StageSizes } from './shape';
import { LEAD } from './strings';
import type { LaneView, LeadView } from './view';

interface WordsProps {
  readonly view: LeadView;
  readonly sizes: StageSizes;
  /** The room that the words have. */
  readonly width: number;
  /** News of the class that stands in place of the cue, such as that it is held. */
  readonly status: string;
  /** Who does fewer or more, by initials. */
  readonly own: string;
  readonly isWall: boolean;
}

/** The name, its level, and the cue; with what is kept up, and what to watch where there is room. */
export function NowWords({ view, ...rest }: WordsProps) {
  const { name, level, caption, throughout, points, lanes } = view;
  return (
    <Words
      name={name}
      level={level}
      caption={caption}
      throughout={throughout}
      watch={points[0]?.watch[0] ?? ''}
      alone={lanes.length === 0}
      {...rest}
    />
  );
}

type ShownWords = Pick<LeadView, 'name' | 'level' | 'caption' | 'throughout'> & {
  readonly watch: string;
  /** Whether everybody does the same. */
  readonly alone: boolean;
} & Omit<WordsProps, 'view'>;

/** Drawn anew where they say something else, and not whenever the class is. */
const Words = memo(function Words({
  watch,
  alone,
  sizes,
  width,
  status,
  own,
  isWall,
  ...view
}: ShownWords) {
  const t = useTokens();
  const { shape, far, near, least } = sizes;
  const broad = shape === 'wide' || shape === 'wall';
  const name = fitted(view.name, { width, lines: broad ? 1 : 2, most: far, least: far * 0.7 });
  const said = status || view.caption;
  const lines = broad ? 2 : shape === 'low' ? 4 : 3;
  const cue = fitted(said, { width, lines, most: near, least });
  const level = Math.max(16, broad ? near : near * 0.9);
  // A watch point that is being said stands in the cue's place already.
  const watches = shape === 'wide' && alone && !said.includes(watch);
  return (
    <View style={styles.words}>
      <View style={styles.title}>
        <Text
          role="heading"
          aria-level={1}
          style={[styles.name, { fontSize: name, lineHeight: name * 1.15 }]}
        >
          {view.name}
        </Text>
        {/* A level's name is for who knows the levels. */}
        {view.level !== '' && !isWall && (
          <Text style={[styles.text, sized(level), { color: t.quiet }]}>{view.level}</Text>
        )}
      </View>
      <Text
        aria-live="polite"
        style={[
          styles.text,
          sized(cue),
          { minHeight: near * 1.3 * (broad ? 1 : 2) },
          status !== '' && { color: t.clay },
        ]}
      >
        {said}
      </Text>
      {own !== '' && (
        <Text style={[styles.text, sized(Math.max(16, near * 0.8)), { color: t.river }]}>
          {own}
        </Text>
      )}
      {view.throughout.map((words) => (
        <Text key={words} style={[styles.text, sized(Math.max(16, near * 0.8)), { color: t.bark }]}>
          {LEAD.throughout(words)}
        </Text>
      ))}
      {watches && watch !== '' && (
        <Text
          style={[
            styles.text,
            sized(fitted(watch, { width: width - near * 4, lines: 1, most: near, least })),
            { color: t.quiet },
          ]}
        >
          {LEAD.watchNow} {watch}
        </Text>
      )}
    </View>
  );
}, isEqual);

/** Lines stand a little apart. */
const sized = (fontSize: number) => ({ fontSize, lineHeight: fontSize * 1.28 });

interface FigureProps {
  readonly view: Pick<LeadView, 'figure' | 'way'>;
  readonly mirror: boolean;
}

/** What the leading way of taking part does; while people move, how they go. */
export function NowFigure({ view, mirror, ...room }: FigureProps & Room) {
  if (view.way) return <WayFigure {...view.way} {...room} mirror={mirror} />;
  return view.figure ? <Figure {...view.figure} {...room} mirror={mirror} /> : null;
}

/** The same, as large as the room that is left for it. */
export function FillingFigure(props: FigureProps) {
  return <Filling>{(room) => <NowFigure {...props} {...room} />}</Filling>;
}

interface LanesProps {
  readonly lanes: readonly LaneView[];
  readonly sizes: StageSizes;
  readonly mirror: boolean;
  /** Room of one, where they stand in a column. */
  readonly width: number;
}

/** The other ways of taking part beside the leading one, each with its figure where there is room. */
export const NowLanes = memo(function NowLanes({ lanes, sizes, mirror, width }: LanesProps) {
  const t = useTokens();
  const { shape, near } = sizes;
  const broad = shape === 'wide' || shape === 'wall';
  const size = broad ? Math.min(near, shape === 'wall' ? 44 : 30) : Math.max(15, near * 0.88);
  return (
    <View style={broad ? styles.column : styles.rows}>
      {lanes.map(({ title, name, cue, figure }) => (
        <View key={title} style={broad ? styles.card : styles.lane}>
          {broad && figure && (
            <View style={[styles.small, { width, maxHeight: Math.min(150, width * 0.5) }]}>
              <FillingFigure view={{ figure, way: undefined }} mirror={mirror} />
            </View>
          )}
          <Text style={[styles.text, sized(size), styles.shrinks]}>
            <Text style={[styles.text, sized(size), styles.bold]}>{title}: </Text>
            {name}
            {!broad && cue !== '' && shape !== 'low' && (
              <Text style={[styles.text, sized(size), { color: t.quiet }]}>. {cue}</Text>
            )}
          </Text>
        </View>
      ))}
    </View>
  );
}, isEqual);

const styles = StyleSheet.create({
  words: { flexShrink: 1, minWidth: 0, gap: 2 },
  title: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'baseline', columnGap: 16 },
  name: { fontFamily: SANS, fontWeight: '700' },
  text: { fontFamily: SANS },
  bold: { fontWeight: '700' },
  shrinks: { flexShrink: 1 },
  column: { gap: 12, justifyContent: 'center', flex: 1, minHeight: 0, overflow: 'hidden' },
  rows: { gap: 2 },
  card: { gap: 4, minHeight: 0, flexShrink: 1 },
  small: { flexGrow: 1, flexShrink: 1, flexBasis: 150, minHeight: 0, flexDirection: 'row' },
  lane: { flexDirection: 'row', alignItems: 'center', gap: 8 },
});
