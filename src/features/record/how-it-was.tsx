import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { MOST_NOTE, SKIP_WHYS, WENT, type Run, type Went } from '@/core/class';
import { withCapital } from '@/core/common';
import { itemInForce, itemsInOrder, type Item, type Routine } from '@/core/routine';
import { Choices, Field, Fold, Target, useTokens } from '@/design';
import { useHandedOn } from '@/features/frame';
import { runsBrought, useAppDispatch, useAppSelector } from '@/state';
import { timeShown } from '@/words/moments';
import { RECORD, WENT_WORDS, WHY_WORDS } from './strings';

interface OfRun {
  readonly run: Run;
  /** As it was led; left out where none was. */
  readonly routine: Routine | undefined;
}

function nameOf(routine: Routine | undefined, id: string | undefined): string {
  const item = routine && itemsInOrder(routine).find((one) => one.id === id);
  return item && routine ? itemInForce(item, routine).move.name : '';
}

/** What was changed on the way, what was left early and why, and what happened. */
export function WhatHappened({ run, routine }: OfRun) {
  const t = useTokens();
  const dispatch = useAppDispatch();
  const count = (kind: string) => run.edits?.filter((one) => one.kind === kind).length ?? 0;
  const changes = (['extend', 'again', 'ease', 'lanes', 'settle'] as const)
    .filter((kind) => count(kind) > 0)
    .map((kind) => RECORD.changed[kind](count(kind)));
  const people = useAppSelector((state) => state.people);
  const events = (run.events ?? []).map(({ at, itemId, note, people: whom = [] }) => {
    const names = whom.flatMap((id) => people[id]?.name ?? []).join(', ');
    const what = [names, note ?? RECORD.happened].filter(Boolean).join(': ');
    return [timeShown(at), nameOf(routine, itemId), what].filter(Boolean).join(' · ');
  });
  if (changes.length + (run.skips ?? []).length + events.length === 0) return null;
  return (
    <View>
      {changes.length > 0 && (
        <Text variant="bodyLarge">
          {RECORD.onTheWay} {changes.join(', ')}
        </Text>
      )}
      {(run.skips ?? []).map(({ itemId, why }, i) => (
        <View key={`${i} ${itemId}`}>
          <Text variant="bodyLarge">
            {[nameOf(routine, itemId), RECORD.leftEarly].filter(Boolean).join(', ')}
          </Text>
          <Choices
            label={RECORD.whyLeft}
            choices={SKIP_WHYS.map((value) => ({ value, text: withCapital(WHY_WORDS[value]) }))}
            value={why}
            onChoose={(chosen) =>
              dispatch(
                runsBrought([
                  {
                    ...run,
                    skips: (run.skips ?? []).map((one, at) =>
                      at === i ? { ...one, why: chosen } : one,
                    ),
                  },
                ]),
              )
            }
          />
        </View>
      ))}
      {events.map((words, i) => (
        <Text key={`${i} ${words}`} variant="bodyLarge" style={{ color: t.clay }}>
          {words}
        </Text>
      ))}
    </View>
  );
}

/** How it was, and a note: what is known at once, before any table. */
export function HowItWas({ run, routine }: OfRun) {
  const router = useRouter();
  const dispatch = useAppDispatch();
  const { overall } = run;
  const names = run.groupId !== undefined;
  return (
    <View style={styles.all}>
      <Choices
        label={RECORD.overall}
        choices={CHOICES}
        value={overall}
        onChoose={(chosen) => dispatch(runsBrought([{ ...run, overall: chosen }]))}
      />
      {overall && !names && (
        <View role="status">
          <Text variant="bodyLarge">{RECORD.backWord[overall]}</Text>
          {overall !== 'well' && routine && (
            <Target
              look="plain"
              align="start"
              label={RECORD.openRoutine}
              said={RECORD.changeIt(routine.title)}
              onPress={() => router.push(`/routine/${routine.id}`)}
            />
          )}
        </View>
      )}
      <RunNote run={run} />
    </View>
  );
}

/** One tap each for how a move went. */
export function MoveByMove({ run, routine }: OfRun) {
  const done = new Set(run.sides.filter(({ realMs }) => realMs > 0).map(({ itemId }) => itemId));
  const items = routine ? itemsInOrder(routine).filter(({ id }) => done.has(id)) : [];
  if (!routine || items.length === 0) return null;
  const said = Object.keys(run.went ?? {}).length;
  return (
    <Fold title={RECORD.went} sum={said > 0 ? RECORD.wentSaid(said) : ''}>
      {items.map((item) => (
        <ItemWent key={item.id} run={run} routine={routine} item={item} />
      ))}
    </Fold>
  );
}

const CHOICES = WENT.map((value) => ({ value, text: WENT_WORDS[value] }));

function ItemWent({
  run,
  routine,
  item,
}: {
  readonly run: Run;
  readonly routine: Routine;
  readonly item: Item;
}) {
  const dispatch = useAppDispatch();
  const choose = (went: Went) =>
    dispatch(runsBrought([{ ...run, went: { ...run.went, [item.id]: went } }]));
  return (
    <Choices
      label={itemInForce(item, routine).move.name}
      choices={CHOICES}
      value={run.went?.[item.id]}
      onChoose={choose}
    />
  );
}

function RunNote({ run }: Pick<OfRun, 'run'>) {
  const dispatch = useAppDispatch();
  const [typed, setTyped] = useState<string>();
  const handOn = () => {
    if (typed === undefined) return;
    const { note: _, ...rest } = run;
    const note = typed.trim();
    if (note !== (run.note ?? '')) dispatch(runsBrought([note === '' ? rest : { ...rest, note }]));
  };
  const keep = () => {
    handOn();
    setTyped(undefined);
  };
  useHandedOn(typed, handOn);
  return (
    <Field
      label={RECORD.note}
      multiline
      value={typed ?? run.note ?? ''}
      maxLength={MOST_NOTE}
      onChangeText={setTyped}
      onBlur={keep}
    />
  );
}

const styles = StyleSheet.create({ all: { gap: 8 } });
