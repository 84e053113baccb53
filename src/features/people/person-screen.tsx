import { useRouter } from 'expo-router';
import { useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { withCapital, withStop } from '@/core/common';
import { duesOf } from '@/core/people';
import { Fold, Screen, TARGET, Target, useTokens, Toggle } from '@/design';
import { useHall } from '@/features/frame';
import { NotFoundScreen } from '@/features/notices';
import {
  eventDealtWith,
  ladderNow,
  notesNaming,
  personChanged,
  readAllRuns,
  STANCES_FAMILY,
  takePersonOut,
  useAppDispatch,
  useAppSelector,
} from '@/state';
import { LIMIT_NAMES } from '@/words/names';
import { DUE_WORDS } from '@/words/groups';
import { rungWords } from '@/words/people';
import { PersonCharts } from './charts-of-person';
import { KeptField } from './kept-field';
import { Ladders } from './ladder-view';
import { PersonClearances } from './person-clearances';
import { PersonDoses } from './person-doses';
import { PersonLimits } from './person-limits';
import { PersonMeasures } from './person-measures';
import { PersonTaking, takingSum } from './person-taking';
import { PERSON } from './strings';
import { usePerson, type Person } from './use-person';

/** All that is kept of somebody, in parts that open where they stand. */
export function PersonScreen({ id }: { readonly id: string }) {
  const person = usePerson(id);
  return person ? <OfPerson key={id} person={person} /> : <NotFoundScreen />;
}

function OfPerson({ person }: { readonly person: Person }) {
  const t = useTokens();
  const router = useRouter();
  const dispatch = useAppDispatch();
  const { member, came, today } = person;
  const groups = useAppSelector((state) => state.groups);
  const change = (words: Parameters<typeof personChanged>[1]) =>
    dispatch(personChanged(member.id, words));
  const dues = duesOf(member).filter(({ from }) => from <= today);
  const ladder = ladderNow(person, STANCES_FAMILY);
  const limits = member.limits;
  return (
    <Screen
      title={member.name}
      tabTitle={PERSON.tab}
      onBack={() => (router.canGoBack() ? router.back() : router.replace('/people'))}
    >
      <ScrollView contentContainerStyle={styles.page}>
        {[...new Set(dues.map(({ due }) => due))].map((due) => (
          <Text key={due} variant="bodyLarge" style={{ color: t.clay }}>
            {withStop(withCapital(DUE_WORDS[due]))}
          </Text>
        ))}
        {dues.some(({ due }) => due === 'happened') && (
          <Target
            label={PERSON.dealtWith}
            align="start"
            style={styles.start}
            onPress={() => dispatch(eventDealtWith(member.id))}
          />
        )}
        <Fold title={PERSON.limits} sum={limitsSum(limits)} open={!limits}>
          <PersonLimits person={person} />
        </Fold>
        <Fold title={PERSON.taking} sum={takingSum(member, groups)}>
          <PersonTaking person={person} />
        </Fold>
        <Fold
          title={PERSON.clearances}
          sum={member.clearances?.length ? String(member.clearances.length) : ''}
        >
          <PersonClearances person={person} />
        </Fold>
        <Fold
          title={PERSON.ladder}
          sum={ladder ? rungWords(ladder.rung) : PERSON.notPlaced}
          open={ladder !== undefined}
        >
          <Ladders person={person} />
        </Fold>
        <Fold title={PERSON.doses} open={came.length > 0}>
          <PersonDoses person={person} />
        </Fold>
        <Fold title={PERSON.measures}>
          <PersonMeasures person={person} />
        </Fold>
        <Fold title={PERSON.weeks} open={came.length > 0}>
          <PersonCharts person={person} />
        </Fold>
        <Fold title={PERSON.notes} sum={member.notes ?? ''}>
          <KeptField
            label={PERSON.name}
            kept={member.name}
            most={80}
            onKeep={(name) => name !== '' && change({ name: name.replace(/\s+/gu, ' ') })}
          />
          <KeptField
            label={PERSON.notes}
            kept={member.notes ?? ''}
            most={1000}
            multiline
            onKeep={(notes) => change({ notes: notes === '' ? undefined : notes })}
          />
          <Text variant="bodyMedium" style={{ color: t.quiet }}>
            {PERSON.notesHint}
          </Text>
        </Fold>
        <Fold
          title={PERSON.consent}
          sum={member.agreedOn ? PERSON.agreedOn(member.agreedOn) : PERSON.notAgreed}
          open={!member.agreedOn}
        >
          <Text variant="bodyLarge">
            {member.agreedOn ? PERSON.agreedOn(member.agreedOn) : PERSON.notAgreed}
          </Text>
          {!member.agreedOn && (
            <Button
              mode="outlined"
              contentStyle={styles.button}
              style={styles.start}
              onPress={() => change({ agreedOn: today })}
            >
              {PERSON.agree}
            </Button>
          )}
        </Fold>
        <View style={styles.start}>
          <Target
            icon="print"
            label={PERSON.report}
            onPress={() => router.push(`/report/${member.id}`)}
          />
        </View>
        <TakeOut person={person} />
      </ScrollView>
    </Screen>
  );
}

function limitsSum(limits: Person['member']['limits']): string {
  if (!limits) return PERSON.neverAsked;
  if (limits.length === 0) return PERSON.none;
  return limits
    .map(({ limit, side }) => [LIMIT_NAMES[limit], side].filter(Boolean).join(' '))
    .join(', ');
}

/** One action takes somebody out of everything; it is asked once whether that is meant. */
function TakeOut({ person: { member } }: { readonly person: Person }) {
  const { hall } = useHall();
  const dispatch = useAppDispatch();
  const router = useRouter();
  const [named, setNamed] = useState<number>();
  const [blot, setBlot] = useState(true);
  const ask = async () => {
    await readAllRuns(hall);
    setNamed(dispatch(notesNaming(member.name)));
  };
  const take = () => {
    dispatch(takePersonOut(member.id, blot));
    router.replace('/people');
  };
  if (named === undefined) {
    return <Target label={PERSON.takeOut} align="start" onPress={() => void ask()} />;
  }
  return (
    <View style={styles.sure} role="alert">
      <Text variant="bodyLarge">{PERSON.takeOutHint}</Text>
      {named > 0 && <Toggle label={PERSON.blot(named)} on={blot} onPress={() => setBlot(!blot)} />}
      <View style={styles.actions}>
        <Button mode="contained" contentStyle={styles.button} onPress={take}>
          {PERSON.takeOutSure(member.name)}
        </Button>
        <Button mode="outlined" contentStyle={styles.button} onPress={() => setNamed(undefined)}>
          {PERSON.notNow}
        </Button>
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  page: { padding: 16, gap: 12, maxWidth: 760, width: '100%', alignSelf: 'center' },
  actions: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  sure: { gap: 8 },
  button: { minHeight: TARGET },
  start: { alignSelf: 'flex-start' },
});
