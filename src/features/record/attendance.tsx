import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import {
  OUTCOMES,
  SKIP_WHYS,
  notLed,
  wentAsPlanned,
  type Entry,
  type Plan,
  type Run,
} from '@/core/class';
import { withCapital, type PersonId } from '@/core/common';
import type { Member } from '@/core/people';
import { Choices, Fold, TARGET, Target, Toggle, useTokens } from '@/design';
import { Steps } from '@/features/steps';
import { KeptField } from '@/features/people';
import {
  entryChanged,
  entryTaken,
  groupIdOf,
  membersOf,
  recordAllAsPlanned,
  runForGroup,
  runsBrought,
  useAppDispatch,
  useAppSelector,
} from '@/state';
import { laneTitle } from '@/words/names';
import { OUTCOME_WORDS } from '@/words/people';
import { momentShown } from '@/words/moments';
import { ItemResults } from './item-results';
import { ATTENDANCE, RECORD, WHY_WORDS } from './strings';

const SCALE = Array.from({ length: 11 }, (_, i) => ({ value: String(i), text: String(i) }));

/** A number, where nobody is named. */
function Headcount({ run }: { readonly run: Run }) {
  const dispatch = useAppDispatch();
  const { headcount = 0, ...rest } = run;
  const to = (n: number) => () =>
    dispatch(runsBrought([n === 0 ? rest : { ...rest, headcount: n }]));
  return (
    <Steps
      label={RECORD.headcount}
      shown={headcount === 0 ? '–' : String(headcount)}
      onLess={headcount > 0 ? to(headcount - 1) : undefined}
      onMore={headcount < 500 ? to(headcount + 1) : undefined}
    />
  );
}

/** Who came and how it went for each: one tap where all went as planned. */
export function Attendance({ run, plan }: { readonly run: Run; readonly plan: Plan | undefined }) {
  const dispatch = useAppDispatch();
  const people = useAppSelector((state) => state.people);
  const groups = useAppSelector((state) => state.groups);
  const [open, setOpen] = useState<PersonId>();
  const group = run.groupId && groups[run.groupId];
  const all = Object.values(groups);
  if (!group) {
    return (
      <View style={styles.all}>
        <Headcount run={run} />
        {all.length > 0 && (
          <Choices
            label={ATTENDANCE.whose}
            choices={all.map(({ id, name }) => ({ value: id as string, text: name }))}
            value={undefined}
            onChoose={(value) => {
              const groupId = groupIdOf(value);
              if (groupId) dispatch(runForGroup(run.id, groupId));
            }}
          />
        )}
      </View>
    );
  }
  const asPlanned = wentAsPlanned(run);
  const noted = new Set(run.people?.map(({ person }) => person));
  const members = membersOf(people, group.id);
  const others = [...noted].flatMap((id) => {
    const one = people[id];
    return one && !members.includes(one) ? [one] : [];
  });
  return (
    <View style={styles.all}>
      <Text variant="titleMedium" role="heading" aria-level={2}>
        {ATTENDANCE.title}: {group.name}
      </Text>
      {members.some(({ id }) => !noted.has(id)) && (
        <View>
          <Button
            mode="contained"
            contentStyle={styles.button}
            style={styles.start}
            onPress={() => dispatch(recordAllAsPlanned(run.id))}
          >
            {asPlanned ? ATTENDANCE.all : ATTENDANCE.allCame}
          </Button>
          <Text variant="bodyMedium">
            {asPlanned ? ATTENDANCE.allHint : ATTENDANCE.changedHint}
          </Text>
        </View>
      )}
      <View role="list">
        {[...members, ...others].map((member) => (
          <OnePerson
            key={member.id}
            run={run}
            plan={plan}
            member={member}
            open={open === member.id}
            onOpen={() => setOpen(open === member.id ? undefined : member.id)}
          />
        ))}
      </View>
    </View>
  );
}

function entrySum(entry: Entry | undefined): string {
  if (!entry) return ATTENDANCE.noEntry;
  if (!entry.came) return ATTENDANCE.away;
  const { outcome, why, effort, painBefore, painAfter, dizzy, falls } = entry;
  return [
    outcome ? OUTCOME_WORDS[outcome] : ATTENDANCE.justCame,
    why && WHY_WORDS[why],
    effort === undefined ? '' : `effort ${effort}`,
    painBefore === undefined && painAfter === undefined
      ? ''
      : `pain ${painBefore ?? '?'} → ${painAfter ?? '?'}`,
    dizzy ? 'dizzy' : '',
    falls ? `${falls} falls` : '',
  ]
    .filter(Boolean)
    .join(', ');
}

interface OneProps {
  readonly run: Run;
  readonly plan: Plan | undefined;
  readonly member: Member;
  readonly open: boolean;
  readonly onOpen: () => void;
}

