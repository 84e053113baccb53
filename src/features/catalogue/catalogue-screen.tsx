import { Slot, useGlobalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View, useWindowDimensions } from 'react-native';
import { Screen, WIDE, useTokens } from '@/design';
import type { MoveId } from '@/core/ids';
import type { Wanted } from '@/core/library';
import { MoveList } from './move-list';
import { CATALOGUE } from './strings';

/** All moves, to browse and search; one in full beside them, or in their place on a phone. */
export function CatalogueScreen() {
  const t = useTokens();
  const router = useRouter();
  const { id } = useGlobalSearchParams<{ id?: string }>();
  const wide = useWindowDimensions().width >= WIDE;
  const [wanted, setWanted] = useState<Wanted>({});
  const open = (one: MoveId) =>
    wide ? router.replace(`/moves/${one}`) : router.push(`/moves/${one}`);
  const alone = !wide && id !== undefined;
  return (
    <Screen title={CATALOGUE.title} onBack={() => router.replace(alone ? '/moves' : '/')}>
      <View style={styles.panes}>
        {/* It stays where it is while a move is shown in its place. */}
        <View style={[styles.pane, { borderRightColor: t.line }, alone && styles.away]}>
          <MoveList wanted={wanted} onWanted={setWanted} chosen={id} onChoose={open} />
        </View>
        <View style={[styles.pane, !wide && !alone && styles.away]}>
          <Slot />
        </View>
      </View>
    </Screen>
  );
}

const styles = StyleSheet.create({
  panes: { flex: 1, flexDirection: 'row', minHeight: 0 },
  pane: { flexGrow: 1, flexShrink: 1, flexBasis: 0, minHeight: 0, borderRightWidth: 1 },
  away: { display: 'none' },
});
