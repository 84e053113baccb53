import { useMemo } from 'react';
import { View } from 'react-native';
import { Text } from 'react-native-paper';
import type { PositionId, Side } from '@/core/body';
import { boxOf, motionOf, pictureOf } from '@/core/figure';
import type { Dose } from '@/core/moves';
import { useTokens } from '@/design';
import { Picture } from './picture';
import { Still } from './still';
import { shownFor, usePoses, type DrawnLevel, type DrawnMove } from './poses';
import { FIGURE } from './strings';
import { atDose, atNow, useMoment } from './moment';
import type { Now } from './time';

export interface FigureProps {
  readonly move: DrawnMove;
  readonly level: DrawnLevel;
  /** Where the line asks for it. */
  readonly place?: PositionId | undefined;
  readonly width: number;
  readonly height: number;
  /** The side that works; of a move done on each side the left one, as its words are shown. */
  readonly side?: Side | undefined;
  /** Shown as in a mirror. */
  readonly mirror?: boolean;
  /** Moves in the tempo of this dose, again and again; stands in its last key pose where left out. */
  readonly dose?: Dose | undefined;
  /** Moves with a class, in place of by itself. */
  readonly now?: Now | undefined;
  /** Whether it is said whose figure this is. */
  readonly says?: boolean;
}

/** A level as a figure. Where there is none to be drawn, its room stays empty. */
export function Figure({
  move,
  level,
  place: asked,
  width,
  height,
  side = move.sides === 'each' ? 'left' : 'right',
  mirror,
  dose,
  now,
  says,
}: FigureProps) {
  const t = useTokens();
  const poses = usePoses();
  const shown = useMemo(
    () => poses && shownFor(poses.POSES, move, level, asked),
    [poses, move, level, asked],
  );
  const motion = useMemo(() => shown && motionOf(shown.drawn), [shown]);
  const led = now !== undefined;
  const { kind } = move;
  const at = useMemo(() => {
    if (!motion) return undefined;
    return led ? atNow(motion) : dose && atDose(motion, dose, kind);
  }, [motion, dose, led, kind]);
  const { place, breath } = useMoment(at, now, Math.max(0, (motion?.keys ?? 1) - 1));
  const layers = useMemo(
    () =>
      shown && motion && at
        ? pictureOf(shown.drawn, motion.at(place, breath), level.stretched)
        : undefined,
    [shown, motion, at, place, breath, level],
  );
  const flipped = (side === 'left') !== (mirror ?? false);
  const borrowed = says && shown?.borrowed;
  return (
    <View style={{ width }}>
      <View style={{ width, height }}>
        {shown && layers && (
          <Picture
            layers={layers}
            box={boxOf(shown.drawn)}
            width={width}
            height={height}
            flipped={flipped}
          />
        )}
        {shown && !at && (
          <Still
            drawn={shown.drawn}
            stretched={level.stretched}
            width={width}
            height={height}
            flipped={flipped}
          />
        )}
      </View>
      {borrowed && (
        <Text variant="bodySmall" style={{ color: t.quiet }}>
          {FIGURE.borrowed(borrowed.name)}
        </Text>
      )}
      {says && shown?.elsewhere && (
        <Text variant="bodySmall" style={{ color: t.quiet }}>
          {FIGURE.elsewhere}
        </Text>
      )}
    </View>
  );
}
