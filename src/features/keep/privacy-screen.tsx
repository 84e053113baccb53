import { useRouter } from 'expo-router';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { Screen } from '@/design';
import { PRIVACY } from './strings';

/** In plain words what is kept of whom, and where. */
export function PrivacyScreen() {
  const router = useRouter();
  return (
    <Screen
      title={PRIVACY.title}
      onBack={() => (router.canGoBack() ? router.back() : router.replace('/'))}
    >
      <ScrollView contentContainerStyle={styles.page} tabIndex={0}>
        {PRIVACY.parts.map(({ heading, lines }) => (
          <View key={heading} style={styles.part}>
            <Text variant="titleMedium" role="heading" aria-level={2}>
              {heading}
            </Text>
            {lines.map((line) => (
              <Text key={line} variant="bodyLarge">
                {line}
              </Text>
            ))}
          </View>
        ))}
        <Text variant="bodyLarge">
          {PRIVACY.madeWith}{' '}
          <Text
            variant="bodyLarge"
            role="link"
            {...{ href: '/licences.txt', hrefAttrs: { target: '_blank' } }}
            style={styles.link}
          >
            {PRIVACY.licences}
          </Text>
        </Text>
      </ScrollView>
    </Screen>
  );
}

const styles = StyleSheet.create({
  page: { padding: 16, gap: 16, maxWidth: 680, width: '100%', alignSelf: 'center' },
  part: { gap: 4 },
  link: { textDecorationLine: 'underline' },
});
