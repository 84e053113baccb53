import { Link, useRouter } from 'expo-router';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { daysBetween, isoWithOffset, nextOn, printClock, routineIdSchema } from '@/core/common';
import { SANS, Screen, TARGET, useTokens, rem } from '@/design';
import { Places, useHall, useWork } from '@/features/frame';
import { Notices } from '@/features/notices';
import { ResumeLead } from '@/features/routines';
import { useHallSelector, type Ask, type Meeting } from '@/state/hall';
import { DUE_WORDS, WEEKDAYS, timeShown } from '@/words/groups';
import { InstallOffer } from './install-offer';
import { LeadAgain, useLedLately } from './lead-again';
import { TODAY } from './strings';
import { useAskedFor } from './use-asked-for';

/** A backup older than this is due. */
const BACKUP_DAYS = 30;

interface Coming {
  readonly meeting: Meeting;
  readonly on: string;
}

/** The next class, who has to be asked something, and what else waits for the instructor. */
export function TodayScreen() {
  const t = useTokens();
  const { hall } = useHall();
  const now = isoWithOffset(hall.platform.clock.wallTime());
  const today = now.slice(0, 10);
  const meetings = Object.values(useHallSelector((state) => state.meetings));
  const routines = useHallSelector((state) => Object.keys(state.shelf.rows).length);
  const coming = comingIn(meetings, today, now.slice(11, 16));
  const [next, ...later] = coming;
  const asks = asksIn(meetings, today);
  const again = useLedLately();
  useAskedFor(next?.meeting, again[0]?.row.id);
  const empty = routines === 0 && meetings.length === 0;
  return (
    <Screen title={TODAY.title} heading={<Places here="Today" />}>
      <ScrollView contentContainerStyle={styles.page}>
        <ResumeLead />
        <Notices />
        <InstallOffer />
        {empty ? (
          <Start />
        ) : next ? (
          <Next coming={next} today={today} />
        ) : (
          again.length === 0 && <NoClass />
        )}
        {again.length > 0 && (
          <Section title={TODAY.again}>
            <LeadAgain led={again} today={today} />
          </Section>
        )}
        {asks.length > 0 && (
          <Section title={TODAY.asks}>
            {asks.map(({ person, name, dues }) => (
              <Link
                key={person}
                href={`/people/${person}`}
                style={StyleSheet.flatten([styles.row, { borderBottomColor: t.line }])}
              >
                <Text variant="bodyLarge">
                  {name}: {dues.map((due) => DUE_WORDS[due]).join('; ')}
                </Text>
              </Link>
            ))}
          </Section>
        )}
        {later.length > 0 && (
          <Section title={TODAY.later}>
            {later.map(({ meeting, on }) => (
              <Link
                key={meeting.id}
                href={`/group/${meeting.id}`}
                style={StyleSheet.flatten([styles.row, { borderBottomColor: t.line }])}
              >
                <Text variant="bodyLarge">
                  {dayWords(meeting, daysBetween(today, on))} · {meeting.name}
                </Text>
              </Link>
            ))}
          </Section>
        )}
        <Backup today={today} />
        <View style={styles.foot}>
          <Link href="/privacy" style={StyleSheet.flatten([styles.link, { color: t.ink }])}>
            {TODAY.privacy}
          </Link>
          <Link href="/device" style={StyleSheet.flatten([styles.link, { color: t.ink }])}>
            {TODAY.device}
          </Link>
          <Text variant="bodyMedium" style={{ color: t.quiet }}>
            {TODAY.general}
          </Text>
        </View>
      </ScrollView>
    </Screen>
  );
}

function comingIn(meetings: readonly Meeting[], day: string, clock: string): readonly Coming[] {
  return meetings
    .flatMap((meeting): Coming[] =>
      meeting.weekday === undefined
        ? []
        : [{ meeting, on: nextOn(meeting.weekday, meeting.time, { day, clock }) }],
    )
    .sort(
      (a, b) =>
        a.on.localeCompare(b.on) || (a.meeting.time ?? '').localeCompare(b.meeting.time ?? ''),
    );
}

interface Asked {
  readonly person: string;
  readonly name: string;
  readonly dues: readonly Ask['due'][];
}

/** Everything of one person in one line; somebody in two groups stands there once. */
function asksIn(meetings: readonly Meeting[], today: string): readonly Asked[] {
  const byPerson = new Map<string, Asked>();
  for (const { person, name, due, from } of meetings.flatMap(({ asks }) => asks)) {
    if (from > today) continue;
    const known = byPerson.get(person)?.dues ?? [];
    if (!known.includes(due)) byPerson.set(person, { person, name, dues: [...known, due] });
  }
  return [...byPerson.values()];
}

function dayWords({ weekday, time }: Meeting, days: number): string {
  const day = days <= 1 ? TODAY.inDays(days) : WEEKDAYS[weekday ?? 0];
  return [day, time && timeShown(time)].filter(Boolean).join(' ');
}

function Section({
  title,
  children,
}: {
  readonly title: string;
  readonly children: React.ReactNode;
}) {
  return (
    <View>
      <Text variant="titleMedium" role="heading" aria-level={2}>
        {title}
      </Text>
      {children}
    </View>
  );
}

