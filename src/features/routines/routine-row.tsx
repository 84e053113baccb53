import { Link, useRouter } from 'expo-router';
import { memo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, IconButton, Text } from 'react-native-paper';
import { GROUP_NAMES, parseLength, printClock } from '@/core/common';
import { Choices, Field, FieldWithProblem, TARGET, useTokens } from '@/design';
import { useHandedOn, useWork } from '@/features/frame';
import {
  LONGEST_TAG,
  MOST_TAGS,
  marked,
  timesLed,
  useHallDispatch,
  type Mark,
  type Row,
} from '@/state/hall';
import { GROUP_TITLES, countedWords, severityCounts, shortDayShown } from '@/words/groups';
import { tagsIn } from './shown-rows';
import { SmallBand } from './small-band';
import { PLACE_WORDS, ROUTINES } from './strings';

interface RowProps {
  readonly row: Row;
  readonly mark: Mark | undefined;
  readonly today: string;
}

/** One routine of the list, with what can be done to it behind one target. */
export const RoutineRow = memo(function RoutineRow({ row, mark, today }: RowProps) {
  const t = useTokens();
  const [open, setOpen] = useState(false);
  const [renaming, setRenaming] = useState(false);
  const { id, title, group, totalMs, where } = row;
  const about = [GROUP_TITLES[group], where.map((place) => PLACE_WORDS[place]).join(', ')]
    .filter(Boolean)
    .join(' · ');
  const since = [
    row.often ? countedWords(row.often, timesLed(mark, row.often.per, today)) : '',
    mark?.ledAt ? ROUTINES.led(shortDayShown(mark.ledAt)) : '',
    foundWords(mark?.found),
    ...(mark?.tags ?? []),
  ].filter(Boolean);
  return (
    <View role="listitem" style={[styles.row, { backgroundColor: t.sheet, borderColor: t.line }]}>
      <View style={styles.line}>
        <Link
          href={`/routine/${id}`}
          style={styles.link}
          aria-label={`${title}, ${GROUP_TITLES[group]}, ${printClock(totalMs)}`}
        >
          <View style={styles.words}>
            <Text variant="titleLarge" style={styles.title}>
              {title}
            </Text>
            <Text variant="bodyMedium" style={{ color: t.quiet }}>
              {about}
            </Text>
            {since.length > 0 && (
              <Text variant="bodyMedium" style={{ color: t.quiet }}>
                {since.join(' · ')}
              </Text>
            )}
            <SmallBand band={row.band} />
          </View>
          <Text variant="titleMedium" style={styles.time}>
            {printClock(totalMs)}
          </Text>
        </Link>
        <IconButton
          icon={open ? 'less' : 'more'}
          size={22}
          style={styles.more}
          aria-expanded={open}
          accessibilityLabel={(open ? ROUTINES.less : ROUTINES.more)(title)}
          onPress={() => setOpen(!open)}
        />
      </View>
      {open && !renaming && <Actions row={row} mark={mark} onRename={() => setRenaming(true)} />}
      {open && renaming && <Rename row={row} onDone={() => setRenaming(false)} />}
    </View>
  );
});

function Rename({ row, onDone }: { readonly row: Row; readonly onDone: () => void }) {
  const work = useWork();
  const [typed, setTyped] = useState(row.title);
  const handOn = () => {
    if (typed.trim() === '') return;
    void work(({ renameRoutine }, dispatch) => dispatch(renameRoutine(row.id, typed)));
  };
  const keep = () => {
    handOn();
    onDone();
  };
  useHandedOn(typed.trim() === row.title ? undefined : typed, handOn);
  return (
    <View style={styles.actions}>
      <Field
        style={styles.field}
        label={ROUTINES.renameLabel}
        value={typed}
        maxLength={120}
        autoFocus
        onChangeText={setTyped}
        onSubmitEditing={keep}
      />
      <Button mode="contained" contentStyle={styles.button} onPress={keep}>
        {ROUTINES.keepTitle}
      </Button>
    </View>
  );
}

