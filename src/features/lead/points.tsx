import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useTokens } from '@/design';
import { LEAD } from './strings';
import type { LeadView } from './view';

/** What to look at and how to change it, for each way of taking part. */
export function Points({ points }: Pick<LeadView, 'points'>) {
  const t = useTokens();
  return (
    <View style={styles.points}>
      {points.map(({ title, watch, breath, easier, further }) => (
        <View key={title} style={styles.point}>
          {title !== '' && (
            <Text variant="titleMedium" role="heading" aria-level={2}>
              {title}
            </Text>
          )}
          {(
            [
              [LEAD.watch, watch.join(' · ')],
              [LEAD.breath, breath],
              [LEAD.easier, easier],
              [LEAD.further, further],
            ] as const
          )
            .filter(([, text]) => text !== '')
            .map(([name, text]) => (
              <Text key={name} variant="bodyLarge">
                <Text variant="bodyLarge" style={{ color: t.quiet }}>
                  {name}:{' '}
                </Text>
                {text}
              </Text>
            ))}
        </View>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  points: { gap: 8 },
  point: { gap: 4 },
});
