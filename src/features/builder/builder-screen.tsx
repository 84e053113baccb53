import { useRouter } from 'expo-router';
import { useDeferredValue, useEffect, useMemo, useRef, useState, type ReactNode } from 'react';
import { ScrollView, StyleSheet, View, useWindowDimensions } from 'react-native';
import { itemIdSchema, type ItemId } from '@/core/common';
import {
  acceptFindings,
  addEntry,
  addEntries,
  changeHeader,
  entriesInOrder,
  entryAt,
  hasEntry,
  moveEntries,
  placeOf,
  removeEntries,
  type Drop,
  type SectionName,
} from '@/core/routine';
import { Button, Screen, TARGET, WIDE, textScale, useSame, useTokens } from '@/design';
import { NotFoundScreen } from '@/features/notices';
import { PageSheet } from '@/features/page-in';
import { enterPanel, focusField, hasOnlyRows, leavePanel, onKey, showRow } from '@/platform/page';
import {
  changeRedone,
  editUndone,
  dropUntouched,
  marked,
  useScore,
  useAppDispatch,
  useAppSelector,
  useNewId,
} from '@/state';
import { AddingLine } from './adding-line';
import { BuilderHead } from './builder-head';
import { copyRows, hasClip, pasteRows, placedInText } from './clip';
import { EntryPanel } from './entry-panel';
import { FindingsPanel, countsOf, useFindings, type Findings } from './findings';
import { placeForNew, staying, usualPlace, type GoesTo } from './goes-to';
import { HeaderPanel } from './header-panel';
import { LegendPanel } from './legend-panel';
import { MovesPane } from './moves-pane';
import { ProposalPanel, useProposals } from './proposal';
import { SeveralBar } from './several-bar';
import { AboutLine, StartQuestions } from './start-questions';
import { StrandList } from './strand-list';
import { BUILD } from './strings';
import { TimePanel } from './time-panel';
import { TitleField } from './title-field';
import { TonightPanel } from './tonight-panel';
import type { PanelName } from './tools';
import { ToolsPanel } from './tools-panel';
import { VersionsPanel } from './versions-panel';
import { useRoutine, type Editing } from './use-routine';

/** A rest as it is added by its button; its row changes it. */
const USUAL_REST_MS = 30_000;

/** With letters so much larger as well. */
const LARGE_TEXT = 1.5;

/** Lower than this the head would leave the rows no room. */
const SHORT = 560;

/** One routine: its strand, its time, and everything to change it with. */
export function BuilderScreen({
  id: address,
  naming = false,
  tonight = false,
  writing = false,
}: {
  readonly id: string;
  /** A copy, which is asked for a name of its own. */
  readonly naming?: boolean;
  /** Opened for a class that is to be led otherwise today. */
  readonly tonight?: boolean;
  /** Opened to write a line at once. */
  readonly writing?: boolean;
}) {
  const { id, routine, change } = useRoutine(address);
  const isThere = routine !== undefined;
  useEffect(() => {
    if (writing && isThere) focusField(BUILD.addLabel);
  }, [writing, isThere]);
  if (!id || !routine) return <NotFoundScreen />;
  return <Builder id={id} routine={routine} change={change} naming={naming} tonight={tonight} />;
}

