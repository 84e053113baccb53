import { withCapital } from '@/core/common';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { Controller, useController, useWatch } from 'react-hook-form';
import {
  LOADS,
  REGIONS,
  LONG_SWITCHES,
  POSITION_IDS,
  SIDED_POSITIONS,
  STANCES,
  type PositionRef,
} from '@/core/body';
import { BEARINGS, MOST_WORDS, PROP_NAMES, SUPPORTS, type Bearing } from '@/core/moves';
import { LEVEL_WORDS, type LevelDraft, type MoveDraft } from '@/core/writing';
import { Choices, Target, useTokens } from '@/design';
import { Figure } from '@/features/figure';
import { LOAD_NAMES, POSITION_NAMES, REGION_NAMES } from '@/words/names';
import { Pick, PickSome, named, type Option } from './pick';
import { Line, Problems, type DraftControl, SIDED_WORDS } from './section';
import { BEARING_NAMES, LONG_SWITCH_NAMES, STANCE_NAMES, SUPPORT_NAMES, WRITE } from './strings';

const PLACES: readonly Option<PositionRef>[] = named(
  [...POSITION_IDS, ...SIDED_POSITIONS],
  POSITION_NAMES,
);
const PROPS = PROP_NAMES.map((value) => ({ value, text: withCapital(value) }));

type Watched = readonly [
  id: MoveDraft['id'],
  family: string,
  kind: MoveDraft['kind'],
  sides: MoveDraft['sides'],
  levels: readonly LevelDraft[],
];

/** How the level is drawn as it stands, and whose figure that is. */
function OwnFigure({
  move: [id, family, kind, sides, levels],
  at,
}: {
  readonly move: Watched;
  readonly at: number;
}) {
  const level = levels[at];
  if (!level) return null;
  return (
    <Figure
      move={{ id, family, kind, sides, levels }}
      level={level}
      width={168}
      height={126}
      says
    />
  );
}

interface LevelEditorProps {
  readonly control: DraftControl;
  readonly at: number;
  readonly usual: boolean;
  readonly onUsual: () => void;
}

/** One level: where it is done, what the hands do, and what it asks of the body. */
export function LevelEditor({ control, at, usual, onUsual }: LevelEditorProps) {
  const t = useTokens();
  const level = `levels.${at}` as const;
  const move = useWatch({ control, name: ['id', 'family', 'kind', 'sides', 'levels'] });
  const sides = move[3];
  const { field: to } = useController({ control, name: `${level}.to` });
  const free = { value: 'none', text: WRITE.notSaid } as const;
  return (
    <View style={styles.all}>
      <Line control={control} name={`${level}.name`} label={WRITE.levelName} most={60} />
      <OwnFigure move={move} at={at} />
      {!usual && <Target label={WRITE.makeUsual} style={styles.start} onPress={onUsual} />}
      <Controller
        control={control}
        name={`${level}.from`}
        render={({ field: { value, onChange } }) => (
          <Pick
            label={WRITE.from}
            options={PLACES}
            value={value}
            onChange={(place) => {
              // A move mostly ends where it starts.
              if (to.value === value) to.onChange(place);
              onChange(place);
            }}
          />
        )}
      />
      <Controller
        control={control}
        name={`${level}.through`}
        render={({ field: { value, onChange } }) => (
          <PickSome
            label={WRITE.through}
            none={WRITE.nowhere}
            options={PLACES}
            values={value}
            onChange={onChange}
          />
        )}
      />
      <Pick label={WRITE.to} options={PLACES} value={to.value} onChange={to.onChange} />
      <Controller
        control={control}
        name={`${level}.support`}
        render={({ field: { value, onChange } }) => (
          <Pick
            label={WRITE.support}
            options={named(SUPPORTS, SUPPORT_NAMES)}
            value={value}
            onChange={onChange}
          />
        )}
      />
      <Controller
        control={control}
        name={`${level}.stance`}
        render={({ field: { value, onChange } }) => (
          <Pick
            label={WRITE.stance}
            options={[free, ...named(STANCES, STANCE_NAMES)]}
            value={value ?? 'none'}
            onChange={(one) => onChange(one === 'none' ? undefined : one)}
          />
        )}
      />
      <Problems at={`${level}.stance`} />
      <Controller
        control={control}
        name={`${level}.props`}
        render={({ field: { value, onChange } }) => (
          <PickSome label={WRITE.props} options={PROPS} values={value} onChange={onChange} />
        )}
      />
      <Controller
        control={control}
        name={`${level}.loads`}
        render={({ field: { value, onChange } }) => (
          <Borne
            label={WRITE.loads}
            options={named(LOADS, LOAD_NAMES)}
            borne={value.map(({ load, on }) => ({ what: load, on }))}
            sided={sides !== 'both'}
            onChange={(all) => onChange(all.map(({ what, on }) => ({ load: what, on })))}
          />
        )}
      />
      <Text variant="bodyMedium" style={{ color: t.quiet }}>
        {WRITE.loadsHint}
      </Text>
      <Problems at={`${level}.loads`} />
      {(['stretched', 'loaded'] as const).map((key) => (
        <Controller
          key={key}
          control={control}
          name={`${level}.${key}`}
          render={({ field: { value, onChange } }) => (
            <Borne
              label={WRITE[key]}
              options={named(REGIONS, REGION_NAMES)}
              borne={value.map(({ region, on }) => ({ what: region, on }))}
              sided={sides !== 'both'}
              onChange={(all) => onChange(all.map(({ what, on }) => ({ region: what, on })))}
            />
          )}
        />
      ))}
      {sides !== 'both' && (
        <Controller
          control={control}
          name={`${level}.longSwitch`}
          render={({ field: { value, onChange } }) => (
            <Pick
              label={WRITE.longSwitch}
              options={[free, ...named(LONG_SWITCHES, LONG_SWITCH_NAMES)]}
              value={value ?? 'none'}
              onChange={(one: 'none' | NonNullable<LevelDraft['longSwitch']>) =>
                onChange(one === 'none' ? undefined : one)
              }
            />
          )}
        />
      )}
      <LevelWords control={control} at={at} />
    </View>
  );
}