function Next({
  coming: { meeting, on },
  today,
}: {
  readonly coming: Coming;
  readonly today: string;
}) {
  const t = useTokens();
  const router = useRouter();
  const work = useWork();
  const id = routineIdSchema.safeParse(meeting.routineId).data;
  const row = useHallSelector((state) => (id ? state.shelf.rows[id] : undefined));
  const days = daysBetween(today, on);
  const go = (to: string) =>
    work(({ openedFor, groupIdOf }, dispatch) => {
      const groupId = groupIdOf(meeting.id);
      if (id && groupId) dispatch(openedFor(id, groupId));
      router.push(to);
    });
  const about = [dayWords(meeting, days), days > 1 ? TODAY.inDays(days) : ''].filter(Boolean);
  return (
    <View style={[styles.next, { backgroundColor: t.sheet, borderColor: t.line }]}>
      <Text variant="titleMedium" role="heading" aria-level={2} style={{ color: t.quiet }}>
        {TODAY.next} · {about.join(', ')}
      </Text>
      <Text variant="headlineSmall">{meeting.name}</Text>
      <Text variant="bodyLarge">
        {TODAY.people(meeting.people)}
        {row && ` · ${row.title} · ${printClock(row.totalMs)}`}
      </Text>
      {meeting.own && <Text variant="bodyLarge">{TODAY.own(meeting.own)}</Text>}
      {!row && <Text variant="bodyLarge">{TODAY.noRoutine}</Text>}
      <View style={styles.actions}>
        {row && (
          <>
            <Button
              mode="contained"
              contentStyle={styles.button}
              onPress={() => void go(`/class/${row.id}`)}
            >
              {TODAY.openClass}
            </Button>
            <Button
              mode="outlined"
              contentStyle={styles.button}
              onPress={() => void go(`/lead/${row.id}`)}
            >
              {TODAY.lead}
            </Button>
          </>
        )}
        <Button
          mode={row ? 'text' : 'contained'}
          contentStyle={styles.button}
          onPress={() => router.push(`/group/${meeting.id}`)}
        >
          {row ? TODAY.group : TODAY.choose}
        </Button>
      </View>
    </View>
  );
}

function NoClass() {
  const t = useTokens();
  const router = useRouter();
  return (
    <View style={[styles.next, { backgroundColor: t.sheet, borderColor: t.line }]}>
      <Text variant="titleMedium" role="heading" aria-level={2}>
        {TODAY.noClass}
      </Text>
      <Text variant="bodyLarge">{TODAY.noClassHint}</Text>
      <View style={styles.actions}>
        <Button
          mode="contained"
          contentStyle={styles.button}
          onPress={() => router.push('/people')}
        >
          {TODAY.addGroup}
        </Button>
      </View>
    </View>
  );
}

/** What an empty start offers. */
function Start() {
  const t = useTokens();
  const work = useWork();
  const router = useRouter();
  return (
    <View style={[styles.next, { backgroundColor: t.sheet, borderColor: t.line }]}>
      <Text variant="titleMedium" role="heading" aria-level={2}>
        {TODAY.start}
      </Text>
      <Text variant="bodyLarge">{TODAY.startHint}</Text>
      <View style={styles.actions}>
        <Button
          mode="contained"
          contentStyle={styles.button}
          onPress={() =>
            void work(({ createRoutine }, dispatch) => {
              router.push(`/routine/${dispatch(createRoutine(TODAY.untitled))}`);
            })
          }
        >
          {TODAY.newRoutine}
        </Button>
        <Button mode="outlined" contentStyle={styles.button} onPress={() => router.push('/moves')}>
          {TODAY.seeMoves}
        </Button>
        <Button mode="outlined" contentStyle={styles.button} onPress={() => router.push('/people')}>
          {TODAY.addPeople}
        </Button>
      </View>
    </View>
  );
}

function Backup({ today }: { readonly today: string }) {
  const router = useRouter();
  const t = useTokens();
  const { backedUpAt, startedOn } = useHallSelector((state) => state.device);
  const some = useHallSelector((state) => Object.keys(state.shelf.rows).length > 0);
  const since = backedUpAt ? backedUpAt.slice(0, 10) : startedOn;
  const days = since ? daysBetween(since, today) : 0;
  if (!some || days < BACKUP_DAYS) return null;
  return (
    <View style={[styles.next, { backgroundColor: t.sheet, borderColor: t.line }]}>
      <Text variant="titleMedium" role="heading" aria-level={2}>
        {TODAY.backup}
      </Text>
      <Text variant="bodyLarge">{backedUpAt ? TODAY.backupOld(days) : TODAY.backupNever}</Text>
      <View style={styles.actions}>
        <Button mode="outlined" contentStyle={styles.button} onPress={() => router.push('/backup')}>
          {TODAY.toBackup}
        </Button>
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  page: { padding: 16, gap: 16, maxWidth: 760, width: '100%', alignSelf: 'center' },
  next: { borderWidth: 1, borderRadius: 16, padding: 16, gap: 8 },
  actions: { flexDirection: 'row', flexWrap: 'wrap', gap: 8, marginTop: 4 },
  button: { minHeight: TARGET },
  row: {
    display: 'flex',
    minHeight: TARGET,
    paddingVertical: 10,
    borderBottomWidth: 1,
    borderStyle: 'solid',
    textDecorationLine: 'none',
  },
  foot: { gap: 4 },
  link: {
    fontFamily: SANS,
    display: 'flex',
    minHeight: TARGET,
    alignItems: 'center',
    fontSize: rem(16),
  },
});