function Builder({
  naming,
  tonight,
  ...editing
}: Editing & { readonly naming: boolean; readonly tonight: boolean }) {
  const t = useTokens();
  const router = useRouter();
  const window = useWindowDimensions();
  const wide = window.width >= WIDE;
  const { id, routine } = editing;
  const newId = useNewId();
  const dispatch = useAppDispatch();
  const [chosenId, setChosen] = useState<ItemId>();
  const [goesTo, setGoesTo] = useState<GoesTo>(() => usualPlace(routine));
  const [page, setPage] = useState<string>();
  const [picked, setPicked] = useState<ReadonlySet<ItemId>>();
  const [newest, setNewest] = useState<ItemId>();
  const [open, setOpen] = useState<PanelName | undefined>(
    tonight ? 'tonight' : wide ? 'findings' : undefined,
  );
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
  const canLead = useScore(routine).totalMs > 0;
  useUndoKeys(id);
  useEffect(() => {
    if (chosenId) showRow(chosenId);
  }, [chosenId]);
  useEffect(() => {
    if (newest && hasEntry(drawn, newest)) showRow(newest);
  }, [newest, drawn]);
  useFoundMark(id, findings, preview === undefined);
  // What is drawn anew only for what it shows has to be handed the same functions.
  const close = useSame(() => setChosen(undefined));
  const choose = (entry: ItemId) => {
    proposals.leave();
    if (!wide) setOpen(undefined);
    setChosen(entry);
    setGoesTo({ after: entry });
  };
  const chooseRow = useSame((entry: ItemId) => {
    if (!picked) choose(entry);
    else if (picked.has(entry)) setPicked(new Set([...picked].filter((one) => one !== entry)));
    else setPicked(new Set([...picked, entry]));
  });
  const drop = useSame((entry: ItemId, to: Drop) => {
    const ids = picked?.has(entry) ? [...picked] : [entry];
    // Where lines go is where they went: it does not follow what is carried.
    if ('after' in goesTo && ids.includes(goesTo.after)) setGoesTo(staying(routine, goesTo, ids));
    editing.change(moveEntries(routine, ids, to));
  });
  const paste = () => editing.change(pasteRows(routine, placeForNew(routine, goesTo), newId));
  const addRest = () => {
    const rest = itemIdSchema.parse(newId());
    const entry = { kind: 'rest', id: rest, restMs: USUAL_REST_MS } as const;
    editing.change(addEntry(routine, entry, placeForNew(routine, goesTo)));
    setGoesTo({ after: rest });
    setNewest(rest);
    setOpen(wide ? open : undefined);
  };
  const takePasted = useSame((text: string) => {
    const placed = placedInText(text, routine);
    const change = placed && addEntries(routine, placed, newId);
    if (change) editing.change(change);
    else setPage(text);
  });
  useClipKeys((key) => {
    const ids = picked ? [...picked] : chosen ? [chosen.id] : [];
    if (key === 'v') paste();
    else if (ids.length > 0) {
      copyRows(routine, ids);
      if (key === 'x') editing.change(removeEntries(routine, ids));
    }
  });
  useKeysTo({
    '/': () => focusField(BUILD.addLabel),
    '?': () => setOpen(open === 'legend' ? undefined : 'legend'),
  });
  useEscape(() => (picked ? setPicked(undefined) : chosen ? close() : setOpen(undefined)));
  const goToSection = useSame((section: SectionName) => {
    setChosen(undefined);
    setGoesTo({ section });
    focusField(BUILD.addLabel);
  });
  const named = useSame((title: string) => editing.change(changeHeader(routine, { title })));
  const showAdded = useSame((added: ItemId) => {
    if (wide) setChosen(added);
    setNewest(added);
  });
  const takePicked = useSame((added: ItemId) => {
    setChosen(added);
    setGoesTo({ after: added });
  });
  const toFindings = useSame(() => {
    close();
    setOpen('findings');
  });
  const addAfter = useSame(() => {
    close();
    setTimeout(() => focusField(BUILD.addLabel), 0);
  });
  const showPanel = useSame((name: PanelName) => {
    const isShown = open === name && !chosen && !proposal;
    proposals.leave();
    close();
    setOpen(isShown ? undefined : name);
  });
  const propose = useSame((ask: () => void) => {
    close();
    if (!wide) setOpen(undefined);
    ask();
  });
  const keepFinding = (ids: readonly ItemId[], finding: string, why: string) => {
    const change = acceptFindings(routine, ids, finding, why);
    if (change) editing.change(change);
  };
  const isEmpty = entriesInOrder(routine).length === 0;
  // Nothing in it, not named, and nothing else done to it: its title waits to be typed over.
  const isUntouched =
    useAppSelector((state) => state.routines[id]?.past.length === 0) &&
    routine.title === BUILD.newTitle &&
    isEmpty;
  const leave = () => {
    router.replace('/routines');
    if (isUntouched) dispatch(dropUntouched(id));
  };
  const shownPanel = proposal || chosen ? undefined : open;
  const tools = { routine, open: shownPanel, onOpen: showPanel, proposals, onPropose: propose };
  const closePanel = () => setOpen(undefined);
  const panels: Readonly<Record<PanelName, () => ReactNode>> = {
    findings: () => (
      <FindingsPanel
        findings={findings}
        routine={routine}
        onMend={proposals.mend}
        onKeep={keepFinding}
        onChoose={choose}
        onClose={closePanel}
      />
    ),
    time: () => <TimePanel routine={routine} change={editing.change} onClose={closePanel} />,
    tonight: () => <TonightPanel routine={routine} proposals={proposals} onClose={closePanel} />,
    group: () => <HeaderPanel {...editing} onClose={closePanel} />,
    tools: () => (
      <ToolsPanel
        id={id}
        {...tools}
        onRest={addRest}
        onSelect={() => {
          closePanel();
          setPicked(new Set());
        }}
        onPaste={hasClip() ? paste : undefined}
        onClose={closePanel}
      />
    ),
    versions: () => <VersionsPanel {...editing} onClose={closePanel} />,
    legend: () => <LegendPanel onClose={closePanel} />,
  };
  const panel = proposal ? (
    <ProposalPanel proposal={proposal} proposals={proposals} />
  ) : chosen ? (
    <EntryPanel
      key={chosen.id}
      entry={chosen}
      findings={findings.byEntry.get(chosen.id)}
      onFindings={toFindings}
      onAddAfter={addAfter}
      {...editing}
      onClose={close}
    />
  ) : (
    open && panels[open]()
  );
  usePanelFocus(proposal?.kind ?? chosen?.id ?? open);
  const shownIn = panel && (
    <View {...PANEL} style={styles.panel}>
      {panel}
    </View>
  );
  const head = (
    <BuilderHead
      id={id}
      wide={wide}
      drawn={drawn}
      findings={findings}
      onRow={chooseRow}
      {...tools}
    />
  );
  const toAbout = useSame(() => setOpen('group'));
  const top = useMemo(
    () =>
      isEmpty ? (
        <StartQuestions routine={routine} change={editing.change} />
      ) : (
        <AboutLine routine={routine} onPress={toAbout} />
      ),
    [isEmpty, routine, editing.change, toAbout],
  );
  // On a phone on its side, and with very large text, the head goes with the rows.
  const short = window.height < SHORT || textScale() >= LARGE_TEXT;
  const adding = !picked && (wide || !panel) && (
    <AddingLine
      {...editing}
      goesTo={goesTo}
      onGoesTo={setGoesTo}
      onAdded={showAdded}
      onPage={takePasted}
    />
  );
  return (
    <Screen
      title={routine.title}
      heading={
        <TitleField
          key={routine.id}
          title={routine.title}
          isNew={isUntouched || naming}
          onNamed={named}
        />
      }
      onBack={leave}
      right={
        <Button
          mode="contained"
          disabled={!canLead || preview !== undefined}
          contentStyle={styles.button}
          onPress={() => router.push(`/lead/${id}`)}
        >
          {BUILD.lead}
        </Button>
      }
      below={!short && head}
    >
      {page !== undefined ? (
        <PageSheet
          text={page}
          setting={routine}
          onTake={(placed) => {
            const change = addEntries(routine, placed, newId);
            if (!change) return false;
            editing.change(change);
            setPage(undefined);
            return true;
          }}
          onLeave={() => setPage(undefined)}
        />
      ) : (
        <View style={styles.panes}>
          {wide && <MovesPane {...editing} goesTo={goesTo} onAdded={takePicked} />}
          <View style={[styles.middle, { backgroundColor: t.sheet }]}>
            <StrandList
              routine={drawn}
              before={drawnBefore}
              head={short && head}
              top={top}
              foot={short && adding}
              findings={findings.byEntry}
              chosen={chosen?.id}
              picked={picked}
              onChoose={chooseRow}
              onSection={goToSection}
              onDrop={preview ? undefined : drop}
            />
            {!wide && panel && (
              <ScrollView
                style={[styles.sheet, { backgroundColor: t.ground, borderTopColor: t.ink }]}
              >
                {shownIn}
              </ScrollView>
            )}
            {picked && <SeveralBar {...editing} picked={picked} onPicked={setPicked} />}
            {!short && adding}
          </View>
          {wide && (
            <ScrollView style={[styles.right, { borderLeftColor: t.line }]}>{shownIn}</ScrollView>
          )}
        </View>
      )}
    </Screen>
  );
}

