import Svg, { Circle, Path } from 'react-native-svg';
import type { Severity } from '@/core/judgement';
import { useTokens } from '@/design';

interface SeverityMarkProps {
  readonly severity: Severity;
  readonly size?: number;
}

/** Another shape for each severity, so that none speaks by colour alone. */
export function SeverityMark({ severity, size = 18 }: SeverityMarkProps) {
  const t = useTokens();
  return (
    <Svg width={size} height={size} viewBox="0 0 20 20" aria-hidden>
      {severity === 'stop' && (
        <>
          <Path d="M6 1h8l5 5v8l-5 5H6l-5-5V6Z" fill={t.clay} />
          <Path d="M5 10h10" stroke={t.sheet} strokeWidth={2.6} />
        </>
      )}
      {severity === 'caution' && (
        <Path
          d="M10 2.5 19 18H1Z"
          fill={t.catkin}
          stroke={t.ink}
          strokeWidth={1.6}
          strokeLinejoin="round"
        />
      )}
      {severity === 'note' && (
        <Circle cx={10} cy={10} r={6.5} fill="none" stroke={t.quiet} strokeWidth={2.2} />
      )}
    </Svg>
  );
}
