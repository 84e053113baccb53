import { useRouter } from 'expo-router';
import { memo, useDeferredValue, useEffect, useState } from 'react';
import { ScrollView, StyleSheet, View, useWindowDimensions } from 'react-native';
import { Button, IconButton, TextInput } from 'react-native-paper';
import { type ItemId, printClock } from '@/core/common';
import {
  acceptFindings,
  addEntries,
  changeHeader,
  entryAt,
  hasEntry,
  placeOf,
} from '@/core/routine';
import { Screen, TARGET, Target, WIDE, useTokens } from '@/design';
import { NotFoundScreen, Saving } from '@/features/notices';
import { PageSheet } from '@/features/page-in';
import { onKey, showRow } from '@/platform/page';
import {
  changeRedone,
  changeUndone,
  scoreOf,
  useAppDispatch,
  useAppSelector,
  useNewId,
} from '@/state';
import { AddingLine } from './adding-line';
import { EntryPanel } from './entry-panel';
import { TO_MAIN, type GoesTo } from './goes-to';
import { FindingsCount, FindingsPanel, useFindings } from './findings';
import { HeaderPanel } from './header-panel';
import { MovesPane } from './moves-pane';
import { ProposalPanel, useProposals } from './proposal';
import { TimeBand } from './strand';
import { StrandList } from './strand-list';
import { BUILD, PROPOSAL } from './strings';
import { Totals } from './totals';
import { useRoutine, type Editing } from './use-routine';
import { useSame } from './use-same';

/** One routine: its strand, its time, and everything to change it with. */
export function BuilderScreen({ id: address }: { readonly id: string }) {
  const { id, routine, change } = useRoutine(address);
  if (!id || !routine) return <NotFoundScreen />;
  return <Builder id={id} routine={routine} change={change} />;
}

function Builder(editing: Editing) {
  const t = useTokens();
  const router = useRouter();
  const window = useWindowDimensions();
  const wide = window.width >= WIDE;
  const { id, routine } = editing;
  const [chosenId, setChosen] = useState<ItemId>();
  const [goesTo, setGoesTo] = useState<GoesTo>(TO_MAIN);
  const [page, setPage] = useState<string>();
  const [newest, setNewest] = useState<ItemId>();
  const newId = useNewId();
  const [aboutOpen, setAboutOpen] = useState(false);
  const [findingsOpen, setFindingsOpen] = useState(wide);
  const proposals = useProposals(editing);
  const { proposal } = proposals;
  const preview = proposal?.kind === 'preview' ? proposal : undefined;
  const shown = preview?.after ?? routine;
  const findings = useFindings(shown);
  const chosen =
    chosenId && hasEntry(routine, chosenId)
      ? entryAt(routine, placeOf(routine, chosenId))
      : undefined;
  // What was pressed answers at once; the strand and the figures are drawn a moment after it.
  const drawn = useDeferredValue(shown);
  const drawnBefore = useDeferredValue(routine);
  const canLead = scoreOf(routine).totalMs > 0;
  useUndoKeys(id);
  useEffect(() => {
    if (chosenId) showRow(chosenId);
  }, [chosenId]);
  useEffect(() => {
    if (newest && hasEntry(drawn, newest)) showRow(newest);
  }, [newest, drawn]);
  const close = () => setChosen(undefined);
  const showAdded = (added: ItemId) => {
    if (wide) setChosen(added);
    setNewest(added);
  };
  const choose = (entry: ItemId) => {
    proposals.leave();
    if (!wide) setFindingsOpen(false);
    setChosen(entry);
    setGoesTo({ after: entry });
  };
  // What is drawn anew only for what it shows has to be handed the same functions.
  const chooseRow = useSame(choose);
  const named = useSame((title: string) => editing.change(changeHeader(routine, { title })));
  const showFindings = () => {
    proposals.leave();
    close();
    setFindingsOpen(chosen !== undefined || proposal !== undefined || !findingsOpen);
  };
  const propose = (ask: () => void) => () => {
    close();
    ask();
  };
  const keepFinding = (ids: readonly ItemId[], finding: string, why: string) => {
    const change = acceptFindings(routine, ids, finding, why);
    if (change) editing.change(change);
  };
  const panel = proposal ? (
    <ProposalPanel proposal={proposal} proposals={proposals} />
  ) : chosen ? (
    <EntryPanel key={chosen.id} entry={chosen} {...editing} onClose={close} />
  ) : findingsOpen ? (
    <FindingsPanel
      findings={findings}
      routine={routine}
      onMend={proposals.mend}
      onKeep={keepFinding}
      onChoose={choose}
      onClose={() => setFindingsOpen(false)}
    />
  ) : undefined;
  const { slotMs } = routine;
  const lead = (
    <Button
      mode="contained"
      disabled={!canLead || preview !== undefined}
      contentStyle={styles.button}
      onPress={() => router.push(`/lead/${id}`)}
    >
      {BUILD.lead}
    </Button>
  );
  return (
    <Screen
      title={routine.title}
      heading={<TitleField key={routine.title} title={routine.title} onNamed={named} />}
      onBack={() => router.replace('/')}
      right={lead}
      below={
        <>
          <View style={wide && styles.wideHead}>
            <Totals routine={drawn} />
            <View style={[styles.tools, styles.asks]}>
              <FindingsCount
                findings={findings}
                open={findingsOpen && !proposal && !chosen}
                onPress={showFindings}
              />
              <Target
                label={slotMs === undefined ? PROPOSAL.fit : PROPOSAL.fitTo(printClock(slotMs))}
                disabled={!canLead}
                onPress={propose(() =>
                  slotMs === undefined ? proposals.askLength() : void proposals.fit(slotMs),
                )}
              />
              <Target
                label={PROPOSAL.order}
                disabled={!canLead}
                onPress={propose(() => void proposals.order())}
              />
            </View>
            <View style={styles.tools}>
              <Target
                label={BUILD.about}
                look="plain"
                icon={aboutOpen ? 'less' : 'more'}
                expanded={aboutOpen}
                style={styles.about}
                onPress={() => setAboutOpen(!aboutOpen)}
              />
              <Saving />
              <UndoButtons id={id} />
            </View>
          </View>
          {aboutOpen && (
            <ScrollView style={{ maxHeight: window.height / 2 }}>
              <HeaderPanel {...editing} />
              <Target
                label={BUILD.print}
                icon="print"
                disabled={!canLead}
                style={styles.print}
                onPress={() => router.push(`/print/${id}`)}
              />
            </ScrollView>
          )}
          <TimeBand score={scoreOf(drawn)} onChoose={chooseRow} />
        </>
      }
    >
      {page !== undefined ? (
        <PageSheet
          text={page}
          setting={routine}
          onTake={(placed) => {
            editing.change(addEntries(routine, placed, newId));
            setPage(undefined);
          }}
          onLeave={() => setPage(undefined)}
        />
      ) : (
        <View style={styles.panes}>
          {wide && (
            <MovesPane
              {...editing}
              goesTo={goesTo}
              onAdded={(added) => {
                setChosen(added);
                setGoesTo({ after: added });
              }}
            />
          )}
          <View style={[styles.middle, { backgroundColor: t.sheet }]}>
            <StrandList
              routine={drawn}
              before={drawnBefore}
              findings={findings.byEntry}
              chosen={chosen?.id}
              onChoose={chooseRow}
            />
            {!wide && panel && (
              <ScrollView
                style={[styles.sheet, { backgroundColor: t.ground, borderTopColor: t.ink }]}
              >
                {panel}
              </ScrollView>
            )}
            {(wide || !panel) && (
              <AddingLine
                {...editing}
                goesTo={goesTo}
                onGoesTo={setGoesTo}
                onAdded={showAdded}
                onPage={setPage}
              />
            )}
          </View>
          {wide && (
            <ScrollView style={[styles.right, { borderLeftColor: t.line }]}>{panel}</ScrollView>
          )}
        </View>
      )}
    </Screen>
  );
}

