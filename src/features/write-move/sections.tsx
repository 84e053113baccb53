import { GROUP_NAMES } from '@/core/common';
import { memo } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { Controller, useController, useWatch } from 'react-hook-form';
import { REGIONS, SIDE_MEANINGS, SIDE_WAYS, SPINE_DIRECTIONS } from '@/core/body';
import { MOST_WORDS, MOVE_KINDS } from '@/core/moves';
import { LEVEL_WORDS } from '@/core/writing';
import { Choices, useTokens } from '@/design';
import { KIND_NAMES } from '@/features/moves';
import { DIRECTION_NAMES, GROUP_TITLES, REGION_NAMES } from '@/words/names';
import { FamilyPicker } from './family-picker';
import { Pick, PickSome, named } from './pick';
import { Line, Problems, Section, type DraftControl, SIDED_WORDS } from './section';
import { SIDE_MEANING_NAMES, SIDE_WAY_NAMES, WRITE } from './strings';

/** Each is drawn anew for its own fields alone, not for every key that is typed elsewhere. */
interface SectionOf {
  readonly control: DraftControl;
}

export const NameSection = memo(function NameSection({
  control,
  startsOpen,
}: SectionOf & { readonly startsOpen: boolean }) {
  return (
    <Section
      title={WRITE.sections.name}
      places={['name', 'otherNames', 'family', 'kind']}
      startsOpen={startsOpen}
    >
      <Line control={control} name="name" label={WRITE.name} most={60} />
      <Line control={control} name="otherNames" label={WRITE.otherNames} most={60} lines />
      <Controller
        control={control}
        name="kind"
        render={({ field: { value, onChange } }) => (
          <Choices
            label={WRITE.kind}
            choices={named(MOVE_KINDS, KIND_NAMES)}
            value={value}
            onChoose={onChange}
          />
        )}
      />
      <FamilyPicker control={control} />
    </Section>
  );
});

const REGION_OPTIONS = named(REGIONS, REGION_NAMES);
const FLAGS = ['tiringLegs', 'isometric', 'curl', 'propped'] as const;
const STRENGTHS = ['mild', 'strong'] as const;
const BREATH_WAYS = ['free', 'in-out', 'out-out', 'out-in', 'in-in'] as const;

export const WorkSection = memo(function WorkSection({ control }: SectionOf) {
  return (
    <Section
      title={WRITE.sections.work}
      places={['regions', 'warms', 'endRange', 'spine', 'stretchStrength', 'breathOn']}
    >
      {(['regions', 'warms', 'endRange'] as const).map((key) => (
        <View key={key}>
          <Controller
            control={control}
            name={key}
            render={({ field: { value, onChange } }) => (
              <PickSome
                label={WRITE[key]}
                options={REGION_OPTIONS}
                values={value}
                onChange={onChange}
              />
            )}
          />
          <Problems at={key} />
        </View>
      ))}
      <View>
        <Controller
          control={control}
          name="stretchStrength"
          render={({ field: { value, onChange } }) => (
            <Pick
              label={WRITE.strength}
              options={[
                { value: 'none', text: WRITE.notSaid },
                ...named(STRENGTHS, WRITE.strengths),
              ]}
              value={value ?? 'none'}
              onChange={(one) => onChange(one === 'none' ? undefined : one)}
            />
          )}
        />
        <Problems at="stretchStrength" />
      </View>
      <Controller
        control={control}
        name="spine"
        render={({ field: { value, onChange } }) => (
          <PickSome
            label={WRITE.spine}
            options={named(SPINE_DIRECTIONS, DIRECTION_NAMES)}
            values={value}
            onChange={onChange}
          />
        )}
      />
      <AlsoField control={control} />
      <Controller
        control={control}
        name="breathOn"
        render={({ field: { value, onChange } }) => (
          <Pick
            label={WRITE.breathOn}
            options={named(BREATH_WAYS, WRITE.breathWays)}
            value={value ? (`${value.round}-${value.effort}` as const) : 'free'}
            onChange={(way) => {
              const [round, effort] = way.split('-');
              onChange(way === 'free' ? undefined : { round, effort });
            }}
          />
        )}
      />
    </Section>
  );
});

