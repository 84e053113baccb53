import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { SIDES, paceOf, talkMs } from '@/core/body';
import { withCapital } from '@/core/common';
import { CHALLENGES, SUPPORTS, cuesOf } from '@/core/moves';
import { changeItem, changeLevel, itemInForce, lanesOf, type Item } from '@/core/routine';
import { Choices, Target, useTokens } from '@/design';
import { useHandedOn } from '@/features/frame';
import { SidedField, sidedShown } from '@/features/typing';
import { laneTitle, timeWords } from '@/words/names';
import { Steps } from '@/features/steps';
import { FINE } from './strings';
import { TapAlong } from './tap-along';
import type { Editing } from './use-routine';

const STEP_MS = 5000;
const MOST_EXTRA_MS = 120_000;

/** What a line says of sides that differ, of hands, of each way of taking part, and in its own words. */
export function ItemFine({ item, ...editing }: Editing & { readonly item: Item }) {
  const t = useTokens();
  const { routine, change } = editing;
  const [open, setOpen] = useState(false);
  const { move, level, sides } = itemInForce(item, routine);
  const lanes = lanesOf(routine);
  const write = (words: Parameters<typeof changeItem>[2]) =>
    change(changeItem(routine, item.id, words));
  const { weak } = item;
  const { talkWpm } = paceOf(routine.group, routine.pace);
  const cues = cuesOf(move, level);
  const isOneSided = item.sides === 'left-only' || item.sides === 'right-only';
  const opener = (
    <Target
      look="plain"
      align="start"
      icon={open ? 'less' : 'more'}
      label={FINE.title}
      expanded={open}
      onPress={() => setOpen(!open)}
    />
  );
  if (!open) return opener;
  return (
    <View style={styles.all}>
      {opener}
      {sides.way === 'each' && !isOneSided && (
        <>
          <Choices
            label={FINE.weak}
            choices={[
              { value: 'none', text: FINE.alike },
              ...SIDES.map((value) => ({ value: value as string, text: withCapital(value) })),
            ]}
            value={weak?.side ?? 'none'}
            onChoose={(side) =>
              write({
                weak:
                  side === 'left' || side === 'right'
                    ? { side, extraMs: weak?.extraMs ?? STEP_MS * 2 }
                    : undefined,
              })
            }
          />
          {weak && (
            <Steps
              label={FINE.extra}
              shown={timeWords(weak.extraMs)}
              onLess={
                weak.extraMs > STEP_MS
                  ? () => write({ weak: { ...weak, extraMs: weak.extraMs - STEP_MS } })
                  : undefined
              }
              onMore={
                weak.extraMs < MOST_EXTRA_MS
                  ? () => write({ weak: { ...weak, extraMs: weak.extraMs + STEP_MS } })
                  : undefined
              }
            />
          )}
        </>
      )}
      {isOneSided && (
        <Words
          label={FINE.meant}
          kept={item.meant ?? ''}
          onKeep={(meant) => write({ meant })}
          sided={false}
          takes=""
        />
      )}
      {lanes.length > 1 &&
        move.levels.length > 1 &&
        lanes.map((lane) => (
          <Choices
            key={lane}
            label={FINE.laneLevel(laneTitle(lane))}
            choices={[
              { value: '', text: FINE.asTheLine },
              ...move.levels.map(({ id, name }) => ({ value: id as string, text: name })),
            ]}
            value={item.laneLevels?.[lane] ?? ''}
            onChoose={(id) =>
              change(
                changeLevel(routine, item.id, move.levels.find((one) => one.id === id)?.id, lane),
              )
            }
          />
        ))}
      <Choices
        label={FINE.support}
        choices={[
          { value: '', text: FINE.asTheLevel },
          ...SUPPORTS.map((value) => ({ value: value as string, text: withCapital(value) })),
        ]}
        value={item.support ?? ''}
        onChoose={(value) => write({ support: SUPPORTS.find((one) => one === value) })}
      />
      <Choices
        label={FINE.challenge}
        choices={[
          { value: '', text: FINE.noChallenge },
          ...CHALLENGES.map((value) => ({ value: value as string, text: withCapital(value) })),
        ]}
        value={item.challenge ?? ''}
        onChoose={(value) => write({ challenge: CHALLENGES.find((one) => one === value) })}
      />
      <TapAlong item={item} {...editing} />
      <Text variant="bodyMedium" style={{ color: t.quiet }}>
        {FINE.wordsHint}
      </Text>
      {(['setUp', 'cue'] as const).map((which) => {
        const usual = which === 'setUp' ? cues.setUp : cues.go;
        const said = item[which] ?? usual;
        return (
          <Words
            key={which}
            label={FINE[which]}
            kept={item[which] ?? ''}
            usual={usual}
            sided={move.sides !== 'both'}
            takes={FINE.takes(timeWords(talkMs(said, talkWpm)))}
            onKeep={(words) => write({ [which]: words })}
          />
        );
      })}
    </View>
  );
}

interface WordsProps {
  readonly label: string;
  readonly kept: string;
  readonly usual?: string;
  readonly takes: string;
  readonly sided: boolean;
  readonly onKeep: (words: string | undefined) => void;
}

/** Own words in place of the move's; none typed are the move's again. */
function Words({ label, kept, usual, takes, sided, onKeep }: WordsProps) {
  const t = useTokens();
  const [typed, setTyped] = useState(kept);
  const keep = () => {
    const next = typed.replace(/\s+/gu, ' ').trim();
    if (next !== kept) onKeep(next === '' ? undefined : next);
  };
  useHandedOn(typed === kept ? undefined : typed, keep);
  return (
    <View>
      <SidedField
        label={label}
        sided={sided}
        value={typed}
        maxLength={300}
        onChangeText={setTyped}
        onBlur={keep}
        onSubmitEditing={keep}
        {...(usual !== undefined && { placeholder: sidedShown(usual) })}
      />
      <Text variant="bodyMedium" style={{ color: t.quiet }}>
        {[typed === '' && usual ? sidedShown(usual) : undefined, takes].filter(Boolean).join(' · ')}
      </Text>
    </View>
  );
}

const styles = StyleSheet.create({ all: { gap: 4 } });
