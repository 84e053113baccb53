import { useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { printClock } from '@/core/common';
import { itemInForce, itemsInOrder, type Routine } from '@/core/routine';
import type { PlacedFinding } from '@/core/judgement';
import { TARGET, Target, useTokens } from '@/design';
import type { Findings } from '@/features/builder/findings';
import { findingWhat, listWords } from '@/words/findings';
import { GROUP_TITLES } from '@/words/names';
import { ASK_FIRST } from '@/words/safety';
import { LEAD } from './strings';

/** As many as can be read before a class. */
const MOST_SHOWN = 6;

interface ReadyProps {
  readonly routine: Routine;
  readonly totalMs: number;
  readonly voice: boolean;
  /** Whether a class is being led in another tab. */
  readonly elsewhere: boolean;
  readonly checks: Findings['state'];
  /** What the checks say stop to. */
  readonly stops: readonly PlacedFinding[];
  readonly onStart: (passedStops: number) => void;
  readonly onLeave: () => void;
}

/** The moves that a stop is about, each named once. */
function movesOf(routine: Routine, { places }: PlacedFinding): string {
  const ids = new Set(places.map(({ itemId }) => itemId));
  const items = itemsInOrder(routine).filter(({ id }) => ids.has(id));
  return listWords([...new Set(items.map((item) => itemInForce(item, routine).move.name))]);
}

/** Before the first second: what is to be led, and what the room is asked. */
export function Ready({
  routine,
  totalMs,
  voice,
  elsewhere,
  checks,
  stops,
  onStart,
  onLeave,
}: ReadyProps) {
  const t = useTokens();
  const [passed, setPassed] = useState(false);
  const count = stops.length;
  const more = count - MOST_SHOWN;
  return (
    <ScrollView contentContainerStyle={styles.all}>
      <Text variant="headlineMedium" role="heading" aria-level={1}>
        {routine.title}
      </Text>
      <Text variant="titleMedium" style={{ color: t.quiet }}>
        {GROUP_TITLES[routine.group]} · {LEAD.begins(printClock(totalMs))}
      </Text>
      <View style={[styles.ask, { borderColor: t.catkin, backgroundColor: t.sheet }]}>
        <Text variant="titleMedium" role="heading" aria-level={2}>
          {ASK_FIRST.title}
        </Text>
        <Text variant="bodyLarge">{ASK_FIRST.since}</Text>
        <Text variant="bodyLarge">{ASK_FIRST.today}</Text>
        <Text variant="bodyLarge">{ASK_FIRST.yes}</Text>
        <Text variant="bodyLarge">{ASK_FIRST.notToday}</Text>
        <Text variant="bodyMedium" style={{ color: t.quiet }}>
          {ASK_FIRST.general}
        </Text>
      </View>
      {elsewhere && (
        <Text role="alert" variant="bodyLarge" style={{ color: t.clay }}>
          {LEAD.elsewhere}
        </Text>
      )}
      {!voice && (
        <Text variant="bodyMedium" style={{ color: t.quiet }}>
          {LEAD.noVoice}
        </Text>
      )}
      {checks !== 'done' && (
        <Text
          role="status"
          variant="bodyLarge"
          style={{ color: checks === 'failed' ? t.clay : t.quiet }}
        >
          {checks === 'failed' ? LEAD.notChecked : LEAD.checking}
        </Text>
      )}
      {count > 0 && (
        <View style={[styles.ask, { borderColor: t.clay, backgroundColor: t.sheet }]}>
          <Text variant="titleMedium" role="heading" aria-level={2} style={{ color: t.clay }}>
            {LEAD.stops(count)}
          </Text>
          {stops.slice(0, MOST_SHOWN).map((stop) => (
            <Text key={`${stop.id} ${stop.itemId}`} variant="bodyLarge">
              {[movesOf(routine, stop), findingWhat(stop)].filter(Boolean).join(': ')}
            </Text>
          ))}
          {more > 0 && <Text variant="bodyLarge">{LEAD.moreStops(more)}</Text>}
          <Target
            label={LEAD.passStops}
            look="plain"
            role="switch"
            icon={passed ? 'check' : 'close'}
            checked={passed}
            onPress={() => setPassed(!passed)}
          />
        </View>
      )}
      <View style={styles.actions}>
        <Button
          mode="contained"
          contentStyle={styles.start}
          disabled={checks === 'looking' || (count > 0 && !passed)}
          onPress={() => onStart(count)}
        >
          {LEAD.start}
        </Button>
        <Button mode="outlined" contentStyle={styles.start} onPress={onLeave}>
          {LEAD.leave}
        </Button>
      </View>
    </ScrollView>
  );
}

const styles = StyleSheet.create({
  all: { padding: 24, gap: 16, maxWidth: 760, width: '100%', alignSelf: 'center' },
  ask: { borderWidth: 2, borderRadius: 12, padding: 16, gap: 8 },
  actions: { flexDirection: 'row', flexWrap: 'wrap', gap: 12 },
  start: { minHeight: TARGET + 12, minWidth: 140 },
});
