import { useRouter } from 'expo-router';
import { useEffect, useState } from 'react';
import { ScrollView, StyleSheet, View, useWindowDimensions } from 'react-native';
import { Text } from 'react-native-paper';
import {
  draftOf,
  measured,
  paceMeasured,
  sheetOf,
  stagesOf,
  type MeasuredStage,
  type RehearsalStage,
} from '@/core/class';
import { routineIdSchema } from '@/core/common';
import type { Routine } from '@/core/routine';
import { SANS, Screen, Target, useTokens, rem } from '@/design';
import { NotFoundScreen } from '@/features/notices';
import { askBeforeLeaving } from '@/platform/page';
import { keepAwake } from '@/platform/wake-lock';
import {
  bringIn,
  paceTaken,
  partToday,
  readClock,
  scoreOf,
  useAppDispatch,
  useAppSelector,
} from '@/state';
import { GROUP_TITLES, timeWords } from '@/words/names';
import { fitted } from './fit';
import { REHEARSE } from './rehearse-strings';
import { useLeadKeys } from './use-lead-keys';

/** The instructor does the routine their own way, and taps at each change. */
export function RehearseScreen({ id: address }: { readonly id: string }) {
  const id = routineIdSchema.safeParse(address).data;
  const routine = useAppSelector((state) => (id ? state.routines[id]?.routine : undefined));
  const dispatch = useAppDispatch();
  const [stages] = useState(() =>
    routine ? stagesOf(scoreOf(routine, dispatch(partToday(routine)))) : [],
  );
  const [taps, setTaps] = useState<readonly number[]>([]);
  const [startMs, setStartMs] = useState<number>();
  const [done, setDone] = useState(false);
  const router = useRouter();
  const running = startMs !== undefined && !done;
  useEffect(() => (running ? askBeforeLeaving() : undefined), [running]);
  useEffect(() => (running ? keepAwake(() => undefined) : undefined), [running]);
  const tap = () => {
    const { nowMs } = dispatch(readClock());
    if (startMs === undefined) return setStartMs(nowMs);
    const next = [...taps, Math.round(nowMs - startMs)];
    setTaps(next);
    if (next.length >= stages.length) setDone(true);
    return undefined;
  };
  useLeadKeys((key) => {
    if (done) return false;
    if (key === 'hold' || key === 'on') tap();
    else if (key === 'back') setTaps(taps.slice(0, -1));
    else if (key === 'finish' && taps.length > 0) setDone(true);
    else return false;
    return true;
  });
  if (!routine) return <NotFoundScreen />;
  const leave = () => router.replace(`/routine/${routine.id}`);
  return (
    <Screen title={REHEARSE.title(routine.title)} onBack={leave}>
      {done ? (
        <Sheet
          routine={routine}
          real={measured(stages, taps)}
          onAgain={() => {
            setTaps([]);
            setStartMs(undefined);
            setDone(false);
          }}
        />
      ) : (
        <Tapping
          stage={stages[taps.length]}
          next={stages[taps.length + 1]}
          sinceMs={startMs === undefined ? undefined : startMs + (taps.at(-1) ?? 0)}
          at={taps.length}
          of={stages.length}
          onTap={tap}
          onBack={() => setTaps(taps.slice(0, -1))}
          onDone={() => setDone(true)}
        />
      )}
    </Screen>
  );
}

function stageWords({ kind, moveName, side }: RehearsalStage): string {
  const what = REHEARSE.kinds[kind];
  const name = kind === 'work' ? '' : moveName ? `, ${moveName}` : '';
  if (kind !== 'work') return `${what}${name}`;
  const sideWords = side ? REHEARSE.sides[side] : '';
  return [moveName, sideWords].filter(Boolean).join(', ');
}

interface TappingProps {
  readonly stage: RehearsalStage | undefined;
  readonly next: RehearsalStage | undefined;
  /** The clock when this began; undefined before the first tap. */
  readonly sinceMs: number | undefined;
  readonly at: number;
  readonly of: number;
  readonly onTap: () => void;
  readonly onBack: () => void;
  readonly onDone: () => void;
}

