import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Circle, Line, Text as SvgText } from 'react-native-svg';
import { BASES, placeOn, sameRung, type Rung } from '@/core/people';
import { SANS, useTokens } from '@/design';
import { BASE_WORDS, rungWords } from '@/words/people';
import { PERSON } from './strings';

const ROW = 30;
const LEFT = 118;

interface Bud {
  /** The rungs that it is for, by their places. */
  readonly from: number;
  readonly to: number;
}
interface Branch {
  readonly name: string;
  readonly buds: readonly Bud[];
}

/** A branch for each base, and one for the challenges that come after the last, a bud for each of them. */
function branchesOf(rungs: readonly Rung[]): readonly Branch[] {
  const last = BASES.at(-1);
  const end = rungs.findLastIndex(({ base }) => base === last);
  const ofBases = BASES.map((base) => ({
    name: BASE_WORDS[base],
    buds: rungs.flatMap((rung, i): Bud[] =>
      i <= end && rung.base === base ? [{ from: i, to: i }] : [],
    ),
  }));
  const after: Bud[] = [];
  for (let i = end + 1; i < rungs.length; i++) {
    const known = after.at(-1);
    const same = known && rungs[known.from]?.challenge === rungs[i]?.challenge;
    if (same) after.splice(-1, 1, { from: known.from, to: i });
    else after.push({ from: i, to: i });
  }
  return [...ofBases, { name: PERSON.challenged, buds: after }].toReversed();
}

/**
 * The whole ladder at a glance: a branch for each base, the easiest lowest, a bud for each of its
 * rungs, and over them one for the challenges. Buds that lie behind are full, the one where somebody stands is ringed, the next is open and
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
  const branches = branchesOf(rungs);
  const height = branches.length * ROW + 8;
  return (
    <View
      role="img"
      aria-label={`${rungWords(now)}; ${at + 1} / ${rungs.length}`}
      onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}
    >
      <Svg width={width} height={height}>
        {branches.map(({ name, buds: own }, row) => {
          const apart = Math.min(22, (width - LEFT - 16) / Math.max(1, own.length - 1));
          const y = row * ROW + ROW / 2;
          const here = own.some(({ from, to }) => from <= at && at <= to);
          return [
            <SvgText
              key={`${name} name`}
              x={0}
              y={y + 5}
              fontSize={14}
              fontFamily={SANS}
              fontWeight={here ? '700' : '400'}
              fill={here ? t.ink : t.quiet}
            >
              {name}
            </SvgText>,
            <Line
              key={`${name} branch`}
              x1={LEFT}
              x2={LEFT + apart * Math.max(0, own.length - 1)}
              y1={y}
              y2={y}
              stroke={t.line}
              strokeWidth={2}
            />,
            ...own.map(({ from, to }, nth) => {
              const x = LEFT + nth * apart;
              const stands = from <= at && at <= to;
              const isNext = from === at + 1;
              const r = Math.min(stands ? 8 : apart / 2 - 0.5, stands || isNext ? 8 : 4.5);
              return (
                <Circle
                  key={`${name} ${from}`}
                  cx={x}
                  cy={y}
                  r={Math.max(2, r)}
                  fill={to < at || (stands && exact) ? t.willow : t.sheet}
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
