import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { CHALLENGES, SUPPORTS, type Challenge, type Support } from '@/core/moves';
import {
  BASES,
  LADDER_SCHOOLS,
  foreseen,
  measuredRung,
  placeOn,
  leastContact,
  rungsOf,
  timesOn,
  type Base,
  type LadderNow,
  type LadderSchool,
  type Rung,
} from '@/core/people';
import { withCapital, withStop } from '@/core/common';
import { Choices, Field, Fold, TARGET, useTokens } from '@/design';
import { useKeptTyping } from '@/features/typing';
import {
  ladderNow,
  placedOnLadder,
  schoolOfLadder,
  STANCES_FAMILY,
  useAppDispatch,
  useAppSelector,
} from '@/state';
import {
  BASE_WORDS,
  HANDS_WORDS,
  MEASURE_WORDS,
  SCHOOL_WORDS,
  ladderSentence,
  rungWords,
} from '@/words/people';
import { dayShown } from '@/words/moments';
import { LadderDrawing } from './ladder-drawing';
import { readingSaid, readingsOf } from './person-measures';
import { PERSON } from './strings';
import type { Person } from './use-person';

interface LadderProps {
  readonly person: Person;
  readonly family: string;
}

const SCHOOLS = LADDER_SCHOOLS.map((value) => ({ value, text: SCHOOL_WORDS[value].title }));
/** So far ahead is looked, and so often is a class. */
const AHEAD = { weeks: 6, everyDays: 7 };

/** The ladders of somebody, one for each family of drills that their classes have. */
export function Ladders({ person }: { readonly person: Person }) {
  const { member, came } = person;
  const [family, setFamily] = useState<string>(STANCES_FAMILY);
  const met = came
    .flatMap(({ plan }) => plan?.items ?? [])
    .filter(({ kind }) => kind === 'balance');
  const families = [
    ...new Set([
      STANCES_FAMILY,
      ...Object.keys(member.ladders ?? {}),
      ...met.map((one) => one.family),
    ]),
  ];
  return (
    <View style={styles.all}>
      {families.length > 1 && (
        <Choices
          label={PERSON.family}
          choices={families.map((value) => ({
            value,
            text: withCapital(value.replaceAll('-', ' ')),
          }))}
          value={family}
          onChoose={setFamily}
        />
      )}
      <LadderView key={family} person={person} family={family} />
    </View>
  );
}

/** Where somebody stands, what the next single step is, and how it came to that. */
function LadderView({ person, family }: LadderProps) {
  const t = useTokens();
  const dispatch = useAppDispatch();
  const { member, older } = person;
  const ladder = member.ladders?.[family];
  const now = ladderNow(person, family);
  if (!ladder || !now) return <SetByHand person={person} family={family} />;
  const { school } = ladder;
  const rungs = rungsOf(school, older);
  const next = rungs[placeOn(rungs, now.rung) + 1];
  return (
    <View style={styles.all}>
      <LadderDrawing rungs={rungs} now={now.rung} />
      <Text variant="titleMedium">
        {PERSON.now}: {rungWords(now.rung)}
      </Text>
      <Text variant="bodyLarge">
        {PERSON.nextStep}: {next ? rungWords(next) : PERSON.noneComing}
      </Text>
      <Text variant="bodyLarge" style={now.waits ? { color: t.clay } : undefined}>
        {now.waits ? PERSON.waits[now.waits] : PERSON.passed(now.passedOn.length)}
      </Text>
      <Choices
        label={PERSON.school}
        choices={SCHOOLS}
        value={school}
        onChoose={(value) => dispatch(schoolOfLadder(member.id, family, value))}
      />
      <Text variant="bodyMedium" style={{ color: t.quiet }}>
        {withStop(withCapital(SCHOOL_WORDS[school].means))}
      </Text>
      <Fold title={PERSON.story}>
        <Story now={now} />
      </Fold>
      <Fold title={PERSON.coming}>
        <Coming person={person} now={now} />
      </Fold>
      <Fold title={PERSON.setByHand}>
        <SetByHand person={person} family={family} from={now.rung} school={school} />
      </Fold>
    </View>
  );
}

function Story({ now }: { readonly now: LadderNow }) {
  return (
    <View role="list">
      {[...now.turns]
        .reverse()
        .slice(0, 20)
        .map((turn, i) => (
          <View key={`${turn.on} ${i}`} role="listitem" style={styles.turn}>
            <Text variant="bodyLarge" style={styles.day}>
              {dayShown(turn.on)}
            </Text>
            <Text variant="bodyLarge" style={styles.grow}>
              {turn.way === 'up' ? '↑ ' : turn.way === 'back' ? '↓ ' : ''}
              {withStop(withCapital(ladderSentence(turn)))}
            </Text>
          </View>
        ))}
    </View>
  );
}

