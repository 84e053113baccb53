import { useRouter } from 'expo-router';
import { useEffect } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { routineIdSchema, type RoutineId, printClock } from '@/core/common';
import { TARGET, useTokens } from '@/design';
import { NotFoundScreen } from '@/features/notices';
import { fillScreen } from '@/platform/install';
import {
  endLead,
  leadTakenUp,
  leaveLead,
  openLead,
  throwLeadAway,
  useAppDispatch,
  useAppSelector,
} from '@/state';
import { Class } from './class';
import { LEAD } from './strings';

/** Opens the class that an address names, or asks about one that was broken off. */
export function LeadScreen({
  id: address,
  again,
}: {
  readonly id: string;
  /** A press that asks for what was led today already: where nothing is left to be said it begins. */
  readonly again: boolean;
}) {
  const id = routineIdSchema.safeParse(address).data;
  const known = useAppSelector((state) =>
    id ? state.routines[id] !== undefined || state.lead.current?.lead.routine.id === id : false,
  );
  return id && known ? <Leading id={id} again={again} /> : <NotFoundScreen />;
}

function Leading({ id, again }: { readonly id: RoutineId; readonly again: boolean }) {
  const dispatch = useAppDispatch();
  const router = useRouter();
  const current = useAppSelector((state) => state.lead.current);
  const endedRun = useAppSelector((state) => state.lead.endedRun);
  const waiting = current === null && endedRun === null;
  useEffect(() => {
    if (waiting) dispatch(openLead(id));
  }, [dispatch, id, waiting]);
  useEffect(
    () => () => {
      dispatch(leaveLead());
    },
    [dispatch],
  );
  const isLed = current !== null && (current.lead.clockMs !== null || current.lead.ledMs > 0);
  useEffect(() => (isLed ? fillScreen() : undefined), [isLed]);
  useEffect(() => {
    if (current === null && endedRun) router.replace(`/record/${endedRun}`);
  }, [current, endedRun, router]);
  if (!current) return null;
  if (current.interrupted) return <BrokenOff id={id} />;
  return <Class current={current} again={again} />;
}

/** A class that a reload, a crash or leaving the page broke off: the person is asked first. */
function BrokenOff({ id }: { readonly id: RoutineId }) {
  const t = useTokens();
  const dispatch = useAppDispatch();
  const router = useRouter();
  const lead = useAppSelector((state) => state.lead.current?.lead);
  if (!lead) return null;
  const goOn = () => {
    dispatch(leadTakenUp());
    if (lead.routine.id !== id) router.replace(`/lead/${lead.routine.id}`);
  };
  return (
    <View role="main" style={[styles.ask, { backgroundColor: t.ground }]}>
      <Text variant="headlineSmall" role="heading" aria-level={1}>
        {LEAD.otherClass(lead.routine.title)}
      </Text>
      <Text variant="bodyLarge">{`${LEAD.held}: ${printClock(lead.fromMs)}`}</Text>
      <View style={styles.actions}>
        <Button mode="contained" contentStyle={styles.button} onPress={goOn}>
          {LEAD.goToIt}
        </Button>
        <Button
          mode="outlined"
          contentStyle={styles.button}
          onPress={() => dispatch(endLead('broken-off'))}
        >
          {LEAD.recordIt}
        </Button>
        <Button mode="text" contentStyle={styles.button} onPress={() => dispatch(throwLeadAway())}>
          {LEAD.throwAway}
        </Button>
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  ask: { flex: 1, padding: 24, gap: 16 },
  actions: { flexDirection: 'row', flexWrap: 'wrap', gap: 12 },
  button: { minHeight: TARGET + 8 },
});
