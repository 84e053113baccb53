import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { parseLength, printClock, type PersonId } from '@/core/common';
import type { Missing } from '@/core/judgement';
import { limitWords, readLimits } from '@/core/people';
import type { Routine } from '@/core/routine';
import { Choices, FieldWithProblem, Picks, TARGET, Target, useTokens } from '@/design';
import { useKeptTyping } from '@/features/typing';
import {
  membersOf,
  placeOfTonight,
  tonightForgotten,
  useAppDispatch,
  useAppSelector,
  useScore,
  useToday,
} from '@/state';
import { LimitUnread } from './limits-field';
import { PanelTop } from './panel-top';
import type { Proposals } from './proposal';
import { Steps } from '@/features/steps';
import { TONIGHT } from './strings';

const MINUTE_MS = 60_000;
const LESS = [5, 8, 10, 15, 20] as const;
/** All but furniture that a class has anyway; words for it are in the strings. */
const WITHOUT: readonly Missing[] = ['mat', 'wall', 'chair', 'counter'];
const MOST_MORE = 50;

interface TonightPanelProps {
  readonly routine: Routine;
  readonly proposals: Proposals;
  readonly onClose: () => void;
}

/** What is different tonight, all on one sheet: time, people, the room; shown before it is kept. */
export function TonightPanel({ routine, proposals, onClose }: TonightPanelProps) {
  const { totalMs } = useScore(routine);
  const classFor = useAppSelector((state) => state.classFor[routine.id]);
  const people = useAppSelector((state) => state.people);
  const today = useToday();
  const members = useMemo(
    () => (classFor ? membersOf(people, classFor.groupId) : []),
    [classFor, people],
  );
  const [toMs, setToMs] = useState<number>();
  const [without, setWithout] = useState<readonly Missing[]>([]);
  const [who, setWho] = useState<readonly PersonId[]>([]);
  const [said, setSaid] = useKeptTyping(placeOfTonight(routine.id));
  const known = classFor?.more?.on === today ? classFor.more.count : 0;
  const [more, setMore] = useState(known);
  const { limits, unread } = readLimits(said);
  // Chosen for what was typed: without it they are chosen for nothing.
  const named = who.length > 0 && limits.length > 0;
  const isDifferent =
    toMs !== undefined || without.length > 0 || limits.length > 0 || more !== known;
  const show = () =>
    void proposals.tonight({
      asked: { toMs, without, keep: [], some: named ? [] : limits },
      people: named ? who : [],
      limits: named ? limits : [],
      more,
    });
  return (
    <View style={styles.all}>
      <PanelTop title={TONIGHT.title} onClose={onClose} />
      <HowLong totalMs={totalMs} toMs={toMs} onLength={setToMs} />
      <Picks
        label={TONIGHT.without}
        choices={WITHOUT.map((value) => ({ value, text: TONIGHT.no[value] }))}
        values={[...without]}
        onChange={(next) => setWithout(next)}
      />
      <FieldWithProblem
        label={members.length > 0 ? TONIGHT.haveNamed : TONIGHT.have}
        value={said}
        maxLength={300}
        problem=""
        onChangeText={setSaid}
        onSubmitEditing={isDifferent ? show : undefined}
      />
      {said.trim() !== '' && limits.length > 0 && (
        <Text variant="bodyMedium">{TONIGHT.understood(limits.map(limitWords).join(', '))}</Text>
      )}
      {unread.map(({ words }) => (
        <LimitUnread
          key={words}
          words={words}
          onAnswer={(instead) =>
            setSaid(
              [
                ...limits.map(limitWords),
                ...unread.map((one) => (one.words === words ? instead : one.words)),
              ]
                .filter(Boolean)
                .join(', '),
            )
          }
        />
      ))}
      {members.length > 0 && limits.length > 0 && (
        <Picks
          label={TONIGHT.who}
          choices={members.map(({ id, name }) => ({ value: id as string, text: name }))}
          values={[...who]}
          onChange={(next) => setWho(next as PersonId[])}
        />
      )}
      {members.length > 0 && (
        <Steps
          label={TONIGHT.more}
          shown={String(more)}
          onLess={more > 0 ? () => setMore(more - 1) : undefined}
          onMore={more < MOST_MORE ? () => setMore(more + 1) : undefined}
        />
      )}
      <ForToday routine={routine} today={today} />
      <Button mode="contained" contentStyle={styles.button} disabled={!isDifferent} onPress={show}>
        {TONIGHT.show}
      </Button>
    </View>
  );
}

interface HowLongProps {
  readonly totalMs: number;
  readonly toMs: number | undefined;
  readonly onLength: (ms: number | undefined) => void;
}

/** So many minutes less by a press, or any length. */
function HowLong({ totalMs, toMs, onLength }: HowLongProps) {
  const [typed, setTyped] = useState('');
  const read = typed.trim() === '' ? undefined : parseLength(typed);
  const wrong = read !== undefined && !(read.ok && read.value >= 1000);
  const choices = LESS.filter((n) => n * MINUTE_MS < totalMs).map((n) => ({
    value: String(totalMs - n * MINUTE_MS),
    text: TONIGHT.less(n, printClock(totalMs - n * MINUTE_MS)),
  }));
  const whole = Math.floor(totalMs / 1000) * 1000;
  return (
    <View>
      <Choices
        label={TONIGHT.time(printClock(totalMs))}
        choices={[{ value: 'as it is', text: TONIGHT.asItIs }, ...choices]}
        value={toMs === undefined ? 'as it is' : String(toMs)}
        onChoose={(value) => {
          setTyped('');
          onLength(value === 'as it is' ? undefined : Math.floor(Number(value) / 1000) * 1000);
        }}
      />
      <FieldWithProblem
        label={TONIGHT.length}
        value={typed}
        maxLength={40}
        problem={wrong ? TONIGHT.lengthWrong : ''}
        onChangeText={(text) => {
          setTyped(text);
          const next = parseLength(text);
          const ms = next.ok && next.value >= 1000 && next.value !== whole ? next.value : undefined;
          onLength(ms);
        }}
      />
    </View>
  );
}

/** Who has something today already, and the way to take that back. */
function ForToday({ routine, today }: { readonly routine: Routine; readonly today: string }) {
  const t = useTokens();
  const dispatch = useAppDispatch();
  const people = useAppSelector((state) => state.people);
  const classFor = useAppSelector((state) => state.classFor[routine.id]);
  const said = (classFor ? membersOf(people, classFor.groupId) : []).flatMap(
    ({ name, today: now }) =>
      now?.on === today && now.limits ? [`${name}: ${now.limits.map(limitWords).join(', ')}`] : [],
  );
  if (said.length === 0) return null;
  return (
    <View>
      <Text variant="bodyMedium" style={{ color: t.quiet }}>
        {TONIGHT.today(said.join('; '))}
      </Text>
      <Target
        look="plain"
        align="start"
        label={TONIGHT.takeBack}
        onPress={() => dispatch(tonightForgotten(routine.id, today))}
      />
    </View>
  );
}

const styles = StyleSheet.create({
  all: { padding: 16, gap: 12 },
  button: { minHeight: TARGET },
});