function Coming({ person, now }: { readonly person: Person; readonly now: LadderNow }) {
  const t = useTokens();
  return (
    <View style={styles.all}>
      <Text variant="bodyMedium" style={{ color: t.quiet }}>
        {PERSON.comingHint}
      </Text>
      {LADDER_SCHOOLS.map((school) => {
        const coming = foreseen(school, person.older, now.rung, {
          ...AHEAD,
          on: person.today,
          passed: now.passedOn.length,
        });
        return (
          <View key={school}>
            <Text variant="titleMedium">{SCHOOL_WORDS[school].title}</Text>
            {coming.map(({ on, rung }) => (
              <View key={on} style={styles.turn}>
                <Text variant="bodyLarge" style={styles.day}>
                  {dayShown(on)}
                </Text>
                <Text variant="bodyLarge" style={styles.grow}>
                  {rungWords(rung)}
                </Text>
              </View>
            ))}
          </View>
        );
      })}
    </View>
  );
}

const FIRST: Rung = { base: 'apart', hands: 'fingertips', challenge: 'still', timeMs: 10_000 };

function SetByHand({
  person,
  family,
  from,
  school = 'hands first',
}: LadderProps & { readonly from?: Rung; readonly school?: LadderSchool }) {
  const dispatch = useAppDispatch();
  const { member, older } = person;
  const readings = useAppSelector((state) => state.readings);
  const measured =
    from || family !== STANCES_FAMILY
      ? undefined
      : measuredRung(
          readingsOf(readings, member.id),
          person.today,
          member.events
            ?.map(({ on }) => on)
            .sort()
            .at(-1),
        );
  const [rung, setRung] = useState<Rung>(from ?? measured?.rung ?? FIRST);
  const [why, setWhy] = useKeptTyping(`rung of ${member.id}`);
  const [tried, setTried] = useState(false);
  const words = why.trim();
  const isFirst = !from;
  const times = timesOn(rung.base);
  const keep = () => {
    setTried(true);
    if (!isFirst && words === '') return;
    dispatch(placedOnLadder(member.id, family, { school, rung, why: words }));
    setWhy('');
    setTried(false);
  };
  const withBase = (base: Base) =>
    setRung({
      ...rung,
      base,
      timeMs: timesOn(base).find((one) => one >= rung.timeMs) ?? timesOn(base)[0] ?? 10_000,
    });
  const { base } = rung;
  const challenges = CHALLENGES.filter(
    (one) => base === 'seated' || leastContact(base, one, older) !== 'not-used',
  );
  return (
    <View style={styles.all}>
      {isFirst && <Text variant="bodyLarge">{PERSON.notPlaced}</Text>}
      {measured && (
        <Text variant="bodyLarge">
          {PERSON.measuredRung(
            `${MEASURE_WORDS[measured.from.measure].title}, ${readingSaid(measured.from)}, ${dayShown(measured.from.on)}`,
            rungWords(measured.rung),
          )}
        </Text>
      )}
      <Choices
        label={PERSON.base}
        choices={BASES.map((value) => ({ value, text: BASE_WORDS[value] }))}
        value={rung.base}
        onChoose={withBase}
      />
      <Choices
        label={PERSON.hands}
        choices={SUPPORTS.map((value: Support) => ({ value, text: HANDS_WORDS[value] }))}
        value={rung.hands}
        onChoose={(hands) => setRung({ ...rung, hands })}
      />
      <Choices
        label={PERSON.challenge}
        choices={challenges.map((value: Challenge) => ({ value, text: value }))}
        value={rung.challenge}
        onChoose={(challenge) => setRung({ ...rung, challenge })}
      />
      <Choices
        label={PERSON.time}
        choices={times.map((one) => ({ value: String(one), text: String(one / 1000) }))}
        value={String(rung.timeMs)}
        onChoose={(value) => setRung({ ...rung, timeMs: Number(value) })}
      />
      {!isFirst && (
        <Field
          label={PERSON.why}
          value={why}
          maxLength={300}
          onChangeText={setWhy}
          error={tried && words === ''}
        />
      )}
      {!isFirst && tried && words === '' && <Text variant="bodyMedium">{PERSON.whyNeeded}</Text>}
      <Button mode="contained" contentStyle={styles.button} style={styles.start} onPress={keep}>
        {isFirst ? PERSON.place : PERSON.keep}
      </Button>
    </View>
  );
}

const styles = StyleSheet.create({
  all: { gap: 12 },
  turn: { flexDirection: 'row', gap: 12, paddingVertical: 4 },
  day: { fontVariant: ['tabular-nums'] },
  grow: { flexShrink: 1 },
  button: { minHeight: TARGET },
  start: { alignSelf: 'flex-start' },
});
