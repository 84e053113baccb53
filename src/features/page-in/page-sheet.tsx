import { memo, useMemo, useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { printClock, type MoveId } from '@/core/common';
import { amountOf } from '@/core/moves';
import { GROUP_ALONE } from '@/core/people';
import { SECTIONS, itemInForce, type Item, type Placed, type Setting } from '@/core/routine';
import {
  isFarOff,
  placedFrom,
  readPlainPage,
  routineOfSheet,
  sheetOf,
  type Decided,
  type Decisions,
  type Shape,
  type Sheet,
  type SheetRow,
} from '@/core/writing';
import { Choices, Field, TARGET, Target, useTokens } from '@/design';
import {
  KIND_WORDS,
  Steps,
  amountStepper,
  restStepper,
  setsStepper,
  steppedLine,
  type Stepper,
} from '@/features/steps';
import { moveChosen, scoreOf, useAppDispatch, useAppSelector } from '@/state';
import { SECTION_TITLES, timeWords } from '@/words/names';
import { PAGE } from './strings';

interface PageSheetProps {
  readonly text: string;
  readonly setting: Setting;
  /** Whether there was room for all of it. */
  readonly onTake: (placed: readonly Placed[], title: string | undefined) => boolean;
  readonly onLeave: () => void;
}

const without = (decided: Decisions, row: number): Decisions =>
  Object.fromEntries(Object.entries(decided).filter(([one]) => Number(one) !== row));

/** A plan as it was pasted: each row beside what it becomes, to be mended before it is taken in. */
export function PageSheet({ text, setting, onTake, onLeave }: PageSheetProps) {
  const t = useTokens();
  const [decided, setDecided] = useState<Decisions>({});
  const [as, setAs] = useState<Shape>();
  const ownWords = useAppSelector((state) => state.ownWords);
  // What is chosen here means the same in the next plan; this one stays as it was read.
  const [known] = useState(ownWords);
  const dispatch = useAppDispatch();
  const own = useMemo(() => ({ ...setting, ownWords: known }), [setting, known]);
  // A long plan is read once, and not again at each decision.
  const page = useMemo(() => readPlainPage(text, own, as), [text, own, as]);
  const sheet = useMemo(() => sheetOf(page, own, decided), [page, own, decided]);
  const { rows, open, title } = sheet;
  const [full, setFull] = useState(false);
  const placed = placedFrom(sheet);
  const decide = (row: number, what: Decided | undefined) =>
    setDecided(what ? { ...decided, [row]: what } : without(decided, row));
  const decideAll = (some: readonly number[], what: Decided) =>
    setDecided({ ...decided, ...Object.fromEntries(some.map((row) => [row, what])) });
  const openRows = rows.filter(({ state }) => state === 'open').map(({ row }) => row);
  const shaped = (shape: Shape) => {
    setAs(shape);
    // Rows are others now; what was decided was of those.
    setDecided({});
  };
  return (
    <ScrollView contentContainerStyle={styles.page}>
      <Text variant="titleLarge" role="heading" aria-level={2}>
        {PAGE.title}
      </Text>
      <Text variant="bodyMedium" style={{ color: t.quiet }}>
        {rows.length === 0 ? PAGE.none : PAGE.hint}
      </Text>
      {rows.length > 1 && <Taken sheet={sheet} onShape={shaped} />}
      <WholeTime sheet={sheet} setting={setting} />
      {SECTIONS.map((section) => {
        const own = rows.filter((row) => row.section === section);
        if (own.length === 0) return null;
        return (
          <View key={section} role="list" aria-label={SECTION_TITLES[section]}>
            <Text variant="titleMedium" role="heading" aria-level={3} style={{ color: t.bark }}>
              {SECTION_TITLES[section]}
            </Text>
            {own.map((row) => (
              <Row
                key={row.row}
                row={row}
                setting={setting}
                decided={decided[row.row]}
                onDecide={decide}
                onDecideAll={decideAll}
                onChoose={(typed, moveId) => dispatch(moveChosen(typed, moveId))}
              />
            ))}
          </View>
        );
      })}
      <View aria-live="polite" style={styles.end}>
        {rows.length > 0 && (
          <Text variant="bodyLarge" style={{ color: open > 0 ? t.clay : t.quiet }}>
            {open > 0 ? PAGE.open(open) : PAGE.allClear}
          </Text>
        )}
        {open > 1 && <Target label={PAGE.notes} onPress={() => decideAll(openRows, 'note')} />}
      </View>
      {full && (
        <Text role="alert" variant="bodyLarge" style={{ color: t.clay }}>
          {PAGE.full}
        </Text>
      )}
      <View style={styles.buttons}>
        <Button
          mode="contained"
          contentStyle={styles.button}
          disabled={open > 0 || placed.length === 0}
          onPress={() => setFull(!onTake(placed, title))}
        >
          {PAGE.take(placed.length)}
        </Button>
        <Button contentStyle={styles.button} onPress={onLeave}>
          {PAGE.leave}
        </Button>
      </View>
    </ScrollView>
  );
}

/** What the plan was taken for, which can be said otherwise. */
function Taken({
  sheet,
  onShape,
}: {
  readonly sheet: Sheet;
  readonly onShape: (shape: Shape) => void;
}) {
  const t = useTokens();
  const { shape, columns, guessed, unread } = sheet;
  return (
    <View style={styles.taken}>
      <Choices
        label={PAGE.shape}
        choices={PAGE.shapes}
        value={shape === 'prose' ? 'list' : shape}
        onChoose={onShape}
      />
      {columns && (
        <Text variant="bodyMedium" style={{ color: t.quiet }}>
          {PAGE.columns(
            columns.filter((one) => one !== 'none'),
            guessed === true,
          )}
        </Text>
      )}
      {unread > 0 && (
        <Text role="alert" variant="bodyMedium" style={{ color: t.clay }}>
          {PAGE.unread(unread)}
        </Text>
      )}
    </View>
  );
}

/** How long it all takes, beside what the plan itself says. */
function WholeTime({ sheet, setting }: { readonly sheet: Sheet; readonly setting: Setting }) {
  const t = useTokens();
  const totalMs = useMemo(() => {
    const { group, moves } = setting;
    const routine = routineOfSheet(sheet, { group, ...(moves && { moves: [...moves] }) });
    return routine ? scoreOf(routine, GROUP_ALONE).totalMs : 0;
  }, [sheet, setting]);
  const { saidMs } = sheet;
  if (totalMs === 0) return null;
  const isFar = saidMs !== undefined && isFarOff(saidMs, totalMs);
  return (
    <Text
      variant="bodyLarge"
      {...(isFar && { role: 'alert' })}
      style={{ color: isFar ? t.clay : t.quiet }}
    >
      {PAGE.time(printClock(totalMs), saidMs === undefined ? undefined : printClock(saidMs), isFar)}
    </Text>
  );
}

interface RowProps {
  readonly row: SheetRow;
  readonly setting: Setting;
  readonly decided: Decided | undefined;
  readonly onDecide: (row: number, what: Decided | undefined) => void;
  readonly onDecideAll: (rows: readonly number[], what: Decided) => void;
  readonly onChoose: (typed: string, move: MoveId) => void;
}

const lineOf = (text: string) => text.replace(/: $/u, '');

const Row = memo(function Row({
  row: one,
  setting,
  decided,
  onDecide,
  onDecideAll,
  onChoose,
}: RowProps) {
  const t = useTokens();
  const [mending, setMending] = useState(false);
  const { row, typed, text, state, passed, others, alike, kind } = one;
  const decide = (what: Decided | undefined) => {
    setMending(false);
    onDecide(row, what);
  };
  const said =
    state === 'note'
      ? PAGE.isNote
      : state === 'out'
        ? PAGE.isOut
        : [text, passed.length > 0 && PAGE.passed(passed)].filter(Boolean).join(' · ');
  const isOpen = state === 'open';
  const near = others[0]?.differs;
  return (
    <View
      role="listitem"
      style={[
        styles.row,
        { borderTopColor: t.line },
        isOpen && { borderLeftWidth: 4, borderLeftColor: t.clay, paddingLeft: 12 },
      ]}
    >
      <Text variant="bodyMedium" style={{ color: t.quiet }}>
        {typed}
      </Text>
      {isOpen || mending ? (
        <>
          {isOpen && (
            <Text variant="titleMedium" style={{ color: t.clay }}>
              {kind === 'structure'
                ? PAGE.structure
                : near
                  ? PAGE.near(near)
                  : others.length > 0
                    ? PAGE.which
                    : PAGE.noMove}
            </Text>
          )}
          {!isOpen && (
            <Text variant="titleMedium" aria-live="polite">
              {said}
            </Text>
          )}
          {one.entry?.kind === 'item' && (
            <DoseSteps
              item={one.entry}
              text={text}
              setting={setting}
              onStep={(as) => onDecide(row, { as })}
            />
          )}
          <View style={styles.choices}>
            {others.map((other) => (
              <Target
                key={other.text}
                label={lineOf(other.text)}
                onPress={() => {
                  if (other.move) onChoose(typed, other.move);
                  decide({ as: lineOf(other.text) });
                }}
              />
            ))}
            <Target look="plain" label={PAGE.note} onPress={() => decide('note')} />
            <Target look="plain" label={PAGE.out} onPress={() => decide('out')} />
          </View>
          <Rewrite key={text || typed} typed={text || typed} onWrite={(as) => decide({ as })} />
          {!isOpen && <Target look="filled" label={PAGE.done} onPress={() => setMending(false)} />}
        </>
      ) : (
        <View style={styles.sure}>
          <Text variant="titleMedium" style={styles.grow}>
            {said}
          </Text>
          {state === 'sure' && (
            <Target
              look="plain"
              label={PAGE.mend}
              said={`${PAGE.mend}: ${typed}`}
              onPress={() => setMending(true)}
            />
          )}
          <Target
            look="plain"
            label={state === 'sure' ? PAGE.out : PAGE.back}
            said={`${state === 'sure' ? PAGE.out : PAGE.back}: ${typed}`}
            onPress={() => decide(state === 'sure' ? 'out' : undefined)}
          />
        </View>
      )}
      {decided && alike.length > 0 && (
        <Target
          look="plain"
          label={PAGE.alike(alike.length)}
          onPress={() => onDecideAll(alike, decided)}
        />
      )}
    </View>
  );
});

const noteBehind = (text: string) => /    # .*$/u.exec(text)?.[0] ?? '';

/** The amount, the sets and the rest of a row, stepped as in the builder. */
function DoseSteps({
  item,
  text,
  setting,
  onStep,
}: {
  readonly item: Item;
  readonly text: string;
  readonly setting: Setting;
  readonly onStep: (text: string) => void;
}) {
  const { dose } = itemInForce(item, setting);
  const isTime = dose.kind === 'hold' || dose.kind === 'timed';
  const write = (words: Stepper['less']) =>
    words && (() => onStep(`${steppedLine(item, words, setting)}${noteBehind(text)}`));
  const steps = (label: string, shown: string, { less, more }: Stepper) => (
    <Steps label={label} shown={shown} onLess={write(less)} onMore={write(more)} />
  );
  const amount = amountOf(dose);
  return (
    <View>
      {steps(
        KIND_WORDS[dose.kind],
        isTime ? timeWords(amount) : String(amount),
        amountStepper(item, setting),
      )}
      {steps(PAGE.sets, String(dose.sets), setsStepper(item, setting))}
      {dose.sets > 1 && steps(PAGE.rest, timeWords(dose.restMs), restStepper(item, setting))}
    </View>
  );
}

function Rewrite({
  typed,
  onWrite,
}: {
  readonly typed: string;
  readonly onWrite: (words: string) => void;
}) {
  const [words, setWords] = useState(typed);
  const keep = () => words.trim() !== '' && words !== typed && onWrite(words);
  return (
    <Field
      dense
      label={PAGE.rewrite}
      value={words}
      maxLength={300}
      onChangeText={setWords}
      onBlur={keep}
      onSubmitEditing={keep}
    />
  );
}

const styles = StyleSheet.create({
  page: { padding: 16, gap: 12, maxWidth: 760, width: '100%', alignSelf: 'center' },
  taken: { gap: 4 },
  row: { borderTopWidth: 1, paddingVertical: 8, gap: 4 },
  sure: { flexDirection: 'row', alignItems: 'center', gap: 8 },
  grow: { flex: 1, minWidth: 0 },
  choices: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  end: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: 12 },
  buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  button: { minHeight: TARGET },
});
