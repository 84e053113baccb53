import { useRouter } from 'expo-router';
import { memo, useEffect, useMemo, useRef, useState } from 'react';
import {
  Pressable,
  ScrollView,
  StyleSheet,
  View,
  type TextInput as NativeInput,
} from 'react-native';
import { Text } from 'react-native-paper';
import { itemIdSchema, moveIdSchema, type ItemId } from '@/core/common';
import { SECTIONS, itemInForce, type Entry, type Routine } from '@/core/routine';
import { emptyDraft, type Meant } from '@/core/writing';
import { Button, Field, TARGET, Target, useTokens } from '@/design';
import { useHandedOn } from '@/features/frame';
import { Figure } from '@/features/figure';
import { onPastedLines } from '@/platform/page';
import {
  draftKept,
  lineGone,
  linesKept,
  moveChosen,
  useAppDispatch,
  usePart,
  useAppSelector,
  useNewId,
} from '@/state';
import { EASY_BREATH } from '@/words/safety';
import { SECTION_TITLES } from '@/words/names';
import { addingChange, readAdding, type Adding } from './adding';
import { nameOf } from './entry-words';
import { entryBefore, type GoesTo } from './goes-to';
import { BUILD } from './strings';
import type { Editing } from './use-routine';

interface AddingLineProps extends Editing {
  readonly goesTo: GoesTo;
  readonly onGoesTo: (goesTo: GoesTo) => void;
  readonly onAdded: (id: ItemId) => void;
  /** A plan of more than one line. */
  readonly onPage: (text: string) => void;
}

