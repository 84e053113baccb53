import { useState } from 'react';
import { Pressable, ScrollView, StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { familyOf, usualLevel, type Level, type Move } from '@/core/moves';
import { catalogueFor, changeLevel, itemInForce, swapMove, type Item } from '@/core/routine';
import { Target, useTokens } from '@/design';
import { Figure } from '@/features/figure';
import { toLevel } from '@/features/steps';
import { EDITOR } from './strings';
import type { Editing } from './use-routine';

/** Other levels, and other moves of the family, each with its figure beside the others. */
export function SwapChoices({ item, routine, change }: Editing & { readonly item: Item }) {
  const t = useTokens();
  const [open, setOpen] = useState(false);
  const { move, level } = itemInForce(item, routine);
  const others = familyOf(catalogueFor(routine), move).filter(({ id }) => id !== move.id);
  const one = (own: Move, shown: Level, name: string, isNow: boolean, press: () => void) => (
    <View role="listitem" key={`${own.id} ${shown.id}`}>
      <Pressable
        role="button"
        aria-current={isNow ? 'true' : undefined}
        onPress={press}
        style={[
          styles.one,
          { backgroundColor: t.sheet, borderColor: isNow ? t.ink : t.line },
          isNow && styles.now,
        ]}
      >
        <Figure move={own} level={shown} width={112} height={84} />
        <Text variant="bodyMedium" style={styles.name}>
          {name}
        </Text>
      </Pressable>
    </View>
  );
  return (
    <View>
      <Target
        look="plain"
        align="start"
        icon={open ? 'less' : 'more'}
        label={EDITOR.swap}
        expanded={open}
        onPress={() => setOpen(!open)}
      />
      {open && (
        <>
          <Text variant="bodyMedium" style={{ color: t.quiet }}>
            {EDITOR.swapLevels(move.name)}
          </Text>
          <ScrollView horizontal>
            <View role="list" aria-label={EDITOR.swapLevels(move.name)} style={styles.row}>
              {move.levels.map((other) =>
                one(move, other, other.name, other === level, () =>
                  change(
                    changeLevel(routine, item.id, toLevel(move, other.id, routine.group).level),
                  ),
                ),
              )}
            </View>
          </ScrollView>
          {others.length > 0 && (
            <>
              <Text variant="bodyMedium" style={{ color: t.quiet }}>
                {EDITOR.swapMoves}
              </Text>
              <ScrollView horizontal>
                <View role="list" aria-label={EDITOR.swapMoves} style={styles.row}>
                  {others.map((other) =>
                    one(other, usualLevel(other), other.name, false, () =>
                      change(swapMove(routine, item.id, other.id)),
                    ),
                  )}
                </View>
              </ScrollView>
            </>
          )}
        </>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: 8, paddingVertical: 8 },
  one: { width: 128, borderWidth: 1, borderRadius: 12, padding: 7, gap: 4 },
  now: { borderWidth: 2, padding: 6 },
  name: { textAlign: 'center' },
});
