import { memo, useCallback } from 'react';
import { StyleSheet, View, useWindowDimensions } from 'react-native';
import type { ItemId } from '@/core/common';
import type { Routine } from '@/core/routine';
import { IconButton, TARGET, Target } from '@/design';
import { Saving } from '@/features/notices';
import { changeRedone, editUndone, useScore, useAppDispatch, useAppSelector } from '@/state';
import { FindingsCount, type Findings } from './findings';
import { TimeBand } from './strand';
import { BUILD } from './strings';
import { Tools, type ToolsProps } from './tools';
import { Totals } from './totals';
import type { Editing } from './use-routine';

interface BuilderHeadProps extends ToolsProps {
  readonly id: Editing['id'];
  readonly wide: boolean;
  /** As it is drawn, or as it would be. */
  readonly drawn: Routine;
  readonly findings: Findings;
  readonly onRow: (id: ItemId) => void;
}

/** What always tells: time against the slot, left and right, trips, findings, and the whole to scale. */
export const BuilderHead = memo(function BuilderHead({
  id,
  wide,
  drawn,
  findings,
  onRow,
  ...tools
}: BuilderHeadProps) {
  const { open, onOpen } = tools;
  const toFindings = useCallback(() => onOpen('findings'), [onOpen]);
  const toTime = useCallback(() => onOpen('time'), [onOpen]);
  // From here on the tools have it, and stay on the line.
  const narrow = useWindowDimensions().width < 360;
  const count = (
    <FindingsCount findings={findings} open={open === 'findings'} onPress={toFindings} />
  );
  const totals = (
    <Totals
      routine={drawn}
      wide={wide}
      open={open === 'time'}
      onPress={toTime}
      right={!wide && SAVING}
    />
  );
  const score = useScore(drawn);
  return (
    <>
      <View style={styles.line}>
        {totals}
        {count}
        {wide && <Tools {...tools} />}
        {wide && SAVING}
        {!narrow && <UndoButtons id={id} both={wide} />}
        <Target
          label={BUILD.tools}
          look="plain"
          expanded={open === 'tools'}
          style={styles.tools}
          onPress={() => onOpen('tools')}
        />
      </View>
      <TimeBand score={score} onChoose={onRow} />
    </>
  );
});

const SAVING = <Saving />;

/** On a phone what was undone is done again from the tools. */
function UndoButtons({ id, both }: { readonly id: Editing['id']; readonly both: boolean }) {
  const dispatch = useAppDispatch();
  const canUndo = useAppSelector((state) => (state.routines[id]?.past.length ?? 0) > 0);
  const canRedo = useAppSelector((state) => (state.routines[id]?.future.length ?? 0) > 0);
  return (
    <>
      <IconButton
        icon="undo"
        style={styles.icon}
        accessibilityLabel={BUILD.undo}
        disabled={!canUndo}
        onPress={() => dispatch(editUndone(id))}
      />
      {both && (
        <IconButton
          icon="redo"
          style={styles.icon}
          accessibilityLabel={BUILD.redo}
          disabled={!canRedo}
          onPress={() => dispatch(changeRedone(id))}
        />
      )}
    </>
  );
}

const styles = StyleSheet.create({
  line: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', columnGap: 8 },
  icon: { width: TARGET, height: TARGET, margin: 0 },
  tools: { paddingHorizontal: 8 },
});
