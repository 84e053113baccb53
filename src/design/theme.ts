import { configureFonts, useTheme, type MD3Theme } from 'react-native-paper';
// By their own file: by Paper's index these two names would bring in all of Paper.
import { MD3DarkTheme, MD3LightTheme } from 'react-native-paper/lib/module/styles/themes';
import { DARK, LIGHT, SANS, SERIF, rem, type Tokens } from './tokens';

export type AppTheme = MD3Theme & { readonly tokens: Tokens };

const configured = configureFonts({
  config: {
    ...Object.fromEntries(
      (['titleLarge', 'headlineSmall', 'headlineMedium'] as const).map((variant) => [
        variant,
        {
          ...MD3LightTheme.fonts[variant],
          fontFamily: SERIF,
          fontWeight: '500',
          letterSpacing: 0,
          fontSize: rem(MD3LightTheme.fonts[variant].fontSize),
          lineHeight: rem(MD3LightTheme.fonts[variant].lineHeight),
        },
      ]),
    ),
    ...Object.fromEntries(
      (
        [
          'bodyLarge',
          'bodyMedium',
          'bodySmall',
          'labelLarge',
          'labelMedium',
          'labelSmall',
          'titleMedium',
          'titleSmall',
        ] as const
      ).map((variant) => [
        variant,
        {
          ...MD3LightTheme.fonts[variant],
          fontFamily: SANS,
          letterSpacing: 0,
          fontWeight: variant.startsWith('body') ? '400' : '600',
          fontSize: rem(Math.max(14, MD3LightTheme.fonts[variant].fontSize + 1)),
          lineHeight: rem(Math.max(20, MD3LightTheme.fonts[variant].lineHeight + 2)),
        },
      ]),
    ),
  } as Parameters<typeof configureFonts>[0] extends { config?: infer C } ? C : never,
});

/** What sets its own size is in the same face as all else. */
const fonts: MD3Theme['fonts'] = {
  ...configured,
  default: { ...configured.default, fontFamily: SANS },
};

function themed(base: MD3Theme, t: Tokens): AppTheme {
  return {
    ...base,
    roundness: 3,
    fonts,
    tokens: t,
    colors: {
      ...base.colors,
      primary: t.ink,
      onPrimary: t.sheet,
      primaryContainer: t.shade,
      onPrimaryContainer: t.ink,
      secondary: t.river,
      onSecondary: t.sheet,
      secondaryContainer: t.shade,
      onSecondaryContainer: t.ink,
      background: t.ground,
      onBackground: t.ink,
      surface: t.sheet,
      onSurface: t.ink,
      surfaceVariant: t.shade,
      onSurfaceVariant: t.quiet,
      outline: t.quiet,
      outlineVariant: t.line,
      error: t.clay,
      onError: t.sheet,
      inverseSurface: t.ink,
      inverseOnSurface: t.sheet,
      inversePrimary: t.sheet,
      elevation: {
        level0: 'transparent',
        level1: t.sheet,
        level2: t.sheet,
        level3: t.sheet,
        level4: t.sheet,
        level5: t.sheet,
      },
    },
  };
}

export const lightTheme = themed(MD3LightTheme, LIGHT);
export const darkTheme = themed(MD3DarkTheme, DARK);

/** The colours in force. */
export function useTokens(): Tokens {
  return useTheme<AppTheme>().tokens;
}