/** The line for adding: understood as it is typed, added with Enter; nothing typed is lost. */
export const AddingLine = memo(function AddingLine({
  id,
  routine,
  change,
  goesTo,
  onGoesTo,
  onAdded,
  onPage,
}: AddingLineProps) {
  const newId = useNewId();
  const router = useRouter();
  const t = useTokens();
  const dispatch = useAppDispatch();
  const [typed, setTyped] = useState(useAppSelector((state) => state.lines[id]?.typed) ?? '');
  /** One of the choices, by the arrow keys; none where it is left as it is read. */
  const [picked, setPicked] = useState<number>();
  const [tried, setTried] = useState(false);
  const input = useRef<NativeInput>(null);
  const part = usePart(routine.id);
  const ownWords = useAppSelector((state) => state.ownWords);
  /** What was typed before a whole line was taken in its place. */
  const asked = useRef<string>(undefined);
  const first = useMemo(
    () => readAdding(typed, routine, goesTo, part, ownWords),
    [typed, routine, goesTo, part, ownWords],
  );
  const isOpen = typed.trim() !== '' && !first.entry && !first.turnsTo;
  const choices: readonly Choice[] = first.entry
    ? [undefined, ...first.others]
    : isOpen
      ? [...first.others, 'note', 'own']
      : [];
  const chosen = picked === undefined ? undefined : choices[picked];
  const other = typeof chosen === 'object' ? chosen : undefined;
  const adding = useMemo(
    () => (other ? readAdding(other.text, routine, first.goesTo, part) : first),
    [other, routine, first, part],
  );
  useEffect(() => onPastedLines(BUILD.addLabel, onPage), [onPage]);
  const type = (text: string) => {
    asked.current = undefined;
    setTyped(text);
    setPicked(undefined);
    setTried(false);
  };
  // The first words that are read take all names apart; after the focus there is time for it.
  const makeReady = () => {
    if (typed === '') setTimeout(() => readAdding('turn', routine, goesTo, part));
  };
  const keepUnsent = () => {
    dispatch(typed.trim() === '' ? lineGone(id) : linesKept([{ id, typed }]));
  };
  useHandedOn(typed, keepUnsent);
  const add = () => {
    if (first.turnsTo) {
      onGoesTo(first.goesTo);
      type('');
      return;
    }
    if (chosen === 'own') return writeOwn();
    const entry = chosen === 'note' ? noteOf(typed) : adding.entry;
    if (!entry) {
      setTried(true);
      // The first is marked; the next Enter takes it.
      if (first.others.length > 0) setPicked(0);
      return undefined;
    }
    // What was chosen for typed words is what they mean from now on.
    const words = other ? typed : asked.current;
    if (entry.kind === 'item' && words !== undefined && chosen !== 'note') {
      dispatch(moveChosen(words, entry.moveId));
    }
    return put(entry);
  };
  const put = (entry: Entry) => {
    const added = itemIdSchema.parse(newId());
    change(addingChange(routine, entry, added, adding.place));
    type('');
    onGoesTo({ after: added });
    onAdded(added);
    input.current?.focus();
  };
  /** A move that nobody knows yet, from the words of the line. */
  const writeOwn = () => {
    const draft = emptyDraft(moveIdSchema.parse(`own-${newId()}`), EASY_BREATH);
    const words = typed.replace(/[\d:]+.*$/u, '').trim() || typed.trim();
    dispatch(draftKept({ ...draft, name: words.slice(0, 60) }));
    type('');
    router.push(`/write-move/${draft.id}`);
  };
  const take = (text: string) => {
    type(text);
    input.current?.focus();
  };
  const turn = (by: 1 | -1) => {
    if (choices.length === 0) return;
    const from = picked ?? (first.entry ? 0 : by > 0 ? -1 : choices.length);
    setPicked((from + by + choices.length) % choices.length);
  };
  // Who writes no strict line is told nothing of its form.
  const isStrict = /:/u.test(typed);
  const told = isStrict ? first.problem : first.problem && BUILD.noMoveFor;
  const problem = tried && (isStrict || first.others.length === 0) ? told : '';
  return (
    <View style={[styles.box, { backgroundColor: t.ground, borderTopColor: t.line }]}>
      {typed.trim() !== '' && !isOpen && <Reading adding={adding} routine={routine} />}
      {isOpen && (first.others.length > 0 || tried) && (
        <Choices
          all={choices}
          chosen={chosen}
          routine={routine}
          adding={first}
          onTake={(one) => {
            if (one === 'own') writeOwn();
            else if (one === 'note') put(noteOf(typed));
            else if (one) {
              const words = typed;
              take(one.text);
              asked.current = words;
            }
          }}
        />
      )}
      {!isOpen && first.others.length > 0 && (
        <ScrollView horizontal keyboardShouldPersistTaps="always" style={styles.others}>
          <View role="list" aria-label={BUILD.fits} style={styles.offers}>
            {first.others.map((one) => (
              <View role="listitem" key={one.text}>
                <Pressable
                  role="button"
                  onPress={() => take(one.text)}
                  aria-current={other === one ? 'true' : undefined}
                  style={[
                    styles.offer,
                    { borderColor: t.line, backgroundColor: t.sheet },
                    other === one && { borderColor: t.ink, borderWidth: 2 },
                  ]}
                >
                  <Text variant="bodyMedium">{one.name}</Text>
                </Pressable>
              </View>
            ))}
          </View>
        </ScrollView>
      )}
      <View aria-live="polite">
        {problem !== '' && (
          <Text variant="bodyMedium" style={{ color: t.clay }}>
            {problem}
          </Text>
        )}
      </View>
      <Where routine={routine} adding={first} onGoesTo={onGoesTo} />
      <View style={styles.line}>
        <Field
          ref={input}
          style={styles.input}
          label={BUILD.addLabel}
          value={typed}
          onChangeText={type}
          onFocus={makeReady}
          onBlur={keepUnsent}
          onSubmitEditing={add}
          onKeyPress={(event) => {
            const { key } = event.nativeEvent;
            if (key === 'Escape') {
              setPicked(undefined);
              setTried(false);
            }
            if (key !== 'ArrowDown' && key !== 'ArrowUp') return;
            event.preventDefault();
            turn(key === 'ArrowDown' ? 1 : -1);
          }}
          submitBehavior="submit"
          blurOnSubmit={false}
          autoCapitalize="none"
          autoCorrect={false}
          maxLength={300}
          error={problem !== '' && tried}
        />
        <Button
          mode="outlined"
          contentStyle={styles.button}
          onPress={add}
          disabled={typed.trim() === ''}
        >
          {BUILD.add}
        </Button>
      </View>
    </View>
  );
});

/** What the line is understood as, with its figure and the time it adds. */
function Reading({ adding, routine }: { readonly adding: Adding; readonly routine: Routine }) {
  const t = useTokens();
  const { entry, strict, adds, passed, turnsTo, goesTo } = adding;
  if (turnsTo && 'section' in goesTo) {
    return <Text variant="bodyMedium">{BUILD.turnsTo(SECTION_TITLES[goesTo.section])}</Text>;
  }
  if (!entry) return null;
  const drawn = entry.kind === 'item' ? itemInForce(entry, routine) : undefined;
  return (
    <View style={styles.reading} aria-live="polite">
      {drawn && (
        <Figure
          move={drawn.move}
          level={drawn.level}
          place={entry.kind === 'item' ? entry.at : undefined}
          width={64}
          height={48}
        />
      )}
      <View style={styles.grow}>
        <Text variant="titleMedium">{strict}</Text>
        <Text variant="bodyMedium" style={{ color: t.quiet }}>
          {[BUILD.adds(adds), passed.length > 0 && BUILD.passed(passed)]
            .filter(Boolean)
            .join(' · ')}
        </Text>
      </View>
    </View>
  );
}

