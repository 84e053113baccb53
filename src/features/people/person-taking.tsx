import { View } from 'react-native';
import { Text } from 'react-native-paper';
import type { ClassGroup } from '@/core/class';
import { AIDS, LANE_NAMES, SEATS, bornFault, type Member, type PlainLane } from '@/core/people';
import { groupIdSchema } from '@/core/common';
import { Choices, Picks } from '@/design';
import { personChanged, todayOf, useAppDispatch, useAppSelector } from '@/state';
import { LANE_TITLES, laneTitle } from '@/words/names';
import { AID_WORDS, SEAT_WORDS } from '@/words/people';
import { KeptField } from './kept-field';
import { PERSON } from './strings';
import type { Person } from './use-person';

const LANES = LANE_NAMES.map((value) => ({ value, text: LANE_TITLES[value] }));

export function takingSum(
  { lane, seat, aids = [], groups: own }: Member,
  groups: Readonly<Record<string, ClassGroup>>,
): string {
  return [
    ...own.map((id) => groups[id]?.name),
    lane && laneTitle(lane),
    seat && SEAT_WORDS[seat],
    ...aids.map((aid) => AID_WORDS[aid]),
  ]
    .filter(Boolean)
    .join(' · ');
}

/** Groups, ways of taking part, what somebody sits on and uses. */
export function PersonTaking({ person: { member, today } }: { readonly person: Person }) {
  const dispatch = useAppDispatch();
  const groups = useAppSelector((state) => state.groups);
  const change = (words: Parameters<typeof personChanged>[1]) =>
    dispatch(personChanged(member.id, words));
  const year = Number(today.slice(0, 4));
  return (
    <View style={{ gap: 12 }}>
      <Picks
        label={PERSON.groups}
        choices={Object.values(groups).map(({ id, name }) => ({ value: id as string, text: name }))}
        values={member.groups}
        onChange={(own) => change({ groups: own.map((id) => groupIdSchema.parse(id)) })}
      />
      <Choices
        label={PERSON.lane}
        choices={LANES}
        value={member.lane}
        onChoose={(lane) => change({ lane })}
      />
      <Choices<PlainLane | 'usual'>
        label={PERSON.today}
        choices={[{ value: 'usual', text: PERSON.asUsual }, ...LANES]}
        value={(member.today?.on === today && member.today.lane) || 'usual'}
        onChoose={(lane) =>
          change({ today: todayOf(member, today, { lane: lane === 'usual' ? undefined : lane }) })
        }
      />
      <Choices
        label={PERSON.seat}
        choices={SEATS.map((value) => ({ value, text: SEAT_WORDS[value] }))}
        value={member.seat}
        onChoose={(seat) => change({ seat })}
      />
      <Picks
        label={PERSON.aids}
        choices={AIDS.map((value) => ({ value, text: AID_WORDS[value] }))}
        values={member.aids ?? []}
        onChange={(aids) => change({ aids: aids.length > 0 ? [...aids] : undefined })}
      />
      <KeptField
        label={PERSON.born}
        kept={member.bornIn === undefined ? '' : String(member.bornIn)}
        most={4}
        numeric
        problem={(typed) => bornProblem(typed, year)}
        onKeep={(typed) => change({ bornIn: typed === '' ? undefined : Number(typed) })}
      />
      <Text variant="bodyMedium">{PERSON.bornWhy}</Text>
      <Choices
        label={PERSON.sex}
        choices={[
          { value: 'woman', text: PERSON.woman },
          { value: 'man', text: PERSON.man },
          { value: 'none', text: PERSON.notSaid },
        ]}
        value={member.sex ?? 'none'}
        onChoose={(sex) => change({ sex: sex === 'none' ? undefined : sex })}
      />
    </View>
  );
}

function bornProblem(typed: string, year: number): string {
  if (typed === '') return '';
  if (!/^\d{4}$/u.test(typed)) return PERSON.bornFault['not-a-year'];
  const fault = bornFault(Number(typed), year);
  return fault ? PERSON.bornFault[fault] : '';
}
