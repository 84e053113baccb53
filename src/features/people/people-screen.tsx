import { Link } from 'expo-router';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import type { Member } from '@/core/people';
import { SANS, Field, Screen, TARGET, useTokens, rem } from '@/design';
import { useKeptTyping } from '@/features/typing';
import { Places } from '@/features/frame';
import { Notices } from '@/features/notices';
import { addGroup, membersOf, useAppDispatch, useAppSelector } from '@/state';
import { GROUP_TITLES, laneTitle } from '@/words/names';
import { meetsWords } from '@/words/people';
import { AddPeople } from './add-people';
import { PEOPLE } from './strings';

/** Groups and who is in them, and ways to add both. */
export function PeopleScreen() {
  const t = useTokens();
  const people = useAppSelector((state) => state.people);
  const groups = useAppSelector((state) => state.groups);
  const all = Object.values(groups).sort((a, b) => a.name.localeCompare(b.name));
  const alone = Object.values(people)
    .filter((one) => !one.groups.some((id) => groups[id]))
    .sort((a, b) => a.name.localeCompare(b.name));
  return (
    <Screen title={PEOPLE.title} heading={<Places here="People" />}>
      <ScrollView contentContainerStyle={styles.page}>
        <Notices />
        {all.length === 0 && <Text variant="bodyLarge">{PEOPLE.noGroups}</Text>}
        {all.map((group) => {
          const members = membersOf(people, group.id);
          const about = [meetsWords(group), GROUP_TITLES[group.pace], PEOPLE.count(members.length)];
          return (
            <View
              key={group.id}
              style={[styles.group, { backgroundColor: t.sheet, borderColor: t.line }]}
            >
              <Link
                href={`/group/${group.id}`}
                style={StyleSheet.flatten([styles.head, { borderBottomColor: t.line }])}
              >
                <Text variant="titleLarge" role="heading" aria-level={2}>
                  {group.name}
                </Text>
                <Text variant="bodyMedium" style={{ color: t.quiet }}>
                  {about.filter(Boolean).join(' · ')}
                </Text>
              </Link>
              <Names members={members} />
            </View>
          );
        })}
        {alone.length > 0 && (
          <View style={[styles.group, { backgroundColor: t.sheet, borderColor: t.line }]}>
            <Text variant="titleMedium" role="heading" aria-level={2} style={styles.headAlone}>
              {PEOPLE.alone}
            </Text>
            <Names members={alone} />
          </View>
        )}
        {Object.keys(people).length === 0 && <Text variant="bodyLarge">{PEOPLE.noPeople}</Text>}
        <AddPeople groups={all} />
        <AddGroup />
        <View style={styles.row}>
          <Link href="/backup" style={StyleSheet.flatten([styles.link, { color: t.ink }])}>
            {PEOPLE.backup}
          </Link>
          <Link href="/privacy" style={StyleSheet.flatten([styles.link, { color: t.ink }])}>
            {PEOPLE.privacy}
          </Link>
        </View>
      </ScrollView>
    </Screen>
  );
}

/** People in a row each: their name, and how they take part. */
export function Names({ members }: { readonly members: readonly Member[] }) {
  const t = useTokens();
  return (
    <View role="list">
      {members.map((one) => (
        <View key={one.id} role="listitem">
          <Link
            href={`/people/${one.id}`}
            style={StyleSheet.flatten([styles.name, { borderBottomColor: t.line }])}
          >
            <Text variant="bodyLarge" style={styles.grow}>
              {one.name}
            </Text>
            <Text variant="bodyMedium" style={{ color: one.limits ? t.quiet : t.clay }}>
              {one.limits ? (one.lane ? laneTitle(one.lane) : '') : PEOPLE.unknown}
            </Text>
          </Link>
        </View>
      ))}
    </View>
  );
}

function AddGroup() {
  const dispatch = useAppDispatch();
  const [typed, setTyped] = useKeptTyping('new group');
  const name = typed.replace(/\s+/gu, ' ').trim();
  const add = () => {
    if (name === '') return;
    dispatch(addGroup(name, 'older'));
    setTyped('');
  };
  return (
    <View style={styles.add}>
      <Field
        label={PEOPLE.newGroup}
        value={typed}
        maxLength={80}
        onChangeText={setTyped}
        onSubmitEditing={add}
      />
      <Button
        mode="outlined"
        contentStyle={styles.button}
        disabled={name === ''}
        onPress={add}
        style={styles.start}
      >
        {PEOPLE.addGroup}
      </Button>
    </View>
  );
}

const styles = StyleSheet.create({
  page: { padding: 16, gap: 16, maxWidth: 760, width: '100%', alignSelf: 'center' },
  group: { borderWidth: 1, borderRadius: 16, paddingHorizontal: 16, paddingBottom: 8 },
  head: {
    display: 'flex',
    flexDirection: 'column',
    paddingVertical: 12,
    borderBottomWidth: 1,
    borderStyle: 'solid',
    textDecorationLine: 'none',
  },
  headAlone: { paddingVertical: 12 },
  name: {
    display: 'flex',
    flexDirection: 'row',
    flexWrap: 'wrap',
    columnGap: 12,
    alignItems: 'center',
    minHeight: TARGET,
    textDecorationLine: 'none',
  },
  grow: { flexGrow: 1, flexShrink: 1 },
  add: { gap: 8 },
  row: { flexDirection: 'row', flexWrap: 'wrap', columnGap: 24 },
  link: {
    fontFamily: SANS,
    display: 'flex',
    minHeight: TARGET,
    alignItems: 'center',
    fontSize: rem(16),
  },
  button: { minHeight: TARGET },
  start: { alignSelf: 'flex-start' },
});
