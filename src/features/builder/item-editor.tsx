import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { DOSE_KINDS, amountOf, cuesOf } from '@/core/moves';
import {
  catalogueFor,
  changeItem,
  changeLevel,
  itemInForce,
  replaceEntry,
  writeItem,
  type Item,
  type RestLine,
} from '@/core/routine';
import { Choices, useTokens } from '@/design';
import { timeWords } from '@/words/names';
import { EntryActions } from './entry-actions';
import {
  amountStepper,
  levelInForce,
  pressStepper,
  restStepper,
  setsStepper,
  sidesChoices,
  sidesInForce,
  toKind,
  toLevel,
  toSides,
  type Stepper,
} from './item-editing';
import { LineField } from './line-field';
import { PanelTop } from './panel-top';
import { Steps } from './steps';
import { EDITOR, KIND_WORDS, SIDES_WORDS } from './strings';
import type { Editing } from './use-routine';

interface ItemEditorProps extends Editing {
  readonly item: Item;
  readonly onClose: () => void;
}

/** Dose, sides and level of the chosen item. */
export function ItemEditor({ item, onClose, ...editing }: ItemEditorProps) {
  const t = useTokens();
  const { routine, change } = editing;
  const { move, level, dose } = itemInForce(item, routine);
  const timed = dose.kind === 'hold' || dose.kind === 'timed';
  const write = (words: Stepper['less']) =>
    words && (() => change(changeItem(routine, item.id, words)));
  const steps = (label: string, shown: string, { less, more }: Stepper) => (
    <Steps label={label} shown={shown} onLess={write(less)} onMore={write(more)} />
  );
  const press = pressStepper(item, routine);
  const sides = sidesChoices(move);
  const sidesNow = sidesInForce(item, move);
  return (
    <View style={styles.all}>
      <PanelTop title={move.name} onClose={onClose} />
      <Text variant="bodyMedium" style={{ color: t.quiet }}>
        {cuesOf(move, level).setUp.replaceAll('{side}', 'left').replaceAll('{other}', 'right')}
      </Text>
      <Choices
        label={EDITOR.kind}
        choices={DOSE_KINDS.map((value) => ({ value, text: KIND_WORDS[value] }))}
        value={dose.kind}
        onChoose={(kind) => change(changeItem(routine, item.id, toKind(item, routine, kind)))}
      />
      {steps(
        KIND_WORDS[dose.kind],
        timed ? timeWords(amountOf(dose)) : String(amountOf(dose)),
        amountStepper(item, routine),
      )}
      {steps(EDITOR.sets, String(dose.sets), setsStepper(item, routine))}
      {dose.sets > 1 &&
        steps(EDITOR.restBetween, timeWords(dose.restMs), restStepper(item, routine))}
      {press &&
        steps(
          EDITOR.press,
          dose.kind === 'hold' && dose.press
            ? EDITOR.pressTimes(dose.press.times, timeWords(dose.press.pressMs))
            : EDITOR.pressNone,
          press,
        )}
      {sides.length > 0 && (
        <Choices
          label={EDITOR.sidesLabel}
          choices={sides.map((value) => ({ value, text: SIDES_WORDS[value] }))}
          value={sidesNow}
          onChoose={(to) => change(changeItem(routine, item.id, toSides(item, move, to)))}
        />
      )}
      {(sidesNow === 'each' || sidesNow === 'alternating') && (
        <Choices
          label={EDITOR.first}
          choices={[
            { value: 'left', text: 'Left' },
            { value: 'right', text: 'Right' },
          ]}
          value={item.firstSide ?? 'left'}
          onChoose={(side) =>
            change(
              changeItem(routine, item.id, { firstSide: side === 'left' ? undefined : 'right' }),
            )
          }
        />
      )}
      <Choices
        label={EDITOR.level}
        choices={move.levels.map(({ id, name }) => ({ value: id, text: name }))}
        value={levelInForce(item, move, routine.group)}
        onChoose={(id) =>
          change(changeLevel(routine, item.id, toLevel(move, id, routine.group).level))
        }
      />
      <LineField key={writeItem(item, catalogueFor(routine))} item={item} {...editing} />
      <EntryActions entry={item} {...editing} onGone={onClose} />
    </View>
  );
}

interface RestEditorProps extends Editing {
  readonly rest: RestLine;
  readonly onClose: () => void;
}

export function RestEditor({ rest, onClose, ...editing }: RestEditorProps) {
  const { routine, change } = editing;
  const to = (restMs: number) =>
    restMs < 5000 || restMs > 600_000
      ? undefined
      : () => change(replaceEntry(routine, { ...rest, restMs }));
  return (
    <View style={styles.all}>
      <PanelTop title={EDITOR.rest} onClose={onClose} />
      <Steps
        label={EDITOR.restLength}
        shown={timeWords(rest.restMs)}
        onLess={to(rest.restMs - 5000)}
        onMore={to(rest.restMs + 5000)}
      />
      <EntryActions entry={rest} {...editing} onGone={onClose} />
    </View>
  );
}

const styles = StyleSheet.create({
  all: { gap: 4, padding: 16 },
});