/** What is said at this level in place of the move's own words. */
function LevelWords({ control, at }: Pick<LevelEditorProps, 'control' | 'at'>) {
  const t = useTokens();
  const words = useWatch({ control, name: `levels.${at}.words` });
  const sides = useWatch({ control, name: 'sides' });
  const [open, setOpen] = useState(false);
  const said = LEVEL_WORDS.filter((key) => words[key].trim() !== '').length;
  return (
    <>
      <Target
        label={WRITE.ownWords(said)}
        look="plain"
        icon={open ? 'less' : 'more'}
        expanded={open}
        style={styles.start}
        onPress={() => setOpen(!open)}
      />
      {open && (
        <>
          <Text variant="bodyMedium" style={{ color: t.quiet }}>
            {WRITE.ownWordsHint}
          </Text>
          {LEVEL_WORDS.map((key) => (
            <Line
              key={key}
              control={control}
              name={`levels.${at}.words.${key}`}
              label={WRITE.atThisLevel(WRITE.cues[key])}
              sided={sides !== 'both' && SIDED_WORDS.includes(key)}
              multiline={key !== 'short'}
              lines={key === 'watch'}
              {...(key === 'setUp' || key === 'go' || key === 'short'
                ? { mostWords: MOST_WORDS[key] }
                : {})}
            />
          ))}
        </>
      )}
      {!open && LEVEL_WORDS.map((key) => <Problems key={key} at={`levels.${at}.words.${key}`} />)}
    </>
  );
}

interface Bears<T extends string> {
  readonly what: T;
  readonly on: Bearing;
}

interface BorneProps<T extends string> {
  readonly label: string;
  readonly options: readonly Option<T>[];
  readonly borne: readonly Bears<T>[];
  /** Whether the move has a side to be borne on. */
  readonly sided: boolean;
  readonly onChange: (borne: readonly Bears<T>[]) => void;
}

/** What a level asks of the body or works, and on which side. */
function Borne<T extends string>({ label, options, borne, sided, onChange }: BorneProps<T>) {
  const on = (what: T): Bearing =>
    borne.find((one) => one.what === what)?.on ?? (sided ? 'worked' : 'body');
  return (
    <PickSome
      label={label}
      options={options}
      values={borne.map(({ what }) => what)}
      onChange={(values) => onChange(values.map((what) => ({ what, on: on(what) })))}
      {...(sided && { beside: (what: T) => WRITE.beside(BEARING_NAMES[on(what)]) })}
    >
      {sided &&
        borne.map(({ what, on: side }) => (
          <Choices
            key={what}
            label={WRITE.bears(options.find(({ value }) => value === what)?.text ?? what)}
            choices={named(BEARINGS, BEARING_NAMES)}
            value={side}
            onChoose={(to) =>
              onChange(borne.map((one) => (one.what === what ? { ...one, on: to } : one)))
            }
          />
        ))}
    </PickSome>
  );
}

const styles = StyleSheet.create({
  all: { gap: 12 },
  start: { alignSelf: 'flex-start' },
});
