import { useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { MOST_NOTE, type HappenedEvent } from '@/core/class';
import type { GroupId, PersonId } from '@/core/common';
import { Field, SANS, TARGET, Target, useTokens, rem } from '@/design';
import { useHandedOn } from '@/features/frame';
import { act, membersOf, useAppDispatch, useAppSelector } from '@/state';
import { SEEN } from '@/words/safety';
import { timeShown } from '@/words/moments';
import { CallForHelp, HelpFields, useHelpIsKnown } from './call-for-help';
import { StopSignTiers } from './stop-signs';
import { LEAD } from './strings';

interface HappenedProps {
  readonly event: HappenedEvent | undefined;
  readonly groupId: GroupId | undefined;
  readonly onClose: () => void;
}

/**
 * Something happened: whom to call, then what to do by what is seen, then whom it happened to and a word
 * for the record. The class is held.
 */
export function Happened({ event, groupId, onClose }: HappenedProps) {
  const t = useTokens();
  const dispatch = useAppDispatch();
  const [seen, setSeen] = useState<string>();
  const [typed, setTyped] = useState(event?.note ?? '');
  const known = useHelpIsKnown();
  const keep = () => dispatch(act({ kind: 'noted', note: typed }));
  useHandedOn(typed === (event?.note ?? '') ? undefined : typed, keep);
  const time = event ? timeShown(event.at) : '';
  return (
    <ScrollView contentContainerStyle={styles.all}>
      <CallForHelp />
      <View role="list" aria-label={LEAD.seen} style={styles.seen}>
        {SEEN.map(({ what, grave, then }) => (
          <View role="listitem" key={what} style={styles.one}>
            <Target
              label={what}
              align="start"
              icon={seen === what ? 'less' : 'more'}
              expanded={seen === what}
              height={56}
              letters={20}
              {...(grave && { colour: t.clay })}
              onPress={() => setSeen(seen === what ? undefined : what)}
            />
            {seen === what &&
              then.map((line) => (
                <Text key={line} style={styles.line}>
                  {line}
                </Text>
              ))}
          </View>
        ))}
      </View>
      <Button
        mode="contained"
        contentStyle={styles.button}
        onPress={() => {
          keep();
          onClose();
        }}
      >
        {LEAD.closeSigns}
      </Button>
      <Text variant="titleMedium" role="heading" aria-level={1}>
        {LEAD.happenedTitle(time)}
      </Text>
      {groupId && <Whom event={event} groupId={groupId} note={typed} />}
      <Text variant="bodyLarge" style={{ color: t.quiet }}>
        {LEAD.happenedHint}
      </Text>
      <Field
        label={LEAD.happenedNote}
        value={typed}
        maxLength={MOST_NOTE}
        onChangeText={setTyped}
        onBlur={keep}
      />
      <StopSignTiers />
      {!known && <HelpFields />}
    </ScrollView>
  );
}

/** Whom it happened to: several, or nobody named. */
function Whom({
  event,
  groupId,
  note,
}: {
  readonly event: HappenedEvent | undefined;
  readonly groupId: GroupId;
  readonly note: string;
}) {
  const dispatch = useAppDispatch();
  const people = useAppSelector((state) => state.people);
  const chosen = event?.people ?? [];
  const name = (id: PersonId) => {
    const next = chosen.includes(id) ? chosen.filter((one) => one !== id) : [...chosen, id];
    dispatch(act({ kind: 'noted', note, people: next }));
  };
  return (
    <View role="group" aria-label={LEAD.whom} style={styles.whom}>
      <Text variant="titleMedium">{LEAD.whom}</Text>
      <View style={styles.names}>
        {membersOf(people, groupId).map((member) => (
          <Target
            key={member.id}
            label={member.name}
            role="checkbox"
            checked={chosen.includes(member.id)}
            look={chosen.includes(member.id) ? 'filled' : 'outlined'}
            onPress={() => name(member.id)}
          />
        ))}
      </View>
      <Text variant="bodyMedium">{chosen.length === 0 ? LEAD.nobodyNamed : LEAD.willBeAsked}</Text>
    </View>
  );
}

const styles = StyleSheet.create({
  all: { padding: 12, gap: 12, maxWidth: 760, width: '100%', alignSelf: 'center' },
  seen: { gap: 6 },
  one: { gap: 6 },
  line: { fontFamily: SANS, fontSize: rem(20), lineHeight: rem(27), paddingHorizontal: 12 },
  button: { minHeight: TARGET + 8 },
  whom: { gap: 8 },
  names: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
