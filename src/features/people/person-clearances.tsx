import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import type { Load, Side } from '@/core/body';
import { withCapital } from '@/core/common';
import { EVENTS, LIMIT_TABLE, clearancesOn, lapseOf, partakerOf } from '@/core/people';
import { Choices, DayField, Field, Picks, TARGET, Target, useTokens } from '@/design';
import { useKeptTyping } from '@/features/typing';
import { personChanged, useAppDispatch } from '@/state';
import { LOAD_NAMES } from '@/words/names';
import { dayShown } from '@/words/moments';
import { PERSON } from './strings';
import type { Person } from './use-person';

/** A clinician's leave for what limits rule out, and what ends it. */
export function PersonClearances({ person: { member, today } }: { readonly person: Person }) {
  const t = useTokens();
  const dispatch = useAppDispatch();
  const { clearances = [], events = [] } = member;
  const holding = clearancesOn(partakerOf(member, today), today);
  const change = (words: Parameters<typeof personChanged>[1]) =>
    dispatch(personChanged(member.id, words));
  return (
    <View style={styles.all}>
      {clearances.length === 0 && <Text variant="bodyLarge">{PERSON.noClearance}</Text>}
      {clearances.map((one, i) => {
        const words = [one.loads.map((load) => LOAD_NAMES[load]).join(', '), one.side, one.by]
          .filter(Boolean)
          .join(' · ');
        const holds = holding.includes(one);
        return (
          <View key={`${one.on} ${i}`} style={styles.row}>
            <Text variant="bodyLarge" style={[styles.grow, !holds && { color: t.clay }]}>
              {withCapital(words)} · {(holds ? PERSON.ends : PERSON.ended)(dayShown(lapseOf(one)))}
            </Text>
            <Target
              label={PERSON.remove('')}
              said={PERSON.remove(words)}
              look="plain"
              icon="delete"
              onPress={() => change({ clearances: clearances.filter((other) => other !== one) })}
            />
          </View>
        );
      })}
      <AddClearance person={{ member, today }} />
      <Text variant="bodyMedium" style={{ color: t.quiet }}>
        {PERSON.clearanceHint}
      </Text>
      <Text variant="titleMedium">{PERSON.events}</Text>
      {events.map(({ what, on }, i) => (
        <View key={`${on} ${i}`} style={styles.row}>
          <Text variant="bodyLarge" style={styles.grow}>
            {PERSON.eventWords[what]} · {dayShown(on)}
          </Text>
          <Target
            label={PERSON.remove('')}
            said={PERSON.remove(`${PERSON.eventWords[what]} ${dayShown(on)}`)}
            look="plain"
            icon="delete"
            onPress={() => change({ events: events.filter((_, at) => at !== i) })}
          />
        </View>
      ))}
      <View style={styles.wrap}>
        {EVENTS.map((what) => (
          <Target
            key={what}
            label={PERSON.addEvent(PERSON.eventWords[what])}
            onPress={() => change({ events: [...events, { what, on: today }] })}
          />
        ))}
      </View>
    </View>
  );
}

function AddClearance({
  person: { member, today },
}: {
  readonly person: Pick<Person, 'member' | 'today'>;
}) {
  const dispatch = useAppDispatch();
  const ruledOut = new Set(
    (member.limits ?? []).flatMap(({ limit }) => LIMIT_TABLE[limit].out.map(({ load }) => load)),
  );
  const [loads, setLoads] = useState<readonly Load[]>([]);
  const [side, setSide] = useState<Side | 'both'>('both');
  const [by, setBy] = useKeptTyping(`cleared ${member.id}`);
  const [on, setOn] = useState(today);
  const [until, setUntil] = useState('');
  if (ruledOut.size === 0) return null;
  const ready = loads.length > 0 && by.trim() !== '' && on !== '' && on <= today;
  const add = () => {
    const cleared = {
      loads: [...loads],
      by: by.trim(),
      on,
      ...(side !== 'both' && { side }),
      ...(until !== '' && { until }),
    };
    dispatch(personChanged(member.id, { clearances: [...(member.clearances ?? []), cleared] }));
    setLoads([]);
    setBy('');
  };
  return (
    <View style={styles.all}>
      <Picks
        label={PERSON.clearedFor}
        choices={[...ruledOut].map((value) => ({ value, text: LOAD_NAMES[value] }))}
        values={loads}
        onChange={setLoads}
      />
      {loads.length > 0 && (
        <>
          <Choices
            label={PERSON.side}
            choices={[
              { value: 'both', text: PERSON.both },
              { value: 'left', text: PERSON.left },
              { value: 'right', text: PERSON.right },
            ]}
            value={side}
            onChoose={setSide}
          />
          <Field label={PERSON.clearedBy} value={by} maxLength={80} onChangeText={setBy} />
          <View style={styles.wrap}>
            <DayField label={PERSON.clearedOn} value={on} max={today} onChange={setOn} />
            <DayField label={PERSON.clearedUntil} value={until} onChange={setUntil} />
          </View>
          <Button
            mode="contained"
            contentStyle={styles.button}
            style={styles.start}
            disabled={!ready}
            onPress={add}
          >
            {PERSON.addClearance}
          </Button>
        </>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  all: { gap: 12 },
  row: { flexDirection: 'row', alignItems: 'center', gap: 8 },
  grow: { flexGrow: 1, flexShrink: 1 },
  wrap: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  button: { minHeight: TARGET },
  start: { alignSelf: 'flex-start' },
});