interface WhereProps {
  readonly routine: Routine;
  readonly adding: Adding;
  readonly onGoesTo: (goesTo: GoesTo) => void;
}

/** Where the line goes, from the start, and the other sections by a press each. */
function Where({ routine, adding, onGoesTo }: WhereProps) {
  const t = useTokens();
  const { place } = adding;
  const isLast = place.at === routine.sections[place.section].length && place.inBlock === undefined;
  const before = isLast ? undefined : entryBefore(routine, place);
  const section = SECTION_TITLES[place.section];
  return (
    <View style={styles.where}>
      <Text variant="bodyMedium" style={[styles.grow, { color: t.quiet }]}>
        {before ? BUILD.goesAfter(section, nameOf(before, routine)) : BUILD.goesTo(section)}
      </Text>
      {SECTIONS.filter((one) => one !== place.section || before).map((one) => (
        <Target
          key={one}
          look="plain"
          label={SECTION_TITLES[one]}
          said={BUILD.toEnd(SECTION_TITLES[one].toLowerCase())}
          onPress={() => onGoesTo({ section: one })}
        />
      ))}
    </View>
  );
}

/** Another line that may be meant, a note, or a move that nobody knows yet. */
type Choice = Meant | 'note' | 'own' | undefined;

const MOST_NOTE = 300;
const NOTE = itemIdSchema.parse('note');
const noteOf = (typed: string): Entry => ({
  kind: 'note',
  id: NOTE,
  note: typed.trim().slice(0, MOST_NOTE),
});

interface ChoicesProps {
  readonly all: readonly Choice[];
  readonly chosen: Choice;
  readonly routine: Routine;
  readonly adding: Adding;
  readonly onTake: (choice: Choice) => void;
}

/** What a line may mean: whole lines, each with its dose and its figure, and what else may be made of it. */
function Choices({ all, chosen, routine, adding, onTake }: ChoicesProps) {
  const t = useTokens();
  return (
    <ScrollView keyboardShouldPersistTaps="always" style={styles.meant}>
      <View role="list" aria-label={BUILD.fits}>
        {all.map((one) => {
          const key = typeof one === 'object' ? one.text : (one ?? '');
          const drawn = typeof one === 'object' ? drawnOf(one.text, routine, adding) : undefined;
          return (
            <View role="listitem" key={key}>
              <Pressable
                role="button"
                onPress={() => onTake(one)}
                aria-current={chosen === one ? 'true' : undefined}
                style={[
                  styles.whole,
                  { borderColor: t.line },
                  chosen === one && { borderColor: t.ink, borderWidth: 2 },
                ]}
              >
                {drawn && <Figure move={drawn.move} level={drawn.level} width={64} height={48} />}
                <View style={styles.grow}>
                  <Text variant="bodyLarge">{wordsOf(one)}</Text>
                  {typeof one === 'object' && one.differs !== undefined && (
                    <Text variant="bodyMedium" style={{ color: t.quiet }}>
                      {BUILD.differs(one.differs)}
                    </Text>
                  )}
                </View>
              </Pressable>
            </View>
          );
        })}
      </View>
    </ScrollView>
  );
}

const wordsOf = (one: Choice): string =>
  one === 'note'
    ? BUILD.asNote
    : one === 'own'
      ? BUILD.writeOwn
      : (one?.text ?? '').replace(/: $/u, '');

function drawnOf(text: string, routine: Routine, { goesTo }: Adding) {
  const { entry } = readAdding(text.replace(/: $/u, ''), routine, goesTo);
  return entry?.kind === 'item' ? itemInForce(entry, routine) : undefined;
}

const styles = StyleSheet.create({
  box: { borderTopWidth: 1, padding: 12, paddingTop: 8, gap: 6 },
  reading: { flexDirection: 'row', alignItems: 'center', gap: 12, minHeight: 48 },
  grow: { flex: 1, minWidth: 0 },
  others: { flexGrow: 0 },
  meant: { flexGrow: 0, maxHeight: 264 },
  whole: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: 12,
    minHeight: TARGET,
    borderWidth: 1,
    borderRadius: 8,
    paddingHorizontal: 10,
    marginBottom: 4,
  },
  offers: { flexDirection: 'row', gap: 8 },
  offer: {
    minHeight: TARGET,
    borderWidth: 1,
    borderRadius: 24,
    paddingHorizontal: 14,
    justifyContent: 'center',
  },
  where: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center' },
  line: { flexDirection: 'row', alignItems: 'flex-end', gap: 8 },
  input: { flex: 1, minWidth: 0 },
  button: { minHeight: 50 },
});
