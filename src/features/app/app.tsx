import { Slot } from 'expo-router';
import { useEffect, useMemo, useState } from 'react';
import { useColorScheme } from 'react-native';
import { PaperProvider } from 'react-native-paper';
import type { ComponentProps } from 'react';
import { Provider } from 'react-redux';
import { SafeAreaProvider } from 'react-native-safe-area-context';
import { Icon, darkTheme, lightTheme } from '@/design';
import { HallProvider, Waiting, type Workshop } from '@/features/frame';
import { browserPlatform } from '@/platform';
import { loadFonts } from '@/platform/fonts';
import { onFirstTouch } from '@/platform/page';
import { createHall, openHall, useHallSelector } from '@/state/hall';

interface AppProps {
  readonly loadWorkshop: () => Promise<Workshop>;
}

const SETTINGS = { icon: (props: ComponentProps<typeof Icon>) => <Icon {...props} /> };

/** The application around every page: its store, its look, and what is kept. */
export function App({ loadWorkshop }: AppProps) {
  const [hall] = useState(() => createHall(browserPlatform()));
  useEffect(() => {
    loadFonts();
    // Whoever moves is about to open something: it is on its way by then.
    onFirstTouch(() => void loadWorkshop());
    void openHall(hall, async (beside) => (await loadWorkshop()).work.openWorkshop(hall, beside));
  }, [hall, loadWorkshop]);
  const value = useMemo(() => ({ hall, loadWorkshop }), [hall, loadWorkshop]);
  const theme = useColorScheme() === 'dark' ? darkTheme : lightTheme;
  return (
    <SafeAreaProvider>
      <Provider store={hall.store}>
        <HallProvider value={value}>
          <PaperProvider theme={theme} settings={SETTINGS}>
            <Pages />
          </PaperProvider>
        </HallProvider>
      </Provider>
    </SafeAreaProvider>
  );
}

function Pages() {
  const opened = useHallSelector((state) => state.notices.opened);
  return opened ? <Slot /> : <Waiting />;
}