/** The four things that are so or are not, as one list. */
function AlsoField({ control }: SectionOf) {
  const { field: tiringLegs } = useController({ control, name: 'tiringLegs' });
  const { field: isometric } = useController({ control, name: 'isometric' });
  const { field: curl } = useController({ control, name: 'curl' });
  const { field: propped } = useController({ control, name: 'propped' });
  const fields = { tiringLegs, isometric, curl, propped };
  return (
    <PickSome
      label={WRITE.also}
      options={named(FLAGS, WRITE.flags)}
      values={FLAGS.filter((flag) => fields[flag].value)}
      onChange={(on) => FLAGS.forEach((flag) => fields[flag].onChange(on.includes(flag)))}
    />
  );
}

export const SidesSection = memo(function SidesSection({ control }: SectionOf) {
  const sides = useWatch({ control, name: 'sides' });
  return (
    <Section title={WRITE.sections.sides} places={['sides', 'sideMeans']}>
      <Controller
        control={control}
        name="sides"
        render={({ field: { value, onChange } }) => (
          <Choices
            label={WRITE.sides}
            choices={named(SIDE_WAYS, SIDE_WAY_NAMES)}
            value={value}
            onChoose={onChange}
          />
        )}
      />
      {sides !== 'both' && (
        <Controller
          control={control}
          name="sideMeans"
          render={({ field: { value, onChange } }) => (
            <Choices
              label={WRITE.sideMeans}
              choices={named(SIDE_MEANINGS, SIDE_MEANING_NAMES)}
              value={value}
              onChoose={onChange}
            />
          )}
        />
      )}
      <Problems at="sideMeans" />
    </Section>
  );
});

const SPANS = ['holdMs', 'reps', 'breaths', 'timedMs', 'sets'] as const;

export const DoseSection = memo(function DoseSection({ control }: SectionOf) {
  const t = useTokens();
  const quiet = { color: t.quiet };
  return (
    <Section title={WRITE.sections.dose} places={['dose', 'doseFor', 'range']}>
      <Text variant="bodyMedium" style={quiet}>
        {WRITE.doseHint}
      </Text>
      <Line control={control} name="dose" label={WRITE.dose} most={80} />
      {GROUP_NAMES.map((group) => (
        <Line
          key={group}
          control={control}
          name={`doseFor.${group}`}
          label={WRITE.doseFor(GROUP_TITLES[group])}
          most={80}
        />
      ))}
      <Text variant="bodyLarge">{WRITE.range}</Text>
      <Text variant="bodyMedium" style={quiet}>
        {WRITE.rangeHint}
      </Text>
      {SPANS.map((key) => (
        <View key={key}>
          <View style={styles.span}>
            {(['least', 'most'] as const).map((end) => (
              <View key={end} style={styles.end}>
                <Line
                  control={control}
                  name={`range.${key}.${end}`}
                  label={WRITE[end](WRITE.rangeKinds[key])}
                  most={12}
                />
              </View>
            ))}
          </View>
          <Problems at={`range.${key}`} inside={false} />
        </View>
      ))}
    </Section>
  );
});

export const WordsSection = memo(function WordsSection({ control }: SectionOf) {
  const t = useTokens();
  const sides = useWatch({ control, name: 'sides' });
  return (
    <Section title={WRITE.sections.words} places={['cues']}>
      {sides !== 'both' && (
        <Text variant="bodyMedium" style={{ color: t.quiet }}>
          {WRITE.sidedHint}
        </Text>
      )}
      {LEVEL_WORDS.map((key) => (
        <Line
          key={key}
          control={control}
          name={`cues.${key}`}
          label={WRITE.cues[key]}
          sided={sides !== 'both' && SIDED_WORDS.includes(key)}
          multiline={key !== 'short'}
          lines={key === 'watch'}
          {...(key === 'setUp' || key === 'go' || key === 'short'
            ? { mostWords: MOST_WORDS[key] }
            : {})}
        />
      ))}
    </Section>
  );
});

const styles = StyleSheet.create({
  span: { flexDirection: 'row', flexWrap: 'wrap', gap: 12 },
  end: { flexGrow: 1, flexBasis: 130 },
});
