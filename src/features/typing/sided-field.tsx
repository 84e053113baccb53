import { useRef, type ComponentProps } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { Field, Target, useTokens } from '@/design';
import { withSide } from '@/words/names';
import { SIDE_MARKS, putIn, sidedKept, sidedShown } from './sided';

const SIDED = {
  put: (mark: string) => `Put in ${mark}`,
  left: 'Left:',
  right: 'Right:',
};

type SidedFieldProps = Omit<ComponentProps<typeof Field>, 'value' | 'onChangeText'> & {
  readonly value: string;
  readonly onChangeText: (text: string) => void;
  /** Whether the move has sides at all. */
  readonly sided: boolean;
};

/**
 * A sentence in which the side that is worked, and the other one, are marks that can be seen: put in by a
 * press, and read for both sides as they will be said.
 */
export function SidedField({ value, onChangeText, sided, ...props }: SidedFieldProps) {
  const t = useTokens();
  const at = useRef<number>(undefined);
  const shown = sidedShown(value);
  const said = (side: 'left' | 'right') => withSide(value, side);
  return (
    <View style={styles.all}>
      <Field
        {...props}
        value={shown}
        onSelectionChange={({ nativeEvent }) => {
          at.current = nativeEvent.selection.end;
        }}
        onChangeText={(text) => onChangeText(sidedKept(text))}
      />
      {sided && (
        <View style={styles.marks}>
          {SIDE_MARKS.map((mark) => (
            <Target
              key={mark}
              look="plain"
              label={SIDED.put(mark)}
              said={`${SIDED.put(mark)}: ${props.label}`}
              onPress={() =>
                onChangeText(sidedKept(putIn(shown, mark, at.current ?? shown.length)))
              }
            />
          ))}
        </View>
      )}
      {value !== said('left') && (
        <Text variant="bodyMedium" style={{ color: t.quiet }}>
          {SIDED.left} {said('left')}
          {'\n'}
          {SIDED.right} {said('right')}
        </Text>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  all: { gap: 2 },
  marks: { flexDirection: 'row', flexWrap: 'wrap' },
});
