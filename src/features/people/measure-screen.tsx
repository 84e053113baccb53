import { useRouter } from 'expo-router';
import { useEffect, useRef, useState } from 'react';
import { ScrollView, StyleSheet, View, useWindowDimensions } from 'react-native';
import { Button, Text } from 'react-native-paper';
import type { Side } from '@/core/body';
import {
  FLOOR_WAYS,
  MEASURES,
  MEASURE_NAMES,
  breathsAMinute,
  readingDayFault,
  type MeasureName,
  type Member,
  type Reading,
} from '@/core/people';
import {
  Choices,
  DayField,
  Field,
  FieldWithProblem,
  Fold,
  Screen,
  TARGET,
  Target,
  useTokens,
} from '@/design';
import { useKeptTyping } from '@/features/typing';
import { NotFoundScreen } from '@/features/notices';
import { membersOf, readingKept, typedAt, useAppDispatch, useAppSelector, useClock } from '@/state';
import { FLOOR_WORDS, MEASURES_INFORM, MEASURE_WORDS, READING_FAULTS } from '@/words/people';
import { PERSON } from './strings';
import { usePerson, type Person } from './use-person';

const M = {
  title: (name: string) => `Measure: ${name}`,
  what: 'What',
  start: 'Start',
  stop: 'Stop',
  again: 'Once more',
  best: (side: string, seconds: number) => `${side} ${seconds} s`,
  left: 'Left',
  right: 'Right',
  side: 'Which side',
  on: 'On',
  seconds: 'Seconds',
  count: 'Count',
  stands: 'Stand counted',
  tapBreath: 'Breath in',
  toGo: (s: number) => `${s} s left`,
  over: 'Time',
  with: 'Hands or an aid used',
  note: 'Note',
  keep: 'Keep it',
  noNumber: 'That is no number. Write it in figures, such as 12 or 8.5.',
  kept: 'Kept.',
  next: (name: string) => `Next: ${name}`,
  source: (words: string) => `Source: ${words}.`,
  way: 'How they get up',
};

/** Takes a measure of somebody, with a big stopwatch, a counter or a field. */
export function MeasureScreen({
  id,
  what,
}: {
  readonly id: string;
  /** What is measured first; what was measured of the one before. */
  readonly what?: string | undefined;
}) {
  const person = usePerson(id);
  const first = MEASURE_NAMES.find((one) => one === what) ?? 'chair-stand';
  return person ? <OfPerson key={id} person={person} first={first} /> : <NotFoundScreen />;
}

/** Who is measured after somebody: a group is measured one after another. */
function useNext({ id, groups: [group] }: Member): Member | undefined {
  const people = useAppSelector((state) => state.people);
  if (!group) return undefined;
  const members = membersOf(people, group);
  return members[members.findIndex((one) => one.id === id) + 1];
}

interface Taken {
  readonly value?: number;
  readonly left?: number;
  readonly right?: number;
}

