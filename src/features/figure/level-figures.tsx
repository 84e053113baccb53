import { useState } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import type { Move } from '@/core/moves';
import { useTokens } from '@/design';
import { Figure } from './figure';
import { FIGURE } from './strings';

/** All levels of a move beside each other; one moves when it is pressed, and stops again. */
export function LevelFigures({ move }: { readonly move: Move }) {
  const t = useTokens();
  const [moving, setMoving] = useState<string>();
  return (
    <View style={styles.all}>
      <Text variant="bodyMedium" style={{ color: t.quiet }}>
        {FIGURE.press}
      </Text>
      <View style={styles.levels}>
        {move.levels.map((level) => {
          const isMoving = moving === level.id;
          return (
            <Pressable
              key={level.id}
              role="button"
              aria-pressed={isMoving}
              aria-label={isMoving ? FIGURE.still(level.name) : FIGURE.move(level.name)}
              onPress={() => setMoving(isMoving ? undefined : level.id)}
              style={[
                styles.one,
                { backgroundColor: t.sheet, borderColor: isMoving ? t.ink : t.line },
              ]}
            >
              <Figure
                move={move}
                level={level}
                width={152}
                height={114}
                dose={isMoving ? move.dose : undefined}
                says
              />
              <Text variant="bodyMedium" style={styles.name}>
                {level.name}
              </Text>
            </Pressable>
          );
        })}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  all: { gap: 6 },
  levels: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  one: { borderWidth: 1, borderRadius: 12, padding: 6, width: 166 },
  name: { textAlign: 'center' },
});