function OnePerson({ run, plan, member, open, onOpen }: OneProps) {
  const t = useTokens();
  const entry = run.people?.find(({ person }) => person === member.id);
  const sum = entrySum(entry);
  return (
    <View role="listitem" style={[styles.one, { borderBottomColor: t.line }]}>
      <Target
        label={`${member.name}: ${sum}`}
        look="plain"
        align="start"
        expanded={open}
        icon={open ? 'less' : 'more'}
        onPress={onOpen}
      />
      {open && <EntryEditor run={run} plan={plan} member={member} entry={entry} />}
    </View>
  );
}

type Words = Parameters<typeof entryChanged>[2];

function EntryEditor({
  run,
  plan,
  member,
  entry,
}: Pick<OneProps, 'run' | 'plan' | 'member'> & { readonly entry: Entry | undefined }) {
  const dispatch = useAppDispatch();
  const change = (words: Words) => dispatch(entryChanged(run.id, member.id, words));
  const lanes = plan?.work.map(({ lane }) => lane) ?? [];
  // What never came up is not asked about.
  const left = notLed(run);
  const led = plan && { ...plan, items: plan.items.filter(({ itemId }) => !left.includes(itemId)) };
  const scale = (key: 'effort' | 'painBefore' | 'painAfter' | 'painNext') => (
    <Choices
      label={ATTENDANCE[key]}
      choices={SCALE}
      value={entry?.[key] === undefined ? undefined : String(entry[key])}
      onChoose={(value) => change({ [key]: Number(value) })}
    />
  );
  const counted = (key: 'falls' | 'soreDays', most: number) => {
    const now = entry?.[key] ?? 0;
    return (
      <Steps
        label={ATTENDANCE[key]}
        shown={String(now)}
        onLess={now > 0 ? () => change({ [key]: now - 1 || undefined }) : undefined}
        onMore={now < most ? () => change({ [key]: now + 1 }) : undefined}
      />
    );
  };
  return (
    <View style={styles.editor}>
      <Choices
        label={ATTENDANCE.outcome}
        choices={[
          ...OUTCOMES.map((value) => ({
            value: value as string,
            text: withCapital(OUTCOME_WORDS[value]),
          })),
          { value: 'away', text: withCapital(ATTENDANCE.away) },
        ]}
        value={!entry ? undefined : entry.came ? entry.outcome : 'away'}
        onChoose={(value) =>
          change(
            value === 'away'
              ? { came: false, outcome: undefined }
              : { came: true, outcome: OUTCOMES.find((one) => one === value) },
          )
        }
      />
      {entry?.came && entry.outcome && entry.outcome !== 'done' && (
        <Choices
          label={ATTENDANCE.why}
          choices={SKIP_WHYS.map((value) => ({ value, text: withCapital(WHY_WORDS[value]) }))}
          value={entry.why}
          onChoose={(why) => change({ why })}
        />
      )}
      {entry?.came !== false && (
        <>
          {scale('effort')}
          {scale('painBefore')}
          {scale('painAfter')}
          {entry && (
            <>
              {led && <ItemResults plan={led} member={member} entry={entry} onChange={change} />}
              <Fold title={ATTENDANCE.more}>
                {scale('painNext')}
                {counted('soreDays', 14)}
                {counted('falls', 20)}
                <Toggle
                  label={ATTENDANCE.dizzy}
                  on={entry.dizzy === true}
                  onPress={() => change({ dizzy: entry.dizzy ? undefined : true })}
                />
                <Toggle
                  label={ATTENDANCE.unwell}
                  on={entry.unwell === true}
                  onPress={() => change({ unwell: entry.unwell ? undefined : true })}
                />
                {lanes.length > 1 && (
                  <Choices
                    label={ATTENDANCE.lane}
                    choices={lanes.map((value) => ({ value, text: laneTitle(value) }))}
                    value={entry.lane ?? lanes.find((lane) => lane === member.lane) ?? lanes[0]}
                    onChoose={(lane) => change({ lane })}
                  />
                )}
              </Fold>
            </>
          )}
        </>
      )}
      {entry && (
        <>
          <KeptField
            label={ATTENDANCE.note}
            kept={entry.note ?? ''}
            most={1000}
            onKeep={(note) => change({ note: note === '' ? undefined : note })}
          />
          {entry.earlier && (
            <Fold title={ATTENDANCE.earlier}>
              {entry.earlier.map((one) => (
                <Text key={one.until} variant="bodyMedium">
                  {entrySum(one)} ({ATTENDANCE.until(momentShown(one.until))})
                </Text>
              ))}
            </Fold>
          )}
          <Target
            label={ATTENDANCE.clear}
            look="plain"
            align="start"
            onPress={() => dispatch(entryTaken(run.id, member.id))}
          />
        </>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  all: { gap: 8 },
  one: { borderBottomWidth: 1 },
  editor: { gap: 8, paddingHorizontal: 8, paddingBottom: 12 },
  button: { minHeight: TARGET },
  start: { alignSelf: 'flex-start' },
});
