import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { Target } from '@/design';
import { changeRedone, editUndone, useScore, useAppDispatch, useAppSelector } from '@/state';
import { PanelTop } from './panel-top';
import { BUILD, LEGEND, SEVERAL, VERSIONS } from './strings';
import { Tools, type ToolsProps } from './tools';
import type { Editing } from './use-routine';

interface ToolsPanelProps extends ToolsProps {
  readonly id: Editing['id'];
  readonly onRest: () => void;
  readonly onSelect: () => void;
  /** Undefined where nothing was cut or copied. */
  readonly onPaste: (() => void) | undefined;
  readonly onClose: () => void;
}

/** All that is done to a routine as a whole, where there is no room for it in the head. */
export function ToolsPanel({ id, onRest, onSelect, onPaste, onClose, ...tools }: ToolsPanelProps) {
  const router = useRouter();
  const dispatch = useAppDispatch();
  const isEmpty = useScore(tools.routine).totalMs === 0;
  const canUndo = useAppSelector((state) => (state.routines[id]?.past.length ?? 0) > 0);
  const canRedo = useAppSelector((state) => (state.routines[id]?.future.length ?? 0) > 0);
  return (
    <View style={styles.all}>
      <PanelTop title={BUILD.tools} onClose={onClose} />
      <View style={styles.targets}>
        <Tools {...tools} />
        <Target label={BUILD.undo} disabled={!canUndo} onPress={() => dispatch(editUndone(id))} />
        <Target label={BUILD.redo} disabled={!canRedo} onPress={() => dispatch(changeRedone(id))} />
        <Target label={BUILD.addRest} onPress={onRest} />
        <Target label={SEVERAL.start} onPress={onSelect} />
        <Target label={SEVERAL.paste} disabled={!onPaste} onPress={() => onPaste?.()} />
        <Target label={VERSIONS.title} onPress={() => tools.onOpen('versions')} />
        <Target label={LEGEND.title} onPress={() => tools.onOpen('legend')} />
        <Target
          label={BUILD.print}
          icon="print"
          disabled={isEmpty}
          onPress={() => router.push(`/print/${id}`)}
        />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  all: { padding: 16, gap: 8 },
  targets: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
