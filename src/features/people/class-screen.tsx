import { useRouter } from 'expo-router';
import { useMemo, useRef, useState, type ReactNode } from 'react';
import { Pressable, ScrollView, StyleSheet, View, useWindowDimensions } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { classGrid, plainPage, roomNeeds, type Cell, type GridRow } from '@/core/class';
import { routineIdSchema, withCapital, type GroupId, type ItemId } from '@/core/common';
import { initialsOf, type Member, type Rung } from '@/core/people';
import { itemInForce, itemsInOrder, lanesOf, type Routine } from '@/core/routine';
import { Choices, Fold, Screen, TARGET, Target, WIDE, useTokens } from '@/design';
import { GroupPicks } from '@/features/builder';
import { Figure } from '@/features/figure';
import { useGrowing } from '@/features/frame';
import { NotFoundScreen } from '@/features/notices';
import { SheetOfPaper, type SheetHandle } from '@/platform/sheet-of-paper';
import {
  isStrict,
  membersOf,
  ownWayChanged,
  useAppDispatch,
  useAppSelector,
  usePart,
  useScore,
  useToday,
} from '@/state';
import { LIMIT_NAMES, laneTitle, roomNeedsWords } from '@/words/names';
import { doseWords, rungWords } from '@/words/people';
import { CLASS } from './strings';

/** A routine opened for a group: who does what, where a limit bites, and what to prepare. */
export function ClassScreen({ id: address }: { readonly id: string }) {
  const id = routineIdSchema.safeParse(address).data;
  const routine = useAppSelector((state) => (id ? state.routines[id]?.routine : undefined));
  return routine ? <OfClass routine={routine} /> : <NotFoundScreen />;
}

interface Chosen {
  readonly row: GridRow;
  readonly cell: Cell;
}

function useGrid(routine: Routine): { groupId: GroupId | undefined; rows: readonly GridRow[] } {
  const on = useToday();
  const score = useScore(routine);
  const classFor = useAppSelector((state) => state.classFor[routine.id]);
  const people = useAppSelector((state) => state.people);
  const standings = useAppSelector((state) => state.standings);
  const groups = useAppSelector((state) => state.groups);
  const rows = useMemo(() => {
    if (!classFor) return [];
    const rungs = (member: Member, family: string): Rung | undefined =>
      standings[member.id]?.rungs?.[family] ?? member.ladders?.[family]?.placed.at(-1)?.rung;
    const members = membersOf(people, classFor.groupId);
    return classGrid(routine, score, members, {
      own: classFor.own,
      on,
      strict: isStrict(groups[classFor.groupId]),
      rungs,
    });
  }, [routine, score, classFor, people, standings, groups, on]);
  return { groupId: classFor?.groupId, rows };
}

/** What has to be in the room for who takes part today. */
function useNeeds(routine: Routine) {
  const score = useScore(routine);
  const part = usePart(routine.id);
  return useMemo(() => roomNeeds(routine, score, part), [routine, score, part]);
}

