import { memo } from 'react';
import { View } from 'react-native';
import Svg, { Path } from 'react-native-svg';
import { useTokens } from '@/design';

const HEIGHT = 6;

/** The whole class to scale, small: work on a side or both, ways, and what is left. */
export const SmallBand = memo(function SmallBand({ band }: { readonly band: string }) {
  const t = useTokens();
  if (band === '') return null;
  const colours: Readonly<Record<string, string>> = {
    l: t.willow,
    r: t.river,
    b: t.bark,
    w: t.quiet,
    '-': t.line,
  };
  const path = (letter: string) =>
    [...band].map((own, i) => (own === letter ? `M${i} 0h1v${HEIGHT}h-1z` : '')).join('');
  return (
    <View style={{ paddingTop: 8 }} aria-hidden>
      <Svg
        width="100%"
        height={HEIGHT}
        viewBox={`0 0 ${band.length} ${HEIGHT}`}
        preserveAspectRatio="none"
      >
        {Object.entries(colours).map(([letter, colour]) => (
          <Path key={letter} d={path(letter)} fill={colour} />
        ))}
      </Svg>
    </View>
  );
});