function Actions({
  row,
  mark,
  onRename,
}: Omit<RowProps, 'today'> & { readonly onRename: () => void }) {
  const dispatch = useHallDispatch();
  const [more, setMore] = useState<'tags' | 'copy'>();
  const archived = mark?.archived ?? false;
  const { id, title } = row;
  const work = useWork();
  const router = useRouter();
  const actions = [
    { label: ROUTINES.lead, icon: 'lead', press: () => router.push(`/lead/${id}`) },
    { label: ROUTINES.rename, icon: 'rename', press: onRename },
    {
      label: ROUTINES.duplicate,
      icon: 'copy',
      press: () =>
        void work((to, dispatch) => {
          const copy = dispatch(to.duplicateRoutine(id, ROUTINES.copyOf(title)));
          if (copy) router.push(`/routine/${copy}?name=1`);
        }),
    },
    { label: ROUTINES.copyFor, icon: 'copy', press: () => setMore('copy') },
    { label: ROUTINES.tagIt, icon: 'rename', press: () => setMore('tags') },
    {
      label: archived ? ROUTINES.fromArchive : ROUTINES.toArchive,
      icon: 'save',
      press: () => dispatch(marked({ id, archived: !archived })),
    },
    {
      label: ROUTINES.saveFile,
      icon: 'save',
      press: () => void work((to, dispatch) => dispatch(to.saveRoutineFile(id))),
    },
    {
      label: ROUTINES.saveText,
      icon: 'text',
      press: () => void work((to, dispatch) => dispatch(to.saveRoutineText(id))),
    },
    { label: ROUTINES.print, icon: 'print', press: () => router.push(`/print/${id}`) },
    {
      label: ROUTINES.delete,
      icon: 'delete',
      press: () => void work((to, dispatch) => dispatch(to.deleteRoutine(id))),
    },
  ];
  if (more === 'tags') return <Tags row={row} mark={mark} onDone={() => setMore(undefined)} />;
  if (more === 'copy') return <CopyFor row={row} onDone={() => setMore(undefined)} />;
  return (
    <View style={styles.actions}>
      {actions.map(({ label, icon, press }) => (
        <Button
          key={label}
          icon={icon}
          mode="outlined"
          contentStyle={styles.button}
          onPress={press}
        >
          {label}
        </Button>
      ))}
    </View>
  );
}

function Tags({ row, mark, onDone }: Omit<RowProps, 'today'> & { readonly onDone: () => void }) {
  const dispatch = useHallDispatch();
  const [typed, setTyped] = useState(mark?.tags.join(', ') ?? '');
  const keep = () => {
    dispatch(marked({ id: row.id, tags: tagsIn(typed, MOST_TAGS, LONGEST_TAG) }));
    onDone();
  };
  return (
    <View style={styles.actions}>
      <Field
        style={styles.field}
        label={ROUTINES.tags}
        value={typed}
        autoFocus
        onChangeText={setTyped}
        onSubmitEditing={keep}
      />
      <Button mode="contained" contentStyle={styles.button} onPress={keep}>
        {ROUTINES.keepTags}
      </Button>
    </View>
  );
}

/** A copy for another group, or another length; the original stays as it is. */
function CopyFor({ row, onDone }: { readonly row: Row; readonly onDone: () => void }) {
  const work = useWork();
  const router = useRouter();
  const [group, setGroup] = useState(row.group);
  const [slot, setSlot] = useState('');
  const read = slot.trim() === '' ? undefined : parseLength(slot);
  const wrong = read !== undefined && !(read.ok && read.value >= 1000);
  const make = () => {
    if (wrong) return;
    void work(({ duplicateRoutine }, dispatch) => {
      const words = { group, ...(read?.ok && { slotMs: read.value }) };
      const title =
        group === row.group && read?.ok
          ? ROUTINES.forLength(row.title, printClock(read.value))
          : ROUTINES.forGroup(row.title, GROUP_TITLES[group]);
      const id = dispatch(duplicateRoutine(row.id, title, words));
      if (id) router.push(`/routine/${id}`);
    });
    onDone();
  };
  return (
    <View style={styles.copy}>
      <Choices
        label={ROUTINES.copyGroup}
        choices={GROUP_NAMES.map((value) => ({ value, text: GROUP_TITLES[value] }))}
        value={group}
        onChoose={setGroup}
      />
      <FieldWithProblem
        label={ROUTINES.copySlot}
        value={slot}
        onChangeText={setSlot}
        onSubmitEditing={make}
        problem={wrong ? ROUTINES.copySlotWrong : ''}
      />
      <Button mode="contained" contentStyle={styles.button} disabled={wrong} onPress={make}>
        {ROUTINES.makeCopy}
      </Button>
    </View>
  );
}

function foundWords([stops = 0, cautions = 0, notes = 0]: Mark['found'] | [] = []): string {
  const words = severityCounts({ stop: stops, caution: cautions, note: notes });
  return words ? ROUTINES.found(words) : '';
}

const styles = StyleSheet.create({
  copy: { padding: 16, paddingTop: 0, gap: 8, alignItems: 'flex-start' },
  row: { borderWidth: 1, borderRadius: 12 },
  line: { flexDirection: 'row', alignItems: 'center' },
  link: {
    flex: 1,
    minWidth: 0,
    display: 'flex',
    flexDirection: 'row',
    alignItems: 'center',
    gap: 12,
    padding: 16,
    minHeight: TARGET,
    textDecorationLine: 'none',
  },
  words: { flex: 1, minWidth: 0 },
  title: { overflowWrap: 'anywhere' } as object,
  time: { fontVariant: ['tabular-nums'] },
  more: { width: TARGET, height: TARGET, margin: 2 },
  actions: { flexDirection: 'row', flexWrap: 'wrap', gap: 8, padding: 16, paddingTop: 0 },
  button: { minHeight: TARGET },
  field: { flexGrow: 1, flexBasis: 200 },
});
