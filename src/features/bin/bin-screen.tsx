import { useRouter } from 'expo-router';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { Screen, Target, useTokens } from '@/design';
import {
  BIN_DAYS,
  daysLeft,
  letRoutineGo,
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
  const rows = Object.values(bin).sort((a, b) => b.binnedAt.localeCompare(a.binnedAt));
  return (
    <Screen title={BIN.title} onBack={() => router.replace('/routines')}>
      <ScrollView contentContainerStyle={styles.page}>
        <Text variant="bodyMedium" style={{ color: t.quiet }}>
          {rows.length > 0 ? BIN.hint(BIN_DAYS) : BIN.empty}
        </Text>
        <View role="list" aria-label={BIN.title} style={styles.list}>
          {rows.map((binned) => {
            const { id, title } = binned.routine;
            return (
              <View
                key={id}
                role="listitem"
                style={[styles.row, { backgroundColor: t.sheet, borderColor: t.line }]}
              >
                <Text variant="titleLarge">{title}</Text>
                <Text variant="bodyMedium" style={{ color: t.quiet }}>
                  {BIN.left(daysLeft(binned, now()))}
                </Text>
                <View style={styles.targets}>
                  <Target
                    label={BIN.restore}
                    said={BIN.restoreOne(title)}
                    onPress={() => dispatch(restoreRoutine(id))}
                  />
                  <Target
                    look="plain"
                    label={BIN.gone}
                    said={BIN.goneOne(title)}
                    onPress={() => dispatch(letRoutineGo(id))}
                  />
                </View>
              </View>
            );
          })}
        </View>
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
