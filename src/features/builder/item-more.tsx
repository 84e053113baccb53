import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import {
  catalogueFor,
  changeItem,
  itemInForce,
  lanesOf,
  writeOption,
  type Item,
  type ItemOption,
  type Routine,
} from '@/core/routine';
import type { LaneName } from '@/core/people';
import { Choices, Target, useTokens } from '@/design';
import { withCapital } from '@/core/common';
import { laneTitle, POSITION_NAMES } from '@/words/names';
import { movesInstead, placesFor, propsBesides } from './option-choices';
import { MORE } from './strings';
import type { Editing } from './use-routine';

/** What a line seldom needs: where it is done, what is used besides, and what others do. */
export function ItemMore({ item, ...editing }: Editing & { readonly item: Item }) {
  const [open, setOpen] = useState(false);
  const { routine, change } = editing;
  const write = (words: Parameters<typeof changeItem>[2]) =>
    change(changeItem(routine, item.id, words));
  const places = placesFor(item, routine);
  const props = propsBesides(item, routine);
  const also = item.alsoProps ?? [];
  const options = item.options ?? [];
  const takeOut = (option: ItemOption) => {
    const left = options.filter((one) => one !== option);
    write({ options: left.length > 0 ? left : undefined });
  };
  return (
    <View style={styles.all}>
      <View style={styles.row}>
        <Target
          label={MORE.straightOn}
          role="switch"
          checked={item.straightOn === true}
          look={item.straightOn ? 'filled' : 'outlined'}
          onPress={() => write({ straightOn: item.straightOn ? undefined : true })}
        />
        <Target
          label={MORE.title}
          look="plain"
          icon={open ? 'less' : 'more'}
          expanded={open}
          onPress={() => setOpen(!open)}
        />
      </View>
      <Slips item={item} routine={routine} onTakeOut={takeOut} />
      {open && (
        <>
          <Instead item={item} {...editing} />
          {places.length > 0 && (
            <Choices
              label={MORE.at}
              choices={[
                { value: '', text: MORE.anywhere },
                ...places.map((value) => ({ value, text: withCapital(POSITION_NAMES[value]) })),
              ]}
              value={item.at ?? ''}
              onChoose={(at) => write({ at: places.find((one) => one === at) })}
            />
          )}
          {props.length > 0 && (
            <View role="group" aria-label={MORE.also} style={styles.group}>
              <Text variant="bodyLarge">{MORE.also}</Text>
              <View style={styles.row}>
                {props.map((prop) => {
                  const on = also.includes(prop);
                  const next = on ? also.filter((one) => one !== prop) : [...also, prop];
                  return (
                    <Target
                      key={prop}
                      role="switch"
                      label={prop}
                      checked={on}
                      look={on ? 'filled' : 'outlined'}
                      onPress={() => write({ alsoProps: next.length > 0 ? next : undefined })}
                    />
                  );
                })}
              </View>
            </View>
          )}
        </>
      )}
    </View>
  );
}

interface SlipsProps {
  readonly item: Item;
  readonly routine: Routine;
  readonly onTakeOut: (option: ItemOption) => void;
}

/** The options that a line has, each with a way to take it out. */
function Slips({ item, routine, onTakeOut }: SlipsProps) {
  const catalogue = catalogueFor(routine);
  return (
    <>
      {(item.options ?? []).map((option) => {
        const words = MORE.option(
          option.lane && laneTitle(option.lane),
          writeOption(option, catalogue),
        );
        return (
          <View key={words} style={styles.slip}>
            <Text variant="bodyLarge" style={styles.grow}>
              {words}
            </Text>
            <Target
              label={MORE.takeOut}
              said={`${MORE.takeOut}: ${words}`}
              look="plain"
              icon="close"
              onPress={() => onTakeOut(option)}
            />
          </View>
        );
      })}
    </>
  );
}

/** Who may do something else here, and what: only what fits is on offer. */
function Instead({ item, routine, change }: Editing & { readonly item: Item }) {
  const t = useTokens();
  const [whose, setWhose] = useState<LaneName | 'anybody'>();
  const ways = [...lanesOf(routine).slice(1), 'anybody' as const].filter(
    (way) => movesInstead(item, routine, way === 'anybody' ? undefined : way).length > 0,
  );
  const lane = whose === 'anybody' ? undefined : whose;
  const moves = whose && ways.includes(whose) ? movesInstead(item, routine, lane) : [];
  const put = (option: ItemOption) => {
    change(changeItem(routine, item.id, { options: [...(item.options ?? []), option] }));
    setWhose(undefined);
  };
  if (ways.length === 0) {
    return (
      <Text variant="bodyMedium" style={{ color: t.quiet }}>
        {MORE.noInstead(itemInForce(item, routine).move.name)}
      </Text>
    );
  }
  return (
    <View style={styles.group}>
      <Choices
        label={MORE.instead}
        choices={ways.map((value) => ({
          value,
          text: value === 'anybody' ? MORE.anybody : laneTitle(value),
        }))}
        value={whose}
        onChoose={setWhose}
      />
      <View style={styles.row}>
        {moves.map((move) => (
          <Target
            key={move.id}
            label={move.name}
            onPress={() => put({ ...(lane && { lane }), moveId: move.id })}
          />
        ))}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  all: { gap: 8, paddingVertical: 8 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  group: { gap: 8 },
  slip: { flexDirection: 'row', alignItems: 'center', gap: 8 },
  grow: { flex: 1 },
});
