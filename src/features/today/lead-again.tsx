import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { printClock } from '@/core/common';
import { TARGET, useTokens } from '@/design';
import { timesLed, useHallSelector, type Mark, type Row } from '@/state/hall';
import { countedWords, shortDayShown } from '@/words/groups';
import { TODAY } from './strings';

/** As many as are read at a look. */
const MOST_SHOWN = 4;

export interface LedBefore {
  readonly row: Row;
  readonly mark: Mark;
}

/** What was led lately and is in use, the last first. */
export function useLedLately(): readonly LedBefore[] {
  const rows = useHallSelector((state) => state.shelf.rows);
  const marks = useHallSelector((state) => state.marks);
  return Object.values(marks)
    .flatMap((mark): LedBefore[] => {
      const row = rows[mark.id];
      return row && mark.ledAt && !mark.archived ? [{ row, mark }] : [];
    })
    .sort((a, b) => Date.parse(b.mark.ledAt ?? '') - Date.parse(a.mark.ledAt ?? ''))
    .slice(0, MOST_SHOWN);
}

/**
 * What was led lately, a press each. A short break at desks that was led today already begins with that
 * press: its questions were asked at the first of the day.
 */
export function LeadAgain({
  led,
  today,
}: {
  readonly led: readonly LedBefore[];
  readonly today: string;
}) {
  const t = useTokens();
  const router = useRouter();
  return (
    <View role="list" aria-label={TODAY.again}>
      {led.map(({ row, mark }) => {
        const { id, title, totalMs, often } = row;
        const ledToday = mark.ledAt?.slice(0, 10) === today;
        const about = [
          printClock(totalMs),
          often ? countedWords(often, timesLed(mark, often.per, today)) : '',
          ledToday && often?.per === 'day' ? '' : TODAY.last(shortDayShown(mark.ledAt ?? '')),
        ].filter(Boolean);
        return (
          <View key={id} role="listitem" style={[styles.row, { borderBottomColor: t.line }]}>
            <View style={styles.words}>
              <Text variant="titleMedium" style={styles.title}>
                {title}
              </Text>
              <Text variant="bodyMedium" style={{ color: t.quiet }}>
                {about.join(' · ')}
              </Text>
            </View>
            <Button
              mode="outlined"
              contentStyle={styles.button}
              accessibilityLabel={TODAY.leadOne(title)}
              onPress={() => router.push(ledToday ? `/lead/${id}?again=1` : `/lead/${id}`)}
            >
              {TODAY.lead}
            </Button>
          </View>
        );
      })}
    </View>
  );
}

const styles = StyleSheet.create({
  row: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: 12,
    paddingVertical: 8,
    borderBottomWidth: 1,
  },
  words: { flex: 1, minWidth: 0 },
  title: { overflowWrap: 'anywhere' } as object,
  button: { minHeight: TARGET },
});
