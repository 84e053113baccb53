import { memo, useDeferredValue, useMemo, useState } from 'react';
import {
  FlatList,
  Pressable,
  ScrollView,
  StyleSheet,
  View,
  useWindowDimensions,
} from 'react-native';
import { Button, Text } from 'react-native-paper';
import { withCapital, type MoveId } from '@/core/common';
import { usualLevel, type Move } from '@/core/moves';
import type { LimitName } from '@/core/people';
import { isAsShipped, isShipped, limitsWithCare, searchSaid, type Wanted } from '@/core/writing';
import { Field, TARGET, Target, WIDE, useTokens } from '@/design';
import { selectCatalogue, useAppSelector } from '@/state';
import { listWords } from '@/words/findings';
import { LIMIT_NAMES, POSITION_NAMES, REGION_NAMES } from '@/words/names';
import { Facets } from './facets';
import { OwnPanel } from './own-panel';
import { Figure } from '@/features/figure';
import { saidWords } from './said-words';
import { CATALOGUE, KIND_NAMES } from './strings';

interface MoveListProps {
  readonly wanted: Wanted;
  readonly onWanted: (wanted: Wanted) => void;
  readonly chosen: string | undefined;
  readonly onChoose: (id: MoveId) => void;
}

/** The moves that have what is wanted, and what to want. */
export function MoveList({ wanted, onWanted, chosen, onChoose }: MoveListProps) {
  const t = useTokens();
  const window = useWindowDimensions();
  const wide = window.width >= WIDE;
  const [open, setOpen] = useState<'facets' | 'own'>();
  const catalogue = useAppSelector(selectCatalogue);
  const ownWords = useAppSelector((state) => state.ownWords);
  const writing = useAppSelector((state) => Object.keys(state.moves.drafts).length);
  const looked = useDeferredValue(wanted);
  const { moves, said } = useMemo(
    () => searchSaid(catalogue, looked, ownWords),
    [catalogue, looked, ownWords],
  );
  const narrowed = Object.values(wanted).some((value) => value !== undefined && value !== '');
  const opener = (what: 'facets' | 'own', label: string) => (
    <Target
      label={label}
      look="plain"
      icon={open === what ? 'less' : 'more'}
      expanded={open === what}
      onPress={() => setOpen(open === what ? undefined : what)}
    />
  );
  return (
    <View style={styles.list}>
      <View style={styles.head}>
        <Field
          label={CATALOGUE.find}
          value={wanted.words ?? ''}
          onChangeText={(words) => onWanted({ ...wanted, words })}
        />
        <View style={styles.openers}>
          {!wide && opener('facets', CATALOGUE.narrow)}
          {opener('own', writing > 0 ? CATALOGUE.ownWriting(writing) : CATALOGUE.own)}
        </View>
        {open === 'own' && <OwnPanel wanted={wanted} onWanted={onWanted} />}
        {(wide || open === 'facets') && (
          <ScrollView style={{ maxHeight: window.height * 0.45 }}>
            <Facets wanted={wanted} onWanted={onWanted} />
          </ScrollView>
        )}
        {said && (
          <Text variant="bodyMedium" style={{ color: t.quiet }}>
            {CATALOGUE.readAs(saidWords(said))}
          </Text>
        )}
        <View style={styles.count}>
          <Text variant="bodyLarge" aria-live="polite" style={[styles.grow, { color: t.quiet }]}>
            {moves.length > 0
              ? CATALOGUE.count(moves.length)
              : wanted.own
                ? CATALOGUE.noOwn
                : CATALOGUE.noMove}
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
          initialNumToRender={10}
          // One row with its figure fits between two frames of a slow phone; ten in one go do not.
          maxToRenderPerBatch={1}
          updateCellsBatchingPeriod={16}
          windowSize={11}
          role="list"
          aria-label={CATALOGUE.title}
          renderItem={({ item }) => (
            <MoveRow
              move={item}
              limits={looked.limits}
              chosen={item.id === chosen}
              onChoose={onChoose}
            />
          )}
        />
      )}
    </View>
  );
}

const NO_LIMITS: readonly LimitName[] = [];

/** Drawn anew only for itself: a list that scrolls asks all its rows at every turn. */
const MoveRow = memo(function MoveRow({
  move,
  limits = NO_LIMITS,
  chosen,
  onChoose,
}: {
  readonly move: Move;
  readonly limits?: readonly LimitName[] | undefined;
  readonly chosen: boolean;
  readonly onChoose: (id: MoveId) => void;
}) {
  const t = useTokens();
  const care = limitsWithCare(limits, move);
  const about = [
    !isAsShipped(move) && (isShipped(move.id) ? CATALOGUE.changed : CATALOGUE.yours),
    KIND_NAMES[move.kind],
    POSITION_NAMES[usualLevel(move).from],
    move.regions.map((region) => REGION_NAMES[region]).join(', '),
  ].filter(Boolean);
  return (
    <View role="listitem">
      <Pressable
        role="link"
        aria-current={chosen ? 'true' : undefined}
        onPress={() => onChoose(move.id)}
        style={[styles.row, { borderTopColor: t.line }, chosen && { backgroundColor: t.shade }]}
      >
        <Figure move={move} level={usualLevel(move)} width={84} height={63} />
        <View style={styles.words}>
          <Text variant="titleMedium" style={styles.name}>
            {move.name}
          </Text>
          <Text variant="bodyMedium" style={{ color: t.quiet }}>
            {about.join(' · ')}
          </Text>
          {care.length > 0 && (
            <Text variant="bodyMedium" style={{ color: t.bark }}>
              {withCapital(CATALOGUE.needsCare(listWords(care.map((limit) => LIMIT_NAMES[limit]))))}
            </Text>
          )}
        </View>
      </Pressable>
    </View>
  );
});

const styles = StyleSheet.create({
  list: { flex: 1, minHeight: 0 },
  content: { paddingBottom: 24 },
  head: { padding: 16, paddingBottom: 4, gap: 8 },
  openers: { flexDirection: 'row', flexWrap: 'wrap', marginLeft: -12 },
  grow: { flexShrink: 1 },
  count: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    justifyContent: 'space-between',
    minHeight: TARGET,
  },
  button: { minHeight: TARGET },
  row: {
    minHeight: TARGET,
    paddingHorizontal: 16,
    paddingVertical: 8,
    borderTopWidth: 1,
    flexDirection: 'row',
    alignItems: 'center',
    gap: 12,
  },
  words: { flex: 1, minWidth: 0 },
  name: { overflowWrap: 'anywhere' } as object,
});
