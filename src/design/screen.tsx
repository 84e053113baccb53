import { useEffect, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { IconButton } from './buttons';
import { useTokens } from './theme';
import { TARGET } from './tokens';

interface ScreenProps {
  readonly title: string;
  /** What the browser is told, where the title names somebody: tabs and histories are seen by others. */
  readonly tabTitle?: string;
  /** In place of the plain title, such as one that can be renamed. */
  readonly heading?: ReactNode;
  readonly onBack?: () => void;
  readonly right?: ReactNode;
  readonly below?: ReactNode;
  readonly children: ReactNode;
}

/** A page with its title on top, in the same place everywhere. */
export function Screen({
  title,
  tabTitle = title,
  heading,
  onBack,
  right,
  below,
  children,
}: ScreenProps) {
  const t = useTokens();
  useEffect(() => {
    document.title = `${tabTitle} · Hushed Willow`;
  }, [tabTitle]);
  return (
    <View style={[styles.page, { backgroundColor: t.ground }]}>
      <View role="banner" style={[styles.top, { borderBottomColor: t.line }]}>
        <View style={styles.bar}>
          {onBack && (
            <IconButton
              icon="back"
              size={24}
              style={styles.back}
              accessibilityLabel="Back"
              onPress={onBack}
            />
          )}
          {heading && (
            <Text role="heading" aria-level={1} style={styles.hidden}>
              {title}
            </Text>
          )}
          {heading ?? (
            <Text variant="titleLarge" role="heading" aria-level={1} style={styles.title}>
              {title}
            </Text>
          )}
          {right}
        </View>
        {below}
      </View>
      <View role="main" style={styles.page}>
        {children}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  page: { flex: 1, minHeight: 0 },
  top: { borderBottomWidth: 1, paddingHorizontal: 16, paddingBottom: 8 },
  bar: {
    flexDirection: 'row',
    alignItems: 'center',
    minHeight: TARGET + 8,
    gap: 8,
    flexWrap: 'wrap',
  },
  back: { marginLeft: -12, marginRight: -4, width: TARGET, height: TARGET },
  hidden: { position: 'absolute', width: 1, height: 1, overflow: 'hidden', opacity: 0 },
  title: { flexGrow: 1, flexShrink: 1 },
});
