import { memo } from 'react';
import Svg, { Path, Rect } from 'react-native-svg';
import { useTokens } from '@/design';
import { halfLength, type Leaf } from './model';
import { leafPath, reach } from './shapes';

export const LINE_HEIGHT = 18;
const LEAST_LENGTH = 4;
/** What may be done and need not. */
const PALE = 0.35;

interface LeavesProps {
  readonly leaves: readonly Leaf[];
  readonly lines: number;
  readonly longestMs: number;
  readonly width: number;
  readonly stem: number;
}

/** The leaves of one item, hanging on its stretch of the stem. */
export const Leaves = memo(function Leaves({ leaves, lines, longestMs, width, stem }: LeavesProps) {
  const t = useTokens();
  const height = Math.max(1, lines) * LINE_HEIGHT;
  const perMs = reach(width) / longestMs;
  return (
    <Svg width={width} height={height} aria-hidden>
      {leaves.flatMap((leaf, i) => {
        const y = (leaf.line + (leaf.leaflet ? 0.25 : 0.5)) * LINE_HEIGHT;
        const own = halfLength({ ...leaf, mostMs: leaf.ms });
        const length = Math.max(LEAST_LENGTH, own * perMs);
        const thickness = leaf.leaflet ? 4 : 11;
        const dirs =
          leaf.side === 'both' ? ([-1, 1] as const) : ([leaf.side === 'left' ? -1 : 1] as const);
        const fill = leaf.side === 'left' ? t.willow : leaf.side === 'right' ? t.river : t.bark;
        const tip = leaf.mostMs && Math.max(length, halfLength(leaf) * perMs);
        return dirs.map((dir) => (
          <LeafShape
            key={`${i} ${dir}`}
            path={leafPath(stem, y, length, dir, thickness)}
            tip={tip ? leafPath(stem, y, tip, dir, thickness) : undefined}
            pale={leaf.pale === true}
            fill={leaf.missing ? 'none' : fill}
            outline={leaf.missing ? t.clay : undefined}
            gaps={leaf.presses.map(({ fromMs, toMs }) => ({
              x: Math.min(stem + dir * fromMs * perMs, stem + dir * toMs * perMs),
              width: (toMs - fromMs) * perMs,
            }))}
            y={y}
            paper={t.sheet}
          />
        ));
      })}
    </Svg>
  );
});

interface LeafShapeProps {
  readonly path: string;
  readonly tip: string | undefined;
  readonly pale: boolean;
  readonly fill: string;
  readonly outline: string | undefined;
  readonly gaps: readonly { readonly x: number; readonly width: number }[];
  readonly y: number;
  readonly paper: string;
}

function LeafShape({ path, tip, pale, fill, outline, gaps, y, paper }: LeafShapeProps) {
  return (
    <>
      {tip && <Path d={tip} fill={fill} fillOpacity={PALE} />}
      <Path
        d={path}
        fill={fill}
        fillOpacity={pale ? PALE : 1}
        stroke={outline}
        strokeDasharray={outline && '3 3'}
        strokeWidth={1.5}
      />
      {gaps.map(({ x, width }) => (
        <Rect key={x} x={x} y={y - 8} width={Math.max(1.5, width / 2)} height={16} fill={paper} />
      ))}
    </>
  );
}
