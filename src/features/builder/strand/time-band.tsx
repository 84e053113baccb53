import { memo, useState } from 'react';
import { Pressable, View } from 'react-native';
import Svg, { Rect } from 'react-native-svg';
import { type ItemId, printClock } from '@/core/common';
import { type Score, type Segment, isWork, msOf } from '@/core/timing';
import { useTokens, type Tokens } from '@/design';
import { BUILD } from '../strings';

const HEIGHT = 14;

interface TimeBandProps {
  readonly score: Score;
  /** Where the class is; drawn as a line. */
  readonly placeMs?: number;
  readonly onChoose?: (id: ItemId) => void;
}

function colourOf({ kind, side }: Segment, t: Tokens): string {
  if (isWork({ kind })) {
    return side === 'left' ? t.willow : side === 'right' ? t.river : t.bark;
  }
  return kind === 'transfer' || kind === 'prop' ? t.quiet : t.line;
}

/** The whole score to scale, every second: work by side, talk, ways and rests. */
export const TimeBand = memo(function TimeBand({ score, placeMs, onChoose }: TimeBandProps) {
  const t = useTokens();
  const [width, setWidth] = useState(0);
  const perMs = score.totalMs > 0 ? width / score.totalMs : 0;
  const choose = (x: number) => {
    const at = score.segments.find(({ endMs }) => x < endMs * perMs);
    if (at?.itemId) onChoose?.(at.itemId);
  };
  return (
    <View onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}>
      <Pressable
        role="img"
        tabIndex={-1}
        aria-label={BUILD.band(printClock(score.totalMs))}
        onPress={({ nativeEvent }) => choose(nativeEvent.locationX)}
        style={{ paddingVertical: 8 }}
      >
        <Svg width={Math.max(1, width)} height={HEIGHT} aria-hidden>
          {score.segments.map((segment) => (
            <Rect
              key={segment.startMs}
              x={segment.startMs * perMs}
              y={isWork(segment) ? 0 : 4}
              width={msOf(segment) * perMs}
              height={isWork(segment) ? HEIGHT : HEIGHT - 8}
              fill={colourOf(segment, t)}
            />
          ))}
          {placeMs !== undefined && (
            <Rect x={placeMs * perMs - 1} y={0} width={3} height={HEIGHT} fill={t.ink} />
          )}
        </Svg>
      </Pressable>
    </View>
  );
});
