import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { moveIdSchema } from '@/core/common';
import { emptyDraft, type Wanted } from '@/core/writing';
import { Target, useTokens } from '@/design';
import {
  draftKept,
  selectOwnMoves,
  useAppDispatch,
  useAppSelector,
  useNewId,
  saveOwnMoves,
} from '@/state';
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
      <Target label={CATALOGUE.bringIn} icon="open" onPress={() => router.push('/bring-in')} />
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
});