function OfPerson({
  person: { member, today },
  first,
}: {
  readonly person: Person;
  readonly first: MeasureName;
}) {
  const t = useTokens();
  const router = useRouter();
  const dispatch = useAppDispatch();
  const [measure, setMeasure] = useState<MeasureName>(first);
  const [taken, setTaken] = useState<Taken>({});
  const dayPlace = `day of ${member.id}`;
  const keptDay = useAppSelector((state) => state.typed[dayPlace]?.text);
  const [on, setOn] = useState(keptDay ?? today);
  const chooseDay = (day: string) => {
    setOn(day);
    dispatch(typedAt(dayPlace, day === today ? '' : day));
  };
  const [aid, setAid] = useKeptTyping(`aid of ${member.id}`);
  const [note, setNote] = useKeptTyping(`measure of ${member.id}`);
  const [said, setSaid] = useState('');
  const { how, source } = MEASURE_WORDS[measure];
  const { unit, sided } = MEASURES[measure];
  const choose = (next: MeasureName) => {
    setMeasure(next);
    setTaken({});
    setSaid('');
  };
  const dayFault = readingDayFault(on, today);
  const next = useNext(member);
  const keep = () => {
    const reading: Omit<Reading, 'id'> = {
      person: member.id,
      measure,
      on,
      ...taken,
      ...(aid.trim() !== '' && { with: aid.trim() }),
      ...(note.trim() !== '' && { note: note.trim() }),
    };
    const fault = dispatch(readingKept(reading));
    if (fault) return setSaid(READING_FAULTS[fault]);
    setTaken({});
    setNote('');
    // The next one is often of the same day, but not the one of next week.
    dispatch(typedAt(dayPlace, ''));
    setSaid(M.kept);
  };
  return (
    <Screen
      title={M.title(member.name)}
      tabTitle={PERSON.tab}
      onBack={() => router.replace(`/people/${member.id}`)}
    >
      <ScrollView contentContainerStyle={styles.page}>
        <Fold key={measure} title={M.what} sum={MEASURE_WORDS[measure].title}>
          <Choices
            label={M.what}
            choices={MEASURE_NAMES.map((value) => ({ value, text: MEASURE_WORDS[value].title }))}
            value={measure}
            onChoose={choose}
          />
        </Fold>
        {how.map((words) => (
          <Text key={words} variant="bodyLarge">
            {words}
          </Text>
        ))}
        <Text variant="bodyMedium" style={{ color: t.quiet }}>
          {M.source(source)} {MEASURES_INFORM}
        </Text>
        {unit === 's' && <Stopwatch key={measure} sided={sided} taken={taken} onTaken={setTaken} />}
        {measure === 'chair-stand' && <Stands key={measure} taken={taken} onTaken={setTaken} />}
        {measure === 'breaths' && <Breaths key={measure} taken={taken} onTaken={setTaken} />}
        {measure === 'up-from-floor' ? (
          <Choices
            label={M.way}
            choices={FLOOR_WAYS.map((_, i) => ({ value: String(i), text: FLOOR_WORDS[i] ?? '' }))}
            value={taken.value === undefined ? undefined : String(taken.value)}
            onChoose={(value) => setTaken({ value: Number(value) })}
          />
        ) : (
          <Numbers
            key={`numbers ${measure}`}
            place={`${measure} of ${member.id}`}
            sided={sided}
            unit={unit}
            taken={taken}
            onTaken={setTaken}
          />
        )}
        <DayField
          label={M.on}
          value={on}
          max={today}
          onChange={chooseDay}
          problem={dayFault ? READING_FAULTS[dayFault] : ''}
        />
        <Field label={M.with} value={aid} maxLength={80} onChangeText={setAid} />
        <Field label={M.note} value={note} maxLength={300} onChangeText={setNote} />
        <View aria-live="polite">
          {said !== '' && (
            <Text variant="bodyLarge" style={{ color: said === M.kept ? t.ink : t.clay }}>
              {said}
            </Text>
          )}
        </View>
        <Button mode="contained" contentStyle={styles.button} onPress={keep}>
          {M.keep}
        </Button>
        {next && (
          <Target
            label={M.next(next.name)}
            onPress={() => router.replace(`/measure/${next.id}?what=${measure}`)}
          />
        )}
      </ScrollView>
    </Screen>
  );
}

interface TakenProps {
  readonly taken: Taken;
  readonly onTaken: (taken: Taken) => void;
}

/** Seconds since a start, drawn anew ten times a second. */
function useRunning(): {
  readonly ms: number;
  readonly on: boolean;
  readonly start: () => void;
  readonly stop: () => number;
} {
  const now = useClock();
  const [from, setFrom] = useState<number>();
  const [ms, setMs] = useState(0);
  useEffect(() => {
    if (from === undefined) return undefined;
    const timer = setInterval(() => setMs(now() - from), 100);
    return () => clearInterval(timer);
  }, [from, now]);
  return {
    ms,
    on: from !== undefined,
    start: () => {
      setMs(0);
      setFrom(now());
    },
    stop: () => {
      const took = from === undefined ? 0 : now() - from;
      setMs(took);
      setFrom(undefined);
      return took;
    },
  };
}

const tenths = (ms: number) => Math.floor(ms / 100) / 10;

/** To be read from across a room: the seconds as large as the screen lets them be. */
function Big({ text }: { readonly text: string }) {
  const { width, height } = useWindowDimensions();
  const letters = Math.min(160, width / 3.2, height / 3);
  return <Text style={[styles.big, { fontSize: letters, lineHeight: letters * 1.1 }]}>{text}</Text>;
}

/** Times a stance; each side in turn, the best of two tries stays. */
function Stopwatch({ sided, taken, onTaken }: TakenProps & { readonly sided: boolean }) {
  const watch = useRunning();
  const [side, setSide] = useState<Side>('left');
  const press = () => {
    if (!watch.on) return watch.start();
    const seconds = tenths(watch.stop());
    if (!sided) return onTaken({ value: seconds });
    const best = Math.max(taken[side] ?? 0, seconds);
    onTaken({ ...taken, [side]: best });
    if (taken[side] === undefined) setSide(side === 'left' ? 'right' : 'left');
    return undefined;
  };
  return (
    <View style={styles.watch}>
      {sided && (
        <Choices
          label={M.side}
          choices={[
            { value: 'left', text: M.left },
            { value: 'right', text: M.right },
          ]}
          value={side}
          onChoose={setSide}
        />
      )}
      <Big text={tenths(watch.ms).toFixed(1)} />
      <Target
        label={watch.on ? M.stop : M.start}
        look="filled"
        height={96}
        letters={28}
        onPress={press}
      />
    </View>
  );
}

