import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import type { Entry, MoveProposal, Run } from '@/core/class';
import { withStop } from '@/core/common';
import { Target, useTokens } from '@/design';
import { useProposals, usePerson, type Person } from '@/features/people';
import { STANCES_FAMILY, doseTaken, entryChanged, ladderNow, useAppDispatch } from '@/state';
import { doseSentence, doseWords, ladderSentence } from '@/words/people';
import { ATTENDANCE } from './strings';

/** What follows from a class for each who came, one line each, to be taken or left. */
export function WhatFollows({ run }: { readonly run: Run }) {
  const came = run.people?.filter((one) => one.came) ?? [];
  if (came.length === 0) return null;
  return (
    <View style={styles.all}>
      <Text variant="titleMedium" role="heading" aria-level={2}>
        {ATTENDANCE.follows}
      </Text>
      {came.map((entry) => (
        <ForOne key={entry.person} run={run} entry={entry} />
      ))}
    </View>
  );
}

interface OneProps {
  readonly run: Run;
  readonly entry: Entry;
}

function ForOne({ run, entry }: OneProps) {
  const person = usePerson(entry.person);
  return person ? <OfPerson run={run} entry={entry} person={person} /> : null;
}

function OfPerson({ run, entry, person }: OneProps & { readonly person: Person }) {
  const t = useTokens();
  const dispatch = useAppDispatch();
  const on = run.startedAt.slice(0, 10);
  const turns = (ladderNow(person, STANCES_FAMILY)?.turns ?? []).filter((turn) => turn.on === on);
  const all = useProposals(person, on);
  const proposals = oneRise(
    all.filter(
      ({ move, proposal }) =>
        proposal.way !== 'stay' || proposal.seeClinician || entry.answers?.[move.id] !== undefined,
    ),
    entry,
  );
  const lines = inLines(proposals, entry);
  if (turns.length + lines.length === 0) return null;
  return (
    <View style={[styles.one, { borderBottomColor: t.line }]}>
      {turns.map((turn, i) => (
        <Text key={`turn ${i}`} variant="bodyLarge">
          {person.member.name}: {withStop(ladderSentence(turn))}
        </Text>
      ))}
      {lines.map((own) => {
        const [first] = own;
        if (!first) return null;
        const { proposal } = first;
        const answer = entry.answers?.[first.move.id];
        const say = (words: 'taken' | 'left') => {
          if (words === 'taken') {
            own.forEach(({ move, proposal: { to } }) => {
              const { amount, sets } = to;
              dispatch(doseTaken(person.member.id, move.id, { level: to.level.id, amount, sets }));
            });
          }
          const answers = Object.fromEntries(own.map(({ move }) => [move.id, words]));
          dispatch(
            entryChanged(run.id, entry.person, { answers: { ...entry.answers, ...answers } }),
          );
        };
        const what = own
          .map(({ move, now, proposal: { to } }) => {
            const level = to.level === now.level ? '' : `, ${to.level.name}`;
            const next = answer === 'taken' ? '' : ` → ${doseWords(to)}${level}`;
            return `${move.name}, ${doseWords(now)}${next}`;
          })
          .join('; ');
        return (
          <View key={first.move.id} style={styles.line}>
            <Text
              variant="bodyLarge"
              style={[styles.grow, proposal.way === 'back' && { color: t.clay }]}
            >
              {person.member.name}:{' '}
              {answer === 'taken' ? '' : `${withStop(doseSentence(proposal))} `}
              {what}.
            </Text>
            {answer ? (
              <Text variant="bodyMedium">
                {answer === 'taken' ? ATTENDANCE.taken : ATTENDANCE.left}
              </Text>
            ) : (
              <View style={styles.row}>
                <Target
                  label={ATTENDANCE.take}
                  said={`${ATTENDANCE.take}: ${person.member.name}, ${what}`}
                  onPress={() => say('taken')}
                />
                <Target
                  label={ATTENDANCE.leave}
                  said={`${ATTENDANCE.leave}: ${person.member.name}, ${what}`}
                  look="plain"
                  onPress={() => say('left')}
                />
              </View>
            )}
          </View>
        );
      })}
    </View>
  );
}

/** What goes back for the same reason goes back together; rises and what is answered stand alone. */
function inLines(
  all: readonly MoveProposal[],
  { answers = {} }: Entry,
): readonly (readonly MoveProposal[])[] {
  const lines = new Map<string, MoveProposal[]>();
  for (const one of all) {
    const { way, why } = one.proposal;
    const key = way === 'up' || answers[one.move.id] ? one.move.id : `${way} ${why}`;
    lines.set(key, [...(lines.get(key) ?? []), one]);
  }
  return [...lines.values()];
}

/** One thing rises at a time: of several that could, the first that is not answered yet. */
function oneRise(all: readonly MoveProposal[], { answers = {} }: Entry): readonly MoveProposal[] {
  const taken = Object.values(answers).includes('taken');
  const next = all.find(({ move, proposal }) => proposal.way === 'up' && !answers[move.id]);
  return all.filter(
    (one) =>
      one.proposal.way !== 'up' || answers[one.move.id] !== undefined || (!taken && one === next),
  );
}

const styles = StyleSheet.create({
  all: { gap: 4 },
  one: { borderBottomWidth: 1, paddingVertical: 8, gap: 6 },
  line: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: 8 },
  grow: { flexGrow: 1, flexShrink: 1, flexBasis: 220 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 4, maxWidth: '100%' },
});
