import { Slot, usePathname, useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View, useWindowDimensions } from 'react-native';
import type { MoveId } from '@/core/common';
import type { Wanted } from '@/core/writing';
import { Screen, WIDE, useSame, useTokens } from '@/design';
import { Places } from '@/features/frame';
import { Notices } from '@/features/notices';
import { MoveList } from './move-list';
import { CATALOGUE } from './strings';

/** All moves, to browse and search; one in full beside them, or in their place on a phone. */
export function MovesScreen() {
  const t = useTokens();
  const router = useRouter();
  // The parameters of an address stay with the pages around it when it goes back; the path does not.
  const id = /^\/moves\/([^/]+)/.exec(usePathname())?.[1];
  const wide = useWindowDimensions().width >= WIDE;
  const [wanted, setWanted] = useState<Wanted>({});
  const open = useSame((one: MoveId) =>
    wide ? router.replace(`/moves/${one}`) : router.push(`/moves/${one}`),
  );
  const alone = !wide && id !== undefined;
  return (
    <Screen
      title={CATALOGUE.title}
      {...(alone
        ? { onBack: () => router.replace('/moves') }
        : { heading: <Places here="Moves" /> })}
    >
      <View style={styles.notices}>
        <Notices about="moves" />
      </View>
      <View style={styles.panes}>
        {/* It stays where it is while a move is shown in its place. */}
        <View
          style={[
            styles.pane,
            wide && { borderRightColor: t.line, borderRightWidth: 1 },
            alone && styles.away,
          ]}
        >
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
  notices: { paddingHorizontal: 16, marginTop: 8 },
  panes: { flex: 1, flexDirection: 'row', minHeight: 0 },
  pane: { flexGrow: 1, flexShrink: 1, flexBasis: 0, minHeight: 0 },
  away: { display: 'none' },
});