function OfClass({ routine }: { readonly routine: Routine }) {
  const t = useTokens();
  const router = useRouter();
  const wide = useWindowDimensions().width >= WIDE;
  const groups = useAppSelector((state) => state.groups);
  const { groupId, rows } = useGrid(routine);
  const [chosen, setChosen] = useState<{ person: string; itemId: ItemId }>();
  const [printing, setPrinting] = useState(false);
  const [view, setView] = useState<'items' | 'people'>('items');
  const row = rows.find(({ member }) => member.id === chosen?.person);
  const cell = row?.cells.find(({ itemId }) => itemId === chosen?.itemId);
  const items = itemsInOrder(routine);
  const choose = (one: Chosen) => setChosen({ person: one.row.member.id, itemId: one.cell.itemId });
  const needs = useNeeds(routine);
  const drawn = useGrowing(
    view === 'items' ? items.length : rows.length,
    `${view} ${groupId ?? ''}`,
  );
  return (
    <Screen
      title={CLASS.title(routine.title)}
      onBack={() => (router.canGoBack() ? router.back() : router.replace('/'))}
    >
      <ScrollView contentContainerStyle={[styles.page, wide && styles.wide]}>
        <Fold
          key={groupId ? 'chosen' : 'open'}
          title={CLASS.forGroup}
          sum={(groupId && groups[groupId]?.name) || CLASS.nobody}
          open={!groupId}
        >
          <GroupPicks id={routine.id} />
        </Fold>
        {!groupId && <Text variant="bodyLarge">{CLASS.chooseGroup}</Text>}
        {groupId && rows.length === 0 && <Text variant="bodyLarge">{CLASS.noPeople}</Text>}
        {rows
          .filter((one) => one.missing)
          .map((one) => (
            <Text key={one.member.id} variant="bodyLarge" style={{ color: t.clay }}>
              {CLASS.missing(
                one.member.name,
                one.missing ? laneTitle(one.missing) : '',
                one.lane && laneTitle(one.lane),
              )}
            </Text>
          ))}
        <Text variant="bodyLarge">
          {CLASS.prepare}: {roomNeedsWords(needs)}
        </Text>
        <View style={styles.actions}>
          <Button
            mode="contained"
            contentStyle={styles.button}
            onPress={() => router.push(`/lead/${routine.id}`)}
          >
            {CLASS.lead}
          </Button>
          <Button
            mode="outlined"
            contentStyle={styles.button}
            onPress={() => router.push(`/routine/${routine.id}`)}
          >
            {CLASS.open}
          </Button>
          {rows.length > 0 && (
            <Target
              label={CLASS.print}
              icon="print"
              expanded={printing}
              onPress={() => setPrinting(!printing)}
            />
          )}
        </View>
        {printing && <GridSheet routine={routine} rows={rows} />}
        {rows.length > 0 && (
          <Choices
            label={CLASS.view}
            choices={[
              { value: 'items', text: CLASS.byMove },
              { value: 'people', text: CLASS.byPerson },
            ]}
            value={view}
            onChoose={setView}
          />
        )}
        {view === 'people' &&
          rows.slice(0, drawn).map((one) => (
            <PersonRow key={one.member.id} row={one} onChoose={choose}>
              {row?.member.id === one.member.id && cell && (
                <ForOne
                  routine={routine}
                  row={row}
                  cell={cell}
                  onDone={() => setChosen(undefined)}
                />
              )}
            </PersonRow>
          ))}
        {view === 'items' &&
          items.slice(0, drawn).map((item) => (
            <View
              key={item.id}
              style={[styles.item, { borderColor: t.line, backgroundColor: t.sheet }]}
            >
              <Text variant="titleMedium" role="heading" aria-level={2}>
                {itemInForce(item, routine).move.name}
              </Text>
              <View style={styles.kinds}>
                {kindsOf(rows, item.id).map((kind) => (
                  <Doers key={kind.key} kind={kind} chosen={chosen} onChoose={choose} />
                ))}
              </View>
              {row && cell && cell.itemId === item.id && (
                <ForOne
                  routine={routine}
                  row={row}
                  cell={cell}
                  onDone={() => setChosen(undefined)}
                />
              )}
            </View>
          ))}
      </ScrollView>
    </Screen>
  );
}

/** One person with all that they do, in the order of the routine. */
function PersonRow({
  row,
  onChoose,
  children,
}: {
  readonly row: GridRow;
  readonly onChoose: (one: Chosen) => void;
  readonly children: ReactNode;
}) {
  const t = useTokens();
  return (
    <View style={[styles.item, { borderColor: t.line, backgroundColor: t.sheet }]}>
      <Text variant="titleMedium" role="heading" aria-level={2}>
        {row.member.name} · {row.lane ? laneTitle(row.lane) : CLASS.rest}
      </Text>
      <View style={styles.kinds}>
        {row.cells.map((cell) => {
          const about = aboutCell({ row, cell });
          return (
            <Pressable
              key={cell.itemId}
              role="button"
              aria-label={`${row.member.name}: ${doesWords(cell)}`}
              style={styles.cell}
              onPress={() => onChoose({ row, cell })}
            >
              {cell.move && cell.level && (
                <Figure move={cell.move} level={cell.level} width={92} height={69} />
              )}
              <Text variant="bodyMedium">{doesWords(cell)}</Text>
              {about !== '' && (
                <Text
                  variant="bodyMedium"
                  style={{ color: cell.beyond || cell.instead ? t.clay : t.quiet }}
                >
                  {about}
                </Text>
              )}
            </Pressable>
          );
        })}
      </View>
      {children}
    </View>
  );
}

