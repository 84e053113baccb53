import { Slot } from 'expo-router';
import { Suspense, useEffect, useState } from 'react';
import { useColorScheme, View } from 'react-native';
import { PaperProvider, Text } from 'react-native-paper';
import { Provider } from 'react-redux';
import { SafeAreaProvider } from 'react-native-safe-area-context';
import { Icon, darkTheme, lightTheme, useTokens } from '@/design';
import { browserPlatform } from '@/platform';
import { loadFonts } from '@/platform/fonts';
import { createAppStore, openApp, useAppSelector } from '@/state';

const OPENING = 'Opening your routines…';

/** The application around every page: its store, its look, and what is kept. */
export function App() {
  const [platform] = useState(browserPlatform);
  const [store] = useState(() => createAppStore(platform));
  useEffect(() => {
    loadFonts();
    void openApp(store, platform);
  }, [store, platform]);
  const theme = useColorScheme() === 'dark' ? darkTheme : lightTheme;
  return (
    <SafeAreaProvider>
      <Provider store={store}>
        <PaperProvider theme={theme} settings={{ icon: (props) => <Icon {...props} /> }}>
          <Pages />
        </PaperProvider>
      </Provider>
    </SafeAreaProvider>
  );
}

function Pages() {
  const opened = useAppSelector((state) => state.notices.opened);
  return opened ? (
    <Suspense fallback={<Waiting />}>
      <Slot />
    </Suspense>
  ) : (
    <Waiting />
  );
}

function Waiting() {
  const t = useTokens();
  return (
    <View style={{ flex: 1, padding: 24, backgroundColor: t.ground }}>
      <Text variant="bodyLarge">{OPENING}</Text>
    </View>
  );
}
