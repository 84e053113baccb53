import { memo, useMemo, useState } from 'react';
import { Pressable, View } from 'react-native';
import Svg, { Path, Rect } from 'react-native-svg';
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

/** One shape for all segments of a colour: a class has hundreds, and a shape each is slow to draw. */
function shapesOf({ segments }: Score, perMs: number, t: Tokens): ReadonlyMap<string, string> {
  const shapes = new Map<string, string>();
  for (const segment of segments) {
    const colour = colourOf(segment, t);
    const [y, height] = isWork(segment) ? [0, HEIGHT] : [4, HEIGHT - 8];
    const [x, width] = [segment.startMs * perMs, msOf(segment) * perMs];
    const box = `M${x.toFixed(2)} ${y}h${width.toFixed(2)}v${height}h${(-width).toFixed(2)}z`;
    shapes.set(colour, (shapes.get(colour) ?? '') + box);
  }
  return shapes;
}

/** The whole score to scale, every second: work by side, talk, ways and rests. */
export const TimeBand = memo(function TimeBand({ score, placeMs, onChoose }: TimeBandProps) {
  const [width, setWidth] = useState(0);
  const perMs = score.totalMs > 0 ? width / score.totalMs : 0;
  return (
    <Drawn
      score={score}
      width={width}
      perMs={perMs}
      // To the half pixel: a class is drawn anew more often than its line can be seen to move.
      place={placeMs === undefined ? undefined : Math.round(placeMs * perMs * 2) / 2}
      onWidth={setWidth}
      onChoose={onChoose}
    />
  );
});

interface DrawnProps extends Pick<TimeBandProps, 'score'> {
  readonly width: number;
  readonly perMs: number;
  readonly place: number | undefined;
  readonly onWidth: (width: number) => void;
  readonly onChoose: TimeBandProps['onChoose'] | undefined;
}

const Drawn = memo(function Drawn({ score, width, perMs, place, onWidth, onChoose }: DrawnProps) {
  const t = useTokens();
  const shapes = useMemo(() => shapesOf(score, perMs, t), [score, perMs, t]);
  const choose = (x: number) => {
    const at = score.segments.find(({ endMs }) => x < endMs * perMs);
    if (at?.itemId) onChoose?.(at.itemId);
  };
  return (
    <View onLayout={({ nativeEvent }) => onWidth(nativeEvent.layout.width)}>
      <Pressable
        role="img"
        tabIndex={-1}
        aria-label={BUILD.band(printClock(score.totalMs))}
        onPress={({ nativeEvent }) => choose(nativeEvent.locationX)}
        style={{ paddingVertical: 8 }}
      >
        <Svg width={Math.max(1, width)} height={HEIGHT} aria-hidden>
          {[...shapes].map(([colour, path]) => (
            <Path key={colour} d={path} fill={colour} />
          ))}
          {place !== undefined && (
            <Rect x={place - 1} y={0} width={3} height={HEIGHT} fill={t.ink} />
          )}
        </Svg>
      </Pressable>
    </View>
  );
});
