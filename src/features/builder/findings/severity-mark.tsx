import Svg, { Circle, Path } from 'react-native-svg';
import type { Severity } from '@/core/judgement';
import { useTokens } from '@/design';

interface SeverityMarkProps {
  readonly severity: Severity;
  readonly size?: number;
}

/** What stands on the strand where something was found: a knot, a bud, or a ring. None speaks by colour alone. */
export function SeverityMark({ severity, size = 18 }: SeverityMarkProps) {
  const t = useTokens();
  return (
    <Svg width={size} height={size} viewBox="0 0 20 20" aria-hidden>
      <Path d="M10 0V20" stroke={t.quiet} strokeWidth={1.6} />
      {severity === 'stop' && (
        <>
          <Path d={KNOT} fill={t.clay} />
          <Path d="M4.2 12.6 12.4 4.4M7.6 15.6 15.8 7.4" stroke={t.sheet} strokeWidth={1.7} />
        </>
      )}
      {severity === 'caution' && (
        <Path d={BUD} fill={t.catkin} stroke={t.ink} strokeWidth={1.5} strokeLinejoin="round" />
      )}
      {severity === 'note' && (
        <Circle cx={10} cy={10} r={4.6} fill={t.sheet} stroke={t.quiet} strokeWidth={2} />
      )}
    </Svg>
  );
}

/** Bound round twice, wider than it is high. */
const KNOT = 'M10 3C15 2 19.5 6 19.5 10S15 18 10 17C5 18 .5 14 .5 10S5 2 10 3Z';
/** Shut, its tip up. */
const BUD = 'M10 1C15 5 17 10 15 14.5C13.5 17.5 6.5 17.5 5 14.5C3 10 5 5 10 1Z';