interface Kind {
  readonly key: string;
  readonly cell: Cell;
  readonly doers: readonly Chosen[];
}

/** Who does the same thing stands together. */
function kindsOf(rows: readonly GridRow[], itemId: ItemId): readonly Kind[] {
  const kinds = new Map<string, { cell: Cell; doers: Chosen[] }>();
  for (const row of rows) {
    const cell = row.cells.find((one) => one.itemId === itemId);
    if (!cell) continue;
    const key = `${cell.move?.id ?? ''} ${cell.level?.id ?? ''} ${cell.support ?? ''}`;
    const known = kinds.get(key) ?? { cell, doers: [] };
    known.doers.push({ row, cell });
    kinds.set(key, known);
  }
  return [...kinds].map(([key, one]) => ({ key, ...one }));
}

const doesWords = ({ move, level }: Cell) =>
  move && level ? `${move.name}, ${level.name}` : withCapital(CLASS.rest);

/** What is worth knowing of somebody's part. */
function aboutCell({ row, cell }: Chosen): string {
  const { bites, instead, rung, beyond, reason, part } = cell;
  return [
    row.member.limits ? '' : CLASS.unknown,
    ...bites.map(({ limit, side, severity }) =>
      [severity === 'out' ? CLASS.out : CLASS.care, LIMIT_NAMES[limit], side]
        .filter(Boolean)
        .join(' '),
    ),
    instead ? CLASS.instead(`${instead.move.name}, ${instead.level.name}`) : '',
    rung ? rungWords(rung) : '',
    beyond ? CLASS.beyond(beyond) : '',
    part ? CLASS.ownPart(doseWords(part), part.than) : '',
    reason === 'own-level' || reason === 'own-dose' ? CLASS.changed : '',
  ]
    .filter(Boolean)
    .join('; ');
}

function Doers({
  kind,
  chosen,
  onChoose,
}: {
  readonly kind: Kind;
  readonly chosen: { readonly person: string; readonly itemId: ItemId } | undefined;
  readonly onChoose: (one: Chosen) => void;
}) {
  const t = useTokens();
  const { cell, doers } = kind;
  return (
    <View style={styles.kind}>
      {cell.move && cell.level && (
        <Figure move={cell.move} level={cell.level} width={92} height={69} />
      )}
      <View style={styles.words}>
        <Text variant="bodyLarge">{doesWords(cell)}</Text>
        <View style={styles.people}>
          {[...doers]
            .sort((one, other) => Number(aboutCell(one) !== '') - Number(aboutCell(other) !== ''))
            .map((one) => {
              const about = aboutCell(one);
              const { member } = one.row;
              const isChosen = chosen?.person === member.id && chosen.itemId === one.cell.itemId;
              return (
                <View key={member.id} style={about === '' ? undefined : styles.person}>
                  <Target
                    label={member.name}
                    look={isChosen ? 'filled' : 'outlined'}
                    expanded={isChosen}
                    onPress={() => onChoose(one)}
                  />
                  {about !== '' && (
                    <Text
                      variant="bodyMedium"
                      style={[
                        styles.about,
                        { color: one.cell.beyond || one.cell.instead ? t.clay : t.quiet },
                      ]}
                    >
                      {about}
                    </Text>
                  )}
                </View>
              );
            })}
        </View>
      </View>
    </View>
  );
}

/** Another level, another way, or rest, for one person in this class. */
function ForOne({
  routine,
  row,
  cell,
  onDone,
}: {
  readonly routine: Routine;
  readonly row: GridRow;
  readonly cell: Cell;
  readonly onDone: () => void;
}) {
  const t = useTokens();
  const dispatch = useAppDispatch();
  const own = useAppSelector((state) => state.classFor[routine.id]?.own[row.member.id]);
  const move = cell.instead?.move ?? cell.move ?? undefined;
  const set = own?.items?.[cell.itemId];
  const change = (level: string) =>
    dispatch(
      ownWayChanged(routine.id, row.member.id, (way) => {
        const { [cell.itemId]: _, ...items } = way.items ?? {};
        if (level === 'written') return { ...way, items };
        const found = move?.levels.find(({ id }) => id === level)?.id;
        return { ...way, items: { ...items, [cell.itemId]: found ?? null } };
      }),
    );
  const lanes = lanesOf(routine);
  return (
    <View style={[styles.forOne, { borderTopColor: t.line }]}>
      <Text variant="titleMedium">
        {row.member.name}: {CLASS.own}
      </Text>
      <Choices
        label={doesWords(cell)}
        choices={[
          { value: 'written', text: CLASS.asRoutine },
          ...(move?.levels ?? []).map(({ id, name }) => ({ value: id as string, text: name })),
          { value: 'rest', text: CLASS.restsHere },
        ]}
        value={set === undefined ? 'written' : (set ?? 'rest')}
        onChoose={change}
      />
      {lanes.length > 1 && (
        <Choices
          label={CLASS.lane}
          choices={lanes.map((value) => ({ value, text: laneTitle(value) }))}
          value={row.lane}
          onChoose={(lane) =>
            dispatch(ownWayChanged(routine.id, row.member.id, (way) => ({ ...way, lane })))
          }
        />
      )}
      <Target label="Done" align="start" style={styles.start} onPress={onDone} />
    </View>
  );
}

