import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { moveIdSchema } from '@/core/common';
import { catalogueWith } from '@/core/moves';
import { emptyDraft, type Wanted } from '@/core/writing';
import { Target, useTokens } from '@/design';
import {
  draftKept,
  ownWordsTaken,
  selectOwnMoves,
  useAppDispatch,
  useAppSelector,
  useNewId,
  saveOwnMoves,
} from '@/state';
import { dayShown } from '@/words/moments';
import { CATALOGUE } from './strings';

interface OwnPanelProps {
  readonly wanted: Wanted;
  readonly onWanted: (wanted: Wanted) => void;
}

/** Writing moves of one's own, going on with one, and taking them in and out. */
export function OwnPanel({ wanted, onWanted }: OwnPanelProps) {
  const t = useTokens();
  const router = useRouter();
  const dispatch = useAppDispatch();
  const newId = useNewId();
  const own = useAppSelector(selectOwnMoves);
  const drafts = useAppSelector((state) => state.moves.drafts);
  const write = () => {
    const draft = emptyDraft(moveIdSchema.parse(`own-${newId()}`), CATALOGUE.easyBreath);
    dispatch(draftKept(draft));
    router.push(`/write-move/${draft.id}`);
  };
  return (
    <View
      role="group"
      aria-label={CATALOGUE.own}
      style={[styles.all, { borderColor: t.line, backgroundColor: t.sheet }]}
    >
      <Target
        role="switch"
        label={CATALOGUE.onlyOwn}
        look={wanted.own ? 'filled' : 'outlined'}
        checked={wanted.own === true}
        onPress={() => onWanted({ ...wanted, own: wanted.own ? undefined : true })}
      />
      <Target label={CATALOGUE.write} icon="add" onPress={write} />
      {Object.values(drafts).map(({ id, name }) => (
        <Target
          key={id}
          icon="rename"
          label={CATALOGUE.goOn(name.trim() || CATALOGUE.unnamed)}
          onPress={() => router.push(`/write-move/${id}`)}
        />
      ))}
      {own.length > 0 && (
        <Target label={CATALOGUE.save} icon="save" onPress={() => dispatch(saveOwnMoves())} />
      )}
      <YourWords />
      <Target label={CATALOGUE.bringIn} icon="open" onPress={() => router.push('/bring-in')} />
    </View>
  );
}

/** Words that were chosen for moves in the line for adding; each can be taken back. */
function YourWords() {
  const t = useTokens();
  const dispatch = useAppDispatch();
  const words = useAppSelector((state) => state.ownWords);
  const own = useAppSelector(selectOwnMoves);
  const catalogue = catalogueWith(own);
  const all = Object.values(words).sort((a, b) => a.id.localeCompare(b.id));
  if (all.length === 0) return null;
  return (
    <View role="list" aria-label={CATALOGUE.yourWords} style={styles.words}>
      <Text variant="titleMedium">{CATALOGUE.yourWords}</Text>
      {all.map(({ id, moves, on }) => {
        const names = moves.map((move) => catalogue.byId.get(move)?.name ?? CATALOGUE.moveGone);
        return (
          <View role="listitem" key={id} style={styles.word}>
            <Text variant="bodyMedium" style={[styles.grow, { color: t.ink }]}>
              {CATALOGUE.means(id, names, dayShown(on))}
            </Text>
            <Target
              look="plain"
              label={CATALOGUE.takeBack}
              said={`${CATALOGUE.takeBack}: ${id}`}
              onPress={() => dispatch(ownWordsTaken(id))}
            />
          </View>
        );
      })}
    </View>
  );
}

const styles = StyleSheet.create({
  all: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    gap: 8,
    padding: 12,
    borderWidth: 1,
    borderRadius: 12,
  },
  words: { width: '100%' },
  word: { flexDirection: 'row', alignItems: 'center', gap: 8 },
  grow: { flex: 1, minWidth: 0 },
});
