import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { daysAfter, withCapital } from '@/core/common';
import { LIMIT_TABLE, limitWords, type OwnLimit } from '@/core/people';
import { DayField, Fold, TARGET, Target, Toggle, useTokens } from '@/design';
import { LimitPicks } from '@/features/builder';
import { personChanged, todayOf, useAppDispatch } from '@/state';
import { LIMIT_NAMES, LOAD_NAMES } from '@/words/names';
import { dayShown } from '@/words/moments';
import { KeptField } from './kept-field';
import { LimitsSaid } from './limits-said';
import { QUESTIONS, type Question } from './questions';
import { PERSON } from './strings';
import type { Person } from './use-person';

/** Asked again after so many days, unless another day is chosen. */
const AGAIN_DAYS = 183;

/** What somebody may not, or only with care; what was never asked is unknown. */
export function PersonLimits({ person: { member, today } }: { readonly person: Person }) {
  const t = useTokens();
  const dispatch = useAppDispatch();
  const { limits, asked } = member;
  const change = (words: Parameters<typeof personChanged>[1]) =>
    dispatch(personChanged(member.id, words));
  // What was answered with none stands on this page alone, until all were asked.
  const [none, setNone] = useState<readonly number[]>([]);
  const has = (names: Question['limits']) =>
    limits?.some(({ limit }) => names.includes(limit)) === true;
  const left = QUESTIONS.filter((one, i) => !none.includes(i) && !has(one.limits)).length;
  const put = (next: readonly OwnLimit[]) =>
    change({
      limits: [...next],
      asked: { on: today, again: asked?.again ?? daysAfter(today, AGAIN_DAYS) },
    });
  return (
    <View style={styles.all}>
      {member.today?.on === today && member.today.limits && (
        <View style={styles.row}>
          <Text variant="bodyLarge" style={{ color: t.clay }}>
            {PERSON.limitsToday(member.today.limits.map(limitWords).join(', '))}
          </Text>
          <Target
            look="plain"
            label={PERSON.notToday}
            onPress={() => change({ today: todayOf(member, today, { limits: undefined }) })}
          />
        </View>
      )}
      {!limits && <Text variant="bodyLarge">{PERSON.neverAsked}</Text>}
      {limits?.length === 0 && <Text variant="bodyLarge">{PERSON.none}</Text>}
      <LimitsSaid person={member.id} limits={limits ?? []} onLimits={put} />
      <Fold title={PERSON.questions}>
        {QUESTIONS.map(({ ask, limits: meant }, i) => (
          <View key={ask} style={[styles.question, { borderBottomColor: t.line }]}>
            <Text variant="bodyLarge">{ask}</Text>
            <View style={styles.row}>
              {meant.map((limit) => {
                const on = limits?.some((one) => one.limit === limit) === true;
                return (
                  <Toggle
                    key={limit}
                    label={withCapital(LIMIT_NAMES[limit])}
                    on={on}
                    onPress={() =>
                      put(
                        on
                          ? (limits ?? []).filter((one) => one.limit !== limit)
                          : [...(limits ?? []), { limit }],
                      )
                    }
                  />
                );
              })}
              {!has(meant) && (
                <Toggle
                  label={PERSON.noneOfThese}
                  on={none.includes(i)}
                  onPress={() =>
                    setNone(none.includes(i) ? none.filter((one) => one !== i) : [...none, i])
                  }
                />
              )}
            </View>
          </View>
        ))}
        {left > 0 && <Text variant="bodyMedium">{PERSON.leftToAsk(left)}</Text>}
        <Button
          mode="contained"
          disabled={left > 0}
          contentStyle={styles.button}
          style={styles.start}
          onPress={() =>
            change({
              limits: [...(limits ?? [])],
              asked: { on: today, again: daysAfter(today, AGAIN_DAYS) },
            })
          }
        >
          {PERSON.askedToday}
        </Button>
        <Text variant="bodyMedium" style={{ color: t.quiet }}>
          {PERSON.askedTodayHint}
        </Text>
      </Fold>
      <LimitPicks limits={limits ?? []} onLimits={put} />
      {limits?.map((one) => (
        <OneLimit
          key={`${one.limit} ${one.side ?? ''}`}
          one={one}
          onChange={(next) => put(limits.map((other) => (other === one ? next : other)))}
        />
      ))}
      <View style={styles.row}>
        {limits?.length !== 0 && (
          <Button mode="outlined" contentStyle={styles.button} onPress={() => put([])}>
            {PERSON.askNone}
          </Button>
        )}
        {limits && (
          <Button
            mode="text"
            contentStyle={styles.button}
            onPress={() => change({ limits: undefined, asked: undefined })}
          >
            {PERSON.forget}
          </Button>
        )}
      </View>
      <KeptField
        label={PERSON.told}
        kept={member.told ?? ''}
        most={300}
        onKeep={(told) => change({ told: told.trim() === '' ? undefined : told })}
      />
      {member.told && (
        <Text variant="bodyMedium" style={{ color: t.clay }}>
          {PERSON.toldHolds}
        </Text>
      )}
      {asked && (
        <>
          <Text variant="bodyMedium">{PERSON.askedOn(dayShown(asked.on))}</Text>
          <DayField
            label={PERSON.askAgain}
            value={asked.again ?? ''}
            onChange={(again) =>
              change({ asked: again === '' ? { on: asked.on } : { on: asked.on, again } })
            }
          />
        </>
      )}
      <Text variant="bodyMedium" style={{ color: t.quiet }}>
        {PERSON.whose}
      </Text>
    </View>
  );
}

function OneLimit({
  one,
  onChange,
}: {
  readonly one: OwnLimit;
  readonly onChange: (next: OwnLimit) => void;
}) {
  const t = useTokens();
  const { out, care } = LIMIT_TABLE[one.limit];
  const words = (loads: typeof out) => loads.map(({ load }) => LOAD_NAMES[load]).join(', ');
  const { strict, ...rest } = one;
  return (
    <View style={[styles.limit, { borderColor: t.line }]}>
      <Text variant="titleMedium">
        {withCapital([LIMIT_NAMES[one.limit], one.side].filter(Boolean).join(' '))}
      </Text>
      {out.length > 0 && (
        <Text variant="bodyMedium">
          {PERSON.out}: {words(out)}
        </Text>
      )}
      {care.length > 0 && (
        <Text variant="bodyMedium">
          {strict ? PERSON.out : PERSON.care}: {words(care)}
        </Text>
      )}
      {care.length > 0 && (
        <Toggle
          label={PERSON.strict}
          on={strict === true}
          onPress={() => onChange(strict ? rest : { ...rest, strict: true })}
        />
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  all: { gap: 12 },
  question: { gap: 4, paddingVertical: 8, borderBottomWidth: 1 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  limit: { borderWidth: 1, borderRadius: 10, padding: 12, gap: 4, alignItems: 'flex-start' },
  button: { minHeight: TARGET },
  start: { alignSelf: 'flex-start' },
});