const SHEET = {
  who: 'Who',
  does: 'Who does what',
  foot: 'Initials only. General guidance, not medical advice; a person’s clinician and local rules come first.',
  label: 'Sheet to print',
  initials: 'Printed with initials only.',
};

/** The grid to print, with initials alone. */
function GridSheet({
  routine,
  rows,
}: {
  readonly routine: Routine;
  readonly rows: readonly GridRow[];
}) {
  const sheet = useRef<SheetHandle>(null);
  const [width, setWidth] = useState(0);
  const needs = useNeeds(routine);
  const paper = useMemo(() => {
    const items = itemsInOrder(routine);
    const head = [SHEET.who, ...items.map((item) => itemInForce(item, routine).move.name)];
    const lines = rows.map((row) => [
      `${initialsOf(row.member.name)} · ${row.lane ? laneTitle(row.lane) : CLASS.rest}`,
      ...row.cells.map((cell) => (cell.level ? printedCell(cell) : CLASS.rest)),
    ]);
    return plainPage(
      routine.title,
      [{ heading: SHEET.does, table: [head, ...lines] }],
      [`${CLASS.prepare}: ${roomNeedsWords(needs)}.`, SHEET.foot],
      true,
    );
  }, [routine, rows, needs]);
  return (
    <View style={styles.sheet} onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}>
      <View style={styles.actions}>
        <Button
          mode="contained"
          contentStyle={styles.button}
          onPress={() => sheet.current?.print()}
        >
          {CLASS.print}
        </Button>
        <Text variant="bodyMedium">{SHEET.initials}</Text>
      </View>
      {width > 0 && <SheetOfPaper paper={paper} label={SHEET.label} width={width} handle={sheet} />}
    </View>
  );
}

const printedCell = ({ move, level, reason, rung, part }: Cell) =>
  [
    reason === 'family' || reason === 'for-limit' ? `${move?.name ?? ''}, ` : '',
    level?.name ?? '',
    rung ? ` (${rungWords(rung)})` : '',
    part ? `: ${doseWords(part)}` : '',
  ].join('');

const styles = StyleSheet.create({
  page: { padding: 16, gap: 12, maxWidth: 760, width: '100%', alignSelf: 'center' },
  wide: { maxWidth: 1100 },
  actions: { flexDirection: 'row', flexWrap: 'wrap', gap: 8, alignItems: 'center' },
  button: { minHeight: TARGET },
  item: { borderWidth: 1, borderRadius: 14, padding: 12, gap: 8 },
  kinds: { flexDirection: 'row', flexWrap: 'wrap', gap: 16 },
  kind: {
    flexDirection: 'row',
    gap: 8,
    flexGrow: 1,
    flexBasis: 240,
    minWidth: 0,
    maxWidth: '100%',
  },
  words: { flexShrink: 1, flexGrow: 1, gap: 6 },
  people: { flexDirection: 'row', flexWrap: 'wrap', gap: 6 },
  person: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    columnGap: 8,
    alignItems: 'center',
    width: '100%',
  },
  about: { flexShrink: 1, flexGrow: 1, flexBasis: 140 },
  cell: { width: 152, gap: 2, minHeight: TARGET },
  forOne: { borderTopWidth: 1, paddingTop: 12, gap: 8 },
  start: { alignSelf: 'flex-start' },
  sheet: { gap: 8 },
});
