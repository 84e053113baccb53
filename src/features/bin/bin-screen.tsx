import { useRouter } from 'expo-router';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { Screen, Target, useTokens } from '@/design';
import { useHall } from '@/features/frame';
import { Notices } from '@/features/notices';
import {
  BIN_DAYS,
  askToClear,
  daysLeft,
  letRoutineGo,
  lotGone,
  restoreLot,
  restoreRoutine,
  useAppDispatch,
  useAppSelector,
  useNow,
} from '@/state';
import { BIN } from './strings';

/** Routines that were deleted, each to be brought back or let go for good. */
export function BinScreen() {
  const t = useTokens();
  const router = useRouter();
  const dispatch = useAppDispatch();
  const now = useNow();
  const bin = useAppSelector((state) => state.bin);
  const { hall } = useHall();
  const hasDemo = useAppSelector(({ routines, people }) =>
    [...Object.keys(routines), ...Object.keys(people)].some((id) => id.startsWith('demo-')),
  );
  const lots = useAppSelector((state) => state.lots);
  const latestFirst = (a: { binnedAt: string }, b: { binnedAt: string }) =>
    b.binnedAt.localeCompare(a.binnedAt);
  const rows = [
    ...Object.values(lots)
      .sort(latestFirst)
      .map((lot) => ({
        id: lot.id,
        title: BIN.lot(Object.keys(lot.kept).filter((key) => key.startsWith('routine/')).length),
        binnedAt: lot.binnedAt,
        restore: () => dispatch(restoreLot(lot.id)),
        letGo: () => dispatch(lotGone(lot.id)),
      })),
    ...Object.values(bin)
      .sort(latestFirst)
      .map(({ binnedAt, routine: { id, title } }) => ({
        id: id as string,
        title,
        binnedAt,
        restore: () => dispatch(restoreRoutine(id)),
        letGo: () => dispatch(letRoutineGo(id)),
      })),
  ];
  return (
    <Screen title={BIN.title} onBack={() => router.replace('/routines')}>
      <ScrollView contentContainerStyle={styles.page}>
        <Text variant="bodyMedium" style={{ color: t.quiet }}>
          {rows.length > 0 ? BIN.hint(BIN_DAYS) : BIN.empty}
        </Text>
        <Notices />
        <View role="list" aria-label={BIN.title} style={styles.list}>
          {rows.map(({ id, title, binnedAt, restore, letGo }) => (
            <View
              key={id}
              role="listitem"
              style={[styles.row, { backgroundColor: t.sheet, borderColor: t.line }]}
            >
              <Text variant="titleLarge">{title}</Text>
              <Text variant="bodyMedium" style={{ color: t.quiet }}>
                {BIN.left(Math.max(0, daysLeft({ binnedAt }, now())))}
              </Text>
              <View style={styles.targets}>
                <Target
                  label={BIN.restore}
                  said={BIN.restoreOne(title)}
                  onPress={() => restore()}
                />
                <Target
                  look="plain"
                  label={BIN.gone}
                  said={BIN.goneOne(title)}
                  onPress={() => letGo()}
                />
              </View>
            </View>
          ))}
        </View>
        {hasDemo && (
          <Target label={BIN.clearDemo} align="start" onPress={() => void askToClear(hall)} />
        )}
      </ScrollView>
    </Screen>
  );
}

const styles = StyleSheet.create({
  page: { padding: 16, gap: 16, maxWidth: 760, width: '100%', alignSelf: 'center' },
  list: { gap: 8 },
  row: { borderWidth: 1, borderRadius: 12, padding: 16, gap: 4 },
  targets: { flexDirection: 'row', flexWrap: 'wrap', gap: 8, paddingTop: 4 },
});
