import { Slot, usePathname } from 'expo-router';
import { useEffect, useMemo, useState, type ComponentProps, type ReactNode } from 'react';
import { StyleSheet, View, useColorScheme } from 'react-native';
import { PaperProvider, ThemeProvider, useTheme } from 'react-native-paper';
import { Provider } from 'react-redux';
import { SafeAreaProvider } from 'react-native-safe-area-context';
import { Icon, darkTheme, lightTheme } from '@/design';
import { HallProvider, ScriptsGone, Waiting, type Workshop } from '@/features/frame';
import { Alerts } from '@/features/notices';
import { browserPlatform } from '@/platform';
import { keepFocus } from '@/platform/focus';
import { loadFonts } from '@/platform/fonts';
import { onFirstTouch, wantsLessMotion } from '@/platform/page';
import { beginOffline, createHall, openHall, useHallSelector, type Texts } from '@/state/hall';

interface AppProps {
  readonly loadWorkshop: () => Promise<Workshop>;
}

const icon = (props: ComponentProps<typeof Icon>) => <Icon {...props} />;

/** The application around every page: its store, its look, and what is kept. */
export function App({ loadWorkshop }: AppProps) {
  const [hall] = useState(() => createHall(browserPlatform()));
  useEffect(() => {
    loadFonts();
    const letFocusGo = keepFocus();
    // Whoever moves is about to open something: it is on its way by then.
    // What can't be fetched is told of where it is needed.
    onFirstTouch(() => void loadWorkshop().catch(() => undefined));
    return letFocusGo;
  }, [hall, loadWorkshop]);
  const [tries, setTries] = useState(0);
  const [gone, setGone] = useState(false);
  useEffect(() => {
    const open = async (beside?: Texts) => (await loadWorkshop()).work.openWorkshop(hall, beside);
    // What is fetched aside is not in the way of the first screen.
    openHall(hall, open)
      .catch(() => setGone(true))
      .finally(() => beginOffline(hall));
  }, [hall, loadWorkshop, tries]);
  const again = () => {
    setGone(false);
    setTries(tries + 1);
  };
  const value = useMemo(() => ({ hall, loadWorkshop }), [hall, loadWorkshop]);
  const settings = useMemo(() => ({ icon, rippleEffectEnabled: !wantsLessMotion() }), []);
  const theme = useColorScheme() === 'dark' ? darkTheme : lightTheme;
  return (
    <SafeAreaProvider>
      <Provider store={hall.store}>
        <HallProvider value={value}>
          <PaperProvider theme={theme} settings={settings}>
            <Still>{gone ? <ScriptsGone onAgain={again} /> : <Pages />}</Still>
          </PaperProvider>
        </HallProvider>
      </Provider>
    </SafeAreaProvider>
  );
}

/**
 * Labels and shades stand where they belong at once. Paper moves them whatever a theme or a person says,
 * and a field's label draws the field anew ten times a key.
 */
function Still({ children }: { readonly children: ReactNode }) {
  const theme = useTheme();
  const still = useMemo(() => ({ ...theme, animation: { ...theme.animation, scale: 0 } }), [theme]);
  return <ThemeProvider theme={still}>{children}</ThemeProvider>;
}

function Pages() {
  const opened = useHallSelector((state) => state.notices.opened);
  // The room looks at these two, and names nobody has to see stand on neither.
  const quiet = /^\/(?:lead|wall)\b/u.test(usePathname());
  return (
    <View style={styles.whole}>
      <Alerts quiet={quiet} />
      <View style={styles.page}>{opened ? <Slot /> : <Waiting />}</View>
    </View>
  );
}

const styles = StyleSheet.create({
  whole: { flex: 1, minHeight: 0 },
  page: { flex: 1, minHeight: 0 },
});
