import { ScrollView, StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useTokens } from '@/design';
import { LEAD } from './strings';
import type { LeadView } from './view';

/** What the stage gives up for watch points and options, while somebody reads them. */
export const POINTS_HEIGHT = 168;

/** What to look at and how to change it; beside the seconds, never in their place. */
export function Points({ points }: Pick<LeadView, 'points'>) {
  const t = useTokens();
  return (
    <ScrollView style={[styles.points, { borderTopColor: t.line }]} tabIndex={0}>
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
    </ScrollView>
  );
}

const styles = StyleSheet.create({
  points: { height: POINTS_HEIGHT, flexGrow: 0, borderTopWidth: 1, paddingHorizontal: 20 },
  point: { paddingVertical: 8, gap: 4 },
});
