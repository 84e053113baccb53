import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { MOST_ROUNDS, replaceEntry, saysSomething, unwrapBlock, type Block } from '@/core/routine';
import { Target, useTokens } from '@/design';
import { timeWords } from '@/words/names';
import { EntryActions } from './entry-actions';
import { PanelTop } from './panel-top';
import { Steps } from '@/features/steps';
import { ThroughoutField } from './throughout-field';
import { BUILD, EDITOR } from './strings';
import type { Editing } from './use-routine';

interface BlockEditorProps extends Editing {
  readonly block: Block;
  readonly onClose: () => void;
}

const REST_STEP_MS = 5000;

/** The block with something of it changed; undefined where nothing would be left of it. */
function blockWith(block: Block, words: Partial<Block>): Block | undefined {
  const next = Object.fromEntries(
    Object.entries({ ...block, ...words }).filter(([, value]) => value !== undefined),
  ) as Block;
  if (!saysSomething(next)) return undefined;
  if (next.perSide) return next;
  const { firstSide: _, ...kept } = next;
  return kept;
}

/** How often and how a block is done. */
export function BlockEditor({ block, onClose, ...editing }: BlockEditorProps) {
  const t = useTokens();
  const { routine, change } = editing;
  const to = (words: Partial<Block>) => {
    const next = blockWith(block, words);
    return next && (() => change(replaceEntry(routine, next)));
  };
  const rounds = block.rounds ?? 1;
  const restMs = block.restMs ?? 0;
  const eachSide = to({ perSide: block.perSide ? undefined : true });
  const buildUp = to({ buildUp: block.buildUp ? undefined : true });
  const inOneGo = to({ inOneGo: block.inOneGo ? undefined : true });
  const items = block.lines.filter(({ kind }) => kind === 'item').length;
  const { choose = items } = block;
  const toChoose = (n: number) =>
    n < 1 || n > items ? undefined : to({ choose: n === items ? undefined : n });
  const takeApart = () => {
    onClose();
    change(unwrapBlock(routine, block.id));
  };
  return (
    <View style={styles.all}>
      <PanelTop title={BUILD.block} onClose={onClose} />
      <Text variant="bodyMedium" style={{ color: t.quiet }}>
        {EDITOR.blockNeedsOne}
      </Text>
      <Steps
        label={EDITOR.rounds}
        shown={rounds === 1 ? EDITOR.once : String(rounds)}
        onLess={rounds > 1 ? to({ rounds: rounds > 2 ? rounds - 1 : undefined }) : undefined}
        onMore={rounds < MOST_ROUNDS ? to({ rounds: rounds + 1 }) : undefined}
      />
      <Steps
        label={EDITOR.restInBlock}
        shown={timeWords(restMs)}
        onLess={
          restMs > 0
            ? to({ restMs: restMs > REST_STEP_MS ? restMs - REST_STEP_MS : undefined })
            : undefined
        }
        onMore={restMs < 600_000 ? to({ restMs: restMs + REST_STEP_MS }) : undefined}
      />
      {items > 1 && (
        <Steps
          label={EDITOR.choose}
          shown={choose === items ? EDITOR.chooseAll : String(choose)}
          onLess={toChoose(choose - 1)}
          onMore={toChoose(choose + 1)}
        />
      )}
      <View style={styles.ways}>
        <Target
          label={EDITOR.eachSide}
          role="switch"
          checked={block.perSide === true}
          look={block.perSide ? 'filled' : 'outlined'}
          disabled={!eachSide}
          onPress={eachSide ?? (() => undefined)}
        />
        <Target
          label={EDITOR.buildUp}
          role="switch"
          checked={block.buildUp === true}
          look={block.buildUp ? 'filled' : 'outlined'}
          disabled={!buildUp}
          onPress={buildUp ?? (() => undefined)}
        />
        <Target
          label={EDITOR.inOneGo}
          role="switch"
          checked={block.inOneGo === true}
          look={block.inOneGo ? 'filled' : 'outlined'}
          disabled={!inOneGo}
          onPress={inOneGo ?? (() => undefined)}
        />
        <Target label={EDITOR.takeApart} onPress={takeApart} />
      </View>
      <ThroughoutField
        key={block.id}
        kept={block.throughout}
        onKeep={(throughout) => to({ throughout })?.()}
      />
      <EntryActions entry={block} {...editing} onGone={onClose} />
    </View>
  );
}

const styles = StyleSheet.create({
  all: { gap: 4, padding: 16 },
  ways: { flexDirection: 'row', flexWrap: 'wrap', gap: 8, paddingVertical: 12 },
});