/** One large place to tap, anywhere within reach of a foot or a stick. */
function Tapping({ stage, next, sinceMs, at, of, onTap, onBack, onDone }: TappingProps) {
  const t = useTokens();
  const dispatch = useAppDispatch();
  const { width } = useWindowDimensions();
  const [, redraw] = useState(0);
  useEffect(() => {
    const timer = setInterval(() => redraw((n) => n + 1), 200);
    return () => clearInterval(timer);
  }, []);
  if (!stage) return <Text style={styles.page}>{REHEARSE.empty}</Text>;
  const name = stageWords(stage);
  const size = fitted(name, { width: width - 48, lines: 2, most: 56, least: 22 });
  const begun = sinceMs !== undefined;
  const seconds = begun
    ? Math.floor(Math.max(0, dispatch(readClock()).nowMs - sinceMs) / 1000)
    : undefined;
  return (
    <View style={styles.tapping}>
      <Text
        role="heading"
        aria-level={2}
        style={[styles.name, { fontSize: size, lineHeight: size * 1.2 }]}
      >
        {name}
      </Text>
      <Text style={[styles.seconds, { color: t.quiet }]}>
        {seconds === undefined
          ? REHEARSE.hint
          : `${seconds} s · ${REHEARSE.planned(timeWords(Math.round(stage.plannedMs / 1000) * 1000))}`}
      </Text>
      <Target
        label={!begun ? REHEARSE.begin : next ? REHEARSE.tap(stageWords(next)) : REHEARSE.end}
        look="filled"
        letters={Math.max(22, size * 0.6)}
        style={styles.place}
        onPress={onTap}
      />
      <View style={styles.row}>
        <Target label={REHEARSE.back} disabled={at === 0} onPress={onBack} />
        <Target label={REHEARSE.done} disabled={at === 0} onPress={onDone} />
        <Text variant="bodyLarge" style={{ color: t.quiet }}>
          {REHEARSE.of(Math.min(at + 1, of), of)}
        </Text>
      </View>
    </View>
  );
}

interface SheetProps {
  readonly routine: Routine;
  readonly real: readonly MeasuredStage[];
  readonly onAgain: () => void;
}

/** Real seconds beside planned ones, left beside right, and what may be made of them. */
function Sheet({ routine, real, onAgain }: SheetProps) {
  const t = useTokens();
  const router = useRouter();
  const dispatch = useAppDispatch();
  const [taken, setTaken] = useState('');
  const pace = paceMeasured(routine, real);
  const group = GROUP_TITLES[routine.group].toLowerCase();
  const hasPace = Object.keys(pace).length > 0;
  const time = (ms: number) => timeWords(Math.round(ms / 1000) * 1000);
  const draft = () => {
    const made = { ...draftOf(routine, real), title: REHEARSE.draftTitle(routine.title) };
    router.replace(`/routine/${dispatch(bringIn(made))}`);
  };
  const sum = (kind: string, of: 'plannedMs' | 'realMs') =>
    real.filter((one) => one.kind === kind).reduce((ms, one) => ms + one[of], 0);
  return (
    <ScrollView contentContainerStyle={styles.page}>
      {sheetOf(routine, real).map(({ itemId, moveName, sides }) => (
        <View key={itemId} style={[styles.item, { borderBottomColor: t.line }]}>
          <Text variant="titleMedium">{moveName}</Text>
          <View style={styles.sides}>
            {sides.map(({ side, plannedMs, realMs }) => (
              <Text key={side} variant="bodyLarge" style={styles.side}>
                {side && side !== 'both' ? `${REHEARSE.sides[side]}: ` : ''}
                {REHEARSE.beside(time(realMs), time(plannedMs))}
              </Text>
            ))}
          </View>
        </View>
      ))}
      {(['way', 'set-up', 'switch', 'rest'] as const)
        .filter((kind) => sum(kind, 'plannedMs') > 0)
        .map((kind) => (
          <Text key={kind} variant="bodyLarge" style={{ color: t.quiet }}>
            {REHEARSE.kinds[kind]}:{' '}
            {REHEARSE.beside(time(sum(kind, 'realMs')), time(sum(kind, 'plannedMs')))}
          </Text>
        ))}
      <View style={styles.row}>
        <Target label={REHEARSE.makeDraft} look="filled" onPress={draft} />
        {hasPace && taken === '' && (
          <Target
            label={REHEARSE.takePace(group)}
            onPress={() =>
              setTaken(REHEARSE.paceTaken(dispatch(paceTaken(routine.group, pace)), group))
            }
          />
        )}
        <Target label={REHEARSE.again} onPress={onAgain} />
      </View>
      <View aria-live="polite">{taken !== '' && <Text variant="bodyLarge">{taken}</Text>}</View>
    </ScrollView>
  );
}

const styles = StyleSheet.create({
  page: { padding: 16, gap: 12, maxWidth: 760, width: '100%', alignSelf: 'center' },
  tapping: { flex: 1, padding: 16, gap: 12, minHeight: 0 },
  name: { fontFamily: SANS, fontWeight: '700', textAlign: 'center' },
  seconds: { fontFamily: SANS, fontSize: rem(24), lineHeight: rem(32), textAlign: 'center' },
  place: { flexGrow: 1 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 12, alignItems: 'center' },
  item: { borderBottomWidth: 1, paddingVertical: 8, gap: 4 },
  sides: { flexDirection: 'row', flexWrap: 'wrap', columnGap: 24 },
  side: { minWidth: 180, fontVariant: ['tabular-nums'] },
});
