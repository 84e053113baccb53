import { memo } from 'react';
import {
  boxOf,
  coloursOf,
  motionOf,
  pictureOf,
  stillOf,
  svgOf,
  type Colours,
  type Drawn,
  type Stretched,
} from '@/core/figure';
import { useTokens } from '@/design';

interface StillProps {
  readonly drawn: Drawn;
  readonly stretched: readonly Stretched[];
  readonly width: number;
  readonly height: number;
  readonly flipped: boolean;
}

/**
 * A figure that stands still in the key pose that says most, as one image: a list of them scrolls, where fifty
 * shapes for each would not.
 */
export const Still = memo(function Still({ drawn, stretched, width, height, flipped }: StillProps) {
  const colours = coloursOf(useTokens());
  const src = sourceOf({ drawn, stretched, width, height, flipped }, colours);
  return <img alt="" src={src} width={width} height={height} draggable={false} />;
});

const known = new WeakMap<Drawn, Map<string, string>>();

function sourceOf(
  { drawn, stretched, width, height, flipped }: StillProps,
  colours: Colours,
): string {
  const own = known.get(drawn) ?? new Map<string, string>();
  known.set(drawn, own);
  const regions = stretched.map(({ region, on }) => `${region} ${on}`).join();
  const key = [width, height, flipped, colours.line('working'), regions].join();
  const before = own.get(key);
  if (before !== undefined) return before;
  const layers = pictureOf(drawn, motionOf(drawn).at(stillOf(drawn)), stretched);
  const svg = svgOf({ layers, box: boxOf(drawn), width, height, colours, id: 'f', flipped });
  const source = `data:image/svg+xml,${encodeURIComponent(svg)}`;
  own.set(key, source);
  return source;
}
