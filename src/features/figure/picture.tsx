import { memo, useId } from 'react';
import Svg, {
  Circle,
  ClipPath,
  Defs,
  Ellipse,
  G,
  Path,
  RadialGradient,
  Stop,
} from 'react-native-svg';
import {
  coloursOf,
  MARKS_FROM,
  penOf,
  seamHides,
  type Box,
  type Colours,
  type Layer,
  type Tone,
} from '@/core/figure';
import { useTokens } from '@/design';

interface PictureProps {
  readonly layers: readonly Layer[];
  readonly box: Box;
  readonly width: number;
  readonly height: number;
  /** The other way round: what was the right side is the left one. */
  readonly flipped?: boolean;
}

/** Layers as they stand, with lines that keep their weight at every size. */
export const Picture = memo(function Picture({
  layers,
  box,
  width,
  height,
  flipped,
}: PictureProps) {
  const id = useId();
  const colours = coloursOf(useTokens());
  const [x, , w] = box;
  const pen = penOf(box, width, height);
  const trunk = layers.find(({ isTrunk }) => isTrunk)?.line ?? '';
  return (
    <Svg width={width} height={height} viewBox={box.join(' ')} aria-hidden>
      <Defs>
        <ClipPath id={`${id}trunk`}>
          <Path d={trunk} />
        </ClipPath>
        {layers.map(({ shades, line }, i) =>
          shades && line ? (
            <ClipPath key={`clip${i}`} id={`${id}part${i}`}>
              <Path d={line} />
            </ClipPath>
          ) : null,
        )}
        <RadialGradient id={`${id}shade`}>
          <Stop offset={0} stopColor={colours.shade} stopOpacity={0.62} />
          <Stop offset={1} stopColor={colours.shade} stopOpacity={0} />
        </RadialGradient>
        {layers.map(({ seam, tone }, i) =>
          seam ? (
            <RadialGradient key={i} id={`${id}seam${i}`}>
              <Stop offset={seamHides(tone)} stopColor={colours.fill(seam.cloth, 'near')} />
              <Stop offset={1} stopColor={colours.fill(seam.cloth, 'near')} stopOpacity={0} />
            </RadialGradient>
          ) : null,
        )}
      </Defs>
      <G transform={flipped ? `translate(${2 * x + w} 0) scale(-1 1)` : undefined}>
        {layers.map((layer, i) => (
          <LayerShapes
            key={i}
            layer={layer}
            pen={pen}
            colours={colours}
            id={id}
            at={i}
            isLarge={height >= MARKS_FROM}
          />
        ))}
      </G>
    </Svg>
  );
});

function LayerShapes({
  layer: { line, fills, tone, seam, marks, shades },
  pen,
  colours,
  id,
  at,
  isLarge,
}: {
  readonly layer: Layer;
  readonly pen: (tone: Tone) => number;
  readonly colours: Colours;
  readonly id: string;
  readonly at: number;
  readonly isLarge: boolean;
}) {
  return (
    <>
      {line && (
        <Path
          d={line}
          fill="none"
          stroke={colours.line(tone)}
          strokeWidth={pen(tone)}
          strokeLinejoin="round"
        />
      )}
      {fills.map(({ d, cloth }, i) => (
        <Path key={i} d={d} fill={colours.fill(cloth, tone)} />
      ))}
      {marks && isLarge && (
        <Path
          d={marks}
          fill="none"
          stroke={colours.line(tone)}
          strokeWidth={pen(tone) * 0.3}
          strokeLinecap="round"
        />
      )}
      {shades?.map(({ at: [x, y], rx, ry, turn }, i) => (
        <G key={`shade${i}`} clipPath={`url(#${id}part${at})`}>
          <Ellipse
            cx={x}
            cy={y}
            rx={rx}
            ry={ry}
            fill={`url(#${id}shade)`}
            transform={`rotate(${turn} ${x} ${y})`}
          />
        </G>
      ))}
      {seam && (
        <Circle
          cx={seam.at[0]}
          cy={seam.at[1]}
          r={seam.r}
          fill={`url(#${id}seam${at})`}
          clipPath={`url(#${id}trunk)`}
        />
      )}
    </>
  );
}
