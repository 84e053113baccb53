import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Circle, Line, Text as SvgText } from 'react-native-svg';
import { BASES, placeOn, sameRung, type Rung } from '@/core/people';
import { SANS, useTokens } from '@/design';
import { BASE_WORDS, rungWords } from '@/words/people';

const ROW = 30;
const LEFT = 118;

/**
 * The whole ladder at a glance: a branch for each base, the easiest lowest, a bud for each of its
 * rungs. Buds that lie behind are full, the one where somebody stands is ringed, the next is open and
 * larger; nothing is told by colour alone.
 */
export function LadderDrawing({
  rungs,
  now,
}: {
  readonly rungs: readonly Rung[];
  readonly now: Rung;
}) {
  const t = useTokens();
  const [width, setWidth] = useState(320);
  const at = placeOn(rungs, now);
  const exact = sameRung(rungs[at] ?? now, now);
  const branches = [...BASES].reverse();
  const height = branches.length * ROW + 8;
  return (
    <View
      role="img"
      aria-label={`${rungWords(now)}; ${at + 1} / ${rungs.length}`}
      onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}
    >
      <Svg width={width} height={height}>
        {branches.map((base, row) => {
          const own = rungs
            .map((rung, i) => ({ rung, i }))
            .filter(({ rung }) => rung.base === base);
          const apart = Math.min(22, (width - LEFT - 16) / Math.max(1, own.length - 1));
          const y = row * ROW + ROW / 2;
          const here = base === now.base;
          return [
            <SvgText
              key={`${base} name`}
              x={0}
              y={y + 5}
              fontSize={14}
              fontFamily={SANS}
              fontWeight={here ? '700' : '400'}
              fill={here ? t.ink : t.quiet}
            >
              {BASE_WORDS[base]}
            </SvgText>,
            <Line
              key={`${base} branch`}
              x1={LEFT}
              x2={LEFT + apart * Math.max(0, own.length - 1)}
              y1={y}
              y2={y}
              stroke={t.line}
              strokeWidth={2}
            />,
            ...own.map(({ i }, nth) => {
              const x = LEFT + nth * apart;
              const stands = i === at;
              const isNext = i === at + 1;
              const r = Math.min(stands ? 8 : apart / 2 - 0.5, stands || isNext ? 8 : 4.5);
              return (
                <Circle
                  key={`${base} ${i}`}
                  cx={x}
                  cy={y}
                  r={Math.max(2, r)}
                  fill={i < at || (stands && exact) ? t.willow : t.sheet}
                  stroke={stands ? t.ink : isNext ? t.catkin : t.willow}
                  strokeWidth={stands || isNext ? 3 : 1}
                />
              );
            }),
          ];
        })}
      </Svg>
    </View>
  );
}
