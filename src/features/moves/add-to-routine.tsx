import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { itemIdSchema, type MoveId, type RoutineId } from '@/core/common';
import { addEntry } from '@/core/routine';
import { Target, useTokens } from '@/design';
import { routineChanged, useAppDispatch, useAppSelector, useNewId } from '@/state';
import { CATALOGUE } from './strings';

/** Puts the move at the end of a routine's main part, and goes there. */
export function AddToRoutine({ move }: { readonly move: MoveId }) {
  const t = useTokens();
  const router = useRouter();
  const dispatch = useAppDispatch();
  const newId = useNewId();
  const [open, setOpen] = useState(false);
  const routines = useAppSelector((state) => state.routines);
  const rows = Object.values(routines)
    .map(({ routine }) => routine)
    .sort((a, b) => a.title.localeCompare(b.title));
  const add = (id: RoutineId) => {
    const routine = routines[id]?.routine;
    const entry = { kind: 'item', id: itemIdSchema.parse(newId()), moveId: move } as const;
    const change = routine && addEntry(routine, entry);
    if (!change) return;
    dispatch(routineChanged({ id, change }));
    router.push(`/routine/${id}`);
  };
  return (
    <>
      <Target label={CATALOGUE.addTo} icon="add" expanded={open} onPress={() => setOpen(!open)} />
      {open && (
        <View style={styles.list} role="group" aria-label={CATALOGUE.addTo}>
          {rows.length === 0 && (
            <Text variant="bodyMedium" style={{ color: t.quiet }}>
              {CATALOGUE.noRoutine}
            </Text>
          )}
          {rows.map(({ id, title }) => (
            <Target key={id} look="outlined" align="start" label={title} onPress={() => add(id)} />
          ))}
        </View>
      )}
    </>
  );
}

const styles = StyleSheet.create({
  list: { width: '100%', gap: 8, paddingVertical: 8 },
});