const STAND_MS = 30_000;

/** Counts stands for thirty seconds; what is pressed after them does not count. */
function Stands({ onTaken }: TakenProps) {
  const watch = useRunning();
  const [count, setCount] = useState(0);
  const left = Math.max(0, STAND_MS - watch.ms);
  const over = watch.on && left === 0;
  const press = () => {
    if (!watch.on) {
      setCount(0);
      return watch.start();
    }
    if (over) {
      watch.stop();
      return onTaken({ value: count });
    }
    setCount(count + 1);
    return onTaken({ value: count + 1 });
  };
  return (
    <View style={styles.watch}>
      <Big text={String(count)} />
      <Text variant="titleLarge" style={styles.middle}>
        {over ? M.over : M.toGo(Math.ceil(left / 1000))}
      </Text>
      <Target
        label={!watch.on ? M.start : over ? M.stop : M.stands}
        look="filled"
        height={96}
        letters={28}
        onPress={press}
      />
    </View>
  );
}

/** A tap at each breath in. */
function Breaths({ taken, onTaken }: TakenProps) {
  const now = useClock();
  const [taps, setTaps] = useState<readonly number[]>([]);
  const press = () => {
    const next = [...taps, now()].slice(-20);
    setTaps(next);
    const rate = breathsAMinute(next);
    if (rate !== undefined) onTaken({ value: rate });
  };
  return (
    <View style={styles.watch}>
      <Big text={taken.value === undefined ? '–' : String(taken.value)} />
      <Target label={M.tapBreath} look="filled" height={96} letters={28} onPress={press} />
    </View>
  );
}

/** The numbers themselves, to be written or put right. */
function Numbers({
  place,
  sided,
  unit,
  taken,
  onTaken,
}: TakenProps & { readonly place: string; readonly sided: boolean; readonly unit: string }) {
  const field = (key: keyof Taken, label: string) => (
    <NumberField
      key={key}
      place={`${place} ${key}`}
      label={label}
      value={taken[key]}
      digits={unit === 's' ? 1 : 0}
      onValue={(value) => {
        const { [key]: _, ...rest } = taken;
        onTaken(value === undefined ? rest : { ...rest, [key]: value });
      }}
    />
  );
  return (
    <View style={styles.row}>
      {sided
        ? [field('left', `${M.left}, ${unit}`), field('right', `${M.right}, ${unit}`)]
        : field('value', unit === 'times' ? M.count : unit)}
    </View>
  );
}

/** What is typed as a number, with a point or a comma; undefined where it is none. */
function numberIn(typed: string): number | undefined {
  const number = Number(typed.replace(',', '.'));
  return typed.trim() === '' || !Number.isFinite(number) ? undefined : number;
}

function NumberField({
  place,
  label,
  value,
  digits,
  onValue,
}: {
  /** Where what is typed is kept until it is pressed. */
  readonly place: string;
  readonly label: string;
  readonly value: number | undefined;
  /** Behind the point, of what was measured; what is typed stays as it is. */
  readonly digits: number;
  readonly onValue: (value: number | undefined) => void;
}) {
  const [typed, setTyped] = useKeptTyping(place);
  const number = numberIn(typed);
  const wasGiven = useRef(false);
  useEffect(() => {
    // What stood here before a reload counts again; what was kept with a press is gone.
    if (value === undefined && number !== undefined) {
      if (wasGiven.current) setTyped('');
      else onValue(number);
    }
    wasGiven.current = value !== undefined;
  });
  const shown = value === number ? typed : (value?.toFixed(digits) ?? '');
  return (
    <FieldWithProblem
      label={label}
      value={shown}
      maxLength={6}
      inputMode="decimal"
      style={styles.number}
      problem={shown.trim() !== '' && numberIn(shown) === undefined ? M.noNumber : ''}
      onChangeText={(text) => {
        wasGiven.current = false;
        setTyped(text);
        onValue(numberIn(text));
      }}
    />
  );
}

const styles = StyleSheet.create({
  page: { padding: 16, gap: 12, maxWidth: 760, width: '100%', alignSelf: 'center' },
  watch: { gap: 12 },
  big: { textAlign: 'center', fontVariant: ['tabular-nums'], fontWeight: '700' },
  middle: { textAlign: 'center' },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  number: { flexGrow: 1, flexShrink: 1, minWidth: 90, maxWidth: 200 },
  button: { minHeight: TARGET },
});
