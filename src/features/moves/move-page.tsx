import { useRouter } from 'expo-router';
import { useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { moveIdSchema, type MoveId } from '@/core/common';
import { SHIPPED, type Move } from '@/core/moves';
import { draftOf, isAsShipped, isShipped } from '@/core/writing';
import { Target, useTokens } from '@/design';
import {
  draftKept,
  letMoveGo,
  selectCatalogue,
  useAppDispatch,
  useAppSelector,
  useNewId,
} from '@/state';
import { MoveSheet } from './move-sheet';
import { AddToRoutine } from './add-to-routine';
import { CATALOGUE } from './strings';

/** Beside the list while no move is chosen. */
export function ChooseAMove() {
  return (
    <Text variant="bodyLarge" style={styles.pick}>
      {CATALOGUE.pick}
    </Text>
  );
}

/** One move in full, with what can be done with it. */
export function MovePage({ id }: { readonly id: string }) {
  const router = useRouter();
  const catalogue = useAppSelector(selectCatalogue);
  const [original, setOriginal] = useState(false);
  const move = catalogue.byId.get(id);
  const choose = (one: MoveId) => router.replace(`/moves/${one}`);
  if (!move) {
    return (
      <View style={styles.gone}>
        <Text variant="bodyLarge">{CATALOGUE.gone}</Text>
        <Target label={CATALOGUE.all} onPress={() => router.replace('/moves')} />
      </View>
    );
  }
  const shown = (original && SHIPPED.byId.get(id)) || move;
  return (
    <ScrollView>
      <MoveSheet
        move={shown}
        catalogue={original ? SHIPPED : catalogue}
        onChoose={choose}
        actions={<Actions move={move} shown={shown} onOriginal={setOriginal} />}
      />
    </ScrollView>
  );
}

interface ActionsProps {
  readonly move: Move;
  /** The move itself, or the original of one that was changed. */
  readonly shown: Move;
  readonly onOriginal: (shown: boolean) => void;
}

function Actions({ move, shown, onOriginal }: ActionsProps) {
  const t = useTokens();
  const router = useRouter();
  const dispatch = useAppDispatch();
  const newId = useNewId();
  const draft = useAppSelector((state) => state.moves.drafts[move.id]);
  const original = shown !== move;
  const changed = isShipped(move.id) && !isAsShipped(move);
  const own = !isShipped(move.id);
  const copy = () => {
    const id = moveIdSchema.parse(`own-${newId()}`);
    const name = CATALOGUE.copyName(shown.name);
    dispatch(draftKept({ ...draftOf(shown), id, name, otherNames: '' }));
    router.push(`/write-move/${id}`);
  };
  const remove = () => {
    dispatch(letMoveGo(move.id));
    onOriginal(false);
    if (own) router.replace('/moves');
  };
  const status = original
    ? CATALOGUE.thisIsOriginal
    : changed
      ? CATALOGUE.changedHere
      : own
        ? CATALOGUE.ownHere
        : undefined;
  return (
    <View style={styles.actions}>
      {status && (
        <Text variant="bodyMedium" style={[styles.status, { color: t.bark }]}>
          {status}
        </Text>
      )}
      {!original && <AddToRoutine move={move.id} />}
      <Target
        label={draft ? CATALOGUE.goOnChanging : CATALOGUE.change}
        icon="rename"
        onPress={() => router.push(`/write-move/${move.id}`)}
      />
      <Target label={CATALOGUE.copy} icon="copy" onPress={copy} />
      {changed && (
        <>
          <Target
            role="switch"
            checked={original}
            look={original ? 'filled' : 'outlined'}
            label={CATALOGUE.showOriginal}
            onPress={() => onOriginal(!original)}
          />
          <Target label={CATALOGUE.revert} icon="undo" onPress={remove} />
        </>
      )}
      {own && <Target label={CATALOGUE.delete} icon="delete" onPress={remove} />}
    </View>
  );
}

const styles = StyleSheet.create({
  pick: { padding: 24 },
  gone: { padding: 24, gap: 16, alignItems: 'flex-start' },
  actions: { flexDirection: 'row', flexWrap: 'wrap', gap: 8, alignItems: 'center' },
  status: { width: '100%' },
});
