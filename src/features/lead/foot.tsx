import isEqual from 'fast-deep-equal';
import { memo } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { isoWithOffset, printClock } from '@/core/common';
import type { Score } from '@/core/timing';
import { SANS, useTokens } from '@/design';
import { TimeBand } from '@/features/builder/strand';
import { timeShown } from '@/words/moments';
import { fitted } from './fit';
import type { StageSizes } from './shape';
import { LEAD } from './strings';
import type { LeadView } from './view';

interface FootProps {
  readonly view: LeadView;
  readonly score: Score;
  readonly placeMs: number;
  readonly ends: Date;
  readonly sizes: StageSizes;
  readonly width: number;
}

/** What comes next and its way, how much is left, the time of day it ends, and the whole to scale. */
export function Foot({ view, score, placeMs, ends, sizes, width }: FootProps) {
  return (
    <View style={styles.foot}>
      <Words
        next={view.next}
        left={printClock(Math.ceil(view.remainingMs / 1000) * 1000)}
        time={timeShown(isoWithOffset(ends))}
        sizes={sizes}
        width={width}
      />
      <TimeBand score={score} placeMs={placeMs} />
    </View>
  );
}

interface FootWordsProps extends Pick<FootProps, 'sizes' | 'width'> {
  readonly next: LeadView['next'];
  readonly left: string;
  readonly time: string;
}

/** Drawn anew where they say something else, and not whenever the class is. */
const Words = memo(function Words({ next, left, time, sizes, width }: FootWordsProps) {
  const t = useTokens();
  const { shape, far, near, least } = sizes;
  const broad = shape === 'wide' || shape === 'wall';
  const { name, more } = next;
  const nameSize = broad ? far : Math.max(18, far * 0.72);
  const said = `${LEAD.nextIs} ${name}`;
  const size = fitted(said, { width, lines: 1, most: nameSize, least: nameSize * 0.66 });
  const quiet = { color: t.quiet };
  const moreSize = fitted(more, { width, lines: broad ? 1 : 2, most: near, least });
  const times = (
    <Text style={[styles.figure, sized(near)]}>
      {LEAD.left(left)} · {LEAD.ends(time)}
    </Text>
  );
  return (
    <>
      <View style={styles.line}>
        <Text style={[styles.next, sized(size)]}>
          <Text style={[styles.then, sized(size), quiet]}>{LEAD.nextIs} </Text>
          {name}
        </Text>
        {broad && more === '' && times}
      </View>
      {(more !== '' || !broad) && (
        <View style={styles.line}>
          {more !== '' && <Text style={[styles.more, sized(moreSize), quiet]}>{more}</Text>}
          {(!broad || more !== '') && times}
        </View>
      )}
    </>
  );
}, isEqual);

const sized = (fontSize: number) => ({ fontSize, lineHeight: fontSize * 1.2 });

const styles = StyleSheet.create({
  foot: { gap: 2 },
  line: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    justifyContent: 'space-between',
    alignItems: 'baseline',
    columnGap: 16,
  },
  next: { fontFamily: SANS, fontWeight: '600', flexShrink: 1 },
  then: { fontFamily: SANS, fontWeight: '400' },
  more: { fontFamily: SANS, flexShrink: 1 },
  figure: { fontFamily: SANS, fontVariant: ['tabular-nums'], marginLeft: 'auto' },
});
