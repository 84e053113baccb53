import { useRouter } from 'expo-router';
import { useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import {
  FIRST_DAY,
  atWallClock,
  isDay,
  routineIdSchema,
  isoWithOffset,
  lastWith,
} from '@/core/common';
import { Choices, DayField, FieldWithProblem, Screen, TARGET, Target } from '@/design';
import { useKeptTyping } from '@/features/typing';
import { enterByHand, groupIdOf, useAppDispatch, useAppSelector, useNow, useToday } from '@/state';
import { BY_HAND } from './strings';

/** When most classes are. */
const USUAL_HOUR = '10:00';

/** A class that was led without the application. */
export function ByHandScreen() {
  const router = useRouter();
  const dispatch = useAppDispatch();
  const today = useToday();
  const now = useNow();
  const groups = useAppSelector((state) => state.groups);
  const routines = useAppSelector((state) => state.routines);
  const [group, setGroup] = useState('');
  const [routineId, setRoutineId] = useState('');
  const [name, setName] = useKeptTyping('by hand');
  // Before that hour the class was yesterday's: what stands there at first is never still to come.
  const [usualDay] = useState(() =>
    lastWith(USUAL_HOUR, { day: today, clock: isoWithOffset(now()).slice(11, 16) }),
  );
  const [on, setOn] = useKeptTyping('by hand day', usualDay);
  const [at, setAt] = useKeptTyping('by hand hour', USUAL_HOUR);
  const [minutes, setMinutes] = useKeptTyping('by hand minutes');
  const [tried, setTried] = useState(false);
  const found = routineIdSchema.safeParse(routineId).data;
  const routine = found && routines[found]?.routine;
  const title = routine ? routine.title : name.replace(/\s+/gu, ' ').trim();
  const count = Number(minutes);
  const minutesFault = !(Number.isInteger(count) && count >= 1 && count <= 300);
  const startedAt = isDay(on) && at !== '' ? atWallClock(on, at) : undefined;
  const future = startedAt !== undefined && Date.parse(startedAt) > now().getTime();
  const dayFault = !isDay(on)
    ? BY_HAND.noDay
    : on < FIRST_DAY
      ? BY_HAND.longAgo
      : future
        ? BY_HAND.future
        : '';
  const enter = () => {
    setTried(true);
    if (title === '' || minutesFault || dayFault !== '' || !startedAt) return;
    setName('');
    setMinutes('');
    setOn(usualDay);
    setAt(USUAL_HOUR);
    const groupId = groupIdOf(group);
    const id = dispatch(enterByHand({ title, groupId, startedAt, minutes: count, routine }));
    router.replace(`/record/${id}`);
  };
  return (
    <Screen title={BY_HAND.title} onBack={() => router.replace('/record')}>
      <ScrollView contentContainerStyle={styles.page}>
        <Choices
          label={BY_HAND.group}
          choices={[
            ...Object.values(groups).map((one) => ({ value: one.id as string, text: one.name })),
            { value: '', text: BY_HAND.nobody },
          ]}
          value={group}
          onChoose={(value) => {
            setGroup(value);
            const usual = groups[groupIdOf(value) ?? '']?.routineId;
            if (usual) setRoutineId(usual);
          }}
        />
        <Text variant="bodyLarge">{BY_HAND.what}</Text>
        <View role="radiogroup" aria-label={BY_HAND.what} style={styles.list}>
          {[
            ...Object.values(routines).map(({ routine: one }) => ({
              value: one.id as string,
              text: one.title,
            })),
            { value: '', text: BY_HAND.other },
          ].map(({ value, text }) => (
            <Target
              key={value}
              label={text}
              role="radio"
              look={value === routineId ? 'filled' : 'outlined'}
              checked={value === routineId}
              onPress={() => setRoutineId(value)}
            />
          ))}
        </View>
        {!routine && (
          <FieldWithProblem
            label={BY_HAND.name}
            value={name}
            maxLength={120}
            onChangeText={setName}
            problem={tried && title === '' ? BY_HAND.noName : ''}
          />
        )}
        <View style={styles.row}>
          <DayField
            label={BY_HAND.on}
            value={on}
            max={today}
            onChange={setOn}
            problem={tried || on !== usualDay ? dayFault : ''}
          />
          <DayField
            label={BY_HAND.at}
            kind="time"
            value={at}
            onChange={setAt}
            problem={at === '' ? BY_HAND.noHour : ''}
          />
        </View>
        <FieldWithProblem
          label={BY_HAND.minutes}
          value={minutes}
          maxLength={3}
          inputMode="numeric"
          onChangeText={setMinutes}
          problem={(tried || minutes.trim() !== '') && minutesFault ? BY_HAND.minutesFault : ''}
        />
        <Button mode="contained" contentStyle={styles.button} onPress={enter}>
          {BY_HAND.enter}
        </Button>
      </ScrollView>
    </Screen>
  );
}

const styles = StyleSheet.create({
  page: { padding: 16, gap: 12, maxWidth: 680, width: '100%', alignSelf: 'center' },
  list: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 12 },
  button: { minHeight: TARGET },
});
