import { useMemo } from 'react';
import { View } from 'react-native';
import type { Step } from '@/core/body';
import { boxOf, motionOf, pictureOf } from '@/core/figure';
import { Picture } from './picture';
import { usePoses } from './poses';
import { placeOnWay } from './time';

interface WayFigureProps {
  readonly steps: readonly Step[];
  /** How far all of the way is gone, 0 to 1. */
  readonly gone: number;
  readonly width: number;
  readonly height: number;
  readonly mirror?: boolean;
}

/** A way between two positions, step by step, as far as the class has come. */
export function WayFigure({ steps, gone, width, height, mirror }: WayFigureProps) {
  const poses = usePoses();
  const { step, part } = placeOnWay(steps, gone);
  const shown = useMemo(() => step && poses?.drawnStep(step), [step, poses]);
  const motion = useMemo(() => shown && motionOf(shown.drawn), [shown]);
  return (
    <View style={{ width, height }}>
      {shown && motion && (
        <Picture
          layers={pictureOf(shown.drawn, motion.at(part * (motion.keys - 1)))}
          box={boxOf(shown.drawn)}
          width={width}
          height={height}
          flipped={(shown.side === 'left') !== (mirror ?? false)}
        />
      )}
    </View>
  );
}
