import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { PanelTop } from './panel-top';
import { LEGEND } from './strings';

/** What the drawing means, and what can be typed and pressed. */
export function LegendPanel({ onClose }: { readonly onClose: () => void }) {
  const { title, ...lines } = LEGEND;
  return (
    <View style={styles.all}>
      <PanelTop title={title} onClose={onClose} />
      {Object.values(lines).map((line) => (
        <Text key={line} variant="bodyLarge">
          {line}
        </Text>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({ all: { padding: 16, gap: 12 } });