interface TitleFieldProps {
  readonly title: string;
  readonly onNamed: (title: string) => void;
}

const TitleField = memo(function TitleField({ title, onNamed }: TitleFieldProps) {
  const [typed, setTyped] = useState(title);
  const keep = () => {
    const next = typed.trim();
    if (next === '') setTyped(title);
    else if (next !== title) onNamed(next);
  };
  return (
    <TextInput
      dense
      style={styles.title}
      contentStyle={styles.titleText}
      accessibilityLabel={BUILD.title}
      value={typed}
      maxLength={120}
      onChangeText={setTyped}
      onBlur={keep}
      onSubmitEditing={keep}
      underlineColor="transparent"
    />
  );
});

const UndoButtons = memo(function UndoButtons({ id }: Pick<Editing, 'id'>) {
  const dispatch = useAppDispatch();
  const kept = useAppSelector((state) => state.routines[id]);
  return (
    <>
      <IconButton
        icon="undo"
        style={styles.icon}
        accessibilityLabel={BUILD.undo}
        disabled={!kept?.past.length}
        onPress={() => dispatch(changeUndone(id))}
      />
      <IconButton
        icon="redo"
        style={styles.icon}
        accessibilityLabel={BUILD.redo}
        disabled={!kept?.future.length}
        onPress={() => dispatch(changeRedone(id))}
      />
    </>
  );
});

function useUndoKeys(id: Editing['id']): void {
  const dispatch = useAppDispatch();
  useEffect(
    () =>
      onKey((key, event) => {
        if (!(event.ctrlKey || event.metaKey) || key.toLowerCase() !== 'z') return;
        event.preventDefault();
        dispatch(event.shiftKey ? changeRedone(id) : changeUndone(id));
      }),
    [dispatch, id],
  );
}

const styles = StyleSheet.create({
  print: { alignSelf: 'flex-start', margin: 16 },
  button: { minHeight: TARGET },
  tools: {
    flexDirection: 'row',
    alignItems: 'center',
    flexWrap: 'wrap',
  },
  asks: { columnGap: 8, paddingTop: 6 },
  icon: { width: TARGET, height: TARGET, margin: 0 },
  panes: { flex: 1, flexDirection: 'row', minHeight: 0 },
  middle: { flex: 1, minWidth: 0, minHeight: 0 },
  sheet: { maxHeight: '60%', borderTopWidth: 2, flexGrow: 0, flexShrink: 0 },
  right: { width: 340, flexGrow: 0, borderLeftWidth: 1 },
  wideHead: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    justifyContent: 'space-between',
    columnGap: 24,
  },
  about: { marginLeft: -12, marginRight: 'auto' },
  title: {
    flexGrow: 1,
    flexShrink: 1,
    flexBasis: 160,
    backgroundColor: 'transparent',
    minWidth: 0,
    marginLeft: -12,
  },
  titleText: { fontFamily: 'Literata, Georgia, serif', fontSize: 20, paddingHorizontal: 0 },
});
