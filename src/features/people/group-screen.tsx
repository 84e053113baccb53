import { useRouter } from 'expo-router';
import { useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { GROUP_NAMES, groupIdSchema, type RoutineId } from '@/core/common';
import { Choices, DayField, Fold, Screen, TARGET, Target } from '@/design';
import { RoomPicks } from '@/features/builder';
import { NotFoundScreen } from '@/features/notices';
import {
  groupChanged,
  membersOf,
  openedFor,
  takeGroupOut,
  useAppDispatch,
  useAppSelector,
} from '@/state';
import { GROUP_TITLES } from '@/words/names';
import { WEEKDAYS } from '@/words/groups';
import { meetsWords } from '@/words/people';
import { GroupCharts } from './charts-of-group';
import { KeptField } from './kept-field';
import { AddPeople } from './add-people';
import { Names } from './people-screen';
import { GROUP } from './strings';

/** A group: when and where it meets, what it does next, and who is in it. */
export function GroupScreen({ id: address }: { readonly id: string }) {
  const router = useRouter();
  const dispatch = useAppDispatch();
  const id = groupIdSchema.safeParse(address).data;
  const group = useAppSelector((state) => (id ? state.groups[id] : undefined));
  const people = useAppSelector((state) => state.people);
  const routines = useAppSelector((state) => state.routines);
  const [sure, setSure] = useState(false);
  if (!id || !group) return <NotFoundScreen />;
  const members = membersOf(people, id);
  const change = (words: Parameters<typeof groupChanged>[1]) => dispatch(groupChanged(id, words));
  const next = group.routineId && routines[group.routineId]?.routine;
  const own = Object.values(routines)
    .map(({ routine }) => routine)
    .sort(
      (a, b) =>
        Number(b.group === group.pace) - Number(a.group === group.pace) ||
        a.title.localeCompare(b.title),
    );
  const open = (to: string, routineId: RoutineId) => {
    dispatch(openedFor(routineId, id));
    router.push(to);
  };
  return (
    <Screen title={group.name} onBack={() => router.replace('/people')}>
      <ScrollView contentContainerStyle={styles.page}>
        <View style={styles.actions}>
          {next && (
            <>
              <Button
                mode="contained"
                contentStyle={styles.button}
                onPress={() => open(`/class/${next.id}`, next.id)}
              >
                {GROUP.open}
              </Button>
              <Button
                mode="outlined"
                contentStyle={styles.button}
                onPress={() => open(`/routine/${next.id}`, next.id)}
              >
                {GROUP.build}
              </Button>
              <Button
                mode="outlined"
                contentStyle={styles.button}
                onPress={() => open(`/lead/${next.id}`, next.id)}
              >
                {GROUP.lead}
              </Button>
            </>
          )}
        </View>
        <Fold title={GROUP.next} sum={next?.title ?? GROUP.nextNone} open={!next}>
          <View role="radiogroup" aria-label={GROUP.next} style={styles.list}>
            {own.map((routine) => (
              <Target
                key={routine.id}
                label={routine.title}
                role="radio"
                align="start"
                look={routine.id === group.routineId ? 'filled' : 'outlined'}
                checked={routine.id === group.routineId}
                onPress={() => change({ routineId: routine.id })}
              />
            ))}
          </View>
        </Fold>
        <Fold
          title={GROUP.about}
          sum={[meetsWords(group) || GROUP.noDay, GROUP_TITLES[group.pace]].join(' · ')}
        >
          <KeptField
            label={GROUP.name}
            kept={group.name}
            most={80}
            onKeep={(name) => name !== '' && change({ name })}
          />
          <Choices
            label={GROUP.weekday}
            choices={[
              ...WEEKDAYS.map((text, i) => ({ value: String(i), text })),
              { value: '', text: GROUP.noDay },
            ]}
            value={group.weekday === undefined ? '' : String(group.weekday)}
            onChoose={(value) => change({ weekday: value === '' ? undefined : Number(value) })}
          />
          <DayField
            label={GROUP.time}
            kind="time"
            value={group.time ?? ''}
            onChange={(time) => change({ time: time === '' ? undefined : time.slice(0, 5) })}
          />
          <Choices
            label={GROUP.pace}
            choices={GROUP_NAMES.map((value) => ({ value, text: GROUP_TITLES[value] }))}
            value={group.pace}
            onChoose={(pace) => change({ pace })}
          />
        </Fold>
        <Fold
          title={GROUP.room}
          sum={(group.room ?? [])
            .map(({ thing, count }) => (count ? `${count} × ${thing}` : thing))
            .join(', ')}
        >
          <RoomPicks
            room={group.room ?? []}
            onRoom={(room) => change({ room: room.length > 0 ? room : undefined })}
          />
        </Fold>
        <Fold title={GROUP.notes} sum={group.notes ?? ''}>
          <KeptField
            label={GROUP.notes}
            kept={group.notes ?? ''}
            most={1000}
            multiline
            onKeep={(notes) => change({ notes: notes === '' ? undefined : notes })}
          />
        </Fold>
        <Text variant="titleMedium" role="heading" aria-level={2}>
          {GROUP.people}
        </Text>
        {members.length === 0 && <Text variant="bodyLarge">{GROUP.nobody}</Text>}
        <Names members={members} />
        <AddPeople groups={[]} into={id} />
        <Fold title={GROUP.seen}>
          <GroupCharts id={id} />
        </Fold>
        <View style={styles.actions}>
          {!sure && <Target label={GROUP.takeOut} onPress={() => setSure(true)} />}
          {sure && (
            <>
              <Text variant="bodyLarge">{GROUP.takeOutHint}</Text>
              <Button
                mode="contained"
                contentStyle={styles.button}
                onPress={() => {
                  dispatch(takeGroupOut(id));
                  router.replace('/people');
                }}
              >
                {GROUP.takeOut}
              </Button>
            </>
          )}
        </View>
      </ScrollView>
    </Screen>
  );
}

const styles = StyleSheet.create({
  page: { padding: 16, gap: 12, maxWidth: 760, width: '100%', alignSelf: 'center' },
  actions: { flexDirection: 'row', flexWrap: 'wrap', gap: 8, alignItems: 'center' },
  list: { gap: 8 },
  button: { minHeight: TARGET },
});
