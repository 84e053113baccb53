import { KIND_WORDS, Steps } from '@/features/steps';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { DOSE_KINDS, amountOf, cuesOf } from '@/core/moves';
import { amountRange, changeItem, changeLevel, itemInForce, type Item } from '@/core/routine';
import { Choices, Target, useTokens } from '@/design';
import { timeWords } from '@/words/names';
import { Figure } from '@/features/figure';
import { EntryActions } from './entry-actions';
import {
  amountStepper,
  heldStepper,
  ledInForce,
  levelInForce,
  pressStepper,
  restStepper,
  setsSpanStepper,
  setsStepper,
  sidesChoices,
  sidesInForce,
  spanStepper,
  toInAll,
  toKind,
  toLed,
  toLevel,
  toSides,
  type Stepper,
} from '@/features/steps';
import { ItemFine } from './item-fine';
import { ItemMore } from './item-more';
import { LineField } from './line-field';
import { PanelTop } from './panel-top';
import { SwapChoices } from './swap-choices';
import { EDITOR, SIDES_WORDS } from './strings';
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
  const led = ledInForce(item, routine);
  const held = heldStepper(item);
  const range = amountRange(item, routine);
  const sides = sidesChoices(move);
  const sidesNow = sidesInForce(item, move);
  return (
    <View style={styles.all}>
      <PanelTop title={move.name} onClose={onClose} />
      <View style={styles.about}>
        <Figure
          move={move}
          level={level}
          place={item.at}
          width={128}
          height={96}
          dose={dose}
          says
        />
        <Text variant="bodyMedium" style={[styles.setUp, { color: t.quiet }]}>
          {cuesOf(move, level).setUp.replaceAll('{side}', 'left').replaceAll('{other}', 'right')}
        </Text>
      </View>
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
      {range && (
        <Text
          variant="bodyMedium"
          style={{ color: range.now < range.least || range.now > range.most ? t.clay : t.quiet }}
        >
          {EDITOR.range(
            timed ? timeWords(range.least) : String(range.least),
            timed ? timeWords(range.most) : String(range.most),
          )}
        </Text>
      )}
      {steps(
        EDITOR.upTo,
        dose.most === undefined
          ? EDITOR.upToNone
          : timed
            ? timeWords(dose.most)
            : String(dose.most),
        spanStepper(item, routine),
      )}
      {led && (
        <Choices
          label={EDITOR.led}
          choices={[
            { value: 'tempo', text: EDITOR.ledTempo },
            { value: 'held', text: EDITOR.ledHeld },
            { value: 'breath', text: EDITOR.ledBreath },
          ]}
          value={led}
          onChoose={(to) => change(changeItem(routine, item.id, toLed(item, routine, to)))}
        />
      )}
      {held && steps(EDITOR.heldFor, timeWords(held.value), held)}
      {dose.kind === 'reps' && sidesNow === 'alternating' && (
        <View style={styles.switch}>
          <Target
            label={EDITOR.inAll}
            role="switch"
            checked={dose.inAll === true}
            look={dose.inAll ? 'filled' : 'outlined'}
            onPress={() =>
              change(changeItem(routine, item.id, toInAll(item, routine, !dose.inAll)))
            }
          />
        </View>
      )}
      {steps(EDITOR.sets, String(dose.sets), setsStepper(item, routine))}
      {(dose.sets > 1 || dose.mostSets) &&
        steps(
          EDITOR.upToSets,
          dose.mostSets ? String(dose.mostSets) : EDITOR.upToNone,
          setsSpanStepper(item, routine),
        )}
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
      <SwapChoices item={item} {...editing} />
      <ItemFine key={`fine ${item.id}`} item={item} {...editing} />
      <ItemMore key={item.id} item={item} {...editing} />
      <LineField item={item} {...editing} />
      <EntryActions entry={item} {...editing} onGone={onClose} />
    </View>
  );
}

const styles = StyleSheet.create({
  about: { flexDirection: 'row', alignItems: 'center', gap: 12 },
  setUp: { flex: 1 },
  all: { gap: 4, padding: 16 },
  switch: { flexDirection: 'row', paddingVertical: 8 },
});
