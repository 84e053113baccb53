import { useRouter } from 'expo-router';
import { memo, useMemo, useState } from 'react';
import { ScrollView, StyleSheet, View, useWindowDimensions } from 'react-native';
import { Text } from 'react-native-paper';
import { SHIPPED, type Move } from '@/core/moves';
import { itemsOutOfLine } from '@/core/routine';
import { draftOf, mustMend, type MoveDraft } from '@/core/writing';
import { Screen, Target, WIDE, useTokens } from '@/design';
import { NotFoundScreen, Saving } from '@/features/notices';
import { MoveSheet } from '@/features/moves';
import { showFirstToMend } from '@/platform/page';
import { dropDraft, keepMove, selectCatalogue, useAppDispatch, useAppSelector } from '@/state';
import { listWords } from '@/words/findings';
import { LevelsSection } from './levels-section';
import { FoundContext } from './problems';
import { DoseSection, NameSection, SidesSection, WordsSection, WorkSection } from './sections';
import { WRITE } from './strings';
import { useDraft } from './use-draft';

/** Writes a move of one's own, or changes one that is there. */
export function WriteMoveScreen({ id }: { readonly id: string }) {
  const draft = useAppSelector((state) =>
    Object.values(state.moves.drafts).find((one) => one.id === id),
  );
  const move = useAppSelector((state) => selectCatalogue(state).byId.get(id));
  const [start] = useState(() => draft ?? (move && draftOf(move)));
  if (!start) return <NotFoundScreen />;
  return <Writer start={start} move={move} />;
}

interface WriterProps {
  readonly start: MoveDraft;
  /** The move as it is kept; undefined for a new one. */
  readonly move: Move | undefined;
}

function Writer({ start, move }: WriterProps) {
  const t = useTokens();
  const router = useRouter();
  const dispatch = useAppDispatch();
  const wide = useWindowDimensions().width >= WIDE;
  const { control, setValue, readNow, move: written, problems, after } = useDraft(start);
  const [tries, setTries] = useState(0);
  const [base] = useState(move);
  const found = useMemo(() => ({ problems, tries }), [problems, tries]);
  const toMend = problems.filter(mustMend).length;
  const back = () => router.replace(move ? `/moves/${move.id}` : '/moves');
  const keep = () => {
    const now = readNow().move;
    if (!now) {
      setTries(tries + 1);
      showFirstToMend();
      return;
    }
    dispatch(keepMove(now));
    router.replace(`/moves/${now.id}`);
  };
  const letGo = () => {
    dispatch(dropDraft(start.id));
    back();
  };
  return (
    <Screen
      title={move ? WRITE.changeTitle(move.name) : WRITE.newTitle}
      onBack={back}
      right={<Saving />}
    >
      <View style={styles.panes}>
        <View style={styles.pane}>
          <ScrollView contentContainerStyle={styles.form}>
            <Text variant="bodyMedium" style={[styles.text, { color: t.quiet }]}>
              {WRITE.hint}
            </Text>
            {move !== base && (
              <Text role="alert" variant="bodyMedium" style={[styles.text, { color: t.clay }]}>
                {WRITE.meanwhile}
              </Text>
            )}
            <FoundContext value={found}>
              <NameSection control={control} startsOpen={!move} />
              <WorkSection control={control} />
              <SidesSection control={control} />
              <DoseSection control={control} />
              <WordsSection control={control} />
              <LevelsSection control={control} setValue={setValue} />
            </FoundContext>
          </ScrollView>
          <View style={[styles.foot, { borderTopColor: t.line, backgroundColor: t.sheet }]}>
            <View style={[styles.said, !wide && styles.whole]} aria-live="polite">
              <Text
                variant="bodyMedium"
                style={{ color: tries > 0 && toMend > 0 ? t.clay : t.quiet }}
              >
                {toMend > 0 ? WRITE.toMend(toMend) : WRITE.ready}
              </Text>
              {written && <OutOfLine move={written} />}
            </View>
            <Target label={WRITE.letGo} onPress={letGo} />
            <Target label={WRITE.keep} look="filled" icon="check" onPress={keep} />
          </View>
        </View>
        {wide && (
          <ScrollView style={[styles.pane, { borderLeftColor: t.line, borderLeftWidth: 1 }]}>
            {written && after ? (
              <Preview move={written} catalogue={after} />
            ) : (
              <Text variant="bodyLarge" style={styles.pick}>
                {WRITE.noPreview}
              </Text>
            )}
          </ScrollView>
        )}
      </View>
    </Screen>
  );
}

/** The move as it would be read; drawn when there is time, while somebody types. */
const Preview = memo(MoveSheet);

/** Routines with a line that names what the move, as written, no longer has. */
function OutOfLine({ move }: { readonly move: Move }) {
  const routines = useAppSelector((state) => state.routines);
  const isKnown = useAppSelector(
    (state) => state.moves.own[move.id] !== undefined || SHIPPED.byId.has(move.id),
  );
  const titles = useMemo(
    () =>
      isKnown
        ? Object.values(routines)
            .filter(({ routine }) => itemsOutOfLine(routine, [move]).length > 0)
            .map(({ routine }) => `“${routine.title}”`)
        : [],
    [routines, move, isKnown],
  );
  if (titles.length === 0) return null;
  return <Text variant="bodyMedium">{WRITE.outOfLine(listWords(titles))}</Text>;
}

const styles = StyleSheet.create({
  panes: { flex: 1, flexDirection: 'row', minHeight: 0 },
  pane: { flexGrow: 1, flexShrink: 1, flexBasis: 0, minHeight: 0 },
  form: { paddingBottom: 24 },
  text: { paddingHorizontal: 16, paddingVertical: 12 },
  foot: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    justifyContent: 'flex-end',
    gap: 8,
    padding: 12,
    borderTopWidth: 1,
  },
  said: { flexGrow: 1, flexShrink: 1, flexBasis: 180 },
  whole: { flexBasis: '100%' },
  pick: { padding: 24 },
});
