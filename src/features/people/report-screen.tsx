import { useRouter } from 'expo-router';
import { useMemo, useRef, useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { plainPage, weeksOf, type PagePart } from '@/core/class';
import { withCapital } from '@/core/common';
import { MOVE_KINDS } from '@/core/moves';
import { MEASURE_NAMES } from '@/core/people';
import { Screen, TARGET } from '@/design';
import { NotFoundScreen } from '@/features/notices';
import { SheetOfPaper, type SheetHandle } from '@/platform/sheet-of-paper';
import { STANCES_FAMILY, useAppSelector } from '@/state';
import { LIMIT_NAMES } from '@/words/names';
import {
  KIND_WORDS,
  MEASURES_INFORM,
  MEASURE_WORDS,
  OUTCOME_WORDS,
  ladderSentence,
  rungWords,
} from '@/words/people';
import { readingSaid, readingsOf } from './person-measures';
import { PERSON } from './strings';
import { ladderNow, usePerson, type Person } from './use-person';

const Q = {
  title: (name: string) => `Summary: ${name}`,
  file: 'Summary',
  print: 'Print',
  hint: 'One page for this person to take along. It goes nowhere by itself: print it only when they ask for it.',
  sheet: 'Page to print',
  made: (on: string) => `Made on ${on} by their instructor.`,
  not: 'This is a record of what was done in class and what was said there. It is no diagnosis, no assessment and no medical advice, and it clears nobody for anything.',
  did: 'What they did',
  classes: (came: number, weeks: number) => `Came to ${came} classes in the last ${weeks} weeks.`,
  week: 'In an average week:',
  minutes: (kind: string, min: number) => `${kind} ${min} min`,
  limits: 'Limits that the class keeps to',
  never: 'never asked',
  none: 'none named',
  balance: 'Balance drills',
  measures: 'Measures over time',
  measure: 'Measure',
  on: 'On',
  reading: 'Reading',
  flagged: 'What was noted',
  nothing: 'Nothing in these weeks.',
  pain: (before: number, after: number) => `pain ${before} before, ${after} after, of 10`,
  dizzy: 'dizzy on rising',
  falls: (n: number) =>
    n === 1 ? 'a fall since the class before' : `${n} falls since the class before`,
  nearFall: 'a near-fall',
};
const WEEKS = 12;

/** A page that somebody can take to their clinician. */
export function ReportScreen({ id }: { readonly id: string }) {
  const person = usePerson(id);
  return person ? <OfPerson person={person} /> : <NotFoundScreen />;
}

function usePaper(person: Person) {
  const readings = useAppSelector((state) => state.readings);
  return useMemo(() => {
    const { member, came, today } = person;
    const weeks = weeksOf(member, came, { today, weeks: WEEKS });
    const from = weeks[0]?.from ?? today;
    const since = came.filter(({ on }) => on >= from);
    const average = MOVE_KINDS.flatMap((kind) => {
      const ms = weeks.reduce((sum, week) => sum + (week.kinds[kind] ?? 0), 0);
      const min = Math.round(ms / WEEKS / 60_000);
      return min > 0 ? [Q.minutes(KIND_WORDS[kind].toLowerCase(), min)] : [];
    });
    const ladder = ladderNow(person, STANCES_FAMILY);
    const limits = member.limits?.map(({ limit, side }) =>
      [LIMIT_NAMES[limit], side].filter(Boolean).join(' '),
    );
    const flagged = since.flatMap(({ on, entry }) => {
      const { painBefore = 0, painAfter = 0, dizzy, falls, outcome, items } = entry;
      const near = Object.values(items ?? {}).some((one) => (one.nearFalls ?? 0) > 0);
      const said = [
        painAfter - painBefore >= 2 ? Q.pain(painBefore, painAfter) : '',
        dizzy ? Q.dizzy : '',
        falls ? Q.falls(falls) : '',
        near ? Q.nearFall : '',
        outcome === 'stopped-early' ? OUTCOME_WORDS[outcome] : '',
      ].filter(Boolean);
      return said.length > 0 ? [`${on}: ${said.join('; ')}`] : [];
    });
    const measured = MEASURE_NAMES.flatMap((name) =>
      readingsOf(readings, member.id, name).map((one) => [
        MEASURE_WORDS[name].title,
        one.on,
        [readingSaid(one), one.with].filter(Boolean).join(', '),
      ]),
    );
    const parts: readonly PagePart[] = [
      {
        heading: Q.did,
        lines: [
          Q.classes(since.length, WEEKS),
          average.length > 0 ? `${Q.week} ${average.join(', ')}.` : '',
        ].filter(Boolean),
      },
      {
        heading: Q.limits,
        lines: [limits ? withCapital(limits.join(', ') || Q.none) : withCapital(Q.never)],
      },
      ...(ladder
        ? [
            {
              heading: Q.balance,
              lines: [
                withCapital(rungWords(ladder.rung)),
                ...ladder.turns.slice(-3).map((turn) => `${turn.on}: ${ladderSentence(turn)}`),
              ],
            },
          ]
        : []),
      ...(measured.length > 0
        ? [{ heading: Q.measures, table: [[Q.measure, Q.on, Q.reading], ...measured] }]
        : []),
      { heading: Q.flagged, lines: flagged.length > 0 ? flagged.slice(-12) : [Q.nothing] },
    ];
    const page = plainPage(Q.title(member.name), parts, [Q.made(today), Q.not, MEASURES_INFORM]);
    // A printer offers the title as the name of a file.
    return { ...page, title: Q.file };
  }, [person, readings]);
}

function OfPerson({ person }: { readonly person: Person }) {
  const router = useRouter();
  const sheet = useRef<SheetHandle>(null);
  const [width, setWidth] = useState(0);
  const paper = usePaper(person);
  return (
    <Screen
      title={Q.title(person.member.name)}
      tabTitle={PERSON.tab}
      onBack={() => router.replace(`/people/${person.member.id}`)}
      right={
        <Button
          mode="contained"
          contentStyle={styles.button}
          onPress={() => sheet.current?.print()}
        >
          {Q.print}
        </Button>
      }
    >
      <ScrollView contentContainerStyle={styles.page}>
        <Text variant="bodyMedium">{Q.hint}</Text>
        <View
          style={styles.sheet}
          onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}
        >
          {width > 0 && <SheetOfPaper paper={paper} label={Q.sheet} width={width} handle={sheet} />}
        </View>
      </ScrollView>
    </Screen>
  );
}

const styles = StyleSheet.create({
  page: { padding: 16, gap: 12 },
  sheet: { alignItems: 'center' },
  button: { minHeight: TARGET },
});