/** Leaves in the list what the checks found, for as long as they have looked at what is kept. */
function useFoundMark(id: Editing['id'], { all, state }: Findings, isKept: boolean): void {
  const dispatch = useAppDispatch();
  const { stop, caution, note } = countsOf(all);
  useEffect(() => {
    if (state !== 'done' || !isKept) return;
    dispatch(marked({ id, found: [stop, caution, note] }));
  }, [dispatch, id, state, isKept, stop, caution, note]);
}

/** What the focus goes to when a panel opens. */
const PANEL = { tabIndex: -1, dataSet: { panel: '' } } as object;

/** The focus goes into a panel that opens, and back when it closes. */
function usePanelFocus(shown: string | undefined): void {
  const first = useRef(true);
  useEffect(() => {
    // What stands there from the start was not opened by anybody.
    if (first.current) {
      first.current = false;
      return;
    }
    if (shown === undefined) leavePanel();
    else enterPanel();
  }, [shown]);
}

/** Copy, cut and paste of rows, where nothing else is copied. */
function useClipKeys(press: (key: 'c' | 'x' | 'v') => void): void {
  const same = useSame(press);
  useEffect(
    () =>
      onKey((key, event) => {
        const small = key.toLowerCase();
        if (!(event.ctrlKey || event.metaKey) || !hasOnlyRows()) return;
        if (small === 'c' || small === 'x' || small === 'v') same(small);
      }),
    [same],
  );
}

