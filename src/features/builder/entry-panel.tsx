import { memo } from 'react';
import { withCapital } from '@/core/common';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import type { PlacedFinding } from '@/core/judgement';
import type { Entry } from '@/core/routine';
import { BlockEditor } from './block-editor';
import { EntryFindings } from './findings';
import { EntryActions } from './entry-actions';
import { ItemEditor } from './item-editor';
import { NoticeEditor, RestEditor } from './quiet-editors';
import { Target } from '@/design';
import { PanelTop } from './panel-top';
import { BUILD, EDITOR, FINDINGS } from './strings';
import type { Editing } from './use-routine';

interface EntryPanelProps extends Editing {
  readonly entry: Entry;
  readonly findings: readonly PlacedFinding[] | undefined;
  /** To the list, where they are mended, or kept with a reason. */
  readonly onFindings: () => void;
  /** Back to the line for adding; what is added goes behind this row. */
  readonly onAddAfter: () => void;
  readonly onClose: () => void;
}

/** The chosen row, to be changed. */
export const EntryPanel = memo(function EntryPanel({
  findings = [],
  onFindings,
  onAddAfter,
  ...props
}: EntryPanelProps) {
  return (
    <>
      <EntryEditor {...props} />
      <Target icon="add" label={EDITOR.addAfter} style={styles.after} onPress={onAddAfter} />
      {findings.length > 0 && (
        <View style={styles.found}>
          <EntryFindings findings={findings} />
          <Target look="plain" align="start" label={FINDINGS.mendOrKeep} onPress={onFindings} />
        </View>
      )}
    </>
  );
});

function EntryEditor({
  entry,
  ...rest
}: Omit<EntryPanelProps, 'findings' | 'onFindings' | 'onAddAfter'>) {
  if (entry.kind === 'item') return <ItemEditor item={entry} {...rest} />;
  if (entry.kind === 'block') return <BlockEditor block={entry} {...rest} />;
  if (entry.kind === 'rest') return <RestEditor rest={entry} {...rest} />;
  if (entry.kind === 'notice') return <NoticeEditor key={entry.id} notice={entry} {...rest} />;
  return (
    <View style={styles.all}>
      <PanelTop title={withCapital(BUILD.note)} onClose={rest.onClose} />
      <Text variant="bodyLarge">{entry.note}</Text>
      <EntryActions entry={entry} {...rest} onGone={rest.onClose} />
    </View>
  );
}

const styles = StyleSheet.create({
  all: { gap: 4, padding: 16 },
  after: { alignSelf: 'flex-start', marginHorizontal: 16, marginBottom: 16 },
  found: { paddingHorizontal: 16, paddingBottom: 16 },
});
