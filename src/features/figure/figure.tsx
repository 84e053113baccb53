import { useEffect, useMemo, useState } from 'react';
import { View } from 'react-native';
import { Text } from 'react-native-paper';
import type { Side } from '@/core/body';
import { boxOf, motionOf, pictureOf } from '@/core/figure';
import type { Dose, Level, Move } from '@/core/moves';
import { useTokens } from '@/design';
import { onFrame } from '@/platform/page';
import { Picture } from './picture';
import { shownFor, usePoses } from './poses';
import { FIGURE } from './strings';
import { beatOf, keyAt, placeAt } from './time';

export interface FigureProps {
  readonly move: Move;
  readonly level: Level;
  readonly width: number;
  readonly height: number;
  /** The side that works; of a move done on each side the left one, as its words are shown. */
  readonly side?: Side | undefined;
  /** Shown as in a mirror. */
  readonly mirror?: boolean;
  /** Moves in the tempo of this dose; stands still in its last key pose where left out. */
  readonly dose?: Dose | undefined;
  /** Whether it is said whose figure this is. */
  readonly says?: boolean;
}

/** A level as a figure. Where there is none to be drawn, its room stays empty. */
export function Figure({
  move,
  level,
  width,
  height,
  side = move.sides === 'each' ? 'left' : 'right',
  mirror,
  dose,
  says,
}: FigureProps) {
  const t = useTokens();
  const poses = usePoses();
  const shown = useMemo(() => poses && shownFor(poses, move, level), [poses, move, level]);
  const motion = useMemo(() => shown && motionOf(shown.drawn), [shown]);
  const keys = motion?.keys ?? 0;
  const place = usePlaceOf(keys, dose);
  const layers = useMemo(
    () => (shown && motion ? pictureOf(shown.drawn, motion.at(place), level.stretched) : undefined),
    [shown, motion, place, level],
  );
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
            flipped={(side === 'left') !== (mirror ?? false)}
          />
        )}
      </View>
      {borrowed && (
        <Text variant="bodySmall" style={{ color: t.quiet }}>
          {FIGURE.borrowed(borrowed.name)}
        </Text>
      )}
    </View>
  );
}

/** Where a figure is between its key poses by now. */
function usePlaceOf(keys: number, dose: Dose | undefined): number {
  const [place, setPlace] = useState(Math.max(0, keys - 1));
  useEffect(() => {
    if (!dose || keys < 2) return undefined;
    const quiet = window.matchMedia('(prefers-reduced-motion: reduce)').matches;
    const startedAt = performance.now();
    const beat = beatOf(dose);
    return onFrame(() => {
      const ms = performance.now() - startedAt;
      setPlace(quiet ? keyAt(ms, keys) : Math.round(placeAt(ms, keys, beat) * 200) / 200);
    });
  }, [keys, dose]);
  return dose ? Math.min(place, Math.max(0, keys - 1)) : Math.max(0, keys - 1);
}
