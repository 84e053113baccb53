import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import type { GroupId, PersonId } from '@/core/common';
import { limitWords, readPeopleLines, type PersonLine } from '@/core/people';
import { Choices, Field, TARGET, Target, useTokens } from '@/design';
import { useKeptTyping } from '@/features/typing';
import { addPeople, useAppDispatch, useAppSelector } from '@/state';
import { laneTitle } from '@/words/names';
import { PEOPLE } from './strings';

interface AddPeopleProps {
  readonly groups: readonly { readonly id: GroupId; readonly name: string }[];
  /** The group whose page this is. */
  readonly into?: GroupId;
}

const sameName = (a: string, b: string) =>
  a.trim().toLocaleLowerCase() === b.trim().toLocaleLowerCase();

/** People who are here already, and people who are new: names, or a line each with what is known. */
export function AddPeople({ groups, into }: AddPeopleProps) {
  const t = useTokens();
  const dispatch = useAppDispatch();
  const people = useAppSelector((state) => state.people);
  const [typed, setTyped] = useKeptTyping(`new people ${into ?? ''}`.trim());
  const [chosen, setChosen] = useState<GroupId | 'none'>();
  /** Names of people here that are meant as somebody else. */
  const [others, setOthers] = useState<readonly string[]>([]);
  const lines = readPeopleLines(typed);
  const target = into ?? chosen ?? groups[0]?.id ?? 'none';
  const groupId = target === 'none' ? undefined : target;
  const knownAs = ({ name }: PersonLine) =>
    others.some((one) => sameName(one, name))
      ? undefined
      : Object.values(people).find((one) => sameName(one.name, name));
  const good = lines.filter(({ fault }) => !fault);
  const add = () => {
    if (good.length === 0) return;
    dispatch(
      addPeople(
        good.map((line) => ({ line, known: knownAs(line)?.id })),
        groupId,
      ),
    );
    // What is wrong stays, each with its reason.
    setTyped(
      lines
        .filter(({ fault }) => fault)
        .map((line) => line.typed)
        .join('\n'),
    );
    setOthers([]);
  };
  return (
    <View style={styles.add}>
      {into && <PickPeople into={into} />}
      <Field
        label={PEOPLE.newPeople}
        value={typed}
        multiline
        maxLength={20_000}
        onChangeText={setTyped}
      />
      <Text variant="bodyMedium" style={{ color: t.quiet }}>
        {PEOPLE.newHint}
      </Text>
      <View role="list" aria-label={PEOPLE.understood}>
        {lines.map((line, i) => (
          <Understood
            key={`${line.line} ${i}`}
            line={line}
            known={knownAs(line)?.id}
            onOther={() => setOthers([...others, line.name])}
          />
        ))}
      </View>
      {!into && groups.length > 0 && lines.length > 0 && (
        <Choices
          label={PEOPLE.into}
          choices={[
            ...groups.map(({ id, name }) => ({ value: id as string, text: name })),
            { value: 'none', text: PEOPLE.noneOfThem },
          ]}
          value={target}
          onChoose={(value) => setChosen(value as GroupId | 'none')}
        />
      )}
      <Button
        mode="contained"
        contentStyle={styles.button}
        disabled={good.length === 0}
        onPress={add}
        style={styles.start}
      >
        {PEOPLE.addPeople(good.length)}
      </Button>
    </View>
  );
}

/** What one line is understood as, or what is wrong with it. */
function Understood({
  line,
  known,
  onOther,
}: {
  readonly line: PersonLine;
  readonly known: PersonId | undefined;
  readonly onOther: () => void;
}) {
  const t = useTokens();
  const { name, limits, lane, fault, typed } = line;
  if (fault) {
    return (
      <Text role="listitem" variant="bodyMedium" style={{ color: t.clay }}>
        {PEOPLE.lineFault(typed, fault)}
      </Text>
    );
  }
  const said = [
    limits && (limits.length === 0 ? PEOPLE.noLimits : limits.map(limitWords).join(', ')),
    lane && laneTitle(lane),
  ].filter(Boolean);
  return (
    <View role="listitem" style={styles.line}>
      <Text variant="bodyMedium" style={styles.grow}>
        {[name, ...said].join(' · ')}
        {known ? ` (${PEOPLE.isHere})` : ''}
      </Text>
      {known && (
        <Target
          look="plain"
          label={PEOPLE.another}
          said={PEOPLE.anotherOf(name)}
          onPress={onOther}
        />
      )}
    </View>
  );
}

/** So many are shown before anything is searched for. */
const SHOWN = 8;

/** People who are here and not in this group yet: a press puts one in. */
function PickPeople({ into }: { readonly into: GroupId }) {
  const dispatch = useAppDispatch();
  const people = useAppSelector((state) => state.people);
  const [wanted, setWanted] = useState('');
  const others = Object.values(people)
    .filter(({ groups }) => !groups.includes(into))
    .sort((a, b) => a.name.localeCompare(b.name));
  if (others.length === 0) return null;
  const found = others.filter(({ name }) =>
    name.toLocaleLowerCase().includes(wanted.trim().toLocaleLowerCase()),
  );
  return (
    <View style={styles.add}>
      <Field label={PEOPLE.pick} value={wanted} maxLength={80} onChangeText={setWanted} />
      <View style={styles.names}>
        {found.slice(0, SHOWN).map(({ id, name }) => (
          <Target
            key={id}
            label={name}
            said={PEOPLE.pickOne(name)}
            icon="add"
            onPress={() => {
              const none = { limits: undefined, lane: undefined };
              dispatch(addPeople([{ line: { name, ...none }, known: id }], into));
              setWanted('');
            }}
          />
        ))}
      </View>
      {found.length > SHOWN && (
        <Text variant="bodyMedium">{PEOPLE.moreFound(found.length - SHOWN)}</Text>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  add: { gap: 8 },
  button: { minHeight: TARGET },
  start: { alignSelf: 'flex-start' },
  line: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: 8 },
  grow: { flexShrink: 1 },
  names: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