/** Keys that lead somewhere, from wherever nothing is typed. */
function useKeysTo(ways: Readonly<Record<string, () => void>>): void {
  const same = useSame((key: string, event: KeyboardEvent) => {
    const way = ways[key];
    if (!way || event.ctrlKey || event.metaKey) return;
    event.preventDefault();
    way();
  });
  useEffect(() => onKey(same), [same]);
}

/** Escape closes what is open. */
function useEscape(close: () => void): void {
  const same = useSame(close);
  useEffect(() => onKey((key) => key === 'Escape' && same()), [same]);
}

function useUndoKeys(id: Editing['id']): void {
  const dispatch = useAppDispatch();
  useEffect(
    () =>
      onKey((key, event) => {
        if (!(event.ctrlKey || event.metaKey) || key.toLowerCase() !== 'z') return;
        event.preventDefault();
        dispatch(event.shiftKey ? changeRedone(id) : editUndone(id));
      }),
    [dispatch, id],
  );
}

const styles = StyleSheet.create({
  button: { minHeight: TARGET },
  panes: { flex: 1, flexDirection: 'row', minHeight: 0 },
  middle: { flex: 1, minWidth: 0, minHeight: 0 },
  sheet: { maxHeight: '48%', borderTopWidth: 2, flexGrow: 0, flexShrink: 0 },
  panel: { outlineWidth: 0 },
  right: { width: 340, flexGrow: 0, borderLeftWidth: 1 },
});
