import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { Target, useTokens } from '@/design';
import { reload } from '@/platform/page';

const WAITING = {
  /** As the page says it while its scripts arrive. */
  opening: 'Opening your routines…',
  gone: 'A part of Hushed Willow could not be loaded. There may be no network just now, or a newer version is there. What you have kept is safe in this browser.',
  again: 'Try again',
  reload: 'Reload the page',
};

export function Waiting({ says = true }: { readonly says?: boolean }) {
  const t = useTokens();
  return (
    <View style={[styles.page, { backgroundColor: t.ground }]}>
      {says && <Text variant="bodyLarge">{WAITING.opening}</Text>}
    </View>
  );
}

/** What a page needs could not be fetched: said, with two ways on. */
export function ScriptsGone({ onAgain }: { readonly onAgain: () => void }) {
  const t = useTokens();
  return (
    <View role="main" style={[styles.page, { backgroundColor: t.ground }]}>
      <Text role="alert" variant="bodyLarge">
        {WAITING.gone}
      </Text>
      <View style={styles.presses}>
        <Target look="filled" label={WAITING.again} onPress={onAgain} />
        <Target label={WAITING.reload} onPress={() => reload()} />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  page: { flex: 1, padding: 24, gap: 16 },
  presses: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
