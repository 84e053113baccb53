import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { useMemo, useState } from 'react';
import { cameUpTo, proposalsFor, type MoveProposal } from '@/core/class';
import { barsOf, partakerOf, personEffects } from '@/core/people';
import { withCapital, withStop } from '@/core/common';
import { Choices, Target, useTokens } from '@/design';
import {
  doseTaken,
  ladderNow,
  selectCatalogue,
  STANCES_FAMILY,
  useAppDispatch,
  useAppSelector,
} from '@/state';
import { doseSentence, doseWords } from '@/words/people';
import { PERSON } from './strings';
import type { Person } from './use-person';

/** What follows for each move of the class that somebody came to last. */
export function useProposals(person: Person, upTo?: string): readonly MoveProposal[] {
  const catalogue = useAppSelector(selectCatalogue);
  return useMemo(() => {
    const { member, came, older, today } = person;
    const known = upTo ? cameUpTo(came, upTo) : came;
    const plan = known.at(-1)?.plan;
    if (!plan) return [];
    const day = upTo ?? today;
    const bars = barsOf(personEffects(partakerOf(member, day), day, older));
    const turns = ladderNow({ ...person, came: known }, STANCES_FAMILY)?.turns ?? [];
    const rungUpOn = new Set(turns.filter(({ way }) => way === 'up').map(({ on }) => on));
    return proposalsFor(member, plan, known, { catalogue, bars, today: day, rungUpOn });
  }, [person, catalogue, upTo]);
}

/** Doses and levels: what they do now, what is proposed, and why. */
export function PersonDoses({ person }: { readonly person: Person }) {
  const proposals = useProposals(person);
  if (proposals.length === 0) return <Text variant="bodyLarge">{PERSON.noDoses}</Text>;
  return (
    <View role="list">
      {proposals.map((one) => (
        <OneDose key={one.move.id} person={person} one={one} />
      ))}
    </View>
  );
}

function OneDose({
  person: { member },
  one,
}: {
  readonly person: Person;
  readonly one: MoveProposal;
}) {
  const t = useTokens();
  const dispatch = useAppDispatch();
  const { move, now, proposal } = one;
  const own = member.doses?.[move.id] !== undefined;
  const [open, setOpen] = useState(false);
  const take = () =>
    dispatch(
      doseTaken(member.id, move.id, {
        level: proposal.to.level.id,
        amount: proposal.to.amount,
        sets: proposal.to.sets,
      }),
    );
  return (
    <View role="listitem" style={[styles.dose, { borderBottomColor: t.line }]}>
      <Text variant="bodyLarge">
        {move.name}: {doseWords(now)}, {now.level.name}
        {own ? ` (${PERSON.own})` : ''}
      </Text>
      <Text
        variant="bodyMedium"
        style={{ color: proposal.seeClinician || proposal.way === 'back' ? t.clay : t.quiet }}
      >
        {withStop(withCapital(doseSentence(proposal)))}
      </Text>
      <Target
        label={PERSON.level}
        said={`${PERSON.level}: ${move.name}`}
        look="plain"
        align="start"
        expanded={open}
        icon={open ? 'less' : 'more'}
        style={styles.start}
        onPress={() => setOpen(!open)}
      />
      {open && (
        <Choices
          label={move.name}
          choices={move.levels.map(({ id, name }) => ({ value: id as string, text: name }))}
          value={now.level.id}
          onChoose={(value) => {
            const level = move.levels.find(({ id }) => id === value)?.id;
            const { amount, sets } = now;
            if (level) dispatch(doseTaken(member.id, move.id, { level, amount, sets }));
          }}
        />
      )}
      {proposal.way !== 'stay' && (
        <Target
          label={`${PERSON.take}: ${doseWords(proposal.to)}, ${proposal.to.level.name}`}
          align="start"
          style={styles.start}
          onPress={take}
        />
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  dose: { gap: 4, paddingVertical: 10, borderBottomWidth: 1 },
  start: { alignSelf: 'flex-start' },
});
