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

/** Where a large leaf hangs on its stem, which it fills from: out to its tip. */
export type Stem = 'left' | 'right' | 'middle';

interface LargeLeafProps {
  readonly filled: number;
  /** Of what is filled, what is not yet, and the line round it. */
  readonly colour: string;
  readonly empty: string;
  readonly line: string;
  readonly stem: Stem;
  readonly width: number;
  readonly height: number;
  /** 0 to 1, with the breath. */
  readonly swell: number;
  readonly effort?: 'press' | 'ease' | undefined;
}

/** Pressing draws it together, easing makes it long and thin. */
const SPREAD = { press: [0.8, 1], ease: [1, 0.82], plain: [1, 1] } as const;

/** How far in the edge swings out, from its left and from its right end. */
const BOWS: Readonly<Record<Stem, readonly [number, number]>> = {
  left: [0.04, 0.4],
  right: [0.4, 0.04],
  middle: [0.3, 0.3],
};
/** Of its room, a leaf with a stalk leaves so much to that. */
const STALK = 0.06;

/** The leaf that is the clock: as large as its room, filling to its tip. */
export const LargeLeaf = memo(function LargeLeaf(props: LargeLeafProps) {
  const { filled, colour, empty, line, stem, width, height, swell, effort } = props;
  const [long, broad] = SPREAD[effort ?? 'plain'];
  const pen = Math.max(2, Math.min(width, height) * 0.02);
  const stalked = stem === 'middle' ? 0 : width * STALK;
  const w = Math.max(0, (width - pen * 2 - stalked) * long);
  const h = Math.max(0, (height - pen * 2) * broad * (0.8 + 0.2 * swell));
  const [left, middle] = [
    stem === 'left' ? width - w - pen : stem === 'right' ? pen : (width - w) / 2,
    height / 2,
  ];
  const right = left + w;
  const [up, down] = [middle - h * 0.665, middle + h * 0.665];
  // Broad where it hangs, and drawn out to its tip; across both sides it has two.
  const [bowLeft, bowRight] = BOWS[stem].map((bow) => w * bow) as [number, number];
  const leaf = `M${left} ${middle}C${left + bowLeft} ${up} ${right - bowRight} ${up} ${right} ${middle}C${right - bowRight} ${down} ${left + bowLeft} ${down} ${left} ${middle}Z`;
  const stalk =
    stem === 'middle'
      ? ''
      : stem === 'left'
        ? `M0 ${middle}H${left + w * 0.02}`
        : `M${width} ${middle}H${right - w * 0.02}`;
  const share = Math.min(1, Math.max(0, filled)) * w;
  const from = stem === 'left' ? left : stem === 'right' ? right - share : left + (w - share) / 2;
  const id = `large-${Math.round(width)}-${stem}-${colour.replace(/\W/g, '')}`;
  const ribs = [0.28, 0.5, 0.72].map((at) => {
    const x = left + w * at;
    return `M${x - w * 0.04} ${middle - h * 0.3}L${x} ${middle - h * 0.16}L${x + w * 0.04} ${middle - h * 0.3}`;
  });
  return (
    <Svg width={width} height={height} style={styles.large} aria-hidden>
      <Defs>
        <ClipPath id={id}>
          <Path d={leaf} />
        </ClipPath>
      </Defs>
      <Path d={leaf} fill={empty} />
      <Rect x={from} y={0} width={share} height={height} fill={colour} clipPath={`url(#${id})`} />
      {effort === 'press' && <Path d={ribs.join('')} fill="none" stroke={line} strokeWidth={pen} />}
      <Path d={leaf} fill="none" stroke={line} strokeWidth={pen} strokeLinejoin="round" />
      {stalk !== '' && (
        <Path d={stalk} stroke={line} strokeWidth={pen * 1.4} strokeLinecap="round" />
      )}
    </Svg>
  );
});

const styles = StyleSheet.create({
  leaf: { alignSelf: 'center' },
  large: { position: 'absolute', left: 0, top: 0 },
});
