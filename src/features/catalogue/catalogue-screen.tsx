import { useRouter } from 'expo-router';
import { useDeferredValue, useMemo, useState } from 'react';
import {
  FlatList,
  Pressable,
  ScrollView,
  StyleSheet,
  View,
  useWindowDimensions,
} from 'react-native';
import { Button, Text } from 'react-native-paper';
import { Field, Screen, TARGET, Target, WIDE, useTokens } from '@/design';
import { hasMove, moveById, usualLevel, type Move } from '@/core/catalog';
import type { MoveId } from '@/core/ids';
import { findMoves, type Wanted } from '@/core/library';
import { NotFoundScreen } from '@/features/app/not-found-screen';
import { POSITION_NAMES, REGION_NAMES } from '@/words';
import { Facets } from './facets';
import { MoveSheet } from './move-sheet';
import { CATALOGUE, KIND_NAMES } from './strings';

/** What was looked for last, so that coming back from a sheet finds it again. */
let lastWanted: Wanted = {};

/** All moves, to browse and search; one in full beside them, or on its own on a phone. */
export function CatalogueScreen({ id }: { readonly id?: string }) {
  const router = useRouter();
  const wide = useWindowDimensions().width >= WIDE;
  const [wanted, setWanted] = useState(lastWanted);
  const want = (next: Wanted) => {
    lastWanted = next;
    setWanted(next);
  };
  if (id !== undefined && !hasMove(id)) return <NotFoundScreen />;
  const move = id === undefined ? undefined : moveById(id as MoveId);
  const choose = (one: MoveId) => router.replace(`/moves/${one}`);
  const open = (one: MoveId) => (wide ? choose(one) : router.push(`/moves/${one}`));
  const sheet = move && <MoveSheet key={move.id} move={move} onChoose={choose} />;
  if (!wide && sheet) {
    return (
      <Screen title={CATALOGUE.title} onBack={() => router.replace('/moves')}>
        <ScrollView>{sheet}</ScrollView>
      </Screen>
    );
  }
  return (
    <Screen title={CATALOGUE.title} onBack={() => router.replace('/')}>
      <View style={styles.panes}>
        <MoveList wanted={wanted} onWanted={want} chosen={move?.id} onChoose={open} />
        {wide && (
          <ScrollView style={styles.sheet}>
            {sheet ?? (
              <Text variant="bodyLarge" style={styles.pick}>
                {CATALOGUE.pick}
              </Text>
            )}
          </ScrollView>
        )}
      </View>
    </Screen>
  );
}

interface MoveListProps {
  readonly wanted: Wanted;
  readonly onWanted: (wanted: Wanted) => void;
  readonly chosen: MoveId | undefined;
  readonly onChoose: (id: MoveId) => void;
}

function MoveList({ wanted, onWanted, chosen, onChoose }: MoveListProps) {
  const t = useTokens();
  const window = useWindowDimensions();
  const wide = window.width >= WIDE;
  const [facetsOpen, setFacetsOpen] = useState(false);
  const looked = useDeferredValue(wanted);
  const moves = useMemo(() => findMoves(looked), [looked]);
  const narrowed = Object.values(wanted).some((value) => value !== undefined && value !== '');
  return (
    <View style={[styles.list, { borderRightColor: t.line }]}>
      <View style={styles.head}>
        <Field
          label={CATALOGUE.find}
          value={wanted.words ?? ''}
          onChangeText={(words) => onWanted({ ...wanted, words })}
        />
        {!wide && (
          <Target
            label={CATALOGUE.narrow}
            look="plain"
            icon={facetsOpen ? 'less' : 'more'}
            expanded={facetsOpen}
            style={styles.narrow}
            onPress={() => setFacetsOpen(!facetsOpen)}
          />
        )}
        {(wide || facetsOpen) && (
          <ScrollView style={{ maxHeight: window.height * 0.45 }}>
            <Facets wanted={wanted} onWanted={onWanted} />
          </ScrollView>
        )}
        <View style={styles.count}>
          <Text variant="bodyLarge" aria-live="polite" style={[styles.grow, { color: t.quiet }]}>
            {moves.length === 0 ? CATALOGUE.noMove : CATALOGUE.count(moves.length)}
          </Text>
          {narrowed && (
            <Button contentStyle={styles.button} onPress={() => onWanted({})}>
              {CATALOGUE.clear}
            </Button>
          )}
        </View>
      </View>
      {moves.length > 0 && (
        <FlatList
          contentContainerStyle={styles.content}
          data={moves}
          keyExtractor={({ id }) => id}
          initialNumToRender={16}
          role="list"
          aria-label={CATALOGUE.title}
          renderItem={({ item }) => (
            <MoveRow move={item} chosen={item.id === chosen} onChoose={onChoose} />
          )}
        />
      )}
    </View>
  );
}

function MoveRow({
  move,
  chosen,
  onChoose,
}: {
  readonly move: Move;
  readonly chosen: boolean;
  readonly onChoose: (id: MoveId) => void;
}) {
  const t = useTokens();
  const about = [
    KIND_NAMES[move.kind],
    POSITION_NAMES[usualLevel(move).from],
    move.regions.map((region) => REGION_NAMES[region]).join(', '),
  ].join(' · ');
  return (
    <View role="listitem">
      <Pressable
        role="link"
        aria-current={chosen ? 'true' : undefined}
        onPress={() => onChoose(move.id)}
        style={[styles.row, { borderTopColor: t.line }, chosen && { backgroundColor: t.shade }]}
      >
        <Text variant="titleMedium">{move.name}</Text>
        <Text variant="bodyMedium" style={{ color: t.quiet }}>
          {about}
        </Text>
      </Pressable>
    </View>
  );
}

const styles = StyleSheet.create({
  panes: { flex: 1, flexDirection: 'row', minHeight: 0 },
  list: { flexGrow: 1, flexShrink: 1, flexBasis: 0, borderRightWidth: 1 },
  content: { paddingBottom: 24 },
  head: { padding: 16, paddingBottom: 4, gap: 8 },
  narrow: { alignSelf: 'flex-start', marginLeft: -12 },
  grow: { flexShrink: 1 },
  count: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    justifyContent: 'space-between',
    minHeight: TARGET,
  },
  button: { minHeight: TARGET },
  row: { minHeight: TARGET, paddingHorizontal: 16, paddingVertical: 10, borderTopWidth: 1 },
  sheet: { flexGrow: 1, flexShrink: 1, flexBasis: 0 },
  pick: { padding: 24 },
});
