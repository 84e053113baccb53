import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import {
  MEASURES,
  MEASURE_NAMES,
  TANDEM_SIGN_S,
  ageIn,
  averageStands,
  trendOf,
  type Member,
  type MeasureName,
  type Reading,
} from '@/core/people';
import type { PersonId } from '@/core/common';
import { TARGET, Target, useTokens } from '@/design';
import { readingTaken, useAppDispatch, useAppSelector } from '@/state';
import { MEASURES_INFORM, MEASURE_WORDS, readingWords } from '@/words/people';
import { dayShown } from '@/words/moments';
import { PERSON } from './strings';
import type { Person } from './use-person';

/** Somebody's readings of a measure, the earliest first. */
export function readingsOf(
  readings: Readonly<Record<string, Reading>>,
  person: PersonId,
  measure?: MeasureName,
): readonly Reading[] {
  return Object.values(readings)
    .filter((one) => one.person === person && (!measure || one.measure === measure))
    .sort((a, b) => a.on.localeCompare(b.on));
}

/** "9 times", "left 8 s, right 10 s" */
export function readingSaid({ measure, value, left, right }: Reading): string {
  if (!MEASURES[measure].sided) return value === undefined ? '' : readingWords(measure, value);
  return [
    left === undefined ? '' : `left ${readingWords(measure, left)}`,
    right === undefined ? '' : `right ${readingWords(measure, right)}`,
  ]
    .filter(Boolean)
    .join(', ');
}

/** What is published about a reading, where there is something; it informs and diagnoses nothing. */
export function publishedWords(member: Member, one: Reading): string {
  if (one.measure === 'chair-stand' && one.value !== undefined) {
    const least = averageStands(ageIn(member, Number(one.on.slice(0, 4))), member.sex);
    if (least === undefined) return '';
    return one.value < least
      ? `Below ${least}, the published average for this age: worth telling their clinician.`
      : `At or above ${least}, the published average for this age.`;
  }
  if (one.measure === 'tandem') {
    const least = Math.min(one.left ?? Infinity, one.right ?? Infinity);
    if (least < TANDEM_SIGN_S) {
      return `Under ${TANDEM_SIGN_S} s is published as a sign of a higher risk of falls: worth telling their clinician.`;
    }
  }
  return '';
}

const weakest = ({ value, left, right }: Reading) =>
  value ?? Math.min(left ?? Infinity, right ?? Infinity);

/** All that was measured of somebody, and the way to measure again. */
export function PersonMeasures({ person: { member } }: { readonly person: Person }) {
  const t = useTokens();
  const router = useRouter();
  const dispatch = useAppDispatch();
  const readings = useAppSelector((state) => state.readings);
  const own = readingsOf(readings, member.id);
  const used = MEASURE_NAMES.filter((name) => own.some(({ measure }) => measure === name));
  return (
    <View style={styles.all}>
      {own.length === 0 && <Text variant="bodyLarge">{PERSON.noMeasures}</Text>}
      {used.map((name) => {
        const of = own.filter(({ measure }) => measure === name);
        const last = of.at(-1);
        const trend = trendOf(of.map(weakest));
        return (
          <View key={name} style={styles.measure}>
            <Text variant="titleMedium">{MEASURE_WORDS[name].title}</Text>
            {of.map((one) => (
              <View key={one.id} style={styles.row}>
                <Text variant="bodyLarge" style={styles.grow}>
                  {dayShown(one.on)}: {readingSaid(one)}
                  {one.with ? ` · ${one.with}` : ''}
                  {one.note ? ` · ${one.note}` : ''}
                </Text>
                <Target
                  label={PERSON.remove('')}
                  said={PERSON.remove(`${MEASURE_WORDS[name].title} ${dayShown(one.on)}`)}
                  look="plain"
                  icon="delete"
                  onPress={() => dispatch(readingTaken(one.id))}
                />
              </View>
            ))}
            <Text variant="bodyMedium" style={{ color: t.quiet }}>
              {trend ? PERSON.trend[trend] : PERSON.noTrend}
            </Text>
            {last && publishedWords(member, last) !== '' && (
              <Text variant="bodyMedium">{publishedWords(member, last)}</Text>
            )}
          </View>
        );
      })}
      <Button
        mode="outlined"
        contentStyle={styles.button}
        style={styles.start}
        onPress={() => router.push(`/measure/${member.id}`)}
      >
        {PERSON.measure}
      </Button>
      <Text variant="bodyMedium" style={{ color: t.quiet }}>
        {MEASURES_INFORM}
      </Text>
    </View>
  );
}

const styles = StyleSheet.create({
  all: { gap: 12 },
  measure: { gap: 2 },
  row: { flexDirection: 'row', alignItems: 'center', gap: 8 },
  grow: { flexGrow: 1, flexShrink: 1 },
  button: { minHeight: TARGET },
  start: { alignSelf: 'flex-start' },
});
