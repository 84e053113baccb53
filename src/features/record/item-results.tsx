import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import {
  ownPart,
  type Entry,
  type EntryWords,
  type ItemResult,
  type Plan,
  type PlanItem,
} from '@/core/class';
import { SUPPORTS } from '@/core/moves';
import type { Member, Rung } from '@/core/people';
import { Choices, Fold, Target, Toggle, useTokens } from '@/design';
import { Steps } from '@/features/steps';
import { KeptField } from '@/features/people';
import { useAppSelector } from '@/state';
import { HANDS_WORDS, rungWords } from '@/words/people';
import { ATTENDANCE } from './strings';

interface ItemsProps {
  readonly plan: Plan;
  readonly member: Member;
  readonly entry: Entry;
  readonly onChange: (words: Partial<Pick<EntryWords, 'items'>>) => void;
}

/** What one person did of each move, where more is known than that it was done. */
export function ItemResults({ plan, member, entry, onChange }: ItemsProps) {
  const standing = useAppSelector((state) => state.standings[member.id]);
  const put = (item: PlanItem, result: Loose) =>
    onChange({ items: { ...entry.items, [item.itemId]: plain(result) } });
  const drills = plan.items.filter(({ kind }) => kind === 'balance');
  const counted = plan.items.filter(
    ({ kind, doseKind }) => kind !== 'balance' && doseKind === 'reps',
  );
  return (
    <>
      {drills.map((item) => (
        <Drill
          key={item.itemId}
          item={item}
          rung={standing?.rungs?.[item.family] ?? item.lanes[0]?.rung}
          result={entry.items?.[item.itemId] ?? { moveId: item.moveId }}
          onPut={(result) => put(item, result)}
        />
      ))}
      {counted.length > 0 && (
        <Fold title={ATTENDANCE.items}>
          {counted.map((item) => (
            <Reps
              key={item.itemId}
              item={{ ...item, ...asked(member, item) }}
              result={entry.items?.[item.itemId] ?? { moveId: item.moveId }}
              onPut={(result) => put(item, result)}
            />
          ))}
        </Fold>
      )}
    </>
  );
}

/** What was asked of this person: their own dose where they have one. */
function asked(member: Member, { moveId, doseKind, amount, sets }: PlanItem) {
  const part = ownPart(member, moveId, { kind: doseKind, amount, sets });
  return part ? { amount: part.amount, sets: part.sets } : {};
}

const plain = (result: Loose): ItemResult =>
  Object.fromEntries(
    Object.entries(result).filter(([, value]) => value !== undefined),
  ) as unknown as ItemResult;

interface OneProps {
  readonly item: PlanItem;
  readonly result: ItemResult;
  readonly onPut: (result: Loose) => void;
}
/** What is set to undefined goes. */
type Loose = { readonly [K in keyof ItemResult]: ItemResult[K] | undefined };

/** A balance drill: what was asked, how long each side held, and what went wrong. */
function Drill({ item, rung, result, onPut }: OneProps & { readonly rung: Rung | undefined }) {
  const t = useTokens();
  const asked = result.rung ?? rung;
  const seconds = (key: 'leftMs' | 'rightMs') => (
    <KeptField
      label={key === 'leftMs' ? ATTENDANCE.leftS : ATTENDANCE.rightS}
      kept={result[key] === undefined ? '' : String(result[key] / 1000)}
      most={5}
      numeric
      problem={(typed) => (typed === '' || secondsIn(typed) !== undefined ? '' : '0–600')}
      onKeep={(typed) =>
        onPut({ ...result, ...(asked && { rung: asked }), ...msOf(key, secondsIn(typed)) })
      }
    />
  );
  const count = (key: 'steps' | 'grabs' | 'nearFalls') => {
    const now = result[key] ?? 0;
    const to = (next: number) => onPut({ ...result, ...(asked && { rung: asked }), [key]: next });
    return (
      <Steps
        label={ATTENDANCE[key]}
        shown={String(now)}
        onLess={now > 0 ? () => to(now - 1) : undefined}
        onMore={now < 50 ? () => to(now + 1) : undefined}
      />
    );
  };
  const whole = () =>
    asked &&
    onPut({
      ...result,
      rung: asked,
      leftMs: asked.timeMs,
      rightMs: asked.timeMs,
      watched: true,
    });
  return (
    <View style={[styles.drill, { borderColor: t.line }]}>
      <Text variant="titleMedium">{item.name}</Text>
      {asked && (
        <Text variant="bodyMedium">
          {ATTENDANCE.asked}: {rungWords(asked)}
        </Text>
      )}
      <View style={styles.row}>
        <Target label={ATTENDANCE.whole} onPress={() => void whole()} />
        <Toggle
          label={ATTENDANCE.watched}
          on={result.watched === true}
          onPress={() =>
            onPut({
              ...result,
              ...(asked && { rung: asked }),
              watched: result.watched ? undefined : true,
            })
          }
        />
      </View>
      <View style={styles.row}>
        {seconds('leftMs')}
        {seconds('rightMs')}
      </View>
      <Fold title={ATTENDANCE.hands} sum={result.hands ? HANDS_WORDS[result.hands] : ''}>
        <Choices
          label={ATTENDANCE.hands}
          choices={SUPPORTS.map((value) => ({ value, text: HANDS_WORDS[value] }))}
          value={result.hands ?? asked?.hands}
          onChoose={(hands) => onPut({ ...result, ...(asked && { rung: asked }), hands })}
        />
      </Fold>
      {count('steps')}
      {count('grabs')}
      {count('nearFalls')}
      {(result.nearFalls ?? 0) > 0 && (
        <Text variant="bodyMedium" style={{ color: t.clay }}>
          {ATTENDANCE.nearFall}
        </Text>
      )}
    </View>
  );
}

function secondsIn(typed: string): number | undefined {
  const seconds = Number(typed.replace(',', '.'));
  return typed !== '' && seconds >= 0 && seconds <= 600 ? seconds : undefined;
}

const msOf = (key: 'leftMs' | 'rightMs', seconds: number | undefined) => ({
  [key]: seconds === undefined ? undefined : Math.round(seconds * 1000),
});

/** Reps that were reached, of each side where there are two; what was planned stands until then. */
function Reps({ item, result, onPut }: OneProps) {
  const keys = item.sided ? (['leftReps', 'rightReps'] as const) : (['reps'] as const);
  return keys.map((key) => {
    const now = result[key] ?? item.amount;
    return (
      <Steps
        key={key}
        label={ATTENDANCE.reps(item.name, key)}
        shown={String(now)}
        onLess={now > 0 ? () => onPut({ ...result, [key]: now - 1 }) : undefined}
        onMore={now < 500 ? () => onPut({ ...result, [key]: now + 1 }) : undefined}
      />
    );
  });
}

const styles = StyleSheet.create({
  drill: { borderWidth: 1, borderRadius: 12, padding: 12, gap: 8 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
