import { useRouter } from 'expo-router';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { ScrollView, StyleSheet, View, useWindowDimensions } from 'react-native';
import { Button, IconButton, Text, TextInput } from 'react-native-paper';
import { Screen, TARGET, Target, WIDE, useTokens } from '@/design';
import { NotFoundScreen } from '@/features/app/not-found-screen';
import type { ItemId } from '@/core/ids';
import {
  changeHead,
  differencesOf,
  entryAt,
  hasEntry,
  placeOf,
  type Routine,
} from '@/core/routine';
import { printClock } from '@/core/time';
import type { RuleFinding } from '@/core/check';
import { onKey, showRow } from '@/platform/page';
import { changeRedone, changeUndone, scoreOf, useAppDispatch, useAppSelector } from '@/state';
import { AddingLine } from './adding-line';
import { CataloguePane } from './catalogue-pane';
import { EntryPanel } from './entry-panel';
import { FindingsCount, FindingsPanel, useFindings } from './findings';
import { HeadPanel } from './head-panel';
import { ProposalPanel, useProposals } from './proposal';
import { Row, TimeBand, strandOf } from './strand';
import { BUILD, PROPOSAL } from './strings';
import { Totals } from './totals';
import { useRoutine, type Editing } from './use-routine';

/** One routine: its strand, its time, and everything to change it with. */
export function BuildScreen({ id: address }: { readonly id: string }) {
  const { id, kept, change } = useRoutine(address);
  if (!id || !kept) return <NotFoundScreen />;
  return <Builder id={id} routine={kept.routine} change={change} />;
}

function Builder(editing: Editing) {
  const t = useTokens();
  const router = useRouter();
  const window = useWindowDimensions();
  const wide = window.width >= WIDE;
  const { id, routine } = editing;
  const [chosenId, setChosen] = useState<ItemId>();
  const [aboutOpen, setAboutOpen] = useState(false);
  const [findingsOpen, setFindingsOpen] = useState(false);
  const proposals = useProposals(editing);
  const { proposal } = proposals;
  const preview = proposal?.kind === 'preview' ? proposal : undefined;
  const shown = preview?.after ?? routine;
  const findings = useFindings(shown);
  const chosen =
    chosenId && hasEntry(routine, chosenId)
      ? entryAt(routine, placeOf(routine, chosenId))
      : undefined;
  const score = scoreOf(shown);
  const canLead = scoreOf(routine).totalMs > 0;
  useUndoKeys(id);
  useEffect(() => {
    if (chosenId) showRow(chosenId);
  }, [chosenId]);
  const close = () => setChosen(undefined);
  const choose = (entry: ItemId) => {
    proposals.leave();
    if (!wide) setFindingsOpen(false);
    setChosen(entry);
  };
  const showFindings = () => {
    proposals.leave();
    close();
    setFindingsOpen(wide || chosen !== undefined || proposal !== undefined || !findingsOpen);
  };
  const propose = (ask: () => void) => () => {
    close();
    ask();
  };
  const panel = proposal ? (
    <ProposalPanel proposal={proposal} proposals={proposals} />
  ) : chosen ? (
    <EntryPanel key={chosen.id} entry={chosen} {...editing} onClose={close} />
  ) : findingsOpen || wide ? (
    <FindingsPanel
      findings={findings}
      routine={routine}
      onMend={proposals.mend}
      onChoose={choose}
      onClose={wide ? undefined : () => setFindingsOpen(false)}
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
      heading={<TitleField key={editing.routine.title} {...editing} />}
      onBack={() => router.replace('/')}
      right={lead}
      below={
        <>
          <View style={wide && styles.wideHead}>
            <Totals routine={shown} />
            <View style={[styles.tools, styles.asks]}>
              <FindingsCount
                findings={findings}
                open={panel !== undefined && !proposal && !chosen}
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
              <UndoButtons {...editing} />
            </View>
          </View>
          {aboutOpen && (
            <ScrollView style={{ maxHeight: window.height / 2 }}>
              <HeadPanel {...editing} />
            </ScrollView>
          )}
          <TimeBand score={score} onChoose={choose} />
        </>
      }
    >
      <View style={styles.panes}>
        {wide && <CataloguePane {...editing} chosen={chosen?.id} onAdded={setChosen} />}
        <View style={[styles.middle, { backgroundColor: t.sheet }]}>
          <StrandList
            routine={shown}
            before={routine}
            findings={findings.byEntry}
            chosen={chosen?.id}
            onChoose={choose}
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
              chosen={wide ? chosen?.id : undefined}
              onAdded={(added) => wide && setChosen(added)}
            />
          )}
        </View>
        {wide && (
          <ScrollView style={[styles.right, { borderLeftColor: t.line }]}>{panel}</ScrollView>
        )}
      </View>
    </Screen>
  );
}

const NO_FINDINGS: readonly RuleFinding[] = [];

interface StrandListProps {
  /** As it is, or as it would be. */
  readonly routine: Routine;
  readonly before: Routine;
  readonly findings: ReadonlyMap<ItemId, readonly RuleFinding[]>;
  readonly chosen: ItemId | undefined;
  readonly onChoose: (id: ItemId) => void;
}

function StrandList({ routine, before, findings, chosen, onChoose }: StrandListProps) {
  const t = useTokens();
  const window = useWindowDimensions().width;
  const width = window < 360 ? 120 : window >= WIDE ? 230 : 170;
  const strand = useMemo(() => strandOf(routine, scoreOf(routine)), [routine]);
  const changed = useMemo(
    () => new Set<string>(differencesOf(before, routine).map(({ id }) => id)),
    [before, routine],
  );
  // Rows are drawn anew only for what they show, so what they call must stay the same.
  const chooseNow = useRef(onChoose);
  useEffect(() => {
    chooseNow.current = onChoose;
  });
  const choose = useCallback((id: ItemId) => chooseNow.current(id), []);
  return (
    <ScrollView style={styles.grow} contentContainerStyle={styles.strand}>
      <View aria-label={BUILD.strand} role="group">
        {strand.rows.length === 0 && (
          <Text variant="bodyLarge" style={[styles.empty, { color: t.quiet }]}>
            {BUILD.empty}
          </Text>
        )}
        {strand.rows.map((row) => (
          <Row
            key={row.key}
            row={row}
            routine={routine}
            longestMs={strand.longestMs}
            width={width}
            chosen={row.key === chosen}
            changed={changed.has(row.key)}
            findings={findings.get(row.key as ItemId) ?? NO_FINDINGS}
            onChoose={choose}
          />
        ))}
      </View>
    </ScrollView>
  );
}

function TitleField({ routine, change }: Editing) {
  const [typed, setTyped] = useState(routine.title);
  const keep = () => {
    const title = typed.trim();
    if (title === '') setTyped(routine.title);
    else if (title !== routine.title) change(changeHead(routine, { title }));
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
}

function Saving() {
  const t = useTokens();
  const saving = useAppSelector((state) => state.notices.saving);
  return (
    <Text
      variant="bodyMedium"
      aria-live="polite"
      style={{ color: saving === 'failed' ? t.clay : t.quiet }}
    >
      {BUILD[saving]}
    </Text>
  );
}

function UndoButtons({ id }: Editing) {
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
}

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
  grow: { flex: 1 },
  strand: { paddingVertical: 8 },
  empty: { padding: 24 },
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
