import { useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { Target } from './target';
import { useTokens } from './theme';

interface FoldProps {
  readonly title: string;
  /** What stands there while it is closed: enough to know whether to open it. */
  readonly sum?: string;
  readonly open?: boolean;
  /** A line among lines, without a box. */
  readonly flat?: boolean;
  readonly children: ReactNode;
}

/** A part of a long page that opens where it stands. */
export function Fold({ title, sum = '', open: first = false, flat = false, children }: FoldProps) {
  const t = useTokens();
  const [open, setOpen] = useState(first);
  return (
    <View
      style={[styles.fold, { borderColor: t.line, backgroundColor: t.sheet }, flat && styles.flat]}
    >
      <View role="heading" aria-level={2}>
        <Target
          label={title}
          look="plain"
          align="start"
          icon={open ? 'less' : 'more'}
          expanded={open}
          onPress={() => setOpen(!open)}
        />
      </View>
      {!open && sum !== '' && (
        <Text variant="bodyMedium" style={[styles.sum, { color: t.quiet }, flat && styles.close]}>
          {sum}
        </Text>
      )}
      {open && <View style={styles.inside}>{children}</View>}
    </View>
  );
}

const styles = StyleSheet.create({
  fold: { borderWidth: 1, borderRadius: 14, paddingVertical: 2 },
  flat: {
    borderWidth: 0,
    borderBottomWidth: 1,
    borderRadius: 0,
    paddingVertical: 0,
    backgroundColor: 'transparent',
  },
  close: { marginTop: -10, paddingBottom: 8, paddingLeft: 40 },
  sum: { paddingHorizontal: 16, paddingBottom: 12 },
  inside: { paddingHorizontal: 16, paddingBottom: 16, gap: 12 },
});
