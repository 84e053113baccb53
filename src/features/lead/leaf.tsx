import { memo } from 'react';
import { StyleSheet } from 'react-native';
import Svg, { ClipPath, Defs, Path, Rect } from 'react-native-svg';

interface LeafProps {
  readonly filled: number;
  readonly colour: string;
  readonly empty: string;
  readonly size: number;
  /** 0 to 1, with the breath. */
  readonly swell: number;
  readonly effort?: 'press' | 'ease' | undefined;
}

/** Pressing draws it together, easing makes it long. */
const FORMS = {
  press: { width: 0.66, length: 0.72 },
  ease: { width: 0.32, length: 1 },
  plain: { width: 0.42, length: 0.92 },
} as const;

/** A leaf that fills over the hold and stays full when its side is done. */
export const Leaf = memo(function Leaf({ filled, colour, empty, size, swell, effort }: LeafProps) {
  const form = FORMS[effort ?? 'plain'];
  const width = size * form.width * (0.78 + 0.22 * swell);
  const long = size * form.length;
  const [middle, top] = [width / 2, (size - long) / 2];
  const leaf = `M${middle} ${top}q${width * 0.95} ${long / 2} 0 ${long}q${-width * 0.95} ${-long / 2} 0 ${-long}Z`;
  const id = `leaf-${Math.round(size)}-${effort ?? ''}-${colour.replace(/\W/g, '')}`;
  const ribs = [0.3, 0.45, 0.6].map(
    (at) =>
      `M${middle - width * 0.2} ${top + long * (at + 0.1)}L${middle} ${top + long * at}L${middle + width * 0.2} ${top + long * (at + 0.1)}`,
  );
  return (
    <Svg width={width} height={size} style={styles.leaf} aria-hidden>
      <Defs>
        <ClipPath id={id}>
          <Path d={leaf} />
        </ClipPath>
      </Defs>
      <Path d={leaf} fill={empty} />
      <Rect
        x={0}
        y={top + long * (1 - filled)}
        width={width}
        height={long * filled}
        fill={colour}
        clipPath={`url(#${id})`}
      />
      {effort === 'press' && (
        <>
          <Path d={leaf} fill="none" stroke={colour} strokeWidth={Math.max(2, size * 0.03)} />
          <Path
            d={ribs.join('')}
            fill="none"
            stroke={colour}
            strokeWidth={Math.max(2, size * 0.025)}
          />
        </>
      )}
    </Svg>
  );
});

const styles = StyleSheet.create({ leaf: { alignSelf: 'center' } });
