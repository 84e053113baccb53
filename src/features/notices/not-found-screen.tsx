import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { Screen, TARGET } from '@/design';
import { Notices } from './notices';

const WORDS = {
  title: 'Not here',
  what: 'There is nothing at this address.',
  back: 'Go to today',
};

/** An address that leads nowhere, or a routine that is gone. */
export function NotFoundScreen() {
  const router = useRouter();
  return (
    <Screen title={WORDS.title}>
      <View style={{ padding: 24, gap: 16, alignItems: 'flex-start' }}>
        <Text variant="bodyLarge">{WORDS.what}</Text>
        {/* It may be gone because it was set aside just now. */}
        <Notices />
        <Button
          mode="contained"
          contentStyle={{ minHeight: TARGET }}
          onPress={() => router.replace('/')}
        >
          {WORDS.back}
        </Button>
      </View>
    </Screen>
  );
}
